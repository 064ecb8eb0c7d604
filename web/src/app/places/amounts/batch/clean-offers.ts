import { depthText, fixed, panName } from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import type { Fraction } from '@ypsigram/core/amount';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { debounceTime, map } from 'rxjs';
import { cleanBatches } from '@ypsigram/core/formula';
import {
  panRatio,
  showFactor,
  writeFactor,
  type AskedSetting,
  type CleanBatch,
} from '@ypsigram/core/factor';
import type { AssembledRecipe, PlanLine } from '@ypsigram/core/batch';
import type { BatchChange } from './batch-by';

/** The search waits until the batch rests, so that setting it stays quick. */
const REST_MILLISECONDS = 350;

interface Offer {
  readonly factor: string;
  readonly shown: string;
  readonly says: string;
}

/** How deep a batch stands in the pan that it was asked for; null where that says nothing. */
function depthIn(factor: Fraction, asked: AskedSetting | undefined): string | null {
  if (asked?.by !== 'pan') return null;
  return depthText(factor.div(panRatio(asked.from, asked.to)).valueOf() - 1, asked.to);
}

function offerOf(
  { factor, eggs, fills, tools, drift, change }: CleanBatch,
  asked: AskedSetting | undefined,
): Offer {
  const depth = depthIn(factor, asked);
  const whole = eggs === null ? [] : [`${eggs} ${eggs === 1 ? 'egg' : 'eggs'}`];
  const size = `${(100 * Math.abs(change)).toFixed(0)} % ${change < 0 ? 'less' : 'more'}`;
  const parts = depth
    ? [...whole, depth]
    : [
        ...whole,
        `${Math.round(fills)} fills of ${tools} tools`,
        `ratios within ${fixed(100 * drift, 1)} %`,
        size,
      ];
  return { factor: writeFactor(factor), shown: showFactor(factor), says: parts.join(', ') };
}

/** Batches near this one that are cleaner: whole eggs, few fills, little drift. */
@Component({
  selector: 'yg-clean-offers',
  template: `
    @if (offers().length > 0) {
      <section aria-labelledby="clean-heading">
        <h2 id="clean-heading">{{ fits() ?? 'Batches that are easier to measure' }}</h2>
        <ul>
          @for (offer of offers(); track offer.factor) {
            <li>
              <button type="button" class="btn btn-outline-primary" (click)="choose(offer)">
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
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 0.3rem 0.8rem;
      margin: 0.6rem 0;
    }
    h2 {
      margin: 0;
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
  /** How the batch was asked for. */
  readonly asked = input<AskedSetting | undefined>();
  readonly chosen = output<BatchChange>();

  private readonly searched = computed(
    () => [this.recipe(), this.factor(), this.plan(), this.asked()] as const,
  );
  /** "Fits your 20 cm round tin: ×0.76". */
  protected readonly fits = computed(() => {
    const asked = this.asked();
    if (asked?.by !== 'pan') return null;
    const fitting = panRatio(asked.from, asked.to);
    const eggs = this.recipe().size.eggs.compare(0) > 0 ? 'With whole eggs' : 'Easier to measure';
    return `Fits your ${panName(asked.to)}: ×${showFactor(fitting)}. ${eggs}:`;
  });
  /** Searched for once the batch rests. */
  protected readonly offers = toSignal(
    toObservable(this.searched).pipe(
      debounceTime(REST_MILLISECONDS),
      map(([recipe, factor, plan, asked]): readonly Offer[] =>
        cleanBatches(recipe, factor, plan).map((clean) => offerOf(clean, asked)),
      ),
    ),
    { initialValue: [] },
  );

  /** Takes the first of them. */
  takeFirst(): void {
    const [first] = this.offers();
    if (first) this.choose(first);
  }

  /** Whatever is chosen is still for the same pan. */
  protected choose({ factor }: Offer): void {
    const asked = this.asked();
    this.chosen.emit(asked?.by === 'pan' ? { factor, asked } : { factor });
  }
}
