import type { LineChoice } from '@ypsigram/core/batch';
import { record, stepBack, stepForward, type History, type Step } from '../history/history';
import type { EditedRecipe } from './draft';
import type { Decision } from './recipe.actions';

/** The part of a draft that Amounts decides: its changes can be taken back one by one. */
export type Decisions = Pick<EditedRecipe, 'batch' | 'methods' | 'balance'>;

/** A draft, and how it came about. */
export interface Decided {
  readonly draft: EditedRecipe;
  readonly history: History<Decisions>;
}

const decisionsOf = ({ batch, methods, balance }: EditedRecipe): Decisions => ({
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
  return {
    draft: { ...draft, ...change },
    history: record(history, decisionsOf(draft), isTyping),
  };
}

/** One decision back; as it was where there is none. */
export function undo({ draft, history }: Decided): Decided {
  return moved({ draft, history }, stepBack(history, decisionsOf(draft)));
}

/** One decision forth again. */
export function redo({ draft, history }: Decided): Decided {
  return moved({ draft, history }, stepForward(history, decisionsOf(draft)));
}

const moved = (now: Decided, step: Step<Decisions> | null): Decided =>
  step ? { draft: { ...now.draft, ...step.value }, history: step.history } : now;

/** The balance with a change to what was decided of one line; one of which nothing is left goes. */
export function withChoice(
  balance: EditedRecipe['balance'],
  line: string,
  change: Decision,
): EditedRecipe['balance'] {
  const { [line]: before, ...others } = balance.lines;
  const merged = Object.entries({ ...before, ...change }).filter(
    ([, value]) => value !== undefined,
  );
  if (merged.length === 0) return { ...balance, lines: others };
  return {
    ...balance,
    lines: { ...others, [line]: Object.fromEntries(merged) as LineChoice },
  };
}
