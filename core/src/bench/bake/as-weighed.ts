import { forgivenessOf, learnedForgiveness, LEANING } from '../../baking/index.js';
import type { Shelf } from '../../catalogue/index.js';
import type { ChanceLine } from '../../chance/index.js';
import { isWithin } from '../../fills/index.js';
import { RATIO_PARTS, ratioShares, type RatioPart } from '../../batch/index.js';
import type { LineState } from './line-state.js';
import type { BakeState } from './state.js';

/** A ratio as it was meant and as it is on the tray, in percent of the base. */
export interface AsWeighedRatio {
  readonly part: RatioPart;
  readonly intended: number;
  readonly real: number;
  /** Real over intended, less one. */
  readonly drift: number;
  /** The drift at which this kind of bake begins to show it. */
  readonly forgiven: number;
  readonly level: 'level' | 'leaning' | 'out';
}

/** What is on the tray, beside what was meant. */
export interface AsWeighed {
  readonly base: 'flour' | 'total';
  readonly ratios: readonly AsWeighedRatio[];
  /** The ratio that is nearest to what the bake shows, for the beam; null without any. */
  readonly worst: AsWeighedRatio | null;
  /** All that is in, and all that was wanted of the same lines, in grams. */
  readonly grams: number;
  readonly wantedGrams: number;
}

/** The real ratios of the tray beside those of the recipe. What is not in yet counts as planned. */
export function asWeighed(state: BakeState, shelf: Shelf): AsWeighed {
  const known = state.lines.flatMap(({ line, wantedGrams, grams, fullness }) =>
    line.ingredientId === null || wantedGrams === null
      ? []
      : [{ ingredientId: line.ingredientId, wantedGrams, isIn: fullness === 'full', real: grams }],
  );
  const parts = (of: (one: (typeof known)[number]) => number) =>
    known.map((one) => ({ ingredientId: one.ingredientId, grams: of(one) }));
  const [intended, real] = ratioShares(
    [
      parts(({ wantedGrams }) => wantedGrams),
      parts(({ isIn, real: grams, wantedGrams }) => (isIn ? (grams ?? wantedGrams) : wantedGrams)),
    ],
    shelf,
  ).shares as [Readonly<Record<RatioPart, number>>, Readonly<Record<RatioPart, number>>];
  const forgives = learnedForgiveness(
    forgivenessOf(state.plan.kind, state.plan.strictness),
    state.plan.strictness,
    state.plan.learned,
  );
  const ratios = RATIO_PARTS.flatMap((part): AsWeighedRatio[] => {
    if (intended[part] <= 0) return [];
    const drift = real[part] / intended[part] - 1;
    const forgiven = forgives[part];
    const isLevel = isWithin(drift, forgiven * LEANING);
    const level = isLevel ? 'level' : isWithin(drift, forgiven) ? 'leaning' : 'out';
    return [{ part, intended: intended[part], real: real[part], drift, forgiven, level }];
  });
  const nearness = ({ drift, forgiven }: AsWeighedRatio): number => Math.abs(drift) / forgiven;
  const inNow = known.filter(({ isIn, real: grams }) => isIn && grams !== null);
  return {
    base: ratioShares([parts(({ wantedGrams }) => wantedGrams)], shelf).base,
    ratios,
    worst: ratios.reduce<AsWeighedRatio | null>(
      (worst, one) => (!worst || nearness(one) > nearness(worst) ? one : worst),
      null,
    ),
    grams: inNow.reduce((sum, { real: grams }) => sum + grams!, 0),
    wantedGrams: inNow.reduce((sum, { wantedGrams }) => sum + wantedGrams, 0),
  };
}

/**
 * What the dough weighs by what is on the tray, in grams: everything of the section that holds the
 * most flour. What is filled in, brushed on or strewn over stands under other headings.
 */
export function doughGrams({ lines }: Pick<BakeState, 'lines'>): number {
  const massOf = ({ grams, wantedGrams }: LineState): number => grams ?? wantedGrams ?? 0;
  const flours = lines.filter(({ line }) => line.role === 'flour');
  const most = flours.reduce<LineState | null>(
    (one, flour) => (!one || massOf(flour) > massOf(one) ? flour : one),
    null,
  );
  return lines
    .filter(({ line }) => !most || line.section === most.line.section)
    .reduce((sum, line) => sum + massOf(line), 0);
}

/**
 * The lines of a bake as its simulation sees them now: what a scale gave is known to its step,
 * what was filled is what such fills weigh with their scatter, the rest is as it was planned.
 */
export function knownLines(state: BakeState): readonly ChanceLine[] {
  return state.plan.chance.flatMap((planned): ChanceLine[] => {
    const now = state.lines.find(({ line }) => line.index === planned.index);
    if (!now) return [];
    const scaled = { ...planned, intendedGrams: planned.intendedGrams * state.times };
    return [
      now.fullness === 'full' ? asDone(scaled, now) : asPlanned(scaled, planned, now, state.times),
    ];
  });
}

function asDone(line: ChanceLine, { grams, fills, weighedGrams }: LineState): ChanceLine {
  if (grams === null) return line;
  const isSure = weighedGrams !== null || fills.every((fill) => fill.grams !== null);
  if (isSure) return { ...line, route: 'weigh', weighedGrams: grams };
  const planned = line.fills.reduce((sum, fill) => sum + fill.count * fill.grams, 0);
  const by = planned > 0 ? grams / planned : 1;
  return {
    ...line,
    route: 'measure',
    fills: line.fills.map((fill) => ({ ...fill, grams: fill.grams * by })),
  };
}

/** What is still to come goes by the route that is chosen for it. */
const asPlanned = (
  scaled: ChanceLine,
  planned: ChanceLine,
  { route }: LineState,
  times: number,
): ChanceLine => ({
  ...scaled,
  route: route === 'fill' ? 'measure' : 'weigh',
  weighedGrams: planned.weighedGrams * times,
  fills: planned.fills.map((fill) => ({ ...fill, grams: fill.grams * times })),
});
