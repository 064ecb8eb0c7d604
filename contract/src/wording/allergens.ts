/** Cereals that hold gluten: allergen lists name the gluten first. */
const GLUTEN: ReadonlySet<string> = new Set(['wheat', 'rye', 'barley', 'oats', 'spelt']);

/** Allergens as common lists name them, each once: "gluten: barley, wheat; milk". */
export function allergenText(allergens: readonly string[]): string {
  const all = [...new Set(allergens)].sort();
  const cereals = all.filter((one) => GLUTEN.has(one));
  const others = all.filter((one) => !GLUTEN.has(one));
  return [...(cereals.length > 0 ? [`gluten: ${cereals.join(', ')}`] : []), ...others].join('; ');
}
