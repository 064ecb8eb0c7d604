import type { Line, Reading } from '../../reading/index.js';
import {
  factsOf,
  isTimeSummary,
  sentencesOf,
  type OvenSetting,
} from '../../reading/facts/index.js';
import type { BakingFacts, BakingQuestion } from './baking-facts.js';
import { IN_TIN, stagesOf, sum, type Minutes } from './stages.js';
import { WAITS, type StepKind } from './step-kind.js';

/** One thing to do, after everything stands on the tray. */
export interface BakeStep {
  /** The same for as long as the text is. */
  readonly id: string;
  readonly kind: StepKind;
  /** As the recipe says it; empty for a step that it leaves out. */
  readonly text: string;
  /** How long it takes; null where that is not said. */
  readonly minutes: Minutes | null;
  readonly heat: Pick<OvenSetting, 'celsius' | 'fanCelsius' | 'isGuess'> | null;
}

/** What there is to do for a recipe, in order, and what its text does not say. */
export interface BakeWalk {
  readonly steps: readonly BakeStep[];
  readonly missing: readonly BakingQuestion[];
  /** The recipe is baked at all: it names an oven or a time in one. */
  readonly isBaked: boolean;
  /** From in to out the last time, through all its stages; null where one of them has no time. */
  readonly inOven: Minutes | null;
}

const SHORTEST = 3;

/**
 * The steps of a recipe one by one, with times and heat. A heat belongs to its stage, and holds until
 * the next one is said. The oven is heated before it is used and what is baked rests in its pan, also
 * where the text leaves that out. What its baker said of the baking goes before the text.
 */
export function bakeSteps({ lines }: Pick<Reading, 'lines'>, said: BakingFacts = {}): BakeWalk {
  const hasOven = lines.some(({ kind, written: of }) => kind !== 'ingredient' && OVEN.test(of));
  const written = turnedDown(
    lines.flatMap((line, index): BakeStep[] =>
      line.kind === 'step' && !isTimeSummary(line.written) ? stepsOf(line, index, hasOven) : [],
    ),
  );
  const isBaked =
    written.some(({ kind }) => kind === 'bake' || kind === 'heat') || said.celsius !== undefined;
  if (!isBaked) return { steps: written, missing: [], isBaked, inOven: null };
  const steps = completed(withHeats(onceHeated(written), listed(lines), said), lines, said);
  const bakes = steps.filter(({ kind }) => kind === 'bake');
  const missing = [
    ...(bakes.some(({ heat }) => heat === null) ? ['celsius' as const] : []),
    ...(bakes.some(({ minutes }) => minutes === null) ? ['minutes' as const] : []),
    ...(said.panMinutes === undefined && !saysPan(written) ? ['pan' as const] : []),
  ];
  return { steps, missing, isBaked, inOven: minutesInOven(steps) };
}

function stepsOf(line: Line, index: number, hasOven: boolean): BakeStep[] {
  const text = line.written.replace(/^\s*(?:\d+[.)]|[-*•])\s+/, '').trim();
  const sentences = sentencesOf(text).filter((one) => one.length >= SHORTEST);
  return sentences.flatMap((sentence, at) => {
    // "Turn out after 5 minutes" is told of the pan, and no step of its own.
    const pan = panMinutesIn(sentence);
    const stages = stagesOf(sentence, hasOven).filter(
      ({ kind, minutes }, place) => !(place > 0 && kind === 'cool' && minutes?.min === pan),
    );
    return stages.map((stage, place): BakeStep => ({
      id: `step-${index}-${at}${place === 0 ? '' : `-${place}`}`,
      ...stage,
      text: stages.length === 1 ? sentence : stage.text,
    }));
  });
}

/** "Bake 25 minutes and turn out after 5": how long it stays in its pan; null where that is not said. */
function panMinutesIn(sentence: string): number | null {
  const found =
    /\b(?:turn (?:it |them )?out after|in (?:the|its|their) (?:pan|tin) (?:for )?)\s*(?:about )?(\d{1,3}) ?min/i.exec(
      sentence,
    );
  return found && /\bbake/i.test(sentence) ? Number(found[1]) : null;
}

/** An oven is spoken of: without one, *cuire* is done on the stove. */
const OVEN =
  /(?<!\p{L})(?:oven|(?:back)?ofen|backrohr|four|enfourn\p{L}*|thermostat|th\.|gas mark)(?!\p{L})|\d ?° ?[cf]?/iu;

/** "Lower the oven to 150." by itself is the heat of what is baked next. */
function turnedDown(steps: readonly BakeStep[]): readonly BakeStep[] {
  return steps.flatMap((step, at): BakeStep[] => {
    const [before, next] = [steps[at - 1], steps[at + 1]];
    if (isTurning(step) && next?.kind === 'bake' && next.heat === null) return [];
    return before && isTurning(before) && step.kind === 'bake' && step.heat === null
      ? [{ ...step, heat: before.heat, text: `${before.text} ${step.text}` }]
      : [step];
  });
}

const isTurning = ({ kind, heat, minutes }: BakeStep): boolean =>
  kind === 'bake' && heat !== null && minutes === null;

/** The oven is turned on once: said again before anything was baked, it is the same. */
function onceHeated(steps: readonly BakeStep[]): readonly BakeStep[] {
  let isHot = false;
  return steps.map((step) => {
    if (step.kind === 'bake') isHot = true;
    if (step.kind !== 'heat') return step;
    const isAgain = isHot;
    isHot = true;
    return isAgain ? { ...step, kind: 'other' } : step;
  });
}

