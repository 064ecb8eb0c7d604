import { signal } from '@angular/core';
import type { Action } from '@ngrx/store';
import {
  NO_HISTORY,
  record,
  stepBack,
  stepForward,
  type History,
} from '../../state/history/history';

interface KitchenStep {
  /** How many decisions of the recipe came before it. */
  readonly after: number;
  readonly change: Action;
}

/**
 * Changes to the kitchen that were made in Amounts (who measures, how it fills), so that its
 * undo and redo meet them in their place among the decisions of the recipe. `decisions` is always
 * the number of those that stand.
 */
export class KitchenSteps {
  private readonly history = signal<History<KitchenStep>>(NO_HISTORY);

  make(change: Action, decisions: number): void {
    this.history.update((history) => record(history, { after: decisions, change }));
  }

  /** Whether the newest step is one of the kitchen. */
  isNewest(decisions: number): boolean {
    return this.history().past.at(-1)?.after === decisions;
  }

  /** Whether the next step to redo is one of the kitchen. */
  isNext(decisions: number): boolean {
    return this.history().future.at(-1)?.after === decisions;
  }

  undo(): void {
    const { past } = this.history();
    const step = stepBack(this.history(), past.at(-1)!);
    if (step) this.history.set(step.history);
  }

  /** The change to make again; null where there is none. */
  redo(): Action | null {
    const next = this.history().future.at(-1);
    const step = next && stepForward(this.history(), next);
    if (!step) return null;
    this.history.set(step.history);
    return next.change;
  }
}
