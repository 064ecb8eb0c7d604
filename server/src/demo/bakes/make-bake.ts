import { v5 as idFrom } from 'uuid';
import type { Act, BakeLine, BakePlan, BakeReading } from '@ypsigram/core/bench';
import { bakeSteps, type BakeStep } from '@ypsigram/core/baking/steps';
import type { Random } from '@ypsigram/core/chance';
import { CAUSE_WORDS } from '@ypsigram/contract/log';
import type { CauseId } from '@ypsigram/core/diagnosis';
import type { WholeBake } from '../../areas/bakes/part.js';
import { GREBE, MOORHEN } from '../kitchen.js';
import { OVEN_FOUND_OUT, OVEN_TOO_HOT_CELSIUS, type StoryBake } from './story.js';

const DAY = 86_400_000;
const MINUTE = 60_000;
/** So that the demo's bakes have the same ids in every database. */
const NAMESPACE = '6f1c2b1e-52d7-4f0b-8a55-0b6e6d9f3a10';
const DEVICE = 'tablet on the counter';
const OVEN = 'lock cottage oven';
/** How steadily each weighs at the beginning of the year, relative, and how much better by its end. */
const SPREADS = { G: [0.006, 0.5], M: [0.02, 0.3] } as const;
const YEAR_WEEKS = 52;
const DIAL_STEP = 5;

/** What a bake of the demo is made of, beside its line in the story. */
export interface DemoBakeOf {
  readonly recipeId: string;
  readonly revision: number;
  readonly plan: BakePlan;
  readonly lines: Parameters<typeof bakeSteps>[0];
  readonly now: Date;
  readonly random: Random;
  readonly photoId: string | null;
  /** The bake of the same recipe before it. */
  readonly before: string | null;
}

export const demoBakeId = ({ weeksAgo, recipe }: StoryBake): string =>
  idFrom(`${recipe} ${weeksAgo}`, NAMESPACE);

/** A bake of the story with everything that was done at it, on a Saturday morning of the past year. */
export function demoBake(story: StoryBake, of: DemoBakeOf): WholeBake {
  const { plan, now, photoId } = of;
  const id = demoBakeId(story);
  const handId = story.hand === 'G' ? GREBE : MOORHEN;
  const trying = story.trying && of.before ? tryingOf(story.trying, of.before) : undefined;
  let at = saturday(now, story.weeksAgo);
  const begunAt = new Date(at).toISOString();
  const readings: Omit<BakeReading, 'id'>[] = [];
  const act = (minutes: number, what: Act): void => {
    at += minutes * MINUTE;
    readings.push({ at: new Date(at).toISOString(), device: DEVICE, handId, act: what });
  };

  for (const line of plan.lines) for (const one of measured(line, story, of)) act(0.4, one);
  act(1, { do: 'stage', stage: 'oven' });
  const { steps } = bakeSteps(of.lines, plan.baking);
  const bake = steps.find(({ kind }) => kind === 'bake');
  for (const step of steps) {
    if (step.kind === 'bake') bakeIn(step, story, act);
    act(step.kind === 'bake' ? 0 : (step.minutes?.min ?? 4), {
      do: 'step',
      step: step.id,
      isDone: true,
    });
  }
  act(bake ? 20 : 5, { do: 'stage', stage: 'log' });
  const { rating, symptoms = [], note = '', isWasted = false } = story;
  act(1, { do: 'result', rating, symptoms, note, isWasted });
  for (const [question, answer] of Object.entries(story.answers ?? {})) {
    act(0.2, { do: 'answer', question, answer });
  }
  if (story.isGood) act(0.5, { do: 'good', isGood: true });
  if (story.verdict) act(0.5, { do: 'judge', verdict: story.verdict });
  if (photoId) act(1, { do: 'photo', photo: photoId, isKept: true });
  return {
    id,
    recipeId: of.recipeId,
    recipeRevision: of.revision,
    handId,
    begunAt,
    plan: trying ? { ...plan, trying } : plan,
    readings: readings.map((reading, n) => ({
      id: idFrom(`${id} ${n}`, NAMESPACE),
      ...reading,
    })) as WholeBake['readings'],
  };
}

