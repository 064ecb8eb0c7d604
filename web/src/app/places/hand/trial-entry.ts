import { ChangeDetectionStrategy, Component, input, output, signal } from '@angular/core';
import { HEAVIEST_READING_GRAMS, type TrialDraft } from '@ypsigram/contract';
import { decimal } from '../../kit/figures/figures';
import { TakeReading } from '../../scale/take-reading';

/** A weighing as it is entered. */
export interface Weighed {
  readonly grams: number;
  readonly source: TrialDraft['source'];
  readonly conditions: string;
}

/** One weighing after another: typed, or taken from the scale. */
@Component({
  selector: 'yg-trial-entry',
  imports: [TakeReading],
  template: `
    <div class="fields">
      <label>
        <span>{{ tool() }} weighs, g</span>
        <input
          #gramsField
          class="form-control"
          inputmode="decimal"
          autocomplete="off"
          [attr.aria-invalid]="problem() !== null"
          (keydown.enter)="type(gramsField, conditionsField.value)"
        />
      </label>
      <button
        type="button"
        class="btn btn-outline-primary"
        (click)="type(gramsField, conditionsField.value)"
      >
        Add trial
      </button>
      <yg-take-reading (taken)="take($event, conditionsField.value)" />
      <label>
        <span>Conditions (optional)</span>
        <input
          #conditionsField
          class="form-control conditions"
          maxlength="120"
          placeholder="damp day"
        />
      </label>
    </div>
    <p class="problem" aria-live="polite">{{ problem() }}</p>
  `,
  styles: `
    :host {
      display: block;
      margin-top: 0.6rem;
    }
    input {
      width: 8rem;
      font-variant-numeric: tabular-nums;
    }
    .conditions {
      width: 12rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TrialEntry {
  readonly tool = input.required<string>();
  readonly weighed = output<Weighed>();

  protected readonly problem = signal<string | null>(null);

  protected type(field: HTMLInputElement, conditions: string): void {
    const mass = decimal(field.value);
    if (mass === null || mass <= 0 || mass > HEAVIEST_READING_GRAMS) {
      this.problem.set(
        'Write the weight of what is in it in grams, without the container. For example: 131.',
      );
      return;
    }
    this.problem.set(null);
    field.value = '';
    field.focus();
    this.weighed.emit({ grams: mass, source: 'typed', conditions: conditions.trim() });
  }

  protected take(mass: number, conditions: string): void {
    this.problem.set(null);
    this.weighed.emit({ grams: mass, source: 'scale', conditions: conditions.trim() });
  }
}
