import { Injectable, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { v4 as newId } from 'uuid';
import { randomFrom, type Random } from '@ypsigram/core/chance';
import type { PracticeTry } from '@ypsigram/core/practice';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { practiceActions } from '../../state/practice/practice.feature';

/** Where tries are written down, and where chance comes from. */
@Injectable({ providedIn: 'root' })
export class PracticeDesk {
  private readonly store = inject(Store);
  private readonly handId = this.store.selectSignal(kitchenFeature.selectHandId);
  private readonly isLoaded = this.store.selectSignal(kitchenFeature.selectIsLoaded);
  private readonly problem = this.store.selectSignal(kitchenFeature.selectProblem);
  private readonly dice = randomFrom(crypto.getRandomValues(new Uint32Array(1))[0]!);

  /** The kitchen is there to draw from; the built-in Shelf where it can't be had. */
  readonly isReady = computed(() => this.isLoaded() || this.problem() !== null);

  /** Draws what is asked and how fills happen to differ. */
  random(): Random {
    return this.dice;
  }

  /** Writes down a try of whoever measures now. */
  record(tried: Omit<PracticeTry, 'at'>, ingredientId: string | null = null): void {
    const { skill, off, tolerance, isGood } = tried;
    const made = { skill, off, tolerance, isGood, ingredientId, handId: this.handId() };
    this.store.dispatch(
      practiceActions.tryMade({ made: { id: newId(), at: new Date().toISOString(), ...made } }),
    );
  }
}