const tryingOf = (causeId: CauseId, bakeId: string) => ({
  bakeId,
  causeId,
  note: CAUSE_WORDS[causeId].change,
});

/** Half past six on the Saturday so many weeks before now; half weeks are Wednesdays. */
function saturday(now: Date, weeksAgo: number): number {
  const day = new Date(now);
  day.setUTCHours(6, 30, 0, 0);
  const sinceSaturday = (day.getUTCDay() + 1) % 7;
  return day.getTime() - (sinceSaturday + Math.round(7 * (weeksAgo - 1))) * DAY;
}

/** How a line got onto the tray: knots by cup, their flour over the scale; the rest weighed. */
function measured(line: BakeLine, story: StoryBake, { random }: DemoBakeOf): readonly Act[] {
  const grams = line.intendedGrams;
  if (grams === null || !line.weight) return [{ do: 'finish', line: line.id }];
  const [spread, later] = SPREADS[story.hand];
  const year = 1 - Math.min(1, story.weeksAgo / YEAR_WEEKS);
  const noise = spread * (1 + (later - 1) * year) * random.normal();
  if (story.recipe === 'knots') {
    if (line.role !== 'flour' || !line.measure) return [{ do: 'finish', line: line.id }];
    return fillsOf(line, grams * (1 + (story.flour ?? 0) + noise));
  }
  const by = story.off ?? {};
  const off =
    line.role === 'flour'
      ? (by.flour ?? 0)
      : line.role === 'liquid'
        ? (by.water ?? 0)
        : line.role === 'salt'
          ? (by.salt ?? 0)
          : 0;
  if (line.class === 'egg') return [{ do: 'finish', line: line.id }];
  const step = line.weight.grid;
  const mass = Math.max(step, Math.round((grams * (1 + off + noise)) / step) * step);
  const scale = step < 0.5 ? 'fine scale' : 'kitchen scale';
  return [
    { do: 'weigh', line: line.id, route: 'container', grams: Number(mass.toFixed(2)), scale },
  ];
}

/** Each fill of a cup over the scale, to its step. */
function fillsOf(line: BakeLine, grams: number): readonly Act[] {
  const fills = line.measure!.fills.flatMap(({ tool, count }) =>
    Array.from({ length: Math.max(1, Math.round(count)) }, () => tool),
  );
  return fills.map((tool) => ({
    do: 'fill',
    line: line.id,
    tool,
    grams: Math.round(grams / fills.length),
    scale: 'kitchen scale',
  }));
}

/** The oven set, the tray in and out, and what the tester found. */
function bakeIn(
  { heat, minutes }: BakeStep,
  story: StoryBake,
  act: (minutes: number, what: Act) => void,
): void {
  if (heat) {
    const wanted = heat.celsius;
    const dial = story.weeksAgo > OVEN_FOUND_OUT ? wanted : wanted - OVEN_TOO_HOT_CELSIUS;
    act(0, {
      do: 'heat',
      oven: OVEN,
      isFan: false,
      wantedCelsius: wanted,
      dialCelsius: Math.round(dial / DIAL_STEP) * DIAL_STEP,
      rack: 'middle',
      pan: 'as-written',
      trays: 1,
    });
  }
  const middle = minutes ? (minutes.min + minutes.max) / 2 : 30;
  act(2, { do: 'tray', tray: 1, to: 'oven' });
  act(middle * (story.minutesTimes ?? 0.98), { do: 'look', tray: 1, found: 'crumbs' });
  act(0, { do: 'tray', tray: 1, to: 'pan' });
  act(5, { do: 'tray', tray: 1, to: 'rack' });
}
