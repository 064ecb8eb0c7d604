import type { BakeReading, BakeStage } from './act.js';
import { afterBench, NOTHING_AFTER, type AfterBench } from './after-bench.js';
import type { BakePlan, Bowl } from './bake.js';
import { effectiveReadings } from './effective.js';
import { fillsLeft } from './fills.js';
import { lineState, UNTOUCHED, type LineState, type LineWork } from './line-state.js';

/** A bake as it stands: its plan with everything that was done. */
export interface BakeState {
  readonly plan: BakePlan;
  /** The revision of the recipe that the plan goes by; null for that of the beginning. */
  readonly revision: number | null;
  readonly lines: readonly LineState[];
  readonly bowls: readonly Bowl[];
  /** How many times the planned amounts are wanted now: 1 until too much went in. */
  readonly times: number;
  readonly ready: number;
  /** When work starts in the morning, where some of it is done the evening before. */
  readonly startAt: string | null;
  readonly isEvening: boolean;
  readonly doughGrams: number | null;
  readonly division: { readonly pieces: number | null; readonly gramsEach: number | null } | null;
  readonly pieces: readonly { readonly reading: string; readonly grams: number }[];
  readonly stage: BakeStage;
  /** What happened in the oven and after it. */
  readonly after: AfterBench;
}

interface WorkingState {
  plan: BakePlan;
  revision: number | null;
  bowls: readonly Bowl[];
  times: number;
  startAt: string | null;
  tonight: ReadonlySet<string>;
  doughGrams: number | null;
  division: BakeState['division'];
  pieces: BakeState['pieces'];
  stage: BakeStage;
  after: AfterBench;
  readonly lines: Map<string, LineWork>;
}

/**
 * A bake as it stands, from its plan and all that was done, in whatever order that was received.
 * Pure: the same readings give the same state on every device. Acts on lines that are no longer
 * there change nothing.
 */
export function bakeState(plan: BakePlan, readings: readonly BakeReading[]): BakeState {
  const work: WorkingState = {
    plan,
    revision: null,
    bowls: plan.bowls,
    times: 1,
    startAt: null,
    tonight: new Set(),
    doughGrams: null,
    division: null,
    pieces: [],
    stage: 'bench',
    after: NOTHING_AFTER,
    lines: new Map(),
  };
  for (const reading of effectiveReadings(readings)) apply(work, reading);
  const lines = work.plan.lines.map((line) =>
    lineState(line, work.lines.get(line.id) ?? UNTOUCHED, {
      timesNow: work.times,
      isTonight: work.tonight.has(line.id),
    }),
  );
  return {
    plan: work.plan,
    revision: work.revision,
    lines,
    bowls: complete(work.bowls, work.plan),
    times: work.times,
    ready: lines.filter(({ fullness }) => fullness === 'full').length,
    startAt: work.startAt,
    isEvening: work.tonight.size > 0,
    doughGrams: work.doughGrams,
    division: work.division,
    pieces: work.pieces,
    stage: work.stage,
    after: work.after,
  };
}

function apply(work: WorkingState, { id, at, device, handId, act }: BakeReading): void {
  const set = (line: string, to: Partial<LineWork>): void => {
    work.lines.set(line, { ...UNTOUCHED, ...work.lines.get(line), ...to });
  };
  /** What was done at a line, and by whom. */
  const change = (line: string, to: Partial<LineWork>): void =>
    set(line, { handId, doneAt: at, device, ...to });
  const of = (line: string): LineWork => work.lines.get(line) ?? UNTOUCHED;
  const lineOf = (line: string) => work.plan.lines.find(({ id: is }) => is === line);
  switch (act.do) {
    case 'fill': {
      const { tool, grams, scale } = act;
      const fills = [...of(act.line).fills, { reading: id, tool, grams, scale, handId, at }];
      const measure = of(act.line).measure ?? lineOf(act.line)?.measure;
      // A cup on top of what was weighed makes that weight old.
      change(act.line, {
        fills,
        weighedGrams: null,
        scale: null,
        weighedBy: null,
        isFinished: !!measure && fillsLeft(measure.fills, fills).length === 0,
        isLeft: false,
        times: work.times,
      });
      break;
    }
    case 'weigh':
      change(act.line, {
        weighedGrams: act.grams,
        scale: act.scale,
        weighedBy: act.route,
        isFinished: true,
        isLeft: false,
        times: work.times,
      });
      break;
    case 'finish':
      change(act.line, { isFinished: true, times: work.times });
      break;
    case 'empty': {
      const { route, measure } = of(act.line);
      set(act.line, { ...UNTOUCHED, route, measure, handId, doneAt: at, device });
      break;
    }
    case 'route':
      change(act.line, { route: act.route });
      break;
    case 'arrange':
      work.bowls = act.bowls;
      break;
    case 'scale-rest':
      work.times *= act.times;
      for (const [line, measure] of Object.entries(act.measures)) set(line, { measure });
      // "Leave it" was said of the batch as it was: what is left now is told anew.
      for (const line of new Set([...work.lines.keys(), ...act.stay])) {
        set(line, { isLeft: act.stay.includes(line) });
      }
      set(act.line, { isLeft: false, times: work.times });
      break;
    case 'leave':
      change(act.line, { isLeft: true, isFinished: true });
      break;
    case 'tonight':
      work.tonight = new Set(act.lines);
      work.startAt = act.startAt ?? work.startAt;
      break;
    case 'cover':
      change(act.line, { isCovered: act.isCovered });
      break;
    case 'check':
      change(act.line, { isChecked: true });
      break;
    case 'replan':
      work.plan = act.plan;
      work.revision = act.revision;
      work.bowls = act.plan.bowls;
      // The new plan is of the size that the batch has grown to, and says how to fill it.
      for (const [line, done] of work.lines) {
        work.lines.set(line, { ...done, measure: undefined, times: done.times / work.times });
      }
      work.times = 1;
      break;
    case 'dough':
      work.doughGrams = act.grams;
      break;
    case 'divide':
      work.division = { pieces: act.pieces, gramsEach: act.gramsEach };
      break;
    case 'piece':
      work.pieces = [...work.pieces, { reading: id, grams: act.grams }];
      break;
    case 'stage':
      work.stage = act.stage;
      break;
    case 'undo':
      break;
    default:
      work.after = afterBench(work.after, act, at);
  }
}

/** The ids of all lines that a bake ever had, by its first plan and by every new text. */
export const lineIdsOf = (
  plan: BakePlan,
  readings: readonly Pick<BakeReading, 'act'>[],
): ReadonlySet<string> =>
  new Set(
    [plan, ...readings.flatMap(({ act }) => (act.do === 'replan' ? [act.plan] : []))].flatMap(
      ({ lines }) => lines.map(({ id }) => id),
    ),
  );

/** Every line stands in exactly one bowl, also where an older arrangement does not know it. */
function complete(bowls: readonly Bowl[], plan: BakePlan): readonly Bowl[] {
  const here = new Set(plan.lines.map(({ id }) => id));
  const placed = new Set<string>();
  const known = bowls
    .map(({ section, lines }) => ({
      section,
      lines: lines.filter((id) => here.has(id) && !placed.has(id) && placed.add(id)),
    }))
    .filter(({ lines }) => lines.length > 0);
  const missing = plan.lines.filter(({ id }) => !placed.has(id));
  return [...known, ...missing.map(({ id, section }) => ({ section, lines: [id] }))];
}
