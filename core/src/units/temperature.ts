/** An oven with its fan on bakes as if it were this much hotter, by the usual rule of thumb. */
export const FAN_OFFSET = 20;

/** Gas marks, in degrees Celsius: 25 °F to a mark from 275 °F at mark 1, rounded as cookers are. */
const GAS_CELSIUS: ReadonlyMap<number, number> = new Map([
  [0.25, 110],
  [0.5, 130],
  [1, 140],
  [2, 150],
  [3, 170],
  [4, 180],
  [5, 190],
  [6, 200],
  [7, 220],
  [8, 230],
  [9, 240],
  [10, 260],
]);

/**
 * Degrees Celsius of so many degrees Fahrenheit, unrounded.
 *
 * @example
 * celsiusOf(350) // 176.67
 */
export const celsiusOf = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;

/** Half a step between gas marks, in degrees Celsius. */
const GAS_STEP = 10;

/**
 * The gas mark nearest to so many degrees Celsius; null where cookers have none so low or high.
 *
 * @example
 * gasMarkOf(180) // 4
 */
export function gasMarkOf(celsius: number): number | null {
  const marks = [...GAS_CELSIUS];
  const [first, last] = [marks[0]![1], marks.at(-1)![1]];
  if (celsius < first - GAS_STEP || celsius > last + GAS_STEP) return null;
  return marks.reduce((best, one) =>
    Math.abs(one[1] - celsius) < Math.abs(best[1] - celsius) ? one : best,
  )[0];
}

/** Degrees Celsius of a gas mark; null for one that no cooker has. */
export const celsiusOfGas = (mark: number): number | null => GAS_CELSIUS.get(mark) ?? null;
