import { fixed } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { mixed, type Fraction } from '@ypsigram/core/amount';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { debounceTime, map } from 'rxjs';
import { cleanBatches } from '@ypsigram/core/formula';
import { writeFactor, type CleanBatch } from '@ypsigram/core/factor';
import type { AssembledRecipe, PlanLine } from '@ypsigram/core/batch';

/** The search waits until the batch rests, so that setting it stays quick. */
const REST_MILLISECONDS = 350;

interface Offer {
  readonly factor: string;
  readonly shown: string;
  readonly says: string;
}

function offerOf({ factor, eggs, fills, tools, drift, change }: CleanBatch): Offer {
  const parts = [
    ...(eggs === null ? [] : [`${eggs} ${eggs === 1 ? 'egg' : 'eggs'}`]),
    `${Math.round(fills)} fills of ${tools} tools`,
    `ratios within ${fixed(100 * drift, 1)} %`,
    `${(100 * Math.abs(change)).toFixed(0)} % ${change < 0 ? 'less' : 'more'}`,
  ];
  return { factor: writeFactor(factor), shown: mixed(factor), says: parts.join(', ') };
}

/** Batches near this one that are cleaner: whole eggs, few fills, little drift. */
@Component({
  selector: 'yg-clean-offers',
  template: `
    @if (offers().length > 0) {
      <section aria-labelledby="clean-heading">
        <h2 id="clean-heading">Batches that are easier to measure</h2>
        <ul>
          @for (offer of offers(); track offer.factor) {
            <li>
              <button
                type="button"
                class="btn btn-outline-primary"
                (click)="chosen.emit(offer.factor)"
              >
                <b>×{{ offer.shown + ' ' }}</b>
                <span>{{ offer.says }}</span>
              </button>
            </li>
          }
        </ul>
      </section>
    }
  `,
  styles: `
    section {
      margin: 0.8rem 0;
    }
    h2 {
      font-size: 1rem;
    }
    ul {
      display: flex;
      flex-wrap: wrap;
      gap: 0.4rem;
      margin: 0;
      padding: 0;
      list-style: none;
    }
    .btn {
      text-align: left;
    }
    span {
      font-weight: 500;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CleanOffers {
  readonly recipe = input.required<AssembledRecipe>();
  readonly factor = input.required<Fraction>();
  readonly plan = input.required<readonly PlanLine[]>();
  readonly chosen = output<string>();

  private readonly asked = computed(() => [this.recipe(), this.factor(), this.plan()] as const);
  /** Searched for once the batch rests. */
  protected readonly offers = toSignal(
    toObservable(this.asked).pipe(
      debounceTime(REST_MILLISECONDS),
      map(([recipe, factor, plan]): readonly Offer[] =>
        cleanBatches(recipe, factor, plan).map(offerOf),
      ),
    ),
    { initialValue: [] },
  );

  /** Takes the first of them. */
  takeFirst(): void {
    const [first] = this.offers();
    if (first) this.chosen.emit(first.factor);
  }
}
