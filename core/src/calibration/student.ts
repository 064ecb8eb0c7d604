/** Two-sided 95 % points of Student's t for 1 to 30 degrees of freedom, as tabulated since 1908. */
const T_95 = [
  12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.16, 2.145,
  2.131, 2.12, 2.11, 2.101, 2.093, 2.086, 2.08, 2.074, 2.069, 2.064, 2.06, 2.056, 2.052, 2.048,
  2.045, 2.042,
] as const;
const NORMAL_95 = 1.96;

/** How many standard errors hold 95 % with so few readings. Infinite below one degree of freedom. */
export function studentT95(degreesOfFreedom: number): number {
  if (degreesOfFreedom < 1) return Infinity;
  return T_95[Math.floor(degreesOfFreedom) - 1] ?? NORMAL_95;
}
