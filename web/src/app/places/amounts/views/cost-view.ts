import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { batchCost } from '@ypsigram/core/formula';
import type { PlanLine } from '@ypsigram/core/batch';
import type { Shelf } from '@ypsigram/core/catalogue';
import { grams, money } from '../../../kit/figures/figures';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';

/** What the batch costs, and the packs to buy for it. */
@Component({
  selector: 'yg-cost-view',
  imports: [RouterLink],
  templateUrl: './cost-view.html',
  styleUrls: ['./compare-view.scss', './cost-view.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CostView {
  private readonly store = inject(Store);
  private readonly possessions = this.store.selectSignal(kitchenFeature.selectCurrent);

  private readonly currency = this.store.selectSignal(kitchenFeature.selectCurrency);

  readonly plan = input.required<readonly PlanLine[]>();
  readonly shelf = input.required<Shelf>();
  /** Pieces of this batch; null where the recipe does not say. */
  readonly pieces = input.required<number | null>();

  private readonly cost = computed(() => batchCost(this.plan(), this.possessions().prices));
  protected readonly rows = computed(() =>
    this.cost().needs.map(({ ingredientId, grams: mass, cost, packs }) => ({
      id: ingredientId,
      name: this.shelf().ingredient(ingredientId)?.name ?? ingredientId,
      grams: grams(mass),
      cost: cost === null ? null : this.money(cost),
      packs: packs && `${packs.count} × ${packs.grams} g`,
      left: packs && `${grams(packs.count * packs.grams - mass)} g`,
      ...this.shareOf(cost),
    })),
  );
  protected readonly total = computed(() => this.money(this.cost().total));
  protected readonly each = computed(() => {
    const pieces = this.pieces();
    // The one piece of a batch is the batch.
    const isAnyKnown = this.uncounted() < this.rows().length;
    return isAnyKnown && pieces && pieces > 1 ? this.money(this.cost().total / pieces) : null;
  });
  protected readonly uncounted = computed(() => this.cost().withoutPrice.length);

  /** How much of the whole one ingredient costs, in hundredths. */
  private shareOf(cost: number | null): { readonly share: number; readonly percent: string } {
    const { total } = this.cost();
    const share = cost === null || total === 0 ? 0 : (100 * cost) / total;
    const isLittle = share > 0 && share < 0.5;
    return { share, percent: isLittle ? 'under 1 %' : `${Math.round(share)} %` };
  }

  private money(value: number): string {
    return money(value, this.currency());
  }
}
