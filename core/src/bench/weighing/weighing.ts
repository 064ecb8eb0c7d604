import type { BakeState, LineState } from '../bake/index.js';
import type { ScaleReading } from '../scale/index.js';
import {
  liveTarget,
  weighingSlip,
  type LiveTarget,
  type Target,
  type WeighingSlip,
} from '../live/index.js';

/** What is near enough for something of which nothing is known, relative. */
const UNKNOWN_TOLERANCE = 0.025;
/** Settled readings that are remembered: enough to tell a jump from. */
const SETTLED_REMEMBERED = 8;
/** What a scale shows of nothing, in steps. */
const ZERO_STEPS = 2;
/** A scale is taken for coarser only beyond what a figure of its step is rounded by. */
const COARSER = 0.999;

/** What has been seen of a weighing so far. */
export interface WeighingMemory {
  /** The line that is weighed. */
  readonly lineId: string | null;
  /** It was tared for this line: only then is what the scale shows this ingredient alone. */
  readonly isTared: boolean;
  /** Its settled readings in grams, the oldest first. */
  readonly settled: readonly number[];
}

/** Nothing is weighed yet. */
export const NO_WEIGHING: WeighingMemory = { lineId: null, isTared: false, settled: [] };

/** A scale while something is weighed on it. */
export interface WeighingScale {
  /** Null where none is connected. */
  readonly reading: ScaleReading | null;
  readonly gridGrams: number;
  /** What the scale itself is used wrongly for: what it shows is the mass of nothing. */
  readonly isMisused: boolean;
}

/** Where a weighing stands. All masses in grams. */
export interface Weighing {
  readonly target: Target;
  /** What the bowl holds already, where it is weighed by its running total; else 0. */
  readonly baseGrams: number;
  /** What of the line is in already and tared with its container: it is topped up. */
  readonly ownGrams: number;
  /** The net mass of this ingredient by what the scale shows; null while it shows nothing. */
  readonly grams: number | null;
  /** What a scale that is not connected shows at the mark, on its grid: what was in before, too. */
  readonly markGrams: number;
  readonly live: LiveTarget | null;
  /** Its container is to be put on and tared first. */
  readonly needsTare: boolean;
  /** The finer scale is wanted for so little. */
  readonly wantsFiner: boolean;
  readonly slip: WeighingSlip | null;
  /** The settled mass that can be taken now; null while there is none, or it is not this ingredient's. */
  readonly takeable: number | null;
}

const shownOf = (reading: ScaleReading | null): number | null =>
  reading?.state === 'on' ? reading.grams : null;

/**
 * What is remembered after a reading: another line begins anew; a scale that shows nothing, settled,
 * with something tared away, is tared for the line (one that does not tell may be).
 */
export function followWeighing(
  memory: WeighingMemory,
  lineId: string | null,
  { reading, gridGrams }: Pick<WeighingScale, 'reading' | 'gridGrams'>,
): WeighingMemory {
  const before = memory.lineId === lineId ? memory : { ...NO_WEIGHING, lineId };
  const shown = shownOf(reading);
  if (lineId === null || !reading?.isStable || shown === null) return before;
  const isZero = Math.abs(shown) <= ZERO_STEPS * gridGrams;
  const isTared = before.isTared || (isZero && reading.tareGrams !== 0);
  const isNew = before.settled.at(-1) !== shown;
  if (isTared === before.isTared && !isNew) return before;
  return {
    lineId,
    isTared,
    settled: isNew ? [...before.settled, shown].slice(-SETTLED_REMEMBERED) : before.settled,
  };
}

/** What else is in the bowl of a line that is weighed by its running total, in grams. */
function baseOf(line: LineState, { bowls, lines }: BakeState): number {
  if (line.route !== 'total') return 0;
  const bowl = bowls.find((one) => one.lines.includes(line.line.id));
  return lines
    .filter(({ line: { id }, weighedBy }) =>
      id !== line.line.id && weighedBy === 'total' ? bowl?.lines.includes(id) : false,
    )
    .reduce((sum, { weighedGrams }) => sum + (weighedGrams ?? 0), 0);
}

/** It was weighed before the batch grew: with that tared, the scale shows only what is added. */
const ownOf = ({ route, fullness, weighedGrams }: LineState): number =>
  route !== 'total' && fullness !== 'full' ? (weighedGrams ?? 0) : 0;

/** What the ingredient weighed before this one gave: the scale may still show it. */
function lastGrams(lineId: string, { lines }: BakeState): number | null {
  const weighed = lines.filter(
    ({ line, weighedGrams }) => weighedGrams !== null && line.id !== lineId,
  );
  const last = weighed.reduce<LineState | null>(
    (newest, one) => ((one.doneAt ?? '') > (newest?.doneAt ?? '') ? one : newest),
    null,
  );
  return last?.weighedGrams ?? null;
}

/** Of what a scale shows, this ingredient alone: less what was in before, with what of it was tared. */
export const netGrams = (
  shownGrams: number,
  { baseGrams, ownGrams }: Pick<Weighing, 'baseGrams' | 'ownGrams'>,
): number => shownGrams - baseGrams + ownGrams;

/**
 * Where the weighing of a line stands: what is in of it, what is still to come, what went wrong, and
 * whether what the scale shows may be taken for it.
 *
 * @param line one that is weighed, with a wanted mass above 0
 * @param containers known by weight, in grams
 */
export function weighingOf(
  line: LineState,
  state: BakeState,
  scale: WeighingScale,
  memory: WeighingMemory,
  containers: readonly { readonly name: string; readonly grams: number }[],
): Weighing {
  const { reading, gridGrams, isMisused } = scale;
  const wantedGrams = line.wantedGrams ?? 0;
  const target = { wantedGrams, tolerance: line.line.tolerance ?? UNKNOWN_TOLERANCE, gridGrams };
  const parts = { baseGrams: baseOf(line, state), ownGrams: ownOf(line) };
  const shown = shownOf(reading);
  const grams = shown === null ? null : netGrams(shown, parts);
  const live = grams === null ? null : liveTarget(grams, target);
  const isAsked = line.route !== 'total' && line.fullness !== 'full';
  const seen = memory.lineId === line.line.id ? memory : NO_WEIGHING;
  const needsTare = isAsked && grams !== null && !seen.isTared;
  const lineGrid = line.line.weight?.grid ?? 1;
  const markShown = wantedGrams + parts.baseGrams - parts.ownGrams;
  const slip =
    reading &&
    weighingSlip(reading, {
      containers,
      gridGrams,
      mostGrams: markShown + gridGrams,
      startGrams: parts.baseGrams > 0 ? parts.baseGrams : null,
      // Those before the one that is shown now.
      settled: seen.settled.at(-1) === shown ? seen.settled.slice(0, -1) : seen.settled,
      lastGrams: lastGrams(line.line.id, state),
    });
  const isTakeable =
    live !== null && reading?.isStable && !needsTare && slip === null && !isMisused;
  return {
    target,
    ...parts,
    grams,
    markGrams: Math.round(markShown / lineGrid) * lineGrid,
    live,
    needsTare,
    wantsFiner: reading !== null && line.line.weight !== null && lineGrid < gridGrams * COARSER,
    slip,
    takeable: isTakeable && live.state !== 'empty' && grams! > 0 ? grams : null,
  };
}
