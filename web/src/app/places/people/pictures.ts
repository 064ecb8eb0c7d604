import type { TrialSet } from '@ypsigram/core/calibration';
import type { ChartMark, ChartRow } from '../../kit/chart/rows-chart';
import type { TimeSeries } from '../../kit/chart/time-chart';
import type { HandTrial } from '../../state/trials/trials.selectors';

/** One hand's trials of a filling, and how that hand is drawn. */
export interface HandSet {
  readonly name: string;
  readonly look: number;
  readonly set: TrialSet<HandTrial>;
}

/** Each hand a row: its trials, its mean and the interval of that, in grams to one fill. */
export function handRows(hands: readonly HandSet[], millilitres: number): ChartRow[] {
  return hands.map(({ name, look, set }) => {
    const found = set.calibration;
    const mean = found && found.gramsPerMillilitre * millilitres;
    return {
      label: name,
      look,
      mean,
      interval:
        mean && Number.isFinite(found.uncertainty)
          ? [mean * (1 - found.uncertainty), mean * (1 + found.uncertainty)]
          : null,
      dots: set.trials
        .filter(({ trial }) => trial.verdict !== 'aside')
        .map(({ trial, counts }) => ({
          at: (trial.grams / trial.millilitres) * millilitres,
          isHollow: !counts,
        })),
    };
  });
}

/** Each hand over time, by the trials that count. */
export function handsOverTime(hands: readonly HandSet[], millilitres: number): TimeSeries[] {
  return hands.map(({ name, look, set }) => ({
    name,
    look,
    points: set.trials
      .filter(({ counts }) => counts)
      .map(({ trial }) => ({
        at: Date.parse(trial.at),
        value: (trial.grams / trial.millilitres) * millilitres,
      })),
  }));
}

/** A weight to hold trials against, by what a millilitre of it weighs. */
export interface Comparison {
  readonly name: string;
  readonly gramsPerMillilitre: number;
}

export function marksOf(
  comparisons: readonly Comparison[],
  millilitres: number,
): readonly ChartMark[] {
  return comparisons.map(({ name, gramsPerMillilitre }) => ({
    at: gramsPerMillilitre * millilitres,
    label: name,
  }));
}
