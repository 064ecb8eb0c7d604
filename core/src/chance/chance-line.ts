import type { Batch, PlanLine } from '../batch/index.js';
import { toolsIn, type Drawer } from '../drawer/index.js';
import { isSameSource, type Ingredient, type Method, type Role } from '../catalogue/index.js';
import {
  CLASS_FACTOR_SPREAD,
  combinedSpread,
  COVERAGE,
  HAND_SHARE,
  PIECE_SPREAD,
  READ_FROM_ABOVE,
  TOOL_SPREAD,
  fillSpread,
  HALVING_SPREAD,
} from '../measuring/index.js';

/** Whether a line is filled or weighed. */
export type ChanceRoute = 'measure' | 'weigh';

/** So many fills of one tool. All spreads are relative standard deviations. */
export interface ChanceFill {
  /** The thing whose bias all its fills share; null for what is counted or cut by marks. */
  readonly tool: string | null;
  readonly toolSpread: number;
  readonly count: number;
  /** What one weighs in the mean. */
  readonly grams: number;
  /** From one fill to the next. */
  readonly spread: number;
  /** A mark that is read, not a brim that is levelled. */
  readonly isRead: boolean;
}

/** What a hand fills alike: how far it is off in one such fill it is off in all of them. */
export interface HandFilling {
  /** Id of an ingredient that was weighed by itself, else a class of ingredients. */
  readonly of: string;
  readonly method: Method;
}

/** Whether both are filled alike. */
export const sameHandFilling = (a: HandFilling | null, b: HandFilling | null): boolean =>
  a?.of === b?.of && a?.method === b?.method;

/** A line as the simulation sees it. */
export interface ChanceLine {
  /** Index among the lines of the plan. */
  readonly index: number;
  readonly ingredientId: string;
  readonly role: Role;
  readonly waterPercent: number;
  readonly intendedGrams: number;
  /** The relative deviation that the bake forgives in this line. */
  readonly forgiven: number;
  /** How far the author's own amount scatters around what is meant: a relative deviation. */
  readonly authorSpread: number;
  readonly route: ChanceRoute;
  readonly fills: readonly ChanceFill[];
  /** What is filled alike shares how far the hand is off; null for what is counted. */
  readonly hand: HandFilling | null;
  readonly handSpread: number;
  /** Whether the hand's bias is known from trials rather than assumed. */
  readonly isHandKnown: boolean;
  /** The weight on the scale, and its step, in grams. */
  readonly weighedGrams: number;
  readonly gridGrams: number;
}

/** How the marks of a jug are read. */
export const JUG_READINGS = ['eye-level', 'above'] as const;
/** One of `JUG_READINGS`: where the eye is when a jug is read. */
export type JugReading = (typeof JUG_READINGS)[number];

/** What is known of tools and habits, beyond what a plan says. */
export interface ChanceBasis {
  /** The relative standard deviation of what a tool holds, by its name, where it was calibrated. */
  readonly toolSpreads?: ReadonlyMap<string, number>;
  readonly jug?: JugReading;
}

function fillsOf(
  { measure }: PlanLine,
  ingredient: Ingredient,
  drawer: Drawer,
  { toolSpreads, jug }: ChanceBasis,
): ChanceFill[] {
  if (!measure) return [];
  const { fills, method, basis } = measure;
  const volume = fills.reduce((sum, { millilitres, count }) => sum + (millilitres ?? 0) * count, 0);
  const counted = fills.filter(({ millilitres }) => millilitres === null);
  const pieces = counted.reduce((sum, { count }) => sum + count, 0);
  // What is spooned beside whole eggs is the lesser part: each gets its share by count.
  const perPiece = pieces > 0 ? measure.grams / (pieces + (volume > 0 ? 0.5 : 0)) : 0;
  const filled = measure.grams - perPiece * pieces;
  return fills.map(({ tool, kind, count, millilitres, size, halfOf }): ChanceFill => {
    if (millilitres === null || size === null) {
      const spread = kind === 'egg' ? PIECE_SPREAD.egg : PIECE_SPREAD.other;
      return { tool: null, toolSpread: 0, count, grams: perPiece, spread, isRead: false };
    }
    const isMarked = kind === 'block' || kind === 'pinch';
    const isRead = kind === 'jug';
    const isAbove = isRead && jug === 'above';
    const level = fillSpread(ingredient.class, method, size);
    const usual = halfOf === undefined ? level : combinedSpread(level, HALVING_SPREAD);
    const grams = volume > 0 ? (filled * millilitres) / volume : 0;
    // All marks of a jug are wrong together: they are one thing, as when they are washed.
    const thing = halfOf ?? toolsIn(drawer).find(({ id }) => id === tool)?.wash ?? tool;
    return {
      tool: isMarked ? null : thing,
      toolSpread: isMarked ? 0 : (toolSpreads?.get(thing) ?? TOOL_SPREAD),
      count,
      grams: isAbove ? grams * (1 + READ_FROM_ABOVE.bias) : grams,
      spread: isAbove ? READ_FROM_ABOVE.spread : (basis.hand?.fillSpread ?? usual),
      isRead,
    };
  });
}

