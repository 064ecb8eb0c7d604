/** What stood before each change, and what was undone: one list of steps, and no longer than anybody goes back. */
export interface History<T> {
  /** The newest last. */
  readonly past: readonly T[];
  /** What was undone, the next to redo last. */
  readonly future: readonly T[];
  /** Steps that stand, those that are no longer kept included. */
  readonly depth: number;
  /** Whether the newest step is still being typed or dragged. */
  readonly isTyping: boolean;
}

export const NO_HISTORY: History<never> = { past: [], future: [], depth: 0, isTyping: false };

/** Nobody goes back further than this. */
export const MOST_STEPS = 200;

/**
 * The history with one more step, which can be redone no more than any other.
 *
 * @param before what stood before the change
 * @param isTyping whether it is typed or dragged: what is typed in one go is one step
 */
export function record<T>(history: History<T>, before: T, isTyping = false): History<T> {
  const continues = isTyping && history.isTyping;
  return {
    past: continues ? history.past : [...history.past, before].slice(-MOST_STEPS),
    future: [],
    depth: history.depth + (continues ? 0 : 1),
    isTyping,
  };
}

/** A step taken, and what stands then. */
export interface Step<T> {
  readonly value: T;
  readonly history: History<T>;
}

/** One step back from what stands now; null where there is none. */
export function stepBack<T>({ past, future, depth }: History<T>, now: T): Step<T> | null {
  const value = past.at(-1);
  if (value === undefined) return null;
  return {
    value,
    history: {
      past: past.slice(0, -1),
      future: [...future, now],
      depth: depth - 1,
      isTyping: false,
    },
  };
}

/** One step forth again from what stands now; null where there is none. */
export function stepForward<T>({ past, future, depth }: History<T>, now: T): Step<T> | null {
  const value = future.at(-1);
  if (value === undefined) return null;
  return {
    value,
    history: {
      past: [...past, now],
      future: future.slice(0, -1),
      depth: depth + 1,
      isTyping: false,
    },
  };
}

/** Whatever is being typed is finished: the next letter is a step of its own. */
export const endTyping = <T>(history: History<T>): History<T> => ({ ...history, isTyping: false });
