import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { BAKE_KIND_NAMES, STRICTNESS_NAMES } from '@ypsigram/contract';
import { BAKE_KINDS, type BakeKind } from '@ypsigram/core/baking';
import { STRICTNESSES, type Strictness } from '@ypsigram/core/fills';

/** What decides how far off a line may be: how exact it is wanted, and what kind of bake it is. */
@Component({
  selector: 'yg-how-exact',
  template: `
    <label>
      <span>How exact</span>
      <select #strict class="choice" (change)="chooseStrictness(strict.value)">
        @for (one of strictnesses; track one.id) {
          <option [value]="one.id" [selected]="one.id === strictness()">{{ one.name }}</option>
        }
      </select>
    </label>
    <label>
      <span>It is a</span>
      <select #kindField class="choice" (change)="chooseKind(kindField.value)">
        <option value="" [selected]="kind() === null">{{ guess() }} (guessed)</option>
        @for (one of kinds; track one.id) {
          <option [value]="one.id" [selected]="one.id === kind()">{{ one.name }}</option>
        }
      </select>
    </label>
  `,
  styles: `
    :host {
      display: contents;
    }
    label {
      display: grid;
      min-width: 0;
    }
    label > span {
      font-size: 0.9rem;
      color: var(--yg-ink-soft);
    }
    select {
      width: auto;
      max-width: min(21rem, 100%);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HowExact {
  readonly strictness = input.required<Strictness>();
  /** Null where the guess goes. */
  readonly kind = input.required<BakeKind | null>();
  readonly guessedKind = input.required<BakeKind>();
  readonly strictnessChosen = output<Strictness>();
  readonly kindChosen = output<BakeKind | null>();

  protected readonly strictnesses = STRICTNESSES.map((id) => ({ id, name: STRICTNESS_NAMES[id] }));
  protected readonly kinds = BAKE_KINDS.map((id) => ({ id, name: BAKE_KIND_NAMES[id] }));
  protected readonly guess = computed(() => BAKE_KIND_NAMES[this.guessedKind()]);

  protected chooseStrictness(id: string): void {
    this.strictnessChosen.emit(id as Strictness);
  }

  protected chooseKind(id: string): void {
    this.kindChosen.emit((id as BakeKind) || null);
  }
}
