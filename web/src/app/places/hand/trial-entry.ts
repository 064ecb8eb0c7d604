import { ChangeDetectionStrategy, Component, input, output, signal } from '@angular/core';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import { HEAVIEST_READING_GRAMS, type TrialDraft } from '@ypsigram/contract';
import { decimal } from '../../kit/figures/figures';
import { positive, problemIn } from '../../kit/forms/rules';
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
  imports: [ReactiveFormsModule, TakeReading],
  template: `
    <div class="fields">
      <label>
        <span>{{ tool() }} weighs, g</span>
        <input
          #gramsField
          class="form-control"
          [formControl]="mass"
          inputmode="decimal"
          autocomplete="off"
          [attr.aria-invalid]="problem() !== null"
          (keydown.enter)="type(gramsField)"
        />
      </label>
      <button type="button" class="btn btn-outline-primary" (click)="type(gramsField)">
        Add trial
      </button>
      <yg-take-reading (taken)="take($event)" />
      <label>
        <span>Conditions (optional)</span>
        <input
          class="form-control conditions"
          [formControl]="conditions"
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

  protected readonly conditions = new FormControl('', { nonNullable: true });
  protected readonly mass = new FormControl('', {
    nonNullable: true,
    validators: positive(
      HEAVIEST_READING_GRAMS,
      'Write the weight of what is in it in grams, without the container. For example: 131.',
    ),
  });

  protected type(field: HTMLInputElement): void {
    this.problem.set(problemIn(this.mass));
    if (this.mass.invalid) return;
    const typed = decimal(this.mass.value)!;
    this.mass.reset();
    field.focus();
    this.emit(typed, 'typed');
  }

  protected take(shown: number): void {
    this.problem.set(null);
    this.emit(shown, 'scale');
  }

  private emit(mass: number, source: Weighed['source']): void {
    this.weighed.emit({ grams: mass, source, conditions: this.conditions.value.trim() });
  }
}
