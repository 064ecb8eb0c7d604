import { fixed, HEAVIEST_PACK_GRAMS, HIGHEST_PRICE } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Ingredient } from '@ypsigram/core/catalogue';
import { decimal, money } from '../../kit/figures/figures';
import { kitchenChanges } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';

/** What a pack holds and costs, and so what a gram and a cup cost. */
@Component({
  selector: 'yg-pack-price',
  template: `
    <h3>Price</h3>
    <div class="fields">
      <label>
        <span>A pack weighs, g</span>
        <input #packField class="form-control" inputmode="decimal" [value]="pack()" />
      </label>
      <label>
        <span>Price, {{ currency() }}</span>
        <input
          #priceField
          class="form-control"
          inputmode="decimal"
          [value]="price()"
          (keydown.enter)="keep(packField.value, priceField.value)"
        />
      </label>
      <button
        type="button"
        class="btn btn-outline-primary"
        (click)="keep(packField.value, priceField.value)"
      >
        Save price
      </button>
      @if (found()) {
        <button type="button" class="btn btn-quiet" (click)="forget()">Delete price</button>
      }
    </div>
    <p role="status">{{ costs() }}</p>
    <p class="problem" aria-live="polite">{{ problem() }}</p>
  `,
  styles: `
    h3 {
      font-size: 1.05rem;
    }
    input {
      width: 7rem;
      font-variant-numeric: tabular-nums;
    }
    p {
      margin: 0.3rem 0 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PackPrice {
  readonly ingredient = input.required<Ingredient>();
  /** What a cup of it weighs in the usual way; null where that is not known. */
  readonly cupGrams = input.required<number | null>();

  private readonly store = inject(Store);
  private readonly kitchen = this.store.selectSignal(kitchenFeature.selectCurrent);

  protected readonly currency = this.store.selectSignal(kitchenFeature.selectCurrency);
  protected readonly found = computed(
    () =>
      this.kitchen().prices.find(({ ingredientId }) => ingredientId === this.ingredient().id) ??
      null,
  );
  protected readonly pack = computed(() => String(this.found()?.packGrams ?? ''));
  protected readonly price = computed(() => {
    const found = this.found();
    return found ? fixed(found.price, 2) : '';
  });
  protected readonly problem = signal<string | null>(null);
  protected readonly costs = computed(() => {
    const found = this.found();
    if (!found) return '';
    const perGram = found.price / found.packGrams;
    const hundred = `${money(100 * perGram, this.currency())} for 100 g`;
    const cup = this.cupGrams();
    return cup === null ? hundred : `${hundred}, ${money(cup * perGram, this.currency())} a cup`;
  });

  protected keep(pack: string, cost: string): void {
    const [packGrams, price] = [decimal(pack), decimal(cost)];
    if (!packGrams || packGrams > HEAVIEST_PACK_GRAMS) {
      return this.problem.set('Write the weight of the pack in grams, for example 1500.');
    }
    if (!price || price > HIGHEST_PRICE) {
      return this.problem.set('Write the price of the pack, for example 1.95.');
    }
    this.problem.set(null);
    const { id: ingredientId } = this.ingredient();
    this.store.dispatch(kitchenChanges.priceKept({ price: { ingredientId, packGrams, price } }));
  }

  protected forget(): void {
    const { id: ingredientId } = this.ingredient();
    this.store.dispatch(kitchenChanges.priceRemoved({ ingredientId }));
  }
}
