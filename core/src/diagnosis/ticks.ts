/** A symptom that is there is not noticed, or not thought worth a tap, in one bake of four. */
const MISSED = 0.25;
/** Few people tick more symptoms than these, however many there are. */
export const MOST_TICKED = 3;

/** The chance that a symptom is noticed which is there with this one. */
export const noticed = (isThere: number): number => isThere * (1 - MISSED);

/**
 * The logarithm of how likely it is that just these symptoms are ticked, of a bake that failed, so
 * that at least one was. With three ticked there may be more: any three of those noticed are as
 * likely. `ticked` and `rest` are the chances that each is noticed.
 */
export function logOfTicks(ticked: readonly number[], rest: readonly number[]): number {
  const none = [...ticked, ...rest].reduce((product, chance) => product * (1 - chance), 1);
  const these = ticked.reduce((sum, chance) => sum + Math.log(chance), 0);
  return these + Math.log(othersFit(ticked.length, rest)) - Math.log(1 - none);
}

/** The chance that nothing else is ticked: that no other is noticed, or that others were not chosen. */
function othersFit(count: number, rest: readonly number[]): number {
  if (count !== MOST_TICKED) return rest.reduce((product, chance) => product * (1 - chance), 1);
  // The distribution of how many others were noticed.
  let counts = [1];
  for (const chance of rest) {
    const next = Array.from({ length: counts.length + 1 }, () => 0);
    for (const [at, share] of counts.entries()) {
      next[at]! += share * (1 - chance);
      next[at + 1]! += share * chance;
    }
    counts = next;
  }
  return counts.reduce((sum, share, more) => sum + share / choose(MOST_TICKED + more), 0);
}

/** In how many ways three can be chosen. */
const choose = (of: number): number => (of * (of - 1) * (of - 2)) / 6;
