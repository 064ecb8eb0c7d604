/** A tool as the search sees it: what one fill weighs, and what it shares a wash with. */
export interface Fillable {
  readonly grams: number;
  readonly wash: string;
}

/** How often each of the given tools is filled, and what that weighs together. */
export interface Fills {
  readonly counts: readonly number[];
  readonly grams: number;
}

/** Beyond the fewest that could reach the mass, this many more fills are tried. */
const EXTRA_FILLS = 8;
/** Combinations looked at before the best so far is taken; a guard, never met by real drawers. */
const MOST_STEPS = 60_000;

interface Best {
  counts: number[];
  grams: number;
  washes: number;
  error: number;
}

/**
 * The fills whose mass is within `tolerance` grams of `target`: fewest fills, then fewest
 * different tools to wash, then least error. The search goes through every combination of a
 * number of fills before it allows one more; combinations that cannot get there are cut.
 *
 * Null when no combination is within the tolerance. `tools` may come in any order; counts
 * are in that order.
 */
export function fewestFills(
  target: number,
  tolerance: number,
  tools: readonly Fillable[],
): Fills | null {
  const usable = tools
    .map((tool, index) => ({ ...tool, index }))
    .filter(({ grams }) => grams > 0)
    .sort((a, b) => b.grams - a.grams);
  if (usable.length === 0) return null;
  const largest = usable[0]!.grams;
  const smallest = usable.at(-1)!.grams;
  // A hair wider, so that a sum that is exact on paper is not lost to floating point.
  const low = (target - tolerance) * (1 - 1e-12);
  const high = (target + tolerance) * (1 + 1e-12);
  const first = Math.max(1, Math.ceil(low / largest));
  const counts = new Array<number>(tools.length).fill(0);
  let steps = 0;
  let best: Best | null = null;

  const consider = (grams: number): void => {
    if (grams < low || grams > high) return;
    const error = Math.abs(grams - target);
    const washes = new Set(usable.filter(({ index }) => counts[index]! > 0).map(({ wash }) => wash))
      .size;
    if (!best || washes < best.washes || (washes === best.washes && error < best.error - 1e-9)) {
      best = { counts: [...counts], grams, washes, error };
    }
  };
  const descend = (from: number, left: number, grams: number): void => {
    if (left === 0) {
      consider(grams);
      return;
    }
    for (let i = from; i < usable.length; i++) {
      const tool = usable[i]!;
      if (grams + left * tool.grams < low) return;
      if (grams + tool.grams + (left - 1) * smallest > high) continue;
      if (++steps > MOST_STEPS) return;
      counts[tool.index]!++;
      descend(i, left - 1, grams + tool.grams);
      counts[tool.index]!--;
    }
  };
  for (let fills = first; fills <= first + EXTRA_FILLS && !best && steps <= MOST_STEPS; fills++) {
    descend(0, fills, 0);
  }
  return best;
}

/**
 * As `fewestFills`, but where nothing is within the tolerance, the nearest that a few more
 * fills get. Null only without tools.
 */
export function nearestFills(
  target: number,
  tolerance: number,
  tools: readonly Fillable[],
): Fills | null {
  for (let reach = tolerance; reach < target * 64; reach *= 1.5) {
    const found = fewestFills(target, reach, tools);
    if (found) return found;
  }
  return null;
}
