import type { NameMatch, Shelf } from '../../catalogue/index.js';

/** "18%", "30 % Fett", "à 15 % MG": of milk and cream it is the fat. */
const PER_CENT = /(?<![\d.,/])(\d{1,2}(?:[.,]\d{1,2})?) ?%/;

/**
 * "1 cup 18% cream": of all creams on the shelf the one whose fat comes nearest to what the line says;
 * of all milks likewise. The name as it was where it says nothing, or nothing is sold by its fat.
 */
export function kindOfFat(text: string, name: NameMatch, shelf: Shelf): NameMatch {
  const { fatGrade } = shelf.ingredient(name.ingredientId) ?? {};
  const said = fatGrade && PER_CENT.exec(text)?.[1];
  if (!said) return name;
  const percent = Number(said.replace(',', '.'));
  const off = (grade: { readonly percent: number }): number => Math.abs(grade.percent - percent);
  let [id, nearest] = [name.ingredientId, fatGrade];
  for (const other of shelf.all) {
    if (other.fatGrade?.of !== fatGrade.of || off(other.fatGrade) >= off(nearest)) continue;
    [id, nearest] = [other.id, other.fatGrade];
  }
  return { ...name, ingredientId: id, assumedKind: false, otherKinds: [] };
}
