import { fixed, METHOD_NAMES } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { OtherRecipe } from './other-recipe';
import { Store } from '@ngrx/store';
import { compareBatch, type Compared } from '@ypsigram/core/formula';
import { forgivenessFor } from '@ypsigram/core/batch';
import type { Batch } from '@ypsigram/core/batch';
import type { Reading } from '@ypsigram/core/reading';
import { authorsFeature } from '../../../state/authors/authors.feature';
import { knownOf, selectKnownByAuthor } from '../../../state/authors/authors.selectors';
import { Chart } from '../../../kit/chart/chart';
import { heightOfRows, rowsChart } from '../../../kit/chart/rows-chart';
import { signedPercent } from '../../../kit/figures/figures';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { selectKnownByHand } from '../../../state/trials/trials.selectors';

const LOOK = { 'as-planned': 0, author: 1, method: 2, hand: 3 } as const;

function nameOf({ kind, name }: Compared): string {
  switch (kind) {
    case 'as-planned':
      return 'as it is now';
    case 'author':
      return `cup of ${name}`;
    case 'method':
      return `if the author ${METHOD_NAMES[name as keyof typeof METHOD_NAMES]}`;
    case 'hand':
      return `filled by ${name}`;
  }
}

/** This batch under other cups, other ways of filling and other hands, in one picture. */
@Component({
  selector: 'yg-compare-view',
  imports: [Chart, OtherRecipe],
  templateUrl: './compare-view.html',
  styleUrl: './compare-view.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CompareView {
  private readonly store = inject(Store);

  readonly reading = input.required<Reading>();
  readonly batch = input.required<Batch>();

  private readonly authors = this.store.selectSignal(authorsFeature.selectAuthors);
  private readonly knownByAuthor = this.store.selectSignal(selectKnownByAuthor);
  private readonly hands = this.store.selectSignal(kitchenFeature.selectHands);
  private readonly knownByHand = this.store.selectSignal(selectKnownByHand);

  protected readonly compared = computed(() =>
    compareBatch(
      this.reading(),
      this.batch(),
      this.authors().map(({ id, name }) => ({ name, weights: knownOf(this.knownByAuthor(), id) })),
      this.hands().map(({ id, name }) => ({ name, weights: this.knownByHand().get(id) ?? [] })),
    ),
  );
  protected readonly hasFlour = computed(() => this.compared()[0]!.flourGrams > 0);
  protected readonly rows = computed(() => {
    const [now] = this.compared();
    return this.compared().map((one) => ({
      name: nameOf(one),
      flour: Math.round(one.flourGrams),
      total: Math.round(one.totalGrams),
      water: fixed(one.ratios.water, 1),
      salt: fixed(one.ratios.salt, 2),
      change:
        one === now
          ? ''
          : signedPercent(
              this.hasFlour()
                ? one.flourGrams / now!.flourGrams - 1
                : one.totalGrams / now!.totalGrams - 1,
            ),
    }));
  });
  protected readonly height = computed(() => heightOfRows(this.compared().length));
  protected readonly chart = computed(() => {
    const [now] = this.compared();
    const water = now!.ratios.water;
    const forgiven = forgivenessFor(this.batch()).water * water;
    const rows = this.compared().map((one) => ({
      label: nameOf(one),
      look: LOOK[one.kind],
      mean: one.ratios.water,
      interval: one === now ? ([water - forgiven, water + forgiven] as const) : null,
      dots: [],
    }));
    const axis = this.hasFlour() ? 'water for 100 g of flour' : 'water for 100 g of everything';
    return rowsChart(rows, [{ at: water, label: 'as it is now' }], axis);
  });
  protected readonly said = computed(() =>
    this.rows()
      .map(({ name, water }) => `${name}: ${water}`)
      .join('; '),
  );
}
