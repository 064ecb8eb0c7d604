import { fixed, HEAVIEST_PACK_GRAMS, HIGHEST_PRICE } from '@ypsigram/contract';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import type { Ingredient } from '@ypsigram/core/catalogue';
import { decimal, money } from '../../kit/figures/figures';
import { positive, problemIn } from '../../kit/forms/rules';
import { kitchenChanges } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';

/** What a pack holds and costs, and so what a gram and a cup cost. */
@Component({
  selector: 'yg-pack-price',
  imports: [ReactiveFormsModule],
  template: `
    <h3>Price</h3>
    <form class="fields" [formGroup]="form" (ngSubmit)="keep()">
      <label>
        <span>A pack weighs, g</span>
        <input class="form-control" formControlName="pack" inputmode="decimal" />
      </label>
      <label>
        <span>Price, {{ currency() }}</span>
        <input class="form-control" formControlName="price" inputmode="decimal" />
      </label>
      <button type="submit" class="btn btn-outline-primary">Save price</button>
      @if (found()) {
        <button type="button" class="btn btn-quiet" (click)="forget()">Delete price</button>
      }
    </form>
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
export class PackPriceForm {
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
  protected readonly form = new FormGroup({
    pack: new FormControl('', {
      nonNullable: true,
      validators: positive(
        HEAVIEST_PACK_GRAMS,
        'Write the weight of the pack in grams, for example 1500.',
      ),
    }),
    price: new FormControl('', {
      nonNullable: true,
      validators: positive(HIGHEST_PRICE, 'Write the price of the pack, for example 1.95.'),
    }),
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

  constructor() {
    effect(() => {
      const found = this.found();
      this.form.setValue({
        pack: String(found?.packGrams ?? ''),
        price: found ? fixed(found.price, 2) : '',
      });
    });
  }

  protected keep(): void {
    this.problem.set(problemIn(this.form));
    if (this.form.invalid) return;
    const { pack, price: cost } = this.form.getRawValue();
    const [packGrams, price] = [decimal(pack)!, decimal(cost)!];
    const { id: ingredientId } = this.ingredient();
    this.store.dispatch(kitchenChanges.priceKept({ price: { ingredientId, packGrams, price } }));
  }

  protected forget(): void {
    const { id: ingredientId } = this.ingredient();
    this.store.dispatch(kitchenChanges.priceRemoved({ ingredientId }));
  }
}
