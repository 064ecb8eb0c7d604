import { isWithin, type PlannedFill } from '../../fills/index.js';
import type { BakeReading, Stage } from './act.js';
import type { BakeLine, BakeMeasure, BakePlan, BenchRoute, Bowl } from './bake.js';
import { effectiveReadings } from './effective.js';

/** One fill that was made. */
export interface MadeFill {
  readonly reading: string;
  readonly tool: string;
  /** Null where it was not made over a scale. */
  readonly grams: number | null;
  readonly scale: string | null;
  readonly handId: string | null;
  readonly at: string;
}

/** A container on the tray: empty, started, or with everything in it. */
export type Fullness = 'empty' | 'half' | 'full';

/** One ingredient of a bake as it stands now. */
export interface LineState {
  readonly line: BakeLine;
  readonly route: BenchRoute;
  /** How to fill it now, after what was scaled on the way. */
  readonly measure: BakeMeasure | null;
  readonly fullness: Fullness;
  readonly isCovered: boolean;
  readonly isChecked: boolean;
  readonly isTonight: boolean;
  /** What is to go in, after what was scaled on the way. Unrounded; null where it is not known. */
  readonly wantedGrams: number | null;
  readonly fills: readonly MadeFill[];
  /** What the scale gave, in all; null where it was not weighed. */
  readonly weighedGrams: number | null;
  readonly scale: string | null;
  /** What went in, as far as it is known: weighed, or what such fills weigh. */
  readonly grams: number | null;
  /** How sure that is, as a relative standard deviation; 0 for what a scale gave. */
  readonly spread: number;
  /** Mass in over mass wanted, less one, where it is more than near enough; else null. */
  readonly off: number | null;
  /** It is off, and its baker leaves it so. */
  readonly isLeft: boolean;
  /** Who did it last, and when. */
  readonly handId: string | null;
  readonly doneAt: string | null;
  readonly device: string | null;
}

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
  readonly stage: Stage;
}

interface Working {
  plan: BakePlan;
  revision: number | null;
  bowls: readonly Bowl[];
  times: number;
  startAt: string | null;
  tonight: ReadonlySet<string>;
  doughGrams: number | null;
  division: BakeState['division'];
  pieces: BakeState['pieces'];
  stage: Stage;
  readonly lines: Map<string, LineWork>;
}

interface LineWork {
  route?: BenchRoute | undefined;
  measure?: BakeMeasure | undefined;
  fills: readonly MadeFill[];
  weighedGrams: number | null;
  scale: string | null;
  isFinished: boolean;
  isLeft: boolean;
  isCovered: boolean;
  isChecked: boolean;
  /** How many times the plan its fills and weighings were meant to be. */
  times: number;
  handId: string | null;
  doneAt: string | null;
  device: string | null;
}

const UNTOUCHED: LineWork = {
  fills: [],
  weighedGrams: null,
  scale: null,
  isFinished: false,
  isLeft: false,
  isCovered: false,
  isChecked: false,
  times: 1,
  handId: null,
  doneAt: null,
  device: null,
};

/**
 * A bake as it stands, from its plan and all that was done, in whatever order that was received.
 * Pure: the same readings give the same state on every device. Acts on lines that are no longer
 * there change nothing.
 */
export function bakeState(plan: BakePlan, readings: readonly BakeReading[]): BakeState {
  const work: Working = {
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
    lines: new Map(),
  };
  for (const reading of effectiveReadings(readings)) apply(work, reading);
  const lines = work.plan.lines.map((line) => lineState(line, work));
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
  };
}

function apply(work: Working, { id, at, device, handId, act }: BakeReading): void {
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
        isFinished: true,
        isLeft: false,
        times: work.times,
      });
      break;
    case 'finish':
      change(act.line, { isFinished: true, times: work.times });
      break;
    case 'empty':
      change(act.line, { ...UNTOUCHED, route: of(act.line).route, measure: of(act.line).measure });
      break;
    case 'route':
      change(act.line, { route: act.route });
      break;
    case 'arrange':
      work.bowls = act.bowls;
      break;
    case 'scale-rest':
      work.times *= act.times;
      for (const [line, measure] of Object.entries(act.measures)) set(line, { measure });
      for (const line of act.stay) set(line, { isLeft: true });
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

