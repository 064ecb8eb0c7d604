import { standardName } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Ingredient } from '@ypsigram/core/catalogue';
import { millilitresIn } from '@ypsigram/core/units';
import { authorsFeature } from '../../state/authors/authors.feature';
import { selectKnownByAuthor } from '../../state/authors/authors.selectors';
import { Chart } from '../chart/chart';
import { heightOfRows, rowsChart } from '../chart/rows-chart';
import { grams } from '../figures/figures';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { selectSetsByHand } from '../../state/trials/trials.selectors';
import { cupRows } from './cup-rows';

/** What everybody's cup of one ingredient weighs, in one picture. */
@Component({
  selector: 'yg-cup-picture',
  imports: [Chart],
  template: `
    @if (rows().length > 1) {
      <yg-chart [options]="options()" [label]="label()" [height]="height()" />
      <p class="soft">
        Circle: a way of filling, from food tables. Diamond: an author’s cup. Triangle: a hand in
        this kitchen. The bar shows how sure each weight is.
      </p>
    } @else {
      <p class="soft">Only one weight is known, so there is nothing to compare yet.</p>
    }
  `,
  styles: 'p { margin: 0; font-size: 0.95rem; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CupPicture {
  readonly ingredient = input.required<Ingredient>();

  private readonly store = inject(Store);
  private readonly standard = this.store.selectSignal(kitchenFeature.selectStandard);
  private readonly authors = this.store.selectSignal(authorsFeature.selectAuthors);
  private readonly knownByAuthor = this.store.selectSignal(selectKnownByAuthor);
  private readonly hands = this.store.selectSignal(kitchenFeature.selectHands);
  private readonly setsByHand = this.store.selectSignal(selectSetsByHand);

  protected readonly rows = computed(() =>
    cupRows(
      this.ingredient(),
      millilitresIn('cup', this.standard()).valueOf(),
      this.authors().map(({ id, name }) => ({ name, known: this.knownByAuthor().get(id) ?? [] })),
      this.hands().map(({ id, name }) => ({ name, sets: this.setsByHand().get(id) ?? [] })),
    ).map((row) => ({
      ...row,
      dots: row.mean === null ? [] : [{ at: row.mean, isHollow: false }],
    })),
  );
  private readonly axis = computed(() => `grams per cup, ${standardName(this.standard())}`);
  protected readonly options = computed(() => rowsChart(this.rows(), [], this.axis()));
  protected readonly height = computed(() => heightOfRows(this.rows().length));
  protected readonly label = computed(
    () =>
      `${this.axis()}. ${this.rows()
        .map(({ label, mean }) => `${label}: ${grams(mean ?? 0)} g`)
        .join('. ')}.`,
  );
}
