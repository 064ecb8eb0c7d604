import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import { WeightEntry, type EnteredWeight } from '../../scale/weight-entry';

/** A weighing as it is entered. */
export interface WeighedTrial extends EnteredWeight {
  readonly conditions: string;
}

/** One weighing after another: typed, or taken from the scale. */
@Component({
  selector: 'yg-trial-entry',
  imports: [ReactiveFormsModule, WeightEntry],
  template: `
    <div class="fields">
      <yg-weight-entry [tool]="tool()" act="Add trial" (weighed)="emit($event)" />
      <label>
        <span>Conditions (optional)</span>
        <input
          class="form-control"
          [formControl]="conditions"
          maxlength="120"
          placeholder="damp day"
        />
      </label>
    </div>
  `,
  styles: `
    :host {
      display: block;
      margin-top: 0.6rem;
    }
    input {
      width: 12rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TrialEntry {
  readonly tool = input.required<string>();
  readonly weighed = output<WeighedTrial>();

  protected readonly conditions = new FormControl('', { nonNullable: true });

  protected emit(entered: EnteredWeight): void {
    this.weighed.emit({ ...entered, conditions: this.conditions.value.trim() });
  }
}
