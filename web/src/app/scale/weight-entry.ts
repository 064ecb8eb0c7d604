import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import { HEAVIEST_READING_GRAMS, type TrialDraft } from '@ypsigram/contract';
import { decimal } from '../kit/figures/figures';
import { positive, problemIn } from '../kit/forms/rules';
import { TakeReading } from './take-reading';

/** What a full measure weighs, and how that is known. */
export interface EnteredWeight {
  readonly grams: number;
  readonly source: TrialDraft['source'];
}

/** One weight after another: typed, or taken from the scale. Stands among other fields. */
@Component({
  selector: 'yg-weight-entry',
  imports: [ReactiveFormsModule, TakeReading],
  template: `
    <label>
      <span>{{ tool() }} weighs, g</span>
      <input
        #field
        class="form-control"
        inputmode="decimal"
        autocomplete="off"
        [formControl]="mass"
        [attr.aria-invalid]="problem() !== null"
        (keydown.enter)="type(field)"
      />
    </label>
    <button type="button" [class]="look()" (click)="type(field)">{{ act() }}</button>
    <yg-take-reading (taken)="take($event)" />
    <p class="problem" aria-live="polite">{{ problem() }}</p>
  `,
  styles: `
    input {
      width: 8rem;
      font-variant-numeric: tabular-nums;
    }
    .problem {
      flex-basis: 100%;
      margin: 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'fields' },
})
export class WeightEntry {
  readonly tool = input.required<string>();
  /** What the button says. */
  readonly act = input.required<string>();
  /** The one thing to do here, or one of several. */
  readonly isMain = input(false);
  readonly weighed = output<EnteredWeight>();

  protected readonly look = computed(() => `btn btn-${this.isMain() ? '' : 'outline-'}primary`);
  protected readonly problem = signal<string | null>(null);
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
    const grams = decimal(this.mass.value)!;
    this.mass.reset();
    field.focus();
    this.weighed.emit({ grams, source: 'typed' });
  }

  protected take(grams: number): void {
    this.problem.set(null);
    this.weighed.emit({ grams, source: 'scale' });
  }
}
