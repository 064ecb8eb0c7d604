import {
  type Temperature,
  basisName,
  choiceText,
  METHOD_NAMES,
  noteMessage,
  weightParts,
} from '@ypsigram/contract';
import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  computed,
  inject,
  input,
  output,
  signal,
  viewChildren,
} from '@angular/core';
import { onScaleGrid } from '@ypsigram/core/fills';
import type { Shelf } from '@ypsigram/core/catalogue';
import { intendedMass, type Choice, type Question } from '@ypsigram/core/conversion';
import type { KnownWeight } from '@ypsigram/core/measuring';
import { canBeKept, type Answered, type AnsweredBy, type Line } from '@ypsigram/core/reading';
import type { Standard } from '@ypsigram/core/units';
import { spread, writtenAmount } from '../../../kit/amounts/amounts';
import { CorrectLine } from './correct-line';
import { factsShown } from './facts-shown';
import { answerOf } from '../../../kit/question/answer-of';
import { LineQuestion } from '../../../kit/question/line-question';
import { questionsFor } from '../open-questions';
import { isWorthAsking, provenMass, type ProvenWeight } from '@ypsigram/core/batch';
import type { LineAct } from './line-act';
import { Opened } from '../../../kit/opened/opened';

type Given = Answered['given'][number];

/** What was understood of one line, what is doubtful about it, and what the baker said to that. */
@Component({
  selector: 'yg-understood-line',
  imports: [Opened, CorrectLine, LineQuestion],
  templateUrl: './understood-line.html',
  styleUrl: './understood-line.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '[attr.data-kind]': 'line().kind' },
})
export class UnderstoodLine {
  readonly line = input.required<Line>();
  /** Which line it is, for names of its parts. */
  readonly index = input(0);
  readonly standard = input.required<Standard>();
  readonly temperature = input<Temperature>('celsius');
  readonly shelf = input.required<Shelf>();
  /** What is known of the author's cups. */
  readonly known = input<readonly KnownWeight[]>([]);
  /** A recipe for keeping: shown as it is written, neither weighed nor asked about. */
  readonly isKept = input(false);
  /** Whose recipe it is; null for nobody's. */
  readonly author = input<string | null>(null);
  /** What good bakes have proved of it. */
  readonly proven = input<ProvenWeight | null>(null);
  readonly acted = output<LineAct>();

  private readonly host: HTMLElement = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly asked = viewChildren(LineQuestion);

  protected readonly intended = computed(() => {
    if (this.isKept()) return null;
    const proven = this.proven();
    return proven
      ? provenMass(proven)
      : intendedMass(this.line(), this.standard(), this.shelf(), this.known());
  });
  /** What is set apart can be meant after all, as what was not understood can. */
  protected readonly shownAs = computed(() => {
    const { kind } = this.line();
    return kind === 'remark' ? 'unread' : kind;
  });
  protected readonly name = computed(() => {
    const { ingredientId } = this.line();
    return ingredientId === null ? null : (this.shelf().ingredient(ingredientId)?.name ?? null);
  });
  protected readonly amount = computed(() => writtenAmount(this.line()));
  protected readonly method = computed(() => {
    const { authorMethod } = this.line();
    return authorMethod && authorMethod !== 'count' ? METHOD_NAMES[authorMethod] : null;
  });
  protected readonly grams = computed(() => {
    const intended = this.intended();
    return intended && weightParts(onScaleGrid(intended.grams)).figure;
  });
  protected readonly spread = computed(() => spread(this.intended()));
  protected readonly rung = computed(() => basisName(this.intended()?.basis ?? null));
  protected readonly questions = computed(() =>
    (this.isKept()
      ? []
      : questionsFor(this.line(), this.standard(), this.shelf(), this.known())
    ).map((question) => ({
      question,
      // What good bakes weighed needs no answer any more.
      asks: !this.proven() && isWorthAsking(question, this.line(), this.intended(), this.shelf()),
      canChange: question.choices.length > 1 && question.gramsAtStake > 0,
      message: noteMessage(question, this.line(), this.standard(), this.shelf()),
    })),
  );
  protected readonly settled = computed(() =>
    (this.line().answered?.given ?? []).map((given) => ({
      given,
      key: given.note?.code ?? 'correction',
      says: given.note ? `Your answer: ${this.choiceOf(given)}.` : 'You corrected this line.',
      // A line as a whole is corrected for itself alone.
      canKeep: given.note !== null && canBeKept(given.note),
    })),
  );
  /** Heat, time and tins of a step. */
  protected readonly facts = computed(() => factsShown(this.line(), this.temperature()));
  /** The quiet assumption that the baker has opened to change it. */
  protected readonly opened = signal<string | null>(null);
  protected readonly isCorrecting = signal(false);

  /** Puts the keyboard on the first question of the line, or on what else can be done to it. */
  focusQuestion(): void {
    const [question] = this.asked();
    if (question) question.focus();
    else this.host.querySelector<HTMLButtonElement>('.asks button')?.focus();
  }

  protected answer({ note }: Question, { reading }: Choice): void {
    this.opened.set(null);
    this.acted.emit({ what: 'answer', answer: answerOf(this.asRead(), note, reading) });
  }

  protected keep({ note, reading, by }: Given, to: string): void {
    const answer = answerOf(this.asRead(), note, reading);
    this.acted.emit({ what: 'keep', answer, from: by, to: to as AnsweredBy });
  }

  protected askAgain({ note, reading, by }: Given): void {
    this.acted.emit({
      what: 'ask again',
      answer: answerOf(this.asRead(), note, reading),
      from: by,
    });
  }

  protected correct(reading: Choice['reading']): void {
    this.isCorrecting.set(false);
    this.acted.emit({ what: 'answer', answer: answerOf(this.asRead(), null, reading) });
  }

  protected add({ note }: Question): void {
    if (note.code === 'unknown-ingredient') this.acted.emit({ what: 'add', words: note.words });
  }

  protected take({ note }: Question): void {
    const { ingredientId } = this.line();
    if (note.code !== 'from-table' || ingredientId === null) return;
    this.acted.emit({ what: 'take', ingredientId, words: note.words });
  }

  private asRead(): Line {
    return this.line().answered?.asRead ?? this.line();
  }

  private choiceOf({ note, reading }: Given): string {
    const line = this.asRead();
    const question = questionsFor(line, this.standard(), this.shelf(), this.known()).find(
      (one) => one.note === note,
    );
    const same = JSON.stringify(Object.entries(reading).sort());
    const choice = question?.choices.find(
      (one) => JSON.stringify(Object.entries(one.reading).sort()) === same,
    );
    if (choice && note) {
      const says = choiceText(note, choice, line, this.shelf());
      // Without the question beside it, "before" needs what is done before.
      return note.code === 'order-before' || note.code === 'order-after'
        ? `${note.word} ${says} measuring`
        : says;
    }
    const { ingredientId } = reading;
    return (ingredientId && this.shelf().ingredient(ingredientId)?.name) || 'as it is read now';
  }
}
