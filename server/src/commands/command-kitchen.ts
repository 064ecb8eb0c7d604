import type { Standard } from '@ypsigram/core/units';
import type { PlanContext } from '../areas/plans/service.js';

/** A kitchen as commands read and plan with it, for as long as it is open. */
export interface CommandKitchen {
  readonly planning: PlanContext;
  readonly standard: Standard;
  /** The id of a person by name. @throws Error in a sentence where nobody is called that */
  handCalled(name: string): string;
  close(): Promise<void>;
}
