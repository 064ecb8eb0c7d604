import type { LineChoice } from '@ypsigram/core/batch';
import type { Draft } from './draft';
import type { Decision } from './recipe.actions';

/** The part of a draft that the Balance decides: its changes can be taken back one by one. */
export type Decisions = Pick<Draft, 'batch' | 'methods' | 'balance'>;

export interface History {
  /** The newest last. */
  readonly past: readonly Decisions[];
  /** What was taken back, the next to redo last. */
  readonly future: readonly Decisions[];
  /** Whether the newest change is still being typed or dragged. */
  readonly isTyping: boolean;
}

export const NO_HISTORY: History = { past: [], future: [], isTyping: false };

/** Nobody goes back further than this. */
const MOST_KEPT = 200;

interface Decided {
  readonly draft: Draft;
  readonly history: History;
}

const decisionsOf = ({ batch, methods, balance }: Draft): Decisions => ({
  batch,
  methods,
  balance,
});

/** The draft with a decision made; what is typed in one go is one step back. */
export function decide(
  { draft, history }: Decided,
  change: Partial<Decisions>,
  isTyping: boolean,
): Decided {
  const continues = isTyping && history.isTyping;
  const past = continues ? history.past : [...history.past, decisionsOf(draft)].slice(-MOST_KEPT);
  return { draft: { ...draft, ...change }, history: { past, future: [], isTyping } };
}

/** One decision back; as it was where there is none. */
export function undo({ draft, history }: Decided): Decided {
  const before = history.past.at(-1);
  if (!before) return { draft, history };
  return {
    draft: { ...draft, ...before },
    history: {
      past: history.past.slice(0, -1),
      future: [...history.future, decisionsOf(draft)],
      isTyping: false,
    },
  };
}

/** One decision forth again. */
export function redo({ draft, history }: Decided): Decided {
  const next = history.future.at(-1);
  if (!next) return { draft, history };
  return {
    draft: { ...draft, ...next },
    history: {
      past: [...history.past, decisionsOf(draft)],
      future: history.future.slice(0, -1),
      isTyping: false,
    },
  };
}

/** The balance with a change to what was decided of one line; one of which nothing is left goes. */
export function withChoice(
  balance: Draft['balance'],
  index: number,
  change: Decision,
): Draft['balance'] {
  const { [String(index)]: before, ...others } = balance.lines;
  const merged = Object.entries({ ...before, ...change }).filter(
    ([, value]) => value !== undefined,
  );
  if (merged.length === 0) return { ...balance, lines: others };
  return {
    ...balance,
    lines: { ...others, [index]: Object.fromEntries(merged) as LineChoice },
  };
}
