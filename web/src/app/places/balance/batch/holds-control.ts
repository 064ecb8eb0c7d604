import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import type { Loads } from '@ypsigram/core/factor';
import { decimal, grams } from '../../../kit/figures/figures';

/** What the bowl and the oven hold, and the equal loads that follow. */
@Component({
  selector: 'yg-holds-control',
  template: `
    <details>
      <summary>Bowl and oven</summary>
      <div class="fields">
        <label>
          <span>Your bowl holds, mL</span>
          <input
            #bowl
            class="form-control"
            inputmode="decimal"
            autocomplete="off"
            [value]="bowlMillilitres() ?? ''"
            (change)="bowlSet.emit(number(bowl.value))"
          />
        </label>
        <label>
          <span>Pieces in the oven at once</span>
          <input
            #oven
            class="form-control"
            inputmode="decimal"
            autocomplete="off"
            [value]="piecesPerLoad() ?? ''"
            (change)="ovenSet.emit(number(oven.value))"
          />
        </label>
      </div>
      <p class="soft">The bowl is filled to half at most, so that there is room to mix.</p>
    </details>
    @if (said(); as said) {
      <p class="loads" role="status">{{ said }}</p>
    }
  `,
  styles: `
    summary {
      min-height: 2rem;
      color: var(--yg-cobalt);
      cursor: pointer;
    }
    input {
      width: 9rem;
    }
    p {
      margin: 0.2rem 0 0;
    }
    .loads {
      font-weight: 600;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HoldsControl {
  readonly bowlMillilitres = input.required<number | null>();
  readonly piecesPerLoad = input.required<number | null>();
  readonly loads = input.required<Loads | null>();
  readonly bowlSet = output<number | null>();
  readonly ovenSet = output<number | null>();

  protected readonly said = computed(() => {
    const loads = this.loads();
    if (!loads) return null;
    const because =
      loads.limitedBy === 'bowl'
        ? 'that is what your bowl can mix at once'
        : 'that is what your oven takes at once';
    return `Make ${loads.count} equal loads of ${grams(loads.gramsEach)} g: ${because}.`;
  });

  protected number(text: string): number | null {
    return decimal(text) || null;
  }
}
