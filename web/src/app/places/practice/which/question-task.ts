import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  output,
} from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { choiceTexts, cupsOf, explanationText, questionText } from '@ypsigram/contract/practice';
import { isRightAnswer, type PracticeAnswer, type PracticeQuestion } from '@ypsigram/core/practice';
import { decimal, signedPercent } from '../../../kit/figures/figures';
import { TechniqueCard } from '../../../kit/technique/technique-card';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../../state/kitchen/kitchen.selectors';
import { ScaleDrawing } from './scale-drawing';

/** What was answered. */
export interface AnsweredQuestion {
  readonly isRight: boolean;
  /** How far off an estimate was, relative. */
  readonly off: number | null;
}

/** A question with its choices, and after the answer its reasons in figures. */
@Component({
  selector: 'yg-question-task',
  imports: [RouterLink, ScaleDrawing, TechniqueCard],
  templateUrl: './question-task.html',
  styleUrl: './question-task.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'press($event)' },
})
export class QuestionTask {
  readonly question = input.required<PracticeQuestion>();
  readonly done = output<AnsweredQuestion>();

  private readonly store = inject(Store);
  private readonly standard = this.store.selectSignal(kitchenFeature.selectStandard);
  private readonly shelf = this.store.selectSignal(selectShelf);
  private readonly names = computed(() => ({
    nameOf: (id: string) => this.shelf().ingredient(id)?.name ?? id,
    standard: this.standard(),
  }));

  // Each begins anew with its question.
  protected readonly answer = linkedSignal<PracticeQuestion, PracticeAnswer | null>({
    source: this.question,
    computation: () => null,
  });
  /** The cups that were put in order so far. */
  protected readonly order = linkedSignal<PracticeQuestion, readonly number[]>({
    source: this.question,
    computation: () => [],
  });
  protected readonly problem = linkedSignal<PracticeQuestion, string | null>({
    source: this.question,
    computation: () => null,
  });

  protected readonly text = computed(() => questionText(this.question(), this.names()));
  protected readonly texts = computed(() => choiceTexts(this.question(), this.names()));
  protected readonly why = computed(() => explanationText(this.question(), this.names()));
  protected readonly isRight = computed(() => {
    const answer = this.answer();
    return answer !== null && isRightAnswer(this.question(), answer);
  });
  /** The drawn scale, where it is one. */
  protected readonly scale = computed(() => {
    const question = this.question();
    return question.topic === 'scale' ? question : null;
  });
  protected readonly isOrder = computed(() => this.question().topic === 'order');
  protected readonly isEstimate = computed(() => this.question().topic === 'estimate');
  protected readonly choices = computed(() => {
    const question = this.question();
    const answer = this.answer();
    const chosen = answer && 'choice' in answer ? answer.choice : -1;
    return this.texts().map((text, at) => ({
      text,
      place: this.order().indexOf(at) + 1,
      isChosen: at === chosen,
      isRight: answer !== null && 'right' in question && question.right === at,
    }));
  });
  protected readonly verdict = computed(() => {
    const question = this.question();
    const answer = this.answer();
    if (!answer) return '';
    if (question.topic === 'estimate' && 'grams' in answer) {
      const off = signedPercent(answer.grams / question.right - 1, 0);
      return this.isRight() ? `Right, ${off} from it.` : `Not near enough: ${off}.`;
    }
    return this.isRight() ? 'Right.' : 'Not this one.';
  });
  /** Of which cups the figures are told, where they are weights. */
  protected readonly cups = computed(() =>
    ['heavier', 'order', 'estimate', 'wording'].includes(this.question().topic)
      ? `By the tables of your ingredients, in ${cupsOf(this.standard())}.`
      : null,
  );
  protected readonly ingredients = computed(() => {
    const question = this.question();
    const ids =
      'cups' in question
        ? question.cups.map(({ ingredientId }) => ingredientId)
        : 'cup' in question
          ? [question.cup.ingredientId]
          : 'ingredientId' in question
            ? [question.ingredientId]
            : [];
    return [...new Set(ids)].flatMap((id) => this.shelf().ingredient(id) ?? []);
  });
  /** The technique card that goes with the answer. */
  protected readonly card = computed(() => {
    const { topic } = this.question();
    return topic === 'technique' || topic === 'tool' ? (this.ingredients()[0] ?? null) : null;
  });

  protected choose(at: number): void {
    if (this.answer()) return;
    if (this.isOrder()) this.place(at);
    else this.give({ choice: at });
  }

  protected startOver(): void {
    this.order.set([]);
  }

  protected estimate(typed: string): void {
    const weight = decimal(typed);
    this.problem.set(weight ? null : 'Write how many grams. For example: 240.');
    if (weight) this.give({ grams: weight });
  }

  /** Choices by their number. */
  protected press(event: KeyboardEvent): void {
    const isTyping = event.target instanceof HTMLInputElement && event.target.type !== 'range';
    if (isTyping || event.ctrlKey || event.metaKey || event.altKey) return;
    const at = Number(event.key) - 1;
    if (Number.isInteger(at) && at >= 0 && at < this.texts().length) this.choose(at);
  }

  /** The next lightest; the last one needs no choosing. */
  private place(at: number): void {
    const before = this.order();
    if (before.includes(at)) {
      this.order.set(before.filter((cup) => cup !== at));
      return;
    }
    const now = [...before, at];
    this.order.set(now);
    if (now.length === this.texts().length) this.give({ order: now });
  }

  private give(answer: PracticeAnswer): void {
    if (this.answer()) return;
    this.answer.set(answer);
    const question = this.question();
    const off =
      question.topic === 'estimate' && 'grams' in answer ? answer.grams / question.right - 1 : null;
    this.done.emit({ isRight: isRightAnswer(question, answer), off });
  }
}
