import type { Random } from '../../chance/index.js';
import { fillSpread } from '../../measuring/index.js';
import { millilitresIn, type Standard } from '../../units/index.js';
import { pick } from '../pick.js';
import { JUG_CUPS, jugOf, levelOf, millilitresPerMillimetre, type Jug } from './jug.js';
import {
  EYE_DISTANCE,
  MENISCUS_RISE,
  apparentLevel,
  asMillilitres,
  tiltedBy,
  type Eye,
} from './reading.js';
import { JUG_SCALES, placeOfScale, stepOf, type JugScale } from './scene.js';
import { DROP_MILLILITRES, domeHeight, spoonOf, type RoundSpoon } from './spoon.js';

/** What is practised with jugs and full spoons. */
export const JUG_KINDS = ['pour', 'read', 'slanted', 'tilted', 'dome'] as const;
/** One of `JUG_KINDS`. */
export type JugKind = (typeof JUG_KINDS)[number];

/** A jug to pour into or to read. */
export interface JugTask {
  readonly kind: Exclude<JugKind, 'dome'>;
  readonly jug: Jug;
  /** The scale that is to be read. */
  readonly scale: JugScale;
  /** What is to be poured, or what is in it to be read, in millilitres. */
  readonly millilitres: number;
  /** How high the eye is at the start, in millimetres above the counter. */
  readonly eyeHeight: number;
  /** How far the board is tilted to the right, in degrees. */
  readonly tilt: number;
}

/** A spoon to fill. */
export interface DomeTask {
  readonly kind: 'dome';
  readonly spoon: RoundSpoon;
  readonly unit: 'tbsp' | 'tsp';
}

/** Somebody who stands at the counter looks from this height, in millimetres above it. */
export const STANDING_EYE = 520;
/** As far up as the eye can go. */
export const HIGHEST_EYE = 560;
const TILTS = [-5, -4, -3, 3, 4, 5];

/** A task of a kind, drawn by chance: a jug, a scale of it and a mark of that. */
export function drawJugTask(kind: JugTask['kind'], standard: Standard, random: Random): JugTask {
  const jug = jugOf(pick(JUG_CUPS, random), standard);
  const scales = kind === 'tilted' ? (['cup', 'ml'] as const) : JUG_SCALES;
  const scale = kind === 'slanted' ? 'ml' : pick<JugScale>(scales, random);
  const step = stepOf(jug, scale);
  const marks = Math.floor(jug.holds / step + 1e-9);
  // The lowest marks stand in the curve of the floor on real jugs, the highest near the brim.
  const lowest = Math.ceil(marks * 0.2);
  const mark = lowest + Math.floor(random.uniform() * (marks - lowest));
  // What is read may stand between two marks: at a quarter of a step.
  const between = kind === 'read' ? pick([0, 0.5], random) : 0;
  return {
    kind,
    jug,
    scale,
    millilitres: step * Math.min(marks, mark + between),
    eyeHeight: STANDING_EYE,
    tilt: kind === 'tilted' ? pick(TILTS, random) : 0,
  };
}

/** A spoon to fill with a liquid, drawn by chance. */
export function drawDomeTask(standard: Standard, random: Random): DomeTask {
  const unit = pick(['tbsp', 'tsp'] as const, random);
  return { kind: 'dome', unit, spoon: spoonOf(millilitresIn(unit, standard).valueOf()) };
}

/** What makes a jug read wrong from where it was read, in millilitres: over zero, it looks fuller than it is. */
export interface JugEffects {
  /** The eye is above the line (or below it). */
  readonly parallax: number;
  /** The curve at the glass is taken for the level. */
  readonly meniscus: number;
  /** The board is tilted, and this scale does not stand in its middle. */
  readonly tilt: number;
}

/** What may have led astray. */
export type JugCause = keyof JugEffects;

/** How a jug was poured or read. */
export interface JugScore {
  /** What was poured or read, less what was to be, in millilitres, and relative. */
  readonly off: number;
  readonly relative: number;
  readonly tolerance: number;
  readonly isGood: boolean;
  /** What the eye read at the end, in millilitres, where the bottom of the curve is read. */
  readonly seen: number;
  readonly effects: JugEffects;
  /** What together explains it best, none where it may be another mark; null where it is good. */
  readonly likely: readonly JugCause[] | null;
}

