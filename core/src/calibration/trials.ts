import type { SourceRef, Shelf } from '../catalogue/index.js';
import {
  densityOf,
  fillSpread,
  type FillingOf,
  type KnownWeight,
  type MeasureSize,
} from '../measuring/index.js';
import { calibrateHand, type HandCalibration } from './hand.js';
import { findSlips, type Container, type TrialSlip } from './slips.js';

/** What a baker decided about a trial that was doubted. */
export const VERDICTS = ['kept', 'aside'] as const;
/** One of `VERDICTS`: what the baker has decided of a trial. */
export type Verdict = (typeof VERDICTS)[number];

/** What was filled, how, and with what: trials of the same are comparable. */
export interface TrialOf extends FillingOf {
  readonly tool: string;
}

/** A fill of a hand, weighed, with what its tool holds as far as that is known today. */
export interface Trial extends TrialOf {
  readonly grams: number;
  readonly millilitres: number;
  readonly size: MeasureSize;
  /** Null while nothing was decided. */
  readonly verdict: Verdict | null;
}

/** A trial, and what is thought of it. */
export interface JudgedTrial<T extends Trial> {
  readonly trial: T;
  readonly slip: TrialSlip | null;
  /** Kept by the baker, or never doubted. A doubted one waits until it is decided. */
  readonly counts: boolean;
}

/** Trials of one thing in one tool, judged by each other. */
export interface TrialSet<T extends Trial> {
  readonly of: TrialOf;
  readonly size: MeasureSize;
  readonly millilitres: number;
  readonly trials: readonly JudgedTrial<T>[];
  /** From the trials that count; null without any. */
  readonly calibration: HandCalibration | null;
  /** Grams per millilitre by the tables, and where from; null where they do not know. */
  readonly reference: { readonly gramsPerMillilitre: number; readonly source: SourceRef } | null;
}

const keyOf = ({ ingredientId, form, method, tool }: TrialOf): string =>
  JSON.stringify([ingredientId, form, method, tool]);

function setOf<T extends Trial>(
  trials: readonly T[],
  shelf: Shelf,
  containers: readonly Container[],
): TrialSet<T> {
  const first = trials[0]!;
  const { ingredientId, form, method, tool, size, millilitres } = first;
  const ingredient = shelf.ingredient(ingredientId);
  const table = ingredient ? densityOf({ ingredient, form, method, size }) : null;
  // What the baker has set aside must not pull the others along.
  const open = trials.filter(({ verdict }) => verdict !== 'aside');
  const slips = findSlips(
    open.map(({ grams }) => grams),
    {
      containers,
      referenceGrams: table && table.gramsPerMillilitre * millilitres,
      usualSpread: ingredient ? fillSpread(ingredient.class, method, size) : 0.06,
    },
  );
  const slipOf = new Map(open.map((trial, index) => [trial, slips[index] ?? null]));
  const judged = trials.map((trial): JudgedTrial<T> => {
    const slip = slipOf.get(trial) ?? null;
    return { trial, slip, counts: trial.verdict === 'kept' || (!trial.verdict && !slip) };
  });
  return {
    of: { ingredientId, form, method, tool },
    size,
    millilitres,
    trials: judged,
    calibration: calibrateHand(judged.filter(({ counts }) => counts).map(({ trial }) => trial)),
    reference: table && { gramsPerMillilitre: table.gramsPerMillilitre, source: table.source },
  };
}

/**
 * Trials of one hand, sorted into sets of the same ingredient, form, method and tool, in the
 * order in which each was first tried.
 */
export function trialSets<T extends Trial>(
  trials: readonly T[],
  shelf: Shelf,
  containers: readonly Container[],
): readonly TrialSet<T>[] {
  const groups = new Map<string, T[]>();
  for (const trial of trials) {
    const key = keyOf(trial);
    const group = groups.get(key);
    if (group) group.push(trial);
    else groups.set(key, [trial]);
  }
  return [...groups.values()].map((group) => setOf(group, shelf, containers));
}

/**
 * What is known of a hand: the mean weight of each filling of which at least three trials
 * count. Tools of one size are taken together: a half cup is filled as a cup is.
 */
export function knownOfHand(
  sets: readonly TrialSet<Trial>[],
  name: string,
): readonly KnownWeight[] {
  const fillings = new Map<string, { set: TrialSet<Trial>; fills: Trial[] }>();
  for (const set of sets) {
    const { ingredientId, form, method } = set.of;
    const key = JSON.stringify([ingredientId, form, method, set.size]);
    const counted = set.trials.filter(({ counts }) => counts).map(({ trial }) => trial);
    const filling = fillings.get(key);
    if (filling) filling.fills.push(...counted);
    else fillings.set(key, { set, fills: counted });
  }
  return [...fillings.values()].flatMap(({ set, fills }): KnownWeight[] => {
    const calibration = calibrateHand(fills);
    if (!calibration?.isEnough) return [];
    const { ingredientId, form, method } = set.of;
    return [
      {
        ingredientId,
        form,
        method,
        size: set.size,
        rung: 'hand',
        gramsPerMillilitre: calibration.gramsPerMillilitre,
        relativeSpread: (calibration.spread ?? 0) / Math.sqrt(calibration.trials),
        ...(calibration.spread === null ? {} : { fillSpread: calibration.spread }),
        source: { from: 'hand', hand: name, trials: calibration.trials },
      },
    ];
  });
}
