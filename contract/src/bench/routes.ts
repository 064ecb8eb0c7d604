import type { BakeLine, BenchRoute, BenchWay } from '@ypsigram/core/bench';
import { needsSmallBowl } from '@ypsigram/core/bench';

/** How a line gets onto the tray, as a button says it. */
export const BENCH_ROUTE_NAMES: Readonly<Record<BenchRoute, string>> = {
  fill: 'Fill',
  container: 'Own container',
  tare: 'Bowl, tare',
  total: 'Bowl, total',
  beam: 'Beam',
};

/** What to do first by each route. */
export const ROUTE_HINTS: Readonly<Record<BenchRoute, string>> = {
  fill: 'Fill, level, turn out. Tap once for each.',
  container: 'Put its container on the scale, tare it, then fill.',
  tare: 'Leave the bowl on the scale, tare it, then add.',
  total: 'Leave the bowl on the scale and add until it shows the new total.',
  beam: 'Set the beam, then add until it lies level.',
};

/** What to do with what is short since the batch grew. */
export const TOP_UP_HINT =
  'Put it back on the scale with what is in it, tare it, then add the rest.';

/** How a whole bake is gone about. */
export const WAY_NAMES: Readonly<
  Record<BenchWay, { readonly name: string; readonly means: string }>
> = {
  planned: { name: 'As planned', means: 'weigh what matters, measure the rest' },
  fill: { name: 'By cup and spoon', means: 'every fill is counted' },
  container: { name: 'Weighed, each on its own', means: 'one container for each ingredient' },
  tare: { name: 'Weighed into one bowl', means: 'tare between; small amounts apart' },
  total: { name: 'One bowl, running total', means: 'for a scale that can’t be tared' },
};

/** What an ingredient stands in on the tray. */
export function containerName(line: Pick<BakeLine, 'class' | 'role'>, route: BenchRoute): string {
  if (route === 'tare' || route === 'total') return 'the large bowl';
  if (line.class === 'egg') return 'a small bowl, to look for shell';
  const { class: is, role } = line;
  if (is !== null && role !== null && needsSmallBowl({ class: is, role })) return 'a small bowl';
  if (is === 'liquid') return 'a jug';
  if (is === 'syrup') return 'an oiled cup';
  if (is === 'solid-fat') return 'a plate';
  return 'a bowl';
}
