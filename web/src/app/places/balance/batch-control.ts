import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  input,
  output,
  signal,
} from '@angular/core';
import { FACTOR_PROBLEMS } from '@ypsigram/contract';
import { mixed, showKitchen } from '@ypsigram/core/amount';
import { readFactor } from '@ypsigram/core/batch';
import type { Yield } from '@ypsigram/core/reading';

const QUICK = [
  { factor: '1/2', shown: '1/2' },
  { factor: '1', shown: '1' },
  { factor: '2', shown: '2' },
  { factor: '3', shown: '3' },
] as const;

/** How large the batch is: a few factors at hand, any other typed. */
@Component({
  selector: 'yg-batch-control',
  templateUrl: './batch-control.html',
  styleUrl: './batch-control.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BatchControl {
  readonly factor = input.required<string>();
  readonly yields = input.required<Yield | null>();
  readonly changed = output<string>();

  protected readonly quick = QUICK;
  /** What stands in the field, sensible or not: a wrong entry is kept until it is mended. */
  protected readonly typed = signal('1');
  protected readonly reading = computed(() => readFactor(this.typed()));
  protected readonly problem = computed(() => {
    const reading = this.reading();
    return reading.ok ? null : FACTOR_PROBLEMS[reading.problem];
  });
  protected readonly pieces = computed(() => {
    const yields = this.yields();
    const factor = readFactor(this.factor());
    if (!yields?.count || !factor.ok) return null;
    const [min, max] = [yields.count.min, yields.count.max].map(
      (count) => showKitchen(count.mul(factor.factor)).text,
    );
    const number = min === max ? min : `${min} to ${max}`;
    // "2 × 23 cm tin": two figures side by side need something between them.
    return /^\d/.test(yields.noun) ? `${number} × ${yields.noun}` : `${number} ${yields.noun}`;
  });

  constructor() {
    effect(() => this.typed.set(this.factor()));
  }

  protected type(text: string): void {
    this.typed.set(text);
    const reading = readFactor(text);
    // As typed, so that "1.5" stays "1.5" in the field.
    if (reading.ok) this.changed.emit(text.trim());
  }

  protected isCurrent(factor: string): boolean {
    const [a, b] = [readFactor(factor), readFactor(this.factor())];
    return a.ok && b.ok && mixed(a.factor) === mixed(b.factor);
  }
}
