import { UNKNOWN_ALLERGENS } from '@ypsigram/core/catalogue';

/** Cereals that hold gluten: allergen lists name the gluten first. */
const GLUTEN: ReadonlySet<string> = new Set(['wheat', 'rye', 'barley', 'oats', 'spelt']);

/**
 * Allergens as common lists name them, each once: "gluten: barley, wheat; milk". What nobody has told
 * stands at the end: "milk; allergens not known".
 */
export function allergenText(allergens: readonly string[]): string {
  const all = [...new Set(allergens)].filter((one) => one !== UNKNOWN_ALLERGENS).sort();
  const unknown = allergens.includes(UNKNOWN_ALLERGENS) ? ['allergens not known'] : [];
  const cereals = all.filter((one) => GLUTEN.has(one));
  const others = all.filter((one) => !GLUTEN.has(one));
  return [
    ...(cereals.length > 0 ? [`gluten: ${cereals.join(', ')}`] : []),
    ...others,
    ...unknown,
  ].join('; ');
}
