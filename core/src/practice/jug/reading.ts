import { millilitresPerMillimetre, type Jug } from './jug.js';

/** Where the eye is, in millimetres: above the floor of the jug, and in front of its marks. */
export interface Eye {
  readonly height: number;
  readonly distance: number;
}

/** An arm's length less a bit: how far somebody stands from a jug on the counter. */
export const EYE_DISTANCE = 400;

const degrees = (angle: number): number => (angle * Math.PI) / 180;

/** How steeply the eye looks down onto a height of the jug's front, in degrees; 0 is level. */
export const lookingDown = (eye: Eye, height: number): number =>
  (Math.atan2(eye.height - height, eye.distance) * 180) / Math.PI;

/** How much slower light is in glass than in air: soda-lime glass, Pyrex hardly less. */
export const GLASS_INDEX = 1.5;

/**
 * How steep a line of sight goes on in the glass, as the tangent of its angle: bent towards the wall
 * by Snell's law, sin in = sin out ÷ n. From air the sight to the edge of the liquid crosses glass
 * alone; the water behind it bends only what is seen through the water.
 */
const inGlass = (angleDegrees: number): number =>
  Math.tan(Math.asin(Math.sin(degrees(angleDegrees)) / GLASS_INDEX));

/**
 * How much higher a level looks against the marks than it is, in millimetres: depth of the wall
 * times the tangent of the angle in the glass. The line of sight to the edge of the liquid passes
 * the marks that much higher. Straight lines would say up to twice as much.
 *
 * @example parallax(4, 45) // 2.14
 */
export const parallax = (wall: number, angleDegrees: number): number =>
  wall * inGlass(angleDegrees);

/** How far the eye looks before it meets a mark, and through the glass to the liquid behind it. */
interface LineOfSight {
  readonly toMark: number;
  readonly throughGlass: number;
  /** The same if glass bent nothing. */
  readonly straight: number;
}

/**
 * Seen from above, the line from the eye to a mark that stands `around` degrees beside the middle
 * of the front, and on through the glass: in millimetres. In the middle it is the wall itself; to
 * the side the glass is crossed at a slant.
 */
function lineOfSight({ innerRadius, wall }: Jug, { distance }: Eye, around: number): LineOfSight {
  const outer = innerRadius + wall;
  const mark = { x: outer * Math.sin(degrees(around)), z: outer * Math.cos(degrees(around)) };
  const [dx, dz] = [mark.x, mark.z - (outer + distance)];
  const toMark = Math.hypot(dx, dz);
  // Seen from above the sight is bent towards the middle of the jug as it enters the glass.
  const slant = Math.acos(-(mark.x * dx + mark.z * dz) / (outer * toMark));
  const along = -outer * Math.cos(Math.asin(Math.sin(slant) / GLASS_INDEX));
  // Where mark + s · direction lies on the inner circle: the nearer root of a quadratic.
  const beyond = outer ** 2 - innerRadius ** 2;
  const until = (entering: number): number =>
    -entering - Math.sqrt(Math.max(0, entering ** 2 - beyond));
  return { toMark, throughGlass: until(along), straight: until(-outer * Math.cos(slant)) };
}

/**
 * Where the eye reads a level that stands at `level`, in millimetres: the height of the outside of
 * the glass through which it sees the liquid's edge, `around` degrees beside the middle.
 */
export function apparentLevel(jug: Jug, eye: Eye, level: number, around = 0): number {
  const { toMark, throughGlass } = lineOfSight(jug, eye, around);
  let mark = level;
  // The angle is that at the mark, which is what is looked for: it settles within a few rounds.
  for (let round = 0; round < ROUNDS; round++) {
    mark = level + parallax(throughGlass, steepness(eye, mark, toMark));
  }
  return mark;
}

/** Each round comes nearer by the share of the glass in the line of sight: a hundredth or so. */
const ROUNDS = 6;
const steepness = (eye: Eye, mark: number, toMark: number): number =>
  (Math.atan2(eye.height - mark, toMark) * 180) / Math.PI;

/**
 * The level at which it looks to this eye as if the liquid stood at a mark, in millimetres: lower
 * than the mark by the depth of the glass times the tangent of the angle.
 */
export function levelThatLooksRight(jug: Jug, eye: Eye, mark: number, around = 0): number {
  const { toMark, throughGlass } = lineOfSight(jug, eye, around);
  return mark - parallax(throughGlass, steepness(eye, mark, toMark));
}

/** Surface tension of water at 20 °C in N/m, and gravity in m/s² (IAPWS; standard gravity). */
const SURFACE_TENSION = 0.07275;
const GRAVITY = 9.80665;
const WATER = 998.2;
/** Water does not quite wet kitchen glass: its angle with it, in degrees. An assumption. */
const CONTACT_DEGREES = 20;

/** The capillary length of water, √(γ/ρg), in millimetres: 2.73. */
export const CAPILLARY_LENGTH = 1000 * Math.sqrt(SURFACE_TENSION / (WATER * GRAVITY));

/**
 * How high water climbs up the glass at the edge, in millimetres: a √(2 (1 − sin θ)), from the
 * Young–Laplace equation at an upright wall; a is the capillary length, θ the angle with the glass.
 */
export const MENISCUS_RISE =
  CAPILLARY_LENGTH * Math.sqrt(2 * (1 - Math.sin(degrees(CONTACT_DEGREES))));

/** The height of the surface above its bottom, in millimetres, so far from the glass. */
export const meniscusAt = (fromWall: number): number =>
  MENISCUS_RISE * Math.exp(-fromWall / CAPILLARY_LENGTH);

/**
 * How much higher the liquid stands at the front of a jug on a board that is tilted to one side, in
 * millimetres, `around` degrees away from the middle of the front: r sin(φ) tan(tilt). Over zero
 * on the side that is lower.
 */
export const tiltedBy = (jug: Jug, tiltDegrees: number, around: number): number =>
  jug.innerRadius * Math.sin(degrees(around)) * Math.tan(degrees(tiltDegrees));

/** Millimetres of level as millilitres. */
export const asMillilitres = (jug: Jug, millimetres: number): number =>
  millimetres * millilitresPerMillimetre(jug);

/**
 * Where the edge of a level has to be drawn so that it shows where the eye reads it through the
 * glass, in millimetres, as if light went straight: a picture in plain perspective bends none.
 */
export function drawnLevel(jug: Jug, eye: Eye, level: number, around: number): number {
  const mark = apparentLevel(jug, eye, level, around);
  const { toMark, straight } = lineOfSight(jug, eye, around);
  return mark - straight * Math.tan(degrees(steepness(eye, mark, toMark)));
}
