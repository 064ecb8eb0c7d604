import { millilitresIn, type Standard } from '../../units/index.js';

/**
 * A straight glass jug. Lengths in millimetres; the origin is the middle of its floor, x to the
 * right, y upwards, z towards whoever looks at it. The marks are printed on the outside of its front.
 */
export interface Jug {
  readonly innerRadius: number;
  /** How thick the glass is: so far behind the marks the liquid begins. */
  readonly wall: number;
  readonly height: number;
  /** The highest mark, in millilitres. */
  readonly holds: number;
  /** The step of each of its scales, in millilitres. */
  readonly cupStep: number;
  readonly ounceStep: number;
  readonly millilitreStep: number;
}

/** The sizes of jug that are practised with, by what their highest mark is in cups. */
export const JUG_CUPS = [2, 4] as const;

const SHAPES: Readonly<Record<(typeof JUG_CUPS)[number], { radius: number; step: number }>> = {
  2: { radius: 41, step: 25 },
  4: { radius: 52, step: 50 },
};
const WALL_MILLIMETRES = 4;
/** Glass above the highest mark, so that it pours without spilling. */
const ABOVE_MARKS = 22;

/** A jug of so many cups by a standard, with marks at every quarter cup, ounce or two, and in mL. */
export function jugOf(cups: (typeof JUG_CUPS)[number], standard: Standard): Jug {
  const { radius, step } = SHAPES[cups];
  const cup = millilitresIn('cup', standard).valueOf();
  const ounce = millilitresIn('fl-oz', standard).valueOf();
  const holds = cups * cup;
  return {
    innerRadius: radius,
    wall: WALL_MILLIMETRES,
    height: holds / millilitresPerMillimetre({ innerRadius: radius }) + ABOVE_MARKS,
    holds,
    cupStep: cup / 4,
    ounceStep: cups === 4 ? 2 * ounce : ounce,
    millilitreStep: step,
  };
}

/** How many millilitres one millimetre of level is: π r², in millilitres. */
export const millilitresPerMillimetre = ({ innerRadius }: Pick<Jug, 'innerRadius'>): number =>
  (Math.PI * innerRadius ** 2) / 1000;

/** How high a volume stands in the jug, in millimetres above its floor. */
export const levelOf = (jug: Jug, millilitres: number): number =>
  millilitres / millilitresPerMillimetre(jug);
