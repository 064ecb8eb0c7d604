import type { SentLineAnswer } from '@ypsigram/contract';
import {
  adviceMessage,
  basisName,
  METHOD_NAMES,
  noteMessage,
  measureText,
  openLineMessage,
  reasonMessage,
  weightParts,
} from '@ypsigram/contract';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  input,
  output,
  Injector,
  afterNextRender,
  inject,
  signal,
  viewChild,
  type ElementRef,
  type Signal,
} from '@angular/core';
import { isRange } from '@ypsigram/core/amount';
import type {
  LineReason,
  OpenLine,
  Advice,
  Columns,
  LineChoice,
  PlanLine,
} from '@ypsigram/core/batch';
import { questionsOf, type Choice, type Question } from '@ypsigram/core/conversion';
import { onScaleGrid } from '@ypsigram/core/fills';
import type { Drawer } from '@ypsigram/core/drawer';
import type { Method, Shelf } from '@ypsigram/core/catalogue';
import type { KnownWeight } from '@ypsigram/core/measuring';
import type { Line } from '@ypsigram/core/reading';
import type { Standard } from '@ypsigram/core/units';
import { batchedAmount, shownAmount, spread } from '../../../kit/amounts/amounts';
import { Beam } from '../../../kit/beam/beam';
import { FillPictures } from '../../../kit/fills/fills';
import { answerOf } from '../../../kit/question/answer-of';
import { LineQuestion } from '../../../kit/question/line-question';
import { TechniqueCard } from '../../../kit/technique/technique-card';
import type { Decision } from '../../../state/recipe/recipe.actions';
import { mendOf } from './line-advice';
import type { LineSaid } from './moved-lines';
import { LineBasis } from './line-basis';
import { LineDecisions } from './line-decisions';

const NO_CHOICE: LineChoice = {};
const NO_REASONS: readonly LineReason[] = [];

/** One line of the ledger: what the author meant, and both your columns. */
@Component({
  selector: 'yg-ledger-line',
  imports: [Beam, FillPictures, LineBasis, LineDecisions, LineQuestion, TechniqueCard],
  templateUrl: './ledger-line.html',
  styleUrls: ['./ledger-line.scss', './ledger-line-tablet.scss', './ledger-line-phone.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    role: 'rowgroup',
    '[class.open]': 'isOpen()',
    '[class.measure]': "columns() === 'measure'",
    '[class.weigh]': "columns() === 'weigh'",
    '[class.further]': '(line().partOf?.index ?? 0) > 0',
    '[class.more]': 'isFollowed()',
  },
})
export class LedgerLine {
  readonly line = input.required<Line>();
  /** Whether another ingredient of the same written line comes below. */
  protected readonly isFollowed = computed(() => {
    const { partOf } = this.line();
    return partOf !== undefined && partOf.index + 1 < partOf.count;
  });
  readonly plan = input.required<PlanLine>();
  /** What the pictures show, a moment behind while the batch is dragged; the plan where absent. */
  readonly pictured = input<PlanLine>();
  readonly standard = input.required<Standard>();
  readonly shelf = input.required<Shelf>();
  /** What is known of the author's cups. */
  readonly known = input<readonly KnownWeight[]>([]);
  readonly index = input.required<number>();
  private readonly editor = viewChild.required<ElementRef<HTMLButtonElement>>('editor');
  private readonly panel = viewChild<ElementRef<HTMLElement>>('panel');
  private readonly injector = inject(Injector);
  /** Looked at only by what is open, so that a change of it redraws nothing else. */
  readonly factor = input<Signal<number>>(signal(1));
  /** Whether the batch is another than the recipe as written. */
  readonly isScaled = input(false);
  readonly choice = input<LineChoice>(NO_CHOICE);
  readonly columns = input<Columns>('both');
  readonly drawer = input.required<Drawer>();
  /** What would mend it, where it is off. */
  readonly advice = input<Advice | null>(null);
  /** How it goes with a premix, where one concerns it. */
  readonly premix = input<string | null>(null);
  /** What is asked about an amount that can hardly be meant. */
  readonly doubt = input<string | null>(null);
  /** What is open on it: a part that is not counted, a weight, a question. */
  readonly open = input<OpenLine | null>(null);
  /** Why it is filled as it is, where the recipe alone does not tell. */
  readonly why = input<readonly LineReason[]>(NO_REASONS);
  /** What it said when it was last looked at, where that has changed since. */
  readonly moved = input<LineSaid | null>(null);
  readonly methodChosen = output<Method>();
  readonly decided = output<Decision>();
  readonly mended = output<Advice>();
  readonly answered = output<SentLineAnswer>();
  /** To where the whole text is. */
  readonly toText = output();

