import { METHOD_NAMES } from '@ypsigram/contract';
import type { Advice } from '@ypsigram/core/batch';
import type { Decision } from '../../../state/recipe/recipe.actions';

/** What can be done about a line with one key. */
export interface OfferedRemedy {
  readonly label: string;
  /** The decision of the line that mends it; null where the kitchen needs a finer scale. */
  readonly change: Decision | null;
}

/** The button beside a piece of advice. */
export function mendOf(advice: Advice): OfferedRemedy {
  switch (advice.mend) {
    case 'method':
      return { label: `Fill it ${METHOD_NAMES[advice.method]}`, change: { method: advice.method } };
    case 'tools':
      return { label: 'Use all tools', change: { tools: undefined } };
    case 'weigh':
      return { label: 'Weigh it', change: { weighed: true } };
    case 'larger-tool':
      return { label: 'Weigh it', change: { weighed: true } };
    case 'premix':
      return { label: 'Use a premix', change: { premix: true } };
    case 'fine-scale':
      return { label: 'Add a finer scale', change: null };
  }
}
