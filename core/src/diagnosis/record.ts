import { dialFor, ovenOffset, realHeat, type OvenReading } from '../baking/index.js';
import { minutesInOven, type BakeStep } from '../baking/steps/index.js';
import type { Role } from '../catalogue/index.js';
import { minutesIn, minutesInPan, type BakeState, type LineState } from '../bench/index.js';
import { QUESTIONS } from './causes.js';
import type { Figure, KnownFigure } from './figures.js';
import type { FailedBake } from './rank-causes.js';
import { SYMPTOMS, type Symptom } from './symptoms.js';

/** What is known beside the bake: the readings of its oven, and its steps. */
export interface Around {
  readonly ovenReadings: readonly OvenReading[];
  readonly steps: readonly BakeStep[];
}

/** The figures that roles of ingredients tell. */
export const ROLE_OF_FIGURE: Readonly<Partial<Record<Figure, Role>>> = {
  flour: 'flour',
  water: 'liquid',
  fat: 'fat',
  sugar: 'sugar',
  egg: 'egg',
  leavening: 'leavening',
  yeast: 'yeast',
  salt: 'salt',
};
/** What a scale says is known to so much, relative. */
export const SCALE_SPREAD = 0.005;
/** A moment that is tapped is off by a minute or so. */
const TAPPED_MINUTES = 1;
/** More than so many times the range, or so long in the pan, and somebody forgot to tap. */
const FORGOTTEN_TIMES = 3;
/** Nothing is done in less than this share of the early end: somebody tapped twice. */
const DONE_AT_LEAST = 0.5;
const FORGOTTEN_PAN_MINUTES = 180;

const HAS = ['leavening', 'yeast', 'egg', 'salt', 'fat'] as const;

/** What the record of a bake says of what may have gone wrong. */
export function failedBake(state: BakeState, around: Around): FailedBake {
  const { plan, after } = state;
  const symptoms = (after.result?.symptoms ?? []).filter((one): one is Symptom =>
    (SYMPTOMS as readonly string[]).includes(one),
  );
  const answers = Object.fromEntries(
    Object.entries(after.answers).filter(([id]) => (QUESTIONS as readonly string[]).includes(id)),
  ) as FailedBake['answers'];
  const isLeftOut = state.stage !== 'bench' && state.lines.some(isForgotten);
  const figures: Partial<Record<Figure, KnownFigure>> = {};
  for (const [figure, role] of Object.entries(ROLE_OF_FIGURE)) {
    const known = massFigure(state.lines.filter(({ line }) => line.role === role));
    if (known) figures[figure as Figure] = known;
  }
  const heat = heatFigure(state, around.ovenReadings);
  if (heat) figures.heat = heat;
  Object.assign(figures, timeFigures(state, around.steps));
  const has = HAS.filter((role) => plan.lines.some((line) => line.role === role));
  return {
    kind: plan.kind,
    symptoms,
    figures,
    // A line that never got ready is what the question would ask.
    answers: isLeftOut ? { 'left-out': 'yes', ...answers } : answers,
    has,
  };
}

/** An ingredient with an amount that never came onto the tray, of a bake that was measured there. */
const isForgotten = (
  { fullness, wantedGrams }: LineState,
  _: number,
  all: readonly LineState[],
): boolean =>
  fullness === 'empty' && wantedGrams !== null && all.some((one) => one.fullness === 'full');

/** How far lines of a role were off together; null where no scale has told it. */
function massFigure(lines: readonly LineState[]): KnownFigure | null {
  let [real, wanted] = [0, 0];
  for (const { grams, wantedGrams, weighedGrams, fills } of lines) {
    const isKnown =
      weighedGrams !== null || (fills.length > 0 && fills.every((fill) => fill.grams !== null));
    if (grams === null || wantedGrams === null || !isKnown) return null;
    real += grams;
    wanted += wantedGrams;
  }
  return wanted > 0 ? { value: real / wanted - 1, spread: SCALE_SPREAD } : null;
}

/** How much hotter the oven was than wanted; null where its dial or its offset is not known. */
function heatFigure({ after }: BakeState, readings: readonly OvenReading[]): KnownFigure | null {
  if (!after.oven) return null;
  const { isFan, dialCelsius, wantedCelsius } = after.oven;
  const offset = ovenOffset(readings, isFan);
  if (!offset) return null;
  const { celsius, high } = realHeat(offset, dialCelsius);
  return { value: celsius - wantedCelsius, spread: (high - celsius) / 2 };
}

function timeFigures(
  { after }: BakeState,
  steps: readonly BakeStep[],
): Partial<Record<Figure, KnownFigure>> {
  const tray = after.trays[0];
  if (!tray) return {};
  const found: Partial<Record<Figure, KnownFigure>> = {};
  const range = minutesInOven(steps);
  const inOven = minutesIn(tray);
  if (range && inOven !== null && isBelievable(inOven, range)) {
    const middle = (range.min + range.max) / 2;
    found.minutes = { value: inOven / middle - 1, spread: TAPPED_MINUTES / middle };
  }
  const stated = steps.find(({ id }) => id === 'pan')?.minutes;
  const inPan = minutesInPan(tray);
  if (stated && inPan !== null && inPan <= FORGOTTEN_PAN_MINUTES) {
    found.pan = { value: inPan - stated.max, spread: TAPPED_MINUTES };
  }
  return found;
}

/** Whether a tray can have been in the oven so long, by how long its recipe says. */
export const isBelievable = (
  minutes: number,
  { min, max }: { readonly min: number; readonly max: number },
): boolean => minutes >= DONE_AT_LEAST * min && minutes <= FORGOTTEN_TIMES * max;

/** What the dial is to be set to next time; null where the oven was never measured. */
export function dialNextTime(
  { after }: Pick<BakeState, 'after'>,
  readings: readonly OvenReading[],
): number | null {
  if (!after.oven) return null;
  const offset = ovenOffset(readings, after.oven.isFan);
  return offset && dialFor(offset, after.oven.wantedCelsius);
}