  protected readonly isOpen = signal(false);
  protected readonly methodNames = METHOD_NAMES;

  protected readonly pictures = computed(() => this.pictured() ?? this.plan());
  /** What goes in, which may be another kind than was written. */
  protected readonly ingredient = computed(() => {
    const { ingredientId } = this.plan();
    return ingredientId === null ? null : (this.shelf().ingredient(ingredientId) ?? null);
  });
  protected readonly substitute = computed(() => this.plan().substitute?.name ?? null);
  protected readonly bySpoon = computed(
    () => this.plan().measure?.fills.every(({ kind }) => kind === 'spoon') ?? false,
  );
  protected readonly mend = computed(() => {
    const advice = this.advice();
    return advice && { says: adviceMessage(advice), does: mendOf(advice) };
  });
  protected readonly reasons = computed(() => this.why().map(reasonMessage));
  private readonly questions = computed(() => {
    const open = this.open();
    return open?.is === 'question' ? open.questions : [];
  });
  /** Answered here, one after the other. */
  protected readonly question = computed(() => this.questions()[0] ?? null);
  protected readonly questionsLeft = computed(() => Math.max(0, this.questions().length - 1));
  protected readonly openSaid = computed(() => {
    const open = this.open();
    return open && open.is !== 'question' ? openLineMessage(open) : null;
  });
  protected readonly authorMethod = computed(() => {
    const { authorMethod, stated, amount } = this.line();
    if (authorMethod) return METHOD_NAMES[authorMethod];
    return stated && amount ? 'weighed' : '–';
  });
  protected readonly grams = computed(() => {
    const intended = this.plan().intended;
    return intended && weightParts(onScaleGrid(intended.grams)).figure;
  });
  protected readonly spread = computed(() => spread(this.plan().intended));
  protected readonly rung = computed(() => basisName(this.plan().intended?.basis ?? null));
  protected readonly weight = computed(() => {
    const { weight } = this.plan();
    return weight && weightParts(weight);
  });
  protected readonly measureText = measureText;
  /** What was written, scaled: all that can be said of an ingredient without a weight. */
  protected readonly scaled = computed(() => {
    const { scaled } = this.plan();
    const { unit } = this.line();
    return scaled && unit ? shownAmount(scaled, unit) : null;
  });
  /** The written amount at this batch, where that is another. */
  protected readonly batched = computed(() => {
    const [{ scaled }, { unit }] = [this.plan(), this.line()];
    return this.isScaled() && scaled && unit ? batchedAmount(scaled, unit) : null;
  });
  protected readonly isRange = computed(() => {
    const { amount } = this.line();
    return amount !== null && isRange(amount);
  });
  protected readonly notes = computed(() =>
    questionsOf(this.line(), this.standard(), this.shelf(), this.known()).map((question) =>
      noteMessage(question, this.line(), this.standard(), this.shelf()),
    ),
  );

  protected toggle(): void {
    if (this.isOpen()) return this.close();
    this.isOpen.set(true);
    // What is opened gets the keyboard, once it is drawn.
    afterNextRender(
      () => {
        const panel = this.panel()?.nativeElement;
        const first = panel?.querySelector<HTMLElement>('select, input, button');
        (first ?? panel)?.focus();
      },
      { injector: this.injector },
    );
  }

  protected close(): void {
    this.isOpen.set(false);
    this.focus();
  }

  protected answer({ note }: Question, { reading }: Choice): void {
    const line = this.line();
    this.answered.emit(answerOf(line.answered?.asRead ?? line, note, reading));
  }

  /** Puts the keyboard on the line. */
  focus(): void {
    this.editor().nativeElement.focus();
  }

  hasFocus(): boolean {
    return document.activeElement === this.editor().nativeElement;
  }
}
