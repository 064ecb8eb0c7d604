import type { MeasureSize } from '@ypsigram/core/measuring';

/** A measure as it is drawn: the middle and height of its rim, half its width, its depth. */
export interface MeasureShape {
  readonly x: number;
  readonly rim: number;
  readonly half: number;
  readonly foot: number;
  readonly deep: number;
  /** Its outline with its handle. */
  readonly outline: string;
  /** Where it stands on the counter, and on the scale, from where it is drawn. */
  readonly onScale: string;
}

/** The counter that everything stands on. */
const COUNTER = 334;
const MIDDLE = 380;

const bowl = (x: number, rim: number, half: number, foot: number, deep: number): string =>
  `M${x - half} ${rim}L${x - foot} ${rim + deep}H${x + foot}L${x + half} ${rim}`;

function cup(): MeasureShape {
  const [half, foot, deep] = [80, 68, 160];
  const rim = COUNTER - deep;
  const right = MIDDLE + half;
  const handle = `M${right - 2} ${rim + 14}C${right + 60} ${rim + 8} ${right + 56} ${rim + 92} ${right - 8} ${rim + 84}`;
  return {
    x: MIDDLE,
    rim,
    half,
    foot,
    deep,
    outline: bowl(MIDDLE, rim, half, foot, deep) + handle,
    onScale: 'translate(240 -34)',
  };
}

/** A spoon is held over the counter: wide, shallow, with a straight handle. */
function spoon(): MeasureShape {
  const [half, foot, deep] = [66, 44, 62];
  const rim = COUNTER - deep - 36;
  const right = MIDDLE + half;
  return {
    x: MIDDLE,
    rim,
    half,
    foot,
    deep,
    outline: `${bowl(MIDDLE, rim, half, foot, deep)}M${right} ${rim + 3}H${right + 110}`,
    onScale: 'translate(200 2)',
  };
}

export const measureShape = (size: MeasureSize): MeasureShape => (size === 'cup' ? cup() : spoon());