/** A heat that a line beside the steps gives: "Oven: 180 °C". */
const listed = (lines: readonly Line[]): BakeStep['heat'] => {
  const [oven] = factsOf(lines.filter(({ kind }) => kind !== 'step')).ovens;
  if (!oven) return null;
  const { celsius, fanCelsius, isGuess } = oven;
  return { celsius, fanCelsius, ...(isGuess && { isGuess }) };
};

/** Gives every stage in the oven its heat: its own, else the one that was set before it. */
function withHeats(
  steps: readonly BakeStep[],
  beside: BakeStep['heat'],
  { celsius, fanCelsius }: BakingFacts,
): readonly BakeStep[] {
  const told: BakeStep['heat'] =
    celsius === undefined ? null : { celsius, fanCelsius: fanCelsius ?? null };
  const isStaged = new Set(steps.flatMap(({ heat }) => (heat ? [heat.celsius] : []))).size > 1;
  let now = beside;
  return steps.map((step) => {
    if (step.kind !== 'bake' && step.kind !== 'heat') {
      // "Meanwhile turn the oven to 200" in a step of another kind.
      now = step.heat ?? now;
      return { ...step, heat: null };
    }
    // What the baker said is of the recipe's one heat; of several stages it fills what is not said.
    const heat = isStaged ? (step.heat ?? now ?? told) : (told ?? step.heat ?? now);
    now = heat ?? now;
    return { ...step, heat };
  });
}

const saysPan = (steps: readonly BakeStep[]): boolean =>
  steps.some(
    ({ text, kind }) =>
      IN_TIN.test(text) || /\b(?:turn (?:it |them )?out|while warm)/i.test(text) || kind === 'cool',
  );

/** After these the oven was empty: nuts were toasted or a base baked blind, and then work went on. */
const TAKEN_OUT: ReadonlySet<StepKind> = new Set<StepKind>([
  'combine',
  'cream',
  'knead',
  'cook',
  'sugar',
  'fry',
  'chill',
  'rise',
  'cool',
  'rest',
]);

/**
 * From in to out the last time that something goes in, through all stages of it; null where one of
 * them has no time, or there is none. What was in the oven before other work is no part of it: a
 * look that comes late burns.
 */
export function minutesInOven(steps: readonly BakeStep[]): Minutes | null {
  const last = steps.findLastIndex(({ kind }) => kind === 'bake');
  const before = steps.slice(0, Math.max(0, last));
  const first = before.findLastIndex(({ kind }) => TAKEN_OUT.has(kind)) + 1;
  let whole: Minutes | null = null;
  for (const { kind, minutes } of steps.slice(first, last + 1)) {
    if (kind !== 'bake') continue;
    if (!minutes) return null;
    whole = whole ? sum(whole, minutes) : minutes;
  }
  return whole;
}

/** A time of baking that stands in the list of times before the steps. */
function listedMinutes(lines: readonly Line[]): Minutes | null {
  const summaries = lines.filter(({ written }) => isTimeSummary(written));
  const time = factsOf(summaries).times.find(({ purpose }) => purpose === 'baking');
  return time ? { min: time.minMinutes, max: time.maxMinutes } : null;
}

/** Heats the oven before its first use and lets what is baked rest, where the text does not. */
function completed(
  steps: readonly BakeStep[],
  lines: readonly Line[],
  { minMinutes, maxMinutes, panMinutes }: BakingFacts,
): readonly BakeStep[] {
  const at = steps.findIndex(({ kind }) => kind === 'bake');
  const told: Minutes | null =
    minMinutes === undefined
      ? null
      : { min: minMinutes, max: Math.max(minMinutes, maxMinutes ?? minMinutes) };
  const isStaged = steps.filter(({ kind }) => kind === 'bake').length > 1;
  const timed = (step: BakeStep): BakeStep =>
    step.kind !== 'bake'
      ? step
      : {
          ...step,
          minutes: isStaged
            ? (step.minutes ?? told)
            : (told ?? step.minutes ?? listedMinutes(lines)),
        };
  const set = steps.findLast(({ heat }) => heat !== null)?.heat ?? null;
  const bakes = at < 0 ? [timed({ ...LEFT_OUT, id: 'bake', kind: 'bake', heat: set })] : [];
  const before = at < 0 ? steps : steps.slice(0, at);
  const after = at < 0 ? bakes : steps.slice(at).map(timed);
  const first = after[0]!;
  const isHeated = before.some(({ kind }) => kind === 'heat');
  const preheat: BakeStep = { ...LEFT_OUT, id: 'heat', kind: 'heat', heat: first.heat };
  // Before the last wait, so that it is hot when that is over.
  const wait = before.findLastIndex(({ kind }) => WAITS.has(kind));
  const place = wait < 0 ? before.length : wait;
  const hot = before.map((step) =>
    step.kind === 'heat' && step.heat === null ? { ...step, heat: first.heat } : step,
  );
  const heated = isHeated ? hot : [...hot.slice(0, place), preheat, ...hot.slice(place)];
  const last = after.findLastIndex(({ kind }) => kind === 'bake');
  const rest = panMinutes ?? panMinutesIn(after[last]!.text) ?? panMinutesOf(lines) ?? 0;
  const pan: BakeStep[] =
    rest === 0 ? [] : [{ ...LEFT_OUT, id: 'pan', kind: 'cool', minutes: { min: rest, max: rest } }];
  return [...heated, ...after.slice(0, last + 1), ...pan, ...after.slice(last + 1)];
}

/** The rest in the pan that a sentence gives behind its baking. */
const panMinutesOf = (lines: readonly Line[]): number | null =>
  lines
    .filter(({ kind }) => kind === 'step')
    .flatMap(({ written }) => sentencesOf(written).flatMap((one) => panMinutesIn(one) ?? []))[0] ??
  null;

const LEFT_OUT = { text: '', minutes: null, heat: null } as const;
