import { toolsFor, type Drawer, type ToolSet } from '../drawer/index.js';
import { pieceOf } from '../measuring/index.js';
import { chooseFills } from './choose-fills.js';
import { fillingOf, volumeOf } from './filling.js';
import { namedFills, type MeasurePlan, type PlannedFill, type WantedMass } from './plan.js';
import { isWithin } from './tolerance.js';

const counted = (name: string, count: number, isEgg: boolean): PlannedFill => ({
  tool: isEgg ? name : 'piece',
  count,
  kind: isEgg ? 'egg' : 'piece',
  name,
  nominal: '1',
  unit: 'each',
  millilitres: null,
  size: null,
});

/** Eggs that are written whole stay whole within this: less than any bake forgives, and no more than eggs differ. */
const EGGS_STAY_WHOLE = 0.06;

/** Forms that say what a piece is called. */
const SOLD_AS: ReadonlySet<string> = new Set(['cake', 'cube']);

/** Beaten egg is too slippery for less: the nearest half teaspoon of it, and one at least. */
function byHalfTeaspoons(grams: number, density: number, sets: readonly ToolSet[]): number {
  const teaspoon = sets.flat().find(({ unit, nominal }) => unit === 'tsp' && nominal.equals(1));
  if (!teaspoon) return grams;
  const half = (teaspoon.millilitres * density) / 2;
  return Math.max(1, Math.round(grams / half)) * half;
}

/** Eggs are taken whole where that is near enough; the rest is weighed or spooned, beaten. */
export function countPlan(wanted: WantedMass, drawer: Drawer): MeasurePlan | null {
  const { ingredient, form, grams, tolerance, writtenCount } = wanted;
  const piece = pieceOf(ingredient, 'each', form);
  if (!piece) return null;
  const density = fillingOf(ingredient, null, 'poured')?.density ?? null;
  const basis = { rung: piece.rung, source: piece.source };
  const isEgg = ingredient.class === 'egg';
  const millilitres = density ? volumeOf(grams, density) : 0;
  const name = isEgg
    ? ingredient.name.replace(/^Whole /, '').toLowerCase()
    : form !== null && SOLD_AS.has(form)
      ? form
      : ingredient.name.toLowerCase();
  const whole = Math.round(grams / piece.gramsEach);
  const isAsWritten = isEgg && whole === writtenCount;
  const enough = isAsWritten ? Math.max(tolerance, EGGS_STAY_WHOLE) : tolerance;
  const near = whole > 0 && isWithin((whole * piece.gramsEach) / grams - 1, enough);
  if (near || !isEgg || !density) {
    const count = near ? whole : Math.max(0.5, Math.round((grams / piece.gramsEach) * 2) / 2);
    return {
      method: 'count',
      millilitres,
      fills: [counted(name, count, isEgg)],
      grams: count * piece.gramsEach,
      basis,
    };
  }
  const uncracked = Math.floor(grams / piece.gramsEach);
  const left = grams - uncracked * piece.gramsEach;
  const tools = toolsFor(ingredient, 'poured', drawer);
  const spooned = byHalfTeaspoons(left, density.tsp, tools);
  const rest = chooseFills(
    {
      grams: spooned,
      tolerance: (grams * tolerance) / left,
      allowed: (grams * tolerance) / left,
      isFine: false,
      isClosest: false,
      written: null,
      prefersMillilitres: false,
    },
    tools,
    density,
  );
  if (!rest) return null;
  const beaten = namedFills(rest.fills).map((fill) => ({ ...fill, of: name }));
  return {
    method: 'count',
    millilitres,
    fills: [...(uncracked > 0 ? [counted(name, uncracked, isEgg)] : []), ...beaten],
    grams: uncracked * piece.gramsEach + rest.grams,
    basis,
  };
}
