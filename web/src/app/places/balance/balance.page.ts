import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Method } from '@ypsigram/core/catalogue';
import { Beam } from '../../kit/beam/beam';
import { recipeActions, recipeFeature } from '../../recipe/recipe.feature';
import { BatchControl } from './batch-control';
import { LedgerLine } from './ledger-line';
import { RatiosFoot } from './ratios-foot';

/** The whole may be off by what its flour may. */
const WHOLE_TOLERANCE = 0.03;

/** Balance: what the author meant by weight, and your two columns in agreement. */
@Component({
  selector: 'yg-balance-page',
  imports: [BatchControl, Beam, LedgerLine, RatiosFoot, RouterLink],
  templateUrl: './balance.page.html',
  styleUrl: './balance.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BalancePage {
  private readonly store = inject(Store);

  protected readonly wholeTolerance = WHOLE_TOLERANCE;
  protected readonly state = this.store.selectSignal(recipeFeature.selectRecipeState);
  protected readonly standard = this.store.selectSignal(recipeFeature.selectStandard);
  protected readonly reading = this.store.selectSignal(recipeFeature.selectReading);
  protected readonly plan = this.store.selectSignal(recipeFeature.selectPlan);

  /** The lines that belong in a ledger, each with its plan; steps and yields do not. */
  protected readonly entries = computed(() => {
    const plan = this.plan();
    return this.reading()
      .lines.map((line, index) => ({ line, index, plan: plan[index]! }))
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
