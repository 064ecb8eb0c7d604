import { ChangeDetectionStrategy, Component, input, output, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule, Validators } from '@angular/forms';
import type { Fraction } from '@ypsigram/core/amount';
import { readFactor } from '@ypsigram/core/factor';
import type { KitchenTool } from '@ypsigram/contract';

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
  readonly taken = input.required<readonly string[]>();
  /** Sets there are already, to choose from. */
  readonly sets = input<readonly string[]>([]);
  readonly added = output<KitchenTool>();
  readonly cancelled = output();

  protected readonly problem = signal<string | null>(null);
  protected readonly form = new FormGroup({
    name: new FormControl('', {
      nonNullable: true,
      validators: [Validators.required, Validators.maxLength(40)],
    }),
    kind: new FormControl<KitchenTool['kind']>('cup', { nonNullable: true }),
    size: new FormControl('', { nonNullable: true, validators: Validators.required }),
    unit: new FormControl<KitchenTool['unit']>('ml', { nonNullable: true }),
    set: new FormControl('', { nonNullable: true, validators: [Validators.maxLength(40)] }),
  });

  protected add(): void {
    const { name, kind, size, unit, set } = this.form.getRawValue();
    const called = name.trim();
    // A size is written like a batch factor, and means as little when it is zero.
    const read = readFactor(size);
    if (called === '') return this.problem.set('Give the tool a name, such as “blue mug”.');
    if (this.taken().includes(called)) {
      return this.problem.set(`There is already a “${called}”. Choose another name.`);
    }
    if (!read.ok) return this.problem.set('Write its size as a number: 310, 1/2 or 1 1/2.');
    this.problem.set(null);
    const nominal = tidy(read.factor);
    this.added.emit({
      name: called,
      kind,
      nominal,
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
