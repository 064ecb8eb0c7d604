import { Injectable, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Columns } from '@ypsigram/core/batch';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { recipeFeature } from '../../state/recipe/recipe.feature';

/**
 * The columns that are shown: those that the baker goes by. In a kitchen without a scale the weights
 * are folded, in one without cups and spoons the measures, until they are asked for.
 */
@Injectable()
export class ShownColumns {
  private readonly store = inject(Store);
  private readonly balance = this.store.selectSignal(recipeFeature.selectBalance);
  private readonly scales = this.store.selectSignal(kitchenFeature.selectScales);
  private readonly tools = this.store.selectSignal(kitchenFeature.selectTools);
  private readonly isUnfolded = signal(false);

  /** What this kitchen has nothing for. */
  readonly folded = computed((): 'weights' | 'measures' | null => {
    const [hasScale, hasTools] = [this.scales().length > 0, this.tools().length > 0];
    if (hasScale === hasTools) return null;
    return hasTools ? 'weights' : 'measures';
  });
  readonly shown = computed((): Columns => {
    const { columns } = this.balance();
    const folded = this.folded();
    if (columns !== 'both' || this.isUnfolded() || folded === null) return columns;
    return folded === 'weights' ? 'measure' : 'weigh';
  });

  unfold(): void {
    this.isUnfolded.set(true);
  }
}
