import type { IngredientClass } from '@ypsigram/core/catalogue';
import { densityIn, volumeIn, type PractisedFilling } from '@ypsigram/core/practice';
import type { MeasureShape } from './measure-shape';

/** Specks in a level cup that lies as loose, and as dense, as it can. */
const SPECKS = { loose: 26, dense: 120 } as const;

/** The left and the right wall at a height. */
function walls({ x, rim, half, foot, deep }: MeasureShape, y: number): readonly [number, number] {
  const share = Math.min(1, Math.max(0, (y - rim) / deep));
  const wide = half + (foot - half) * share;
  return [x - wide, x + wide];
}

/** What is in the cup, as a closed outline; null while it is empty. */
export function contentsPath(filling: PractisedFilling, shape: MeasureShape): string | null {
  const share = volumeIn(filling) / filling.task.millilitres;
  if (share <= 0) return null;
  const { swept } = filling;
  const { x, rim, half, foot, deep } = shape;
  const [far, near] = [x - half, x + half];
  const level = rim - (share - 1) * deep;
  const [left, right] = walls(shape, level);
  const bottom = `L${x + foot} ${rim + deep}H${x - foot}Z`;
  if (swept !== null) {
    // The blade leaves a plane: as high on one side as it is low on the other.
    const rise = half * Math.tan((swept * Math.PI) / 180);
    const isCut = Math.abs(share - 1) <= Math.abs(rise) / deep + 0.01;
    const lean = isCut ? rise : 0;
    const [from, to] = [level + lean, level - lean];
    const top =
      share > 1 ? `M${far} ${rim}V${from}L${near} ${to}V${rim}` : `M${left} ${from}L${right} ${to}`;
    return top + bottom;
  }
  if (share <= 1) return `M${left} ${level}Q${x} ${level - 10} ${right} ${level}${bottom}`;
  // A heap with the volume that stands over the rim: its peak is twice its mean height.
  const peak = 2 * (share - 1) * deep;
  return `M${far} ${rim}Q${x} ${rim - 2 * peak} ${near} ${rim}${bottom}`;
}

/** How high the contents stand above the rim at their highest, in units of the drawing. */
export function heapHeight(filling: PractisedFilling, { deep }: MeasureShape): number {
  const over = volumeIn(filling) / filling.task.millilitres - 1;
  return filling.swept === null ? Math.max(0, 2 * over * deep) : 0;
}

/** Scattered evenly over a measure and its heap, the same every time: after a golden spiral. */
const POINTS = Array.from({ length: 320 }, (_, at) => ({
  across: (at * 0.754877666) % 1,
  down: (at * 0.569840296) % 1,
}));
/** How much of what they are scattered over stands above the rim. */
const HEAP_SHARE = 0.36;

/** Specks that lie the closer the denser the contents are. */
export function specksOf(
  filling: PractisedFilling,
  { x, rim, half, deep }: MeasureShape,
): readonly { readonly x: number; readonly y: number }[] {
  const { spooned, sifted, densest } = filling.material;
  const loosest = sifted ?? spooned * 0.9;
  const dense = Math.min(1, Math.max(0, (densityIn(filling) - loosest) / (densest - loosest || 1)));
  const inLevelCup = SPECKS.loose + dense * (SPECKS.dense - SPECKS.loose);
  const high = deep / (1 - HEAP_SHARE);
  return POINTS.slice(0, Math.round(inLevelCup / (1 - HEAP_SHARE))).map(({ across, down }) => ({
    x: x - half + across * 2 * half,
    y: rim + deep - high + down * high,
  }));
}

/** How each class looks: what fills the cup, and its specks. */
export const LOOKS: Readonly<Record<IngredientClass, readonly [fill: string, speck: string]>> = {
  powder: ['#f6efdf', '#b8a678'],
  granular: ['#f8fafc', '#7f8ba3'],
  moist: ['#b9824a', '#6f4520'],
  chunk: ['#dcb987', '#8a5f2b'],
  liquid: ['#d5e3f5', '#8fa8cf'],
  syrup: ['#e0a94a', '#9a6a17'],
  paste: ['#f3e3c2', '#bfa46a'],
  'solid-fat': ['#f6e39a', '#c7a93f'],
  egg: ['#f7d98a', '#c79a2f'],
};

const FULLNESS: readonly (readonly [number, string])[] = [
  [0.02, 'empty'],
  [0.35, 'about a quarter full'],
  [0.62, 'about half full'],
  [0.88, 'about three quarters full'],
  [0.97, 'nearly full'],
  [1.03, 'full to the rim'],
  [1.12, 'a little heaped'],
  [1.35, 'well heaped'],
];

/** What can be seen of the cup, in words. */
export function contentsInWords(filling: PractisedFilling): string {
  const share = volumeIn(filling) / filling.task.millilitres;
  const full = FULLNESS.find(([upTo]) => share <= upTo)?.[1] ?? 'well heaped';
  const { swept } = filling;
  const level =
    swept === null || share < 0.9
      ? ''
      : Math.abs(swept) < 1
        ? ', swept level'
        : ', swept at a slant';
  return `${full}${level}`;
}

/** How the blade is held, in words. */
export function bladeInWords(degrees: number): string {
  const size = Math.abs(Math.round(degrees));
  if (size === 0) return 'lies flat';
  const how = size <= 3 ? 'a little' : size <= 8 ? 'clearly' : 'steeply';
  return degrees > 0 ? `is lifted ${how} at its right end` : `digs in ${how} at its right end`;
}
