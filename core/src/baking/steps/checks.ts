/** What it is baked in, as far as that changes how long. */
export const PANS = ['as-written', 'dark', 'shallower', 'deeper'] as const;
/** One of `PANS`. */
export type PanKind = (typeof PANS)[number];

/** What a tester comes out with. */
export const TESTER_FINDS = ['wet', 'crumbs', 'clean'] as const;
/** One of `TESTER_FINDS`. */
export type TesterFind = (typeof TESTER_FINDS)[number];

/** When to look first, in minutes from when it went in, and why not later. */
export interface FirstLook {
  readonly minutes: number;
  readonly why: 'early-end' | 'dark' | 'shallower' | 'hot';
}

/** What a dark pan or a thinner layer takes off the early end, as a share. Rules of thumb. */
const EARLIER: Readonly<Record<PanKind, number>> = {
  'as-written': 1,
  dark: 0.85,
  shallower: 0.75,
  deeper: 1,
};
/** An oven that is so much hotter than wanted has things done earlier, by a sixth. */
const HOT_CELSIUS = 10;
const HOT_SHARE = 5 / 6;

/**
 * When to look first: at the early end of the range, earlier in a dark or shallower pan, and in an
 * oven that is known to be hotter than wanted. In minutes, whole, at least one.
 */
export function firstLook(minMinutes: number, pan: PanKind, tooHotCelsius = 0): FirstLook {
  const isHot = tooHotCelsius >= HOT_CELSIUS;
  const share = Math.min(EARLIER[pan], isHot ? HOT_SHARE : 1);
  const why = share === 1 ? 'early-end' : pan === 'as-written' || pan === 'deeper' ? 'hot' : pan;
  return { minutes: Math.max(1, Math.floor(minMinutes * share)), why };
}

/** What follows from what the tester found. */
export type TesterAnswer =
  | { readonly do: 'wait'; readonly minutes: number }
  | { readonly do: 'out'; readonly isPast: boolean };

const NEXT_LOOK_SHARE = 0.1;
const SHORTEST_WAIT = 2;
const LONGEST_WAIT = 10;

/**
 * Wet batter: back in, and look again after a tenth of the time, two to ten minutes. A few moist
 * crumbs: out now, it goes on baking in its pan. Clean: done; past it where that was after the end
 * of the range.
 */
export function afterTester(
  find: TesterFind,
  minutesIn: number,
  range: { readonly min: number; readonly max: number },
): TesterAnswer {
  if (find !== 'wet') return { do: 'out', isPast: find === 'clean' && minutesIn > range.max };
  const tenth = Math.round(range.max * NEXT_LOOK_SHARE);
  return { do: 'wait', minutes: Math.min(LONGEST_WAIT, Math.max(SHORTEST_WAIT, tenth)) };
}
