import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  signal,
} from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Method } from '@ypsigram/core/catalogue';
import { Beam } from '../../kit/beam/beam';
import { InView } from '../../kit/in-view/in-view';
import { kitchenFeature } from '../../kitchen/kitchen.feature';
import { recipeActions, recipeFeature } from '../../recipe/recipe.feature';
import { BatchControl } from './batch-control';
import { LedgerLine } from './ledger-line';
import { RatiosFoot } from './ratios-foot';

/** What is out of sight follows this much later than what is seen. */
const LATER_MILLISECONDS = 50;

/** The whole may be off by what its flour may. */
const WHOLE_TOLERANCE = 0.03;

/** Balance: what the author meant by weight, and your two columns in agreement. */
@Component({
  selector: 'yg-balance-page',
  imports: [BatchControl, Beam, InView, LedgerLine, RatiosFoot, RouterLink],
  templateUrl: './balance.page.html',
  styleUrl: './balance.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BalancePage {
  private readonly store = inject(Store);

  protected readonly wholeTolerance = WHOLE_TOLERANCE;
  protected readonly state = this.store.selectSignal(recipeFeature.selectRecipeState);
  protected readonly standard = this.store.selectSignal(recipeFeature.selectStandard);
  protected readonly shelf = this.store.selectSignal(kitchenFeature.selectOwnShelf);
  protected readonly reading = this.store.selectSignal(recipeFeature.selectReading);
  protected readonly plan = this.store.selectSignal(recipeFeature.selectPlan);

  /** The plan that lines out of sight show: the same, one frame after those that are seen. */
  protected readonly settled = signal(this.plan());
  private readonly seen = signal<ReadonlySet<number>>(new Set());

  /** The lines that belong in a ledger, each with its plan; steps and yields do not. */
  protected readonly entries = computed(() => {
    const [plan, settled, seen] = [this.plan(), this.settled(), this.seen()];
    const later = settled.length === plan.length ? settled : plan;
    return this.reading()
      .lines.map((line, index) => ({ line, index, plan: (seen.has(index) ? plan : later)[index]! }))
      .filter(
        ({ line }) =>
          line.kind === 'ingredient' || line.kind === 'unread' || line.kind === 'heading',
      )
      .filter(({ line, index }) => line.kind !== 'heading' || this.headsIngredients(index));
  });
  protected readonly hasIngredients = computed(() =>
    this.reading().lines.some(({ kind }) => kind === 'ingredient'),
  );
  protected readonly totals = computed(() => {
    let measured = 0;
    let weighed = 0;
    for (const { measure, weight } of this.plan()) {
      if (!measure || !weight) continue;
      measured += measure.grams;
      weighed += weight.grams;
    }
    return { weighed, gap: weighed > 0 ? measured / weighed - 1 : null };
  });
  protected readonly whole = computed(() =>
    Math.round(this.plan().reduce((sum, { weight }) => sum + (weight?.grams ?? 0), 0)),
  );

  constructor() {
    effect((onCleanup) => {
      const plan = this.plan();
      const timer = setTimeout(() => this.settled.set(plan), LATER_MILLISECONDS);
      onCleanup(() => clearTimeout(timer));
    });
  }

  protected see(index: number, isSeen: boolean): void {
    this.seen.update((seen) => {
      const next = new Set(seen);
      if (isSeen) next.add(index);
      else next.delete(index);
      return next;
    });
  }

  protected setFactor(factor: string): void {
    this.store.dispatch(recipeActions.factorSet({ factor }));
  }

  protected chooseMethod(index: number, method: Method): void {
    this.store.dispatch(recipeActions.methodChosen({ index, method }));
  }

  /** A heading is worth a row only when an ingredient stands under it. */
  private headsIngredients(index: number): boolean {
    const next = this.reading()
      .lines.slice(index + 1)
      .find(({ kind }) => kind !== 'unread');
    return next?.kind === 'ingredient';
  }
}
