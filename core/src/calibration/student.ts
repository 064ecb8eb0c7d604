/** Two-sided 95 % points of Student's t for 1 to 30 degrees of freedom, as tabulated since 1908. */
const T_95 = [
  12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.16, 2.145,
  2.131, 2.12, 2.11, 2.101, 2.093, 2.086, 2.08, 2.074, 2.069, 2.064, 2.06, 2.056, 2.052, 2.048,
  2.045, 2.042,
] as const;
/** The same point of the normal distribution. */
const NORMAL_95 = 1.959964;

/**
 * How many standard errors hold 95 % with so few readings. From the table up to 30 degrees of
 * freedom, then by the first terms of the Cornish-Fisher expansion (Abramowitz and Stegun
 * 26.7.5), good to four digits there. Infinite below one degree of freedom.
 *
 * @example
 * studentT95(2) // 4.303
 */
export function studentT95(degreesOfFreedom: number): number {
  if (degreesOfFreedom < 1) return Infinity;
  const tabulated = T_95[Math.floor(degreesOfFreedom) - 1];
  if (tabulated !== undefined) return tabulated;
  const z = NORMAL_95;
  return (
    z +
    (z ** 3 + z) / (4 * degreesOfFreedom) +
    (5 * z ** 5 + 16 * z ** 3 + 3 * z) / (96 * degreesOfFreedom ** 2)
  );
}
