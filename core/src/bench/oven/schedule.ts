import { WAITS, type BakeStep, type StepKind } from '../../baking/steps/index.js';
import type { BakeLine } from '../bake/index.js';
import { takeOutFor } from '../tray/index.js';

/** What a stretch of time is for. */
export type BlockKind = StepKind | 'take-out' | 'measure';

/** A stretch of time of a bake. */
export interface TimeBlock {
  /** The step that it is for, or what it is called where it is none. */
  readonly id: string;
  readonly kind: BlockKind;
  /** As the recipe says it, or the names of what is taken out. */
  readonly text: string;
  /** ISO 8601 in UTC. */
  readonly from: string;
  readonly to: string;
  /** Nothing is to be done but to wait. */
  readonly isWaiting: boolean;
  /** The minutes are a guess, not the recipe's. */
  readonly isGuessed: boolean;
}

/** A bake laid out in time, backwards from when it is to be ready. */
export interface Schedule {
  readonly startAt: string;
  readonly readyAt: string;
  /** In the order in which they begin. */
  readonly blocks: readonly TimeBlock[];
  /** When the oven is taken, from heating on. */
  readonly oven: OvenTime | null;
}

/** When an oven is taken. */
export interface OvenTime {
  readonly from: string;
  readonly to: string;
  readonly celsius: number | null;
}

/** What is planned: steps and lines of a bake, and the minutes that its baker set. */
export interface Scheduled {
  readonly steps: readonly BakeStep[];
  readonly lines: readonly BakeLine[];
  readonly minutes: Readonly<Record<string, number>>;
  /** Trays that go into the oven one after another. */
  readonly trays: number;
}

/**
 * What steps take where the recipe gives no time, in minutes: house rules for one batch by hand.
 * Half an hour of cooling is what a knife or a tin wants.
 */
const USUAL_MINUTES: Readonly<Record<StepKind, number>> = {
  bake: 30,
  heat: 0,
  chill: 60,
  rise: 60,
  cool: 30,
  rest: 15,
  knead: 10,
  cream: 5,
  combine: 5,
  fry: 15,
  sugar: 10,
  shape: 10,
  cut: 5,
  cook: 10,
  prepare: 3,
  other: 3,
};
/** An oven of a home takes so long to be hot. */
const HEATING_MINUTES = 20;
/** What measuring takes for each line. */
const MINUTES_PER_LINE = 1;
const MINUTE = 60_000;

/**
 * Lays a bake out backwards from when it is to be ready: what comes out of the fridge, measuring,
 * every step, and the oven, which is hot when the first tray goes in. A range takes its longer end,
 * so that it is ready rather early than late.
 */
export function scheduleBack(readyAt: string, of: Scheduled): Schedule {
  const { steps, lines, minutes, trays } = of;
  const ready = Date.parse(readyAt);
  const blocks: TimeBlock[] = [];
  let to = ready;
  let heat: BakeStep | null = null;
  let oven: OvenTime | null = null;
  for (const step of steps.toReversed()) {
    if (step.kind === 'heat') {
      heat = step;
      continue;
    }
    const each = minutes[step.id] ?? step.minutes?.max ?? USUAL_MINUTES[step.kind];
    const from = to - each * (step.kind === 'bake' ? Math.max(1, trays) : 1) * MINUTE;
    blocks.unshift({
      ...block(step.id, step.kind, step.text, from, to),
      isGuessed:
        minutes[step.id] === undefined && (step.minutes === null || step.minutes.isGuess === true),
    });
    if (step.kind === 'bake') {
      const since = from - HEATING_MINUTES * MINUTE;
      const end: string = oven?.to ?? iso(to);
      oven = { from: iso(since), to: end, celsius: step.heat?.celsius ?? null };
    }
    to = from;
  }
  const measuring = lines.length * (minutes['measure'] ?? MINUTES_PER_LINE) * MINUTE;
  // The oven may want longer than there is to do: nothing starts after it is on.
  const heating = oven ? Date.parse(oven.from) : to;
  const start = Math.min(to - measuring, heating);
  blocks.unshift({ ...block('measure', 'measure', '', start, start + measuring), isGuessed: true });
  if (oven) {
    const hot = Date.parse(oven.from) + HEATING_MINUTES * MINUTE;
    const text = heat?.text ?? '';
    blocks.push({
      ...block(heat?.id ?? 'heat', 'heat', text, Date.parse(oven.from), hot),
      isGuessed: true,
    });
  }
  blocks.push(...takenOut(lines, start));
  blocks.sort((a, b) => (a.from < b.from ? -1 : a.from > b.from ? 1 : 0));
  return { startAt: iso(start), readyAt: iso(ready), blocks, oven };
}

const iso = (at: number): string => new Date(at).toISOString();

const block = (
  id: string,
  kind: BlockKind,
  text: string,
  from: number,
  to: number,
): Omit<TimeBlock, 'isGuessed'> => ({
  id,
  kind,
  text,
  from: iso(from),
  to: iso(to),
  isWaiting: kind === 'take-out' || kind === 'heat' || WAITS.has(kind as StepKind),
});

/** What comes out of the fridge, things that come out together as one block. */
function takenOut(lines: readonly BakeLine[], start: number): readonly TimeBlock[] {
  const byMinutes = new Map<number, string[]>();
  for (const line of lines) {
    const out = takeOutFor(line);
    if (!out) continue;
    const names = byMinutes.get(out.minutesBefore) ?? [];
    if (!names.includes(line.name)) names.push(line.name);
    byMinutes.set(out.minutesBefore, names);
  }
  return [...byMinutes].map(([before, names]) => ({
    ...block(`out-${before}`, 'take-out', names.join(', '), start - before * MINUTE, start),
    isGuessed: true,
  }));
}

/** Two bakes that want the same oven at the same time. */
export interface Clash {
  readonly bakeId: string;
  readonly from: string;
  readonly to: string;
  /** Both want the same heat: they may share it, if there is room. */
  readonly isSameHeat: boolean;
}

const SAME_CELSIUS = 5;

/** With which others a bake shares its oven's time, and from when to when. */
export function clashes(
  mine: OvenTime,
  others: readonly (OvenTime & { readonly bakeId: string })[],
): readonly Clash[] {
  return others.flatMap(({ bakeId, from, to, celsius }) => {
    const [begin, end] = [mine.from > from ? mine.from : from, mine.to < to ? mine.to : to];
    if (begin >= end) return [];
    const isSameHeat =
      celsius !== null && mine.celsius !== null && Math.abs(celsius - mine.celsius) <= SAME_CELSIUS;
    return [{ bakeId, from: begin, to: end, isSameHeat }];
  });
}
