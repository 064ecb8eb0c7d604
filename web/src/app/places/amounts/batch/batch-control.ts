import {
  ChangeDetectionStrategy,
  Component,
  computed,
  input,
  output,
  linkedSignal,
} from '@angular/core';
import { FACTOR_PROBLEMS } from '@ypsigram/contract';
import { Fraction, mixed } from '@ypsigram/core/amount';
import { readFactor, showFactor } from '@ypsigram/core/factor';

/** The slider goes in eighths, up to four times the recipe. */
const EIGHTHS = 8;
const MOST_EIGHTHS = 4 * EIGHTHS;

const QUICK = [
  { factor: '1/2', shown: '1/2' },
  { factor: '1', shown: '1' },
  { factor: '2', shown: '2' },
  { factor: '3', shown: '3' },
] as const;

/** As a baker reads it: an odd fraction, such as of two pans, as a decimal; what is typed stays. */
function plainFactor(text: string): string {
  const reading = readFactor(text);
  return reading.ok && /\d{2,}\/\d{2,}/.test(text) ? showFactor(reading.factor) : text;
}

/** The factor of the batch: a few at hand, any other typed or dragged. */
@Component({
  selector: 'yg-batch-control',
  templateUrl: './batch-control.html',
  styleUrl: './batch-control.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BatchControl {
  readonly factor = input.required<string>();
  /** Only the few at hand, beside another way to set the batch. */
  readonly isShort = input(false);
  readonly changed = output<string>();
  /** As it is typed, letter by letter: one change to whoever takes it back. */
  readonly typing = output<string>();
  readonly typingEnded = output();

  protected readonly quick = QUICK;
  protected readonly mostEighths = MOST_EIGHTHS;
  /** What stands in the field, sensible or not: a wrong entry is kept until it is mended. */
  protected readonly typed = linkedSignal(() => plainFactor(this.factor()));
  protected readonly reading = computed(() => readFactor(this.typed()));
  protected readonly problem = computed(() => {
    const reading = this.reading();
    return reading.ok ? null : FACTOR_PROBLEMS[reading.problem];
  });
  protected type(text: string): void {
    this.typed.set(text);
    const reading = readFactor(text);
    // As typed, so that "1.5" stays "1.5" in the field.
    if (reading.ok) this.typing.emit(text.trim());
  }

  /** The factor in eighths, as far as the slider goes. */
  protected readonly eighths = computed(() => {
    const reading = readFactor(this.factor());
    const eighths = Math.round((reading.ok ? reading.factor.valueOf() : 1) * EIGHTHS);
    return Math.min(MOST_EIGHTHS, Math.max(1, eighths));
  });

  protected slide(eighths: string): void {
    this.typing.emit(new Fraction(Number(eighths), EIGHTHS).toFraction());
  }

  protected isCurrent(factor: string): boolean {
    const [a, b] = [readFactor(factor), readFactor(this.factor())];
    return a.ok && b.ok && mixed(a.factor) === mixed(b.factor);
  }
}
