import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { METHOD_NAMES, basisName, noteMessage } from '@ypsigram/contract';
import { isRange } from '@ypsigram/core/amount';
import { methodsForLine, onScaleGrid, type PlanLine } from '@ypsigram/core/batch';
import type { Method, Shelf } from '@ypsigram/core/catalogue';
import type { Line } from '@ypsigram/core/reading';
import type { Standard } from '@ypsigram/core/units';
import { shownAmount, spread } from '../../kit/amounts/amounts';
import { Beam } from '../../kit/beam/beam';
import { Fills } from '../../kit/fills/fills';
import { Icon } from '../../kit/icon/icon';
import { LineBasis } from './line-basis';

/** One line of the ledger: what the author meant, and both your columns. */
@Component({
  selector: 'yg-ledger-line',
  imports: [Beam, Fills, Icon, LineBasis],
  templateUrl: './ledger-line.html',
  styleUrl: './ledger-line.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { role: 'rowgroup', '[class.open]': 'isOpen()' },
})
export class LedgerLine {
  readonly line = input.required<Line>();
  readonly plan = input.required<PlanLine>();
  readonly standard = input.required<Standard>();
  readonly shelf = input.required<Shelf>();
  readonly index = input.required<number>();
  readonly methodChosen = output<Method>();

  protected readonly isOpen = signal(false);
  protected readonly methodNames = METHOD_NAMES;

  protected readonly methods = computed(() => methodsForLine(this.line()));
  protected readonly authorMethod = computed(() => {
    const { authorMethod, stated, amount } = this.line();
    if (authorMethod) return METHOD_NAMES[authorMethod];
    return stated && amount ? 'weighed' : '–';
  });
  protected readonly grams = computed(() => {
    const intended = this.plan().intended;
    return intended && onScaleGrid(intended.grams).shown.replace(' g', '');
  });
  protected readonly spread = computed(() => spread(this.plan().intended));
  protected readonly rung = computed(() => basisName(this.plan().intended?.basis ?? null));
  protected readonly weight = computed(() => this.plan().weight?.shown.replace(' g', '') ?? null);
  /** What was written, scaled: all that can be said of an ingredient without a weight. */
  protected readonly scaled = computed(() => {
    const { scaled } = this.plan();
    const { unit } = this.line();
    return scaled && unit ? shownAmount(scaled, unit) : null;
  });
  protected readonly isRange = computed(() => {
    const { amount } = this.line();
    return amount !== null && isRange(amount);
  });
  protected readonly notes = computed(() =>
    this.line().notes.map((note) => noteMessage(note, this.line(), this.standard(), this.shelf())),
  );

  protected toggle(): void {
    this.isOpen.update((open) => !open);
  }

  protected choose(method: string): void {
    this.methodChosen.emit(method as Method);
  }
}