/** What is still to be filled of each tool: the plan's fills, times what was scaled, less those made. */
export function fillsLeft(
  planned: readonly PlannedFill[],
  made: readonly Pick<MadeFill, 'tool'>[],
): readonly PlannedFill[] {
  return planned.flatMap((fill) => {
    const done = made.filter(({ tool }) => tool === fill.tool).length;
    return done >= fill.count ? [] : [{ ...fill, count: fill.count - done }];
  });
}

/** What fills weigh together: what was weighed is sure, the rest as sure as the plan's fills are. */
function filledGrams(
  measure: BakeMeasure | null,
  fills: readonly MadeFill[],
): { readonly grams: number; readonly spread: number } | null {
  if (!measure && fills.some(({ grams }) => grams === null)) return null;
  let [known, expected] = [0, 0];
  for (const { grams, tool } of fills) {
    if (grams === null) expected += gramsOfFill(measure!, tool);
    else known += grams;
  }
  const grams = known + expected;
  return { grams, spread: grams > 0 && measure ? (expected / grams) * measure.spread : 0 };
}

/** What one fill of a tool weighs by the plan, in grams: its share of the whole by volume, else by count. */
export function gramsOfFill(
  { fills, grams }: Pick<NonNullable<BakeLine['measure']>, 'fills' | 'grams'>,
  tool: string,
): number {
  const isVolume = fills.every(({ millilitres }) => millilitres !== null);
  const sizeOf = ({ millilitres }: PlannedFill): number => (isVolume ? millilitres! : 1);
  const whole = fills.reduce((sum, fill) => sum + fill.count * sizeOf(fill), 0);
  const one = fills.find((fill) => fill.tool === tool) ?? fills[0];
  return one && whole > 0 ? (grams * sizeOf(one)) / whole : 0;
}

function lineState(line: BakeLine, work: Working): LineState {
  const done = work.lines.get(line.id) ?? UNTOUCHED;
  const { fills, weighedGrams, isFinished, isLeft } = done;
  const measure = done.measure ?? line.measure;
  const wantedGrams = line.intendedGrams === null ? null : line.intendedGrams * work.times;
  const filled = fills.length > 0 ? filledGrams(measure, fills) : null;
  const grams = weighedGrams ?? filled?.grams ?? null;
  const off = isFinished ? deviation(line, done, grams, wantedGrams, work.times) : null;
  // The batch grew after it was done: the rest of it is still to come.
  const isShort = off !== null && off < 0 && done.times !== work.times && !isLeft;
  const isStarted = fills.length > 0 || weighedGrams !== null || isFinished;
  return {
    line,
    route: done.route ?? line.route,
    measure,
    fullness: isFinished && !isShort ? 'full' : isStarted ? 'half' : 'empty',
    isCovered: done.isCovered,
    isChecked: done.isChecked,
    isTonight: work.tonight.has(line.id),
    wantedGrams,
    fills,
    weighedGrams,
    scale: done.scale,
    grams,
    spread: weighedGrams === null ? (filled?.spread ?? 0) : 0,
    off,
    isLeft,
    handId: done.handId,
    doneAt: done.doneAt,
    device: done.device,
  };
}

/**
 * How far what went in is from what is wanted, relative, where that is more than near enough. The
 * plan's own fills are as near as the tools come: they are judged only once a scale said more, or
 * once the batch grew.
 */
function deviation(
  line: BakeLine,
  { weighedGrams, fills, times }: LineWork,
  grams: number | null,
  wantedGrams: number | null,
  timesNow: number,
): number | null {
  const isKnown = weighedGrams !== null || fills.some((fill) => fill.grams !== null);
  if (!isKnown && times === timesNow) return null;
  if (grams === null || wantedGrams === null || wantedGrams <= 0) return null;
  const over = grams / wantedGrams - 1;
  return isWithin(over, nearFor(line, wantedGrams)) ? null : over;
}

/** What is near enough for a line, relative: its tolerance, and never less than a step of its scale. */
export function nearFor({ tolerance, weight }: BakeLine, wantedGrams: number | null): number {
  const step = weight && wantedGrams !== null && wantedGrams > 0 ? weight.grid / wantedGrams : 0;
  return Math.max(tolerance ?? 0, step);
}

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