/**
 * How far authors who do not say how they fill a powder are apart in the mean: from spooned to
 * dipped is a tenth. An assumption.
 */
const UNSTATED_METHOD_SPREAD = 0.06;

/**
 * Of a mass that was worked out, what its range holds; nothing of one that is stated. What is filled
 * here by the same weight of a cup as is assumed of the author is wrong alike on both sides: there
 * only the author's tool and fills count.
 */
function authorSpreadOf(
  { intended, measure, isMethodUnstated }: PlanLine,
  ingredient: Ingredient,
): number {
  if (!intended || intended.grams <= 0) return 0;
  const { rung, source } = intended.basis;
  if (rung === 'stated' || rung === 'proven') return 0;
  const isAlike = measure?.basis.rung === rung && isSameSource(measure.basis.source, source);
  const range = (intended.high - intended.low) / (2 * COVERAGE * intended.grams);
  const filled =
    isAlike && measure.method !== 'count' && measure.method !== 'block'
      ? combinedSpread(TOOL_SPREAD, fillSpread(ingredient.class, measure.method, 'cup'))
      : Infinity;
  const spread = Math.min(range, filled);
  const isOpen = isMethodUnstated && rung !== 'author' && ingredient.class === 'powder';
  return combinedSpread(spread, isOpen ? UNSTATED_METHOD_SPREAD : 0);
}

/** Both sides by the same estimate are wrong alike; one of them alone is not. */
const isGuessedApart = ({ intended, measure }: PlanLine): boolean =>
  measure?.basis.rung === 'estimate' && intended?.basis.rung !== 'estimate';

/**
 * The lines of a plan as the simulation sees them, each by the route that `routeOf` says. Lines
 * whose weight is not known are left out; so is what can't be measured from measuring: it is
 * weighed. Where trials have told how a hand fills, its bias is as sure as they made it, and its
 * fills scatter as theirs did; elsewhere both are assumed.
 */
export function chanceLines(
  plan: readonly PlanLine[],
  batch: Batch,
  routeOf: (index: number) => ChanceRoute,
  basis: ChanceBasis = {},
): ChanceLine[] {
  const { shelf } = batch;
  return plan.flatMap((line, index): ChanceLine[] => {
    const { ingredientId, place, intended, weight, measure, forgiven, isWeighed } = line;
    const ingredient = ingredientId === null ? undefined : shelf.ingredient(ingredientId);
    if (!ingredient || place || !intended || !weight || forgiven === null) return [];
    const isCounted = measure === null || measure.method === 'count' || measure.method === 'block';
    const known = isCounted ? undefined : measure.basis.hand;
    return [
      {
        index,
        ingredientId: ingredient.id,
        role: ingredient.role,
        waterPercent: ingredient.waterPercent,
        intendedGrams: intended.grams,
        forgiven,
        authorSpread: authorSpreadOf(line, ingredient),
        route: isWeighed || !measure ? 'weigh' : routeOf(index),
        fills: fillsOf(line, ingredient, batch.drawer, basis),
        // A hand that was weighed at one ingredient is known there, not at all that is filled alike.
        hand: isCounted
          ? null
          : { of: known ? ingredient.id : ingredient.class, method: measure.method },
        handSpread: known
          ? known.relativeSpread
          : isCounted
            ? 0
            : combinedSpread(
                HAND_SHARE * fillSpread(ingredient.class, measure.method, 'cup'),
                isGuessedApart(line) ? CLASS_FACTOR_SPREAD : 0,
              ),
        isHandKnown: known !== undefined,
        weighedGrams: weight.grams,
        gridGrams: weight.grid,
      },
    ];
  });
}
