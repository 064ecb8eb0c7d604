import type { IngredientClass, Method } from '@ypsigram/core/catalogue';

/** One drawing of a card: strokes in a box of 64 by 48, and what it shows. */
export interface TechniqueDrawing {
  readonly path: string;
  readonly shows: string;
}

const CUP = 'M12 20H44L40 43H16ZM43 25H54';
const HEAP = 'M12 20Q28 4 44 20';
const JUG = 'M16 8L22 13V43H48V10M48 18H57V34H48';

const HEAPED: TechniqueDrawing = {
  path: `${CUP}${HEAP}M50 6L34 13M54 9L50 6`,
  shows: 'heaped with a spoon',
};
const SWEPT: TechniqueDrawing = {
  path: `${CUP}M6 21L58 15M49 9L58 15L51 20`,
  shows: 'swept level',
};
const DIPPED: TechniqueDrawing = {
  path: 'M4 24Q32 14 60 24V44H4ZM22 8L40 12L36 30L20 26ZM40 13L56 4',
  shows: 'dipped into the bag, then swept',
};
const SIFTED: TechniqueDrawing = {
  path: 'M18 6H46L42 14H22ZM26 18V21M32 18V23M38 18V21M28 26V29M36 26V29M8 42H56M16 42Q32 26 48 42',
  shows: 'sifted onto paper, then spooned',
};
const PRESSED: TechniqueDrawing = {
  path: `${CUP}M28 2V14M22 9L28 15L34 9M16 24H41`,
  shows: 'pressed in',
};
const POURED_OUT: TechniqueDrawing = {
  path: 'M12 40L16 20H40L44 40ZM6 42H50M56 22V36M51 31L56 36L61 31',
  shows: 'turned out, it keeps its shape',
};
const OVER_BRIM: TechniqueDrawing = {
  path: `${CUP}M16 20Q18 13 24 16Q27 9 33 15Q39 11 41 20`,
  shows: 'a little over the brim, settled by hand',
};
const AT_EYE_LEVEL: TechniqueDrawing = {
  path: `${JUG}M22 26Q35 31 48 26M2 27Q7 21 12 27Q7 33 2 27M7 27H7.1`,
  shows: 'eye at the line, bottom of the curve on it',
};
const OILED: TechniqueDrawing = {
  path: `${CUP}M28 2Q22 9 28 12Q34 9 28 2M18 24H40`,
  shows: 'measure oiled, so that it slides out',
};
const CUT: TechniqueDrawing = {
  path: 'M6 24H58V40H6ZM17 24V30M28 24V30M39 24V30M50 24V30M33 4V20M29 16L33 21L37 16',
  shows: 'cut at the mark',
};
const SUNK: TechniqueDrawing = {
  path: `${JUG}M22 34H48M22 22H48M31 27H40V31H31ZM4 34V22M1 25L4 21L7 25`,
  shows: 'sunk: the water rises by as much',
};
const MELTED: TechniqueDrawing = {
  path: `${JUG}M22 28Q35 33 48 28M28 2Q25 6 28 9M35 1Q32 5 35 8`,
  shows: 'melted first, then poured',
};
const CRACKED: TechniqueDrawing = {
  path: 'M8 30H40Q38 44 24 44Q10 44 8 30ZM20 6L28 10L24 14L30 18M14 20Q12 8 22 6M38 22Q44 12 34 6M46 34H60Q59 43 53 43Q47 43 46 34Z',
  shows: 'cracked into a small bowl first',
};

/** The drawings for a way of filling, in the order of its steps. */
export function drawingsOf(
  ingredientClass: IngredientClass,
  method: Method,
): readonly TechniqueDrawing[] {
  switch (method) {
    case 'sifted':
      return [SIFTED, SWEPT];
    case 'dipped':
      return [DIPPED, SWEPT];
    case 'packed':
      return ingredientClass === 'moist' ? [PRESSED, SWEPT, POURED_OUT] : [PRESSED, OVER_BRIM];
    case 'tamped':
    case 'pressed':
      return [PRESSED, SWEPT];
    case 'poured':
      return ingredientClass === 'syrup' ? [OILED, AT_EYE_LEVEL] : [AT_EYE_LEVEL];
    case 'block':
      return [CUT];
    case 'displaced':
      return [SUNK];
    case 'melted':
      return [MELTED];
    case 'count':
      return ingredientClass === 'egg' ? [CRACKED] : [];
    case 'level':
      return ingredientClass === 'chunk' ? [OVER_BRIM] : [HEAPED, SWEPT];
    default:
      return [HEAPED, SWEPT];
  }
}
