import { midpoint } from '../../amount/index.js';
import type { NameMatch, Shelf } from '../../catalogue/index.js';
import { defaultMethod, densityOf, measureSize } from '../../measuring/index.js';
import { isVolumeUnit, millilitresIn, type Standard } from '../../units/index.js';
import type { Quantity } from '../amounts/index.js';

/** A weight that is this close to a kind's speaks for it; one further off speaks against it. */
const CLOSE = 0.2;

/**
 * "1 tbsp (15 g) kosher salt": which of the kinds that go by the name weighs as much as the line
 * says. The name as it was where none or several do, or nothing is said.
 */
export function kindOfWeight(
  name: NameMatch,
  quantity: Quantity | null,
  stated: number | null,
  { standard, shelf }: { readonly standard: Standard; readonly shelf: Shelf },
): NameMatch {
  if (name.otherKinds.length === 0 || stated === null || !quantity?.unit) return name;
  const { unit, amount } = quantity;
  if (!isVolumeUnit(unit)) return name;
  const millilitres = midpoint(amount).valueOf() * millilitresIn(unit, standard).valueOf();
  const size = measureSize(unit, millilitres);
  const close = [name.ingredientId, ...name.otherKinds].filter((id) => {
    const ingredient = shelf.ingredient(id);
    const method = ingredient && defaultMethod(ingredient);
    const density = ingredient && method && densityOf({ ingredient, form: null, method, size });
    return density && Math.abs(stated / millilitres / density.gramsPerMillilitre - 1) < CLOSE;
  });
  return close.length === 1
    ? { ...name, ingredientId: close[0]!, assumedKind: false, otherKinds: [] }
    : name;
}
