/** A device whose clock is no further off than this is taken at its word for what is shown. */
const CLOSE_MILLISECONDS = 2000;

/** Clocks of a house differ; one that says more than a day before the bake was begun is none. */
const BEFORE_MILLISECONDS = 24 * 60 * 60 * 1000;

/** When a device says that something was done. */
export interface Said {
  readonly device: string;
  /** By its own clock, which may be wrong. */
  readonly at: string;
  /** How long ago it was when it was sent, in milliseconds, where the device knows better than by its clock. */
  readonly age?: number | undefined;
  /** The highest order that it had seen of the bake when it was done. */
  readonly after?: number | undefined;
}

/** How it stands on the server. */
export interface KnownOrder {
  readonly now: Date;
  /** The highest order that was given in this bake. */
  readonly last: number;
  /** The highest that was given to what each device did; devices of which nothing is known are not in it. */
  readonly lastOf: ReadonlyMap<string, number>;
  /** When the bake was begun: nothing was done at it long before. */
  readonly begunAt: string;
}

/** The highest orders of what is kept of a bake: of all (0 where nothing was done), and of each device. */
export function ordersGiven(
  readings: readonly { readonly device: string; readonly order: number }[],
): Pick<KnownOrder, 'last' | 'lastOf'> {
  const lastOf = new Map<string, number>();
  for (const { device, order } of readings) {
    lastOf.set(device, Math.max(order, lastOf.get(device) ?? 0));
  }
  return { last: Math.max(0, ...lastOf.values()), lastOf };
}

export interface PlacedAct {
  /** For people: when it was done, by the clock of the server. */
  readonly at: string;
  /** What decides between two acts, in milliseconds since 1970. */
  readonly order: number;
}

/**
 * Gives acts that a device sends their place among all others of the bake, by hybrid logical time
 * (Kulkarni and others 2014, "Logical Physical Clocks"): the clock of the server less the age of the
 * act, but always after all that the device had seen, so that no clock that goes back, here or
 * there, lets an old act win. Nothing lies in the future of the server, unless its own clock went
 * back; and one act of a device never comes before another that it did earlier, though the earlier
 * one was longer on its way: a device sends in the order in which things were done.
 */
export function placeActs(
  acts: readonly Said[],
  sentAt: string,
  { now, last, lastOf, begunAt }: KnownOrder,
): readonly PlacedAct[] {
  const sent = Date.parse(sentAt);
  const earliest = Math.min(Date.parse(begunAt), now.getTime()) - BEFORE_MILLISECONDS;
  let before = 0;
  return acts.map(({ at, device, age, after = 0 }) => {
    const said = Date.parse(at);
    const done = Math.max(earliest, now.getTime() - Math.max(0, age ?? sent - said));
    const isClose = Math.abs(done - said) <= CLOSE_MILLISECONDS;
    const shown = Math.max(earliest, Math.min(isClose ? said : done, now.getTime()));
    const seen = Math.max(Math.min(after, last), lastOf.get(device) ?? 0, before);
    const order = Math.max(Math.round(done), seen + 1);
    before = order;
    return { at: new Date(shown).toISOString(), order };
  });
}
