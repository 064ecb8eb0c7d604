import { COVERAGE } from '../../measuring/index.js';

/** What a thermometer in the oven showed at a setting of the dial, in degrees Celsius. */
export interface OvenReading {
  readonly setCelsius: number;
  readonly readCelsius: number;
  readonly isFan: boolean;
}

/** A line through the readings of an oven: what it really is at a setting. */
export interface OvenOffset {
  /** How much hotter than the dial it is at `CENTRE` degrees; below 0 where it is colder. */
  readonly offsetCelsius: number;
  /** How much that grows for each degree on the dial. */
  readonly slope: number;
  readonly readings: number;
  /** How the two are known: variances and what they share, in degrees squared. */
  readonly covariance: readonly [number, number, number];
}

/** How hot an oven really is at a setting of its dial, in degrees Celsius. */
export interface RealHeat {
  readonly celsius: number;
  /** Where it lies in nineteen ovens of twenty with such readings. */
  readonly low: number;
  readonly high: number;
}

/** Where the line is hinged: the heat that most is baked at. */
const CENTRE = 180;

/**
 * What is believed of an oven before it was measured: right in the mean, off by some 25 °C in one
 * of three, and by some 12 °C more at the far ends of its dial. An assumption.
 */
const OFFSET_SPREAD = 25;
const SLOPE_SPREAD = 0.15;
/**
 * An oven cycles by 12 °C or so around its setting, and one glance is one moment of that swing: a
 * sine's deviation is its height over √2. Readings minutes apart average it out. An assumption.
 */
const SWING_CELSIUS = 12;
const READING_SPREAD = SWING_CELSIUS / Math.SQRT2;
/** What the thermometer itself is off by, the same in each reading: it never averages out. */
const THERMOMETER_SPREAD = 3;

/**
 * The offset of an oven from its readings, with the fan or without: the line that is most likely by
 * Bayesian linear regression (Gaussian prior, known scatter of a reading; Bishop 2006, 3.3), so that a
 * single reading is enough for a line, and three are surer. The thermometer's own error stays in the
 * doubt, however many there are. Null without any reading of that kind.
 *
 * @example
 * ovenOffset([{ setCelsius: 180, readCelsius: 192, isFan: false }], false)?.offsetCelsius // 11.5
 */
export function ovenOffset(readings: readonly OvenReading[], isFan: boolean): OvenOffset | null {
  const mine = readings.filter((reading) => reading.isFan === isFan);
  if (mine.length === 0) return null;
  const weight = 1 / READING_SPREAD ** 2;
  let [aa, ab, bb, ya, yb] = [1 / OFFSET_SPREAD ** 2, 0, 1 / SLOPE_SPREAD ** 2, 0, 0];
  for (const { setCelsius, readCelsius } of mine) {
    const [x, y] = [setCelsius - CENTRE, readCelsius - setCelsius];
    aa += weight;
    ab += weight * x;
    bb += weight * x * x;
    ya += weight * y;
    yb += weight * x * y;
  }
  const determinant = aa * bb - ab * ab;
  return {
    offsetCelsius: (bb * ya - ab * yb) / determinant,
    slope: (aa * yb - ab * ya) / determinant,
    readings: mine.length,
    covariance: [bb / determinant + THERMOMETER_SPREAD ** 2, -ab / determinant, aa / determinant],
  };
}

/** How hot the oven is when its dial says so. */
export function realHeat(offset: OvenOffset, dialCelsius: number): RealHeat {
  const x = dialCelsius - CENTRE;
  const celsius = dialCelsius + offset.offsetCelsius + offset.slope * x;
  const [aa, ab, bb] = offset.covariance;
  const doubt = COVERAGE * Math.sqrt(aa + 2 * ab * x + bb * x * x);
  return { celsius, low: celsius - doubt, high: celsius + doubt };
}

/**
 * What to set the dial to so that the oven is as hot as wanted, in degrees Celsius, unrounded.
 *
 * @example
 * dialFor(twelveTooHot, 177) // 165
 */
export const dialFor = ({ offsetCelsius, slope }: OvenOffset, wantedCelsius: number): number =>
  (wantedCelsius - offsetCelsius + slope * CENTRE) / (1 + slope);
