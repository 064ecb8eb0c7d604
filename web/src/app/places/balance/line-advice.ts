import { METHOD_NAMES } from '@ypsigram/contract';
import type { Advice } from '@ypsigram/core/batch';
import type { Decision } from '../../recipe/recipe.actions';

/** What can be done about a line with one key; null where there is nothing to press. */
export interface Mend {
  readonly label: string;
  /** The decision that mends it; a method has an action of its own. */
  readonly change: Decision;
}

/** The button beside a piece of advice. */
export function mendOf(advice: Advice): Mend | null {
  switch (advice.mend) {
    case 'method':
      return { label: `Fill it ${METHOD_NAMES[advice.method]}`, change: { method: advice.method } };
    case 'tools':
      return { label: 'Use all tools', change: { tools: undefined } };
    case 'weigh':
      return { label: 'Weigh it', change: { weighed: true } };
    default:
      return null;
  }
}
