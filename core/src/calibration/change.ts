import { linearRegression, mean, sum } from 'simple-statistics';
import { studentT95 } from './student.js';

/** A fill and when it was made, in milliseconds since 1970. */
export interface DatedFill {
  readonly at: number;
  readonly gramsPerMillilitre: number;
}

/** How a hand has changed over time. */
export interface HandChange {
  /** Relative change from the first to the last trial, along a straight line. */
  readonly change: number;
  /** Half-width of its 95 % interval. */
  readonly uncertainty: number;
  /** More than chance. */
  readonly isClear: boolean;
  readonly days: number;
}

const FEWEST_FOR_LINE = 6;
const DAY_MILLISECONDS = 86_400_000;

/**
 * How a hand has changed: the slope of a least-squares line through its trials over time, as a
 * relative change over the whole span, with the t-interval of the slope. Null with fewer than
 * six trials, or when all were made on one day.
 */
export function changeOf(fills: readonly DatedFill[]): HandChange | null {
  if (fills.length < FEWEST_FOR_LINE) return null;
  const times = fills.map(({ at }) => at / DAY_MILLISECONDS);
  const days = Math.max(...times) - Math.min(...times);
  if (days < 1) return null;
  const middle = mean(times);
  const points = fills.map(
    ({ gramsPerMillilitre }, index) => [times[index]! - middle, gramsPerMillilitre] as const,
  );
  const { m: slope, b: level } = linearRegression(points.map((point) => [...point]));
  const squares = sum(points.map(([x]) => x * x));
  const rest = sum(points.map(([x, y]) => (y - (level + slope * x)) ** 2));
  const freedom = fills.length - 2;
  const error = Math.sqrt(rest / freedom / squares);
  const change = (slope * days) / level;
  const uncertainty = (studentT95(freedom) * error * days) / level;
  return { change, uncertainty, isClear: Math.abs(change) > uncertainty, days };
}