/** A level is read to about half a millimetre, and to one and a half deviations of 2 % in any case. */
const READ_TO_MILLIMETRES = 0.5;
const GOOD_SHARE = 1.5 * fillSpread('liquid', 'poured', 'cup');

/** How far off a reading of so much in this jug may be, in millilitres. */
export const jugTolerance = (jug: Jug, millilitres: number): number =>
  Math.max(GOOD_SHARE * millilitres, READ_TO_MILLIMETRES * millilitresPerMillimetre(jug));

/** A jug is turned to be read; on a tilted board it stands as it came. */
export const facingOf = ({ kind, scale }: JugTask): JugScale | null =>
  kind === 'tilted' ? null : scale;

/** What makes this task's jug read wrong for this eye, with this much in it. */
export function jugEffects(task: JugTask, eye: Eye, millilitres: number, tilt: number): JugEffects {
  const { jug, kind, scale } = task;
  const level = levelOf(jug, millilitres);
  const isSlanted = kind === 'slanted';
  const around = placeOfScale(scale, facingOf(task));
  return {
    // The slanted scale lies in the liquid itself: there is no glass between them.
    parallax: isSlanted ? 0 : asMillilitres(jug, apparentLevel(jug, eye, level, around) - level),
    meniscus: asMillilitres(jug, MENISCUS_RISE),
    tilt: isSlanted ? 0 : asMillilitres(jug, tiltedBy(jug, tilt, around)),
  };
}

/**
 * How well a jug was poured or read. `given` is what was poured in, or what was said to be in it,
 * in millilitres; `eye` and `tilt` are as they were at the end.
 */
export function scoreJug(task: JugTask, eye: Eye, given: number, tilt: number): JugScore {
  const isReading = task.kind === 'read';
  const inJug = isReading ? task.millilitres : given;
  const off = given - task.millilitres;
  const tolerance = jugTolerance(task.jug, task.millilitres);
  const effects = jugEffects(task, eye, inJug, tilt);
  const isGood = Math.abs(off) <= tolerance;
  return {
    off,
    relative: off / task.millilitres,
    tolerance: tolerance / task.millilitres,
    isGood,
    seen: inJug + effects.parallax + effects.tilt,
    effects,
    likely: isGood ? null : likelyCauses(effects, isReading ? off : -off, tolerance),
  };
}

/**
 * What explains the difference. Where the eye and the board were is known, so what they did is part
 * of every explanation; whether the curve was taken for the level is the guess: it is taken where it
 * explains the rest better than nothing does. None where neither comes near.
 */
function likelyCauses(effects: JugEffects, looked: number, tolerance: number): readonly JugCause[] {
  const isMuch = (millilitres: number): boolean => Math.abs(millilitres) > tolerance / 2;
  const rest = looked - effects.parallax - effects.tilt;
  const isCurve = isMuch(effects.meniscus) && Math.abs(rest - effects.meniscus) < Math.abs(rest);
  if (Math.abs(isCurve ? rest - effects.meniscus : rest) > tolerance) return [];
  const known = (['parallax', 'tilt'] as const).filter((cause) => isMuch(effects[cause]));
  return isCurve ? [...known, 'meniscus'] : known;
}

/** How a spoon was filled. */
export interface DomeScore {
  readonly off: number;
  readonly relative: number;
  readonly tolerance: number;
  readonly isGood: boolean;
  /** How high it stands above the rim, in millimetres. */
  readonly dome: number;
}

/** Spoons of anything scatter by this much; more is no longer "a slight dome". */
const SPOON_SHARE = fillSpread('liquid', 'poured', 'tsp');

/** How well a spoon was filled with so many millilitres: level, or with a slight dome. */
export function scoreDome({ spoon }: DomeTask, millilitres: number): DomeScore {
  const off = millilitres - spoon.millilitres;
  const tolerance = Math.max(SPOON_SHARE, DROP_MILLILITRES / spoon.millilitres);
  const relative = off / spoon.millilitres;
  return {
    off,
    relative,
    tolerance,
    isGood: Math.abs(relative) <= tolerance,
    dome: domeHeight(spoon, millilitres),
  };
}

/** The eye of a task at a height. */
export const eyeAt = (height: number): Eye => ({ height, distance: EYE_DISTANCE });
