import { signal } from '@angular/core';
import type { Action } from '@ngrx/store';

interface Step {
  /** How many decisions of the recipe came before it. */
  readonly after: number;
  readonly change: Action;
}

/**
 * Changes to the kitchen that were made on the Balance (who measures, how it fills), so that its
 * undo and redo meet them in their place among the decisions of the recipe. `decisions` is always
 * the number of those that stand.
 */
export class KitchenSteps {
  private readonly done = signal<readonly Step[]>([]);
  private readonly taken = signal<readonly Step[]>([]);

  make(change: Action, decisions: number): void {
    this.done.update((steps) => [...steps, { after: decisions, change }]);
    this.taken.set([]);
  }

  /** Whether the newest step is one of the kitchen. */
  isNewest(decisions: number): boolean {
    return this.done().at(-1)?.after === decisions;
  }

  /** Whether the next step to redo is one of the kitchen. */
  isNext(decisions: number): boolean {
    return this.taken().at(-1)?.after === decisions;
  }

  takeBack(): void {
    const last = this.done().at(-1);
    if (!last) return;
    this.done.update((steps) => steps.slice(0, -1));
    this.taken.update((steps) => [...steps, last]);
  }

  /** The change to make again; null where there is none. */
  again(): Action | null {
    const next = this.taken().at(-1);
    if (!next) return null;
    this.taken.update((steps) => steps.slice(0, -1));
    this.done.update((steps) => [...steps, next]);
    return next.change;
  }
}
