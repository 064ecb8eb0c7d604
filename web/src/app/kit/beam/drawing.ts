/** The beam as two paths, in a box of 96 by 64: what is stroked, and what is filled as well. */
export interface BeamDrawing {
  readonly lines: string;
  readonly weight: string;
}

const PIVOT = { x: 48, y: 36 };
/** From the pivot to the end of an arm of the level beam. */
const ARM = { x: 34, y: -24 };

/**
 * Draws the beam leaning by `degrees`, positive with the measure side (left) down. The pans
 * hang straight down however the arms lean. Few and simple paths: there is one on every line.
 */
export function drawBeam(degrees: number): BeamDrawing {
  const radians = (-degrees * Math.PI) / 180;
  const end = (x: number, y: number): readonly [string, string] => [
    (PIVOT.x + x * Math.cos(radians) - y * Math.sin(radians)).toFixed(2),
    (PIVOT.y + x * Math.sin(radians) + y * Math.cos(radians)).toFixed(2),
  ];
  const [leftX, leftY] = end(-ARM.x, ARM.y);
  const [rightX, rightY] = end(ARM.x, ARM.y);
  const stem = `M${PIVOT.x} ${PIVOT.y}V60M36 61H60`;
  const arms = `M${leftX} ${leftY}L${PIVOT.x} ${PIVOT.y}L${rightX} ${rightY}`;
  const cup = `M${leftX} ${leftY}v7m-12 1h24l-3 16h-18zm24 3h5`;
  const weight = `M${rightX} ${rightY}v8m-4 0h8l1 3h2l2 13h-18l2 -13h2z`;
  return { lines: stem + arms + cup, weight };
}

/**
 * The mark, in a box of 60 by 60 that stands on the line of the letters: the beam as the letter Y,
 * stem and two arms rising, with pans so small that the letter is read first.
 */
export const MARK: Readonly<{ letter: string; pans: string; weight: string }> = {
  letter: 'M9 5L30 31L51 5M30 31V55.5',
  pans: 'M9 8V19M1.5 19H16.5Q15.5 26 9 26T1.5 19',
  weight: 'M51 8V17M47.5 17H54.5L57.5 27H44.5Z',
};
