import { ChangeDetectionStrategy, Component, input, output, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { HEAVIEST_READING_GRAMS, type KitchenContainer } from '@ypsigram/contract';
import { decimal } from '../../kit/figures/figures';
import { positive, problemIn, written } from '../../kit/forms/rules';
import { Icon } from '../../kit/icon/icon';
import { TakeReading } from '../../scale/take-reading';

/** Bowls and jars with what they weigh empty. */
@Component({
  selector: 'yg-containers-section',
  imports: [Icon, ReactiveFormsModule, TakeReading],
  templateUrl: './containers-section.html',
  styleUrl: './things.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ContainersSection {
  readonly owned = input.required<readonly KitchenContainer[]>();
  readonly kept = output<KitchenContainer>();
  readonly removed = output<string>();

  protected readonly problem = signal<string | null>(null);

  protected readonly form = new FormGroup({
    name: new FormControl('', {
      nonNullable: true,
      validators: written('Give the container a name, such as “white bowl”.'),
    }),
    grams: new FormControl('', {
      nonNullable: true,
      validators: positive(
        HEAVIEST_READING_GRAMS,
        'Write its weight when empty in grams, for example 312.',
      ),
    }),
  });

  protected add(nameField: HTMLInputElement): void {
    this.problem.set(problemIn(this.form));
    if (this.form.invalid) return;
    const { name, grams } = this.form.getRawValue();
    this.form.reset();
    nameField.focus();
    this.kept.emit({ name: name.trim(), grams: decimal(grams)! });
  }
}
