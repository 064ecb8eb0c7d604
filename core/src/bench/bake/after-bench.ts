import type { TesterFind } from '../../baking/steps/index.js';
import type { Act, BakeResult, OvenSet, RememberedAs, TryVerdict } from './act.js';

/** A look at a tray, and what the tester found. */
export interface Look {
  readonly at: string;
  readonly found: TesterFind;
}

/** A tray on its way through the oven; moments in ISO 8601, null for what has not been. */
export interface BakedTray {
  readonly tray: number;
  readonly inAt: string | null;
  readonly outAt: string | null;
  readonly turnedOutAt: string | null;
  /** How long it really was in the oven, where its baker put the taps right. */
  readonly toldMinutes?: number;
  readonly looks: readonly Look[];
}

/** What happened to a bake after everything stood on its tray. */
export interface AfterBench {
  /** Ids of the steps that are done. */
  readonly steps: readonly string[];
  /** How the oven was set last; null where that was not said. */
  readonly oven: OvenSet | null;
  readonly trays: readonly BakedTray[];
  readonly readyAt: string | null;
  /** By step, the minutes that it takes here. */
  readonly minutes: Readonly<Record<string, number>>;
  readonly result: BakeResult | null;
  readonly isGood: boolean;
  /** Ids of its photos, in the order they were added. */
  readonly photos: readonly string[];
  readonly answers: Readonly<Record<string, RememberedAs>>;
  readonly verdict: TryVerdict | null;
}

export const NOTHING_AFTER: AfterBench = {
  steps: [],
  oven: null,
  trays: [],
  readyAt: null,
  minutes: {},
  result: null,
  isGood: false,
  photos: [],
  answers: {},
  verdict: null,
};

/** Acts that are done after the bench. */
type ActAfter = Extract<
  Act,
  {
    readonly do:
      | 'step'
      | 'heat'
      | 'tray'
      | 'tray-minutes'
      | 'look'
      | 'ready-by'
      | 'result'
      | 'good'
      | 'photo'
      | 'answer'
      | 'judge';
  }
>;

const without = (list: readonly string[], one: string): readonly string[] =>
  list.filter((other) => other !== one);

/** How a bake stands after one more act. */
export function afterBench(after: AfterBench, act: ActAfter, at: string): AfterBench {
  switch (act.do) {
    case 'step': {
      const others = without(after.steps, act.step);
      return { ...after, steps: act.isDone ? [...others, act.step] : others };
    }
    case 'heat': {
      const { do: _, ...oven } = act;
      return { ...after, oven };
    }
    case 'tray':
      return withTray(after, act.tray, (tray) => {
        if (act.to === 'oven') return { ...tray, inAt: at, outAt: null, turnedOutAt: null };
        return act.to === 'pan'
          ? { ...tray, outAt: at }
          : { ...tray, outAt: tray.outAt ?? at, turnedOutAt: at };
      });
    case 'tray-minutes':
      return withTray(after, act.tray, (tray) => ({ ...tray, toldMinutes: act.minutes }));
    case 'look':
      return withTray(after, act.tray, (tray) => ({
        ...tray,
        looks: [...tray.looks, { at, found: act.found }],
      }));
    case 'ready-by':
      return { ...after, readyAt: act.readyAt, minutes: act.minutes };
    case 'result': {
      const { do: _, ...result } = act;
      return { ...after, result };
    }
    case 'good':
      return { ...after, isGood: act.isGood };
    case 'photo': {
      const others = without(after.photos, act.photo);
      return { ...after, photos: act.isKept ? [...others, act.photo] : others };
    }
    case 'answer':
      return { ...after, answers: { ...after.answers, [act.question]: act.answer } };
    case 'judge':
      return { ...after, verdict: act.verdict };
  }
}

function withTray(
  after: AfterBench,
  tray: number,
  change: (known: BakedTray) => BakedTray,
): AfterBench {
  const known = after.trays.find((one) => one.tray === tray);
  const fresh = { tray, inAt: null, outAt: null, turnedOutAt: null, looks: [] };
  const others = after.trays.filter((one) => one.tray !== tray);
  const trays = [...others, change(known ?? fresh)].sort((a, b) => a.tray - b.tray);
  return { ...after, trays };
}

/** How long a tray was in the oven, in minutes; null while it is there or was not. */
export function minutesIn({ inAt, outAt, toldMinutes }: BakedTray): number | null {
  if (toldMinutes !== undefined) return toldMinutes;
  if (inAt === null || outAt === null) return null;
  return (Date.parse(outAt) - Date.parse(inAt)) / 60_000;
}

/** How long it stayed in its pan after the oven, in minutes; null where that was not said. */
export function minutesInPan({ outAt, turnedOutAt }: BakedTray): number | null {
  if (outAt === null || turnedOutAt === null) return null;
  return (Date.parse(turnedOutAt) - Date.parse(outAt)) / 60_000;
}
