import type { BakeKind } from '../baking/index.js';
import type { Shelf } from '../catalogue/index.js';
import { Fraction } from '../amount/index.js';
import { writtenKey, RATIO_PARTS, type RatioPart } from '../batch/index.js';
import { asWeighed, minutesIn, type BakeState, type LineState } from '../bench/index.js';

/** What went in for a line, at factor 1. */
export interface OutcomeLine {
  readonly written: string;
  /** Which of the lines that are written alike, counted from 0. */
  readonly nth: number;
  readonly ingredientId: string;
  readonly intendedGrams: number;
  /** What went in, in grams at factor 1, unrounded. */
  readonly grams: number;
  /** A scale gave it; else it is what such fills weigh. */
  readonly isWeighed: boolean;
}

/** What a bake tells those that come after it: what went in, and how it turned out. */
export interface BakeOutcome {
  readonly bakeId: string;
  readonly recipeId: string;
  readonly title: string;
  /** When it was baked: ISO 8601 in UTC. */
  readonly at: string;
  readonly handId: string | null;
  readonly kind: BakeKind;
  readonly factor: number;
  readonly rating: number | null;
  readonly symptoms: readonly string[];
  readonly isGood: boolean;
  readonly isWasted: boolean;
  readonly lines: readonly OutcomeLine[];
  /** Ratios in percent of the base as they really were. */
  readonly ratios: Readonly<Partial<Record<RatioPart, number>>>;
  /** Real over intended less one, of ratios that a scale has told. */
  readonly deviations: Readonly<Partial<Record<RatioPart, number>>>;
  /** Minutes in the oven, of the first tray. */
  readonly minutes: number | null;
  readonly dialCelsius: number | null;
  readonly photo: string | null;
  /** The cause that was worked on in it, and whether that helped. */
  readonly tried: { readonly causeId: string; readonly verdict: string | null } | null;
}

/** Which bake it is. */
export interface BakeIdentity {
  readonly id: string;
  readonly recipeId: string;
  readonly begunAt: string;
  readonly handId: string | null;
}

/** What a bake tells, from how it stands. */
export function outcomeOf(bake: BakeIdentity, state: BakeState, shelf: Shelf): BakeOutcome {
  const { plan, after } = state;
  const factor = new Fraction(plan.factor).valueOf() * state.times;
  const { ratios } = asWeighed(state, shelf);
  const known = new Set(RATIO_PARTS.filter((part) => isSure(state.lines, part)));
  return {
    bakeId: bake.id,
    recipeId: bake.recipeId,
    title: plan.title,
    at: bake.begunAt,
    handId: bake.handId,
    kind: plan.kind,
    factor,
    rating: after.result?.rating ?? null,
    symptoms: after.result?.symptoms ?? [],
    isGood: after.isGood,
    isWasted: after.result?.isWasted ?? false,
    lines: linesOf(state.lines, factor),
    ratios: Object.fromEntries(ratios.map(({ part, real }) => [part, real])),
    deviations: Object.fromEntries(
      ratios.flatMap(({ part, drift }) => (known.has(part) ? [[part, drift]] : [])),
    ),
    minutes: after.trays[0] ? minutesIn(after.trays[0]) : null,
    dialCelsius: after.oven?.dialCelsius ?? null,
    photo: after.photos[0] ?? null,
    tried: plan.trying ? { causeId: plan.trying.causeId, verdict: after.verdict } : null,
  };
}

/** Whether a scale has told it: by itself, or every fill of it. */
const isOnScale = ({ weighedGrams, fills, grams }: LineState): boolean =>
  weighedGrams !== null ||
  (grams !== null && fills.length > 0 && fills.every((fill) => fill.grams !== null));

/**
 * A ratio is known where its flour was on a scale: by cup it is flour that is far off. What else was
 * only filled counts as it is meant to weigh.
 */
function isSure(lines: readonly LineState[], part: RatioPart): boolean {
  const role = part === 'water' ? 'liquid' : part;
  const flours = lines.filter(({ line }) => line.role === 'flour');
  const own = lines.filter(({ line }) => line.role === role);
  return flours.length > 0 && own.length > 0 && flours.every(isOnScale);
}

function linesOf(lines: readonly LineState[], factor: number): readonly OutcomeLine[] {
  const seen = new Map<string, number>();
  return lines.flatMap((state): OutcomeLine[] => {
    const { line, grams, wantedGrams } = state;
    const key = writtenKey(line);
    const nth = seen.get(key) ?? 0;
    seen.set(key, nth + 1);
    if (line.ingredientId === null || wantedGrams === null) return [];
    return [
      {
        written: line.written,
        nth,
        ingredientId: line.ingredientId,
        intendedGrams: wantedGrams / factor,
        grams: (grams ?? wantedGrams) / factor,
        isWeighed: isOnScale(state),
      },
    ];
  });
}
