import { ChangeDetectionStrategy, Component, input, output, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import type { Fraction } from '@ypsigram/core/amount';
import { readFactor } from '@ypsigram/core/factor';
import type { KitchenTool } from '@ypsigram/contract';
import { problemIn, rule, unlike, written } from '../../kit/forms/rules';

/** A tool that the usual sets do not have: a 20 mL spoon, a mug that serves as a cup. */
@Component({
  selector: 'yg-add-tool',
  imports: [ReactiveFormsModule],
  templateUrl: './add-tool.html',
  styleUrl: './add-tool.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AddTool {
  /** Names that other tools have. */
  readonly taken = input<readonly string[]>([]);
  /** Sets there are already, to choose from. */
  readonly sets = input<readonly string[]>([]);
  readonly added = output<KitchenTool>();
  readonly cancelled = output();

  protected readonly problem = signal<string | null>(null);
  protected readonly form = new FormGroup({
    name: new FormControl('', {
      nonNullable: true,
      validators: [
        written('Give the tool a name, such as “blue mug”.'),
        unlike(() => this.taken()),
      ],
    }),
    kind: new FormControl<KitchenTool['kind']>('cup', { nonNullable: true }),
    size: new FormControl('', {
      nonNullable: true,
      // A size is written like a batch factor, and means as little when it is zero.
      validators: rule(
        (typed) => readFactor(typed).ok,
        'Write its size as a number: 310, 1/2 or 1 1/2.',
      ),
    }),
    unit: new FormControl<KitchenTool['unit']>('ml', { nonNullable: true }),
    set: new FormControl('', { nonNullable: true }),
  });

  protected add(): void {
    const { name, kind, size, unit, set } = this.form.getRawValue();
    const read = readFactor(size);
    this.problem.set(problemIn(this.form));
    if (this.form.invalid || !read.ok) return;
    this.added.emit({
      name: name.trim(),
      kind,
      nominal: tidy(read.factor),
      unit,
      set: set.trim() || null,
      aside: false,
      calibration: null,
    });
  }
}

/** A fraction the server takes: mixed where that is short, a decimal otherwise. */
function tidy(size: Fraction): string {
  return Number(size.d) < 100 ? size.toFraction(true) : size.valueOf().toFixed(3);
}
