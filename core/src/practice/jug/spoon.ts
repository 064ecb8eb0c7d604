/** A round spoon, full of a liquid to its rim and perhaps above. */
export interface RoundSpoon {
  /** What it holds level, in millilitres. */
  readonly millilitres: number;
  /** The radius of its rim, in millimetres. */
  readonly rim: number;
}

/** A measuring spoon is about a third of a ball: its bowl is so deep as a share of its rim. */
const DEPTH = 0.62;

/**
 * The volume of a dome of this height on a rim of this radius, in millilitres: π h (3 r² + h²) / 6,
 * a cap of a ball; both in millimetres.
 *
 * @example domeVolume(20, 1) // 0.63
 */
export const domeVolume = (rim: number, height: number): number =>
  (Math.PI * height * (3 * rim ** 2 + height ** 2)) / 6000;

/** A measuring spoon that holds so many millilitres when it is level. */
export function spoonOf(millilitres: number): RoundSpoon {
  // The bowl is a cap of a ball as well: its volume goes with the third power of the rim.
  return { millilitres, rim: Math.cbrt(millilitres / domeVolume(1, DEPTH)) };
}

/** How deep the bowl of a spoon is, in millimetres. */
export const spoonDepth = ({ rim }: RoundSpoon): number => DEPTH * rim;

/** The height of the surface above the rim for so much in the spoon, in millimetres; under zero below it. */
export function domeHeight(spoon: RoundSpoon, millilitres: number): number {
  const over = millilitres - spoon.millilitres;
  let low = -spoonDepth(spoon);
  let high = spoon.rim;
  // A cap's volume only rises with its height: halve the interval until it is far below a drop.
  for (let step = 0; step < 50; step++) {
    const middle = (low + high) / 2;
    if (domeVolume(spoon.rim, middle) < over) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** A drop, in millilitres: twenty make a millilitre, the pharmacists' usual figure. */
export const DROP_MILLILITRES = 0.05;

/**
 * Higher than this no dome stands before it runs over, in millimetres: the height of a wide
 * puddle whose edge stands upright, √2 times the capillary length.
 */
export const HIGHEST_DOME = 3.86;
