/**
 * Density of air-free water in kg/m³ at `celsius`, 0 to 40 °C.
 *
 * Formula and constants: M. Tanaka, G. Girard, R. Davis, A. Peuto, N. Bignell, "Recommended
 * table for the density of water between 0 °C and 40 °C based on recent experimental
 * reports", Metrologia 38 (2001) 301-309. Standard uncertainty under 0.001 kg/m³.
 *
 * @throws RangeError outside 0 to 40 °C, where the formula was not fitted.
 *
 * @example
 * waterDensity(20) // 998.207
 */
export function waterDensity(celsius: number): number {
  if (!(celsius >= 0 && celsius <= 40)) {
    throw new RangeError(`Water density is known from 0 to 40 °C, not at ${celsius} °C`);
  }
  const [a1, a2, a3, a4, a5] = [-3.983035, 301.797, 522528.9, 69.34881, 999.97495];
  return a5 * (1 - ((celsius + a1) ** 2 * (celsius + a2)) / (a3 * (celsius + a4)));
}
