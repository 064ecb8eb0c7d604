import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  linkedSignal,
  output,
  signal,
  viewChild,
  type ElementRef,
} from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  basisName,
  inOurMark,
  METHOD_NAMES,
  measureText,
  weightText,
  standardName,
} from '@ypsigram/contract';
import { massText, quickText } from '@ypsigram/contract/quick';
import { mixed } from '@ypsigram/core/amount';
import { ask, questionsIn, type MeasureAnswer, type QuickAnswer } from '@ypsigram/core/quick';
import { spread } from '../kit/amounts/amounts';
import { askedBefore, rememberQuestion } from './asked-before';
import { kitchenFeature } from '../state/kitchen/kitchen.feature';
import { selectPlanning } from '../state/kitchen/kitchen.selectors';
import { recallNewRecipe } from '../state/recipe/new-recipe-memory';
import { recipeActions } from '../state/recipe/recipe.actions';
import { selectKnownNow } from '../state/trials/trials.selectors';

/** Figures that stand beside each other, such as one for each way of filling. */
interface Group {
  readonly name: string;
  readonly all: readonly { readonly name: string; readonly figure: string }[];
}

/** More lines than these are a recipe. */
const MOST_LINES = 60;

/** One line that is asked and answered while it is typed: nothing of it is saved. */
@Component({
  selector: 'yg-quick-question',
  templateUrl: './quick-question.html',
  styleUrl: './quick-question.scss',
  host: { '(keydown)': 'press($event)' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class QuickQuestion {
  readonly closed = output();

  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly sheet = viewChild.required<ElementRef<HTMLDialogElement>>('sheet');
  private readonly planning = this.store.selectSignal(selectPlanning);
  private readonly standard = this.store.selectSignal(kitchenFeature.selectStandard);
  private readonly hand = this.store.selectSignal(selectKnownNow);

  protected readonly question = signal('');
  /** What was done with the answer, for a moment. */
  protected readonly done = linkedSignal({ source: this.question, computation: () => '' });
  protected readonly answer = computed(() => this.answered(this.question()));
  /** Several lines that were pasted; none as long as one is asked. */
  protected readonly lines = signal<readonly string[]>([]);
  protected readonly answers = computed(() =>
    this.lines().map((line) => ({ line, says: inOurMark(quickText(this.answered(line))) })),
  );
  protected readonly before = askedBefore();
  protected readonly says = computed(() => inOurMark(quickText(this.answer())));
  protected readonly measure = computed(() => {
    const answer = this.answer();
    return answer.kind === 'measure' ? shown(answer, this.question()) : null;
  });
  protected readonly closest = computed(() => {
    const answer = this.answer();
    if (answer.kind !== 'none') return [];
    const { shelf } = this.planning();
    return answer.closest.map((id) => ({ id, name: shelf.ingredient(id)?.name ?? id }));
  });

  constructor() {
    afterNextRender(() => this.sheet().nativeElement.showModal());
  }

  private answered(question: string): QuickAnswer {
    return ask(question, {
      ...this.planning(),
      standard: this.standard(),
      hand: this.hand(),
    });
  }

  protected typed(question: string): void {
    this.question.set(question);
    // "honey vs sugar 1 cup" has no one answer, and two.
    const apart = this.answer().kind === 'none' ? questionsIn(question) : [];
    this.lines.set(apart.length > 1 ? apart : []);
  }

  /** Several lines are answered one under the other; a field of one line would run them together. */
  protected pasted(event: ClipboardEvent, field: HTMLInputElement): void {
    const pasted = event.clipboardData?.getData('text/plain') ?? '';
    const lines = questionsIn(pasted);
    if (lines.length < 2 || !/[\r\n]/.test(pasted.trim())) return;
    event.preventDefault();
    field.value = '';
    this.question.set('');
    this.lines.set(lines.slice(0, MOST_LINES));
  }

  protected copyAll(): void {
    this.put(
      this.answers()
        .map(({ line, says }) => `${line}\t${says}`)
        .join('\n'),
    );
  }

  protected press(event: KeyboardEvent): void {
    const isOnButton = event.target instanceof HTMLButtonElement;
    if (event.key === 'Enter' && !isOnButton) this.copy();
    else if (event.altKey && event.code === 'KeyI') this.openIngredient();
    else if (event.altKey && event.code === 'KeyR') this.startRecipe();
    else return;
    event.preventDefault();
  }

  protected copy(): void {
    if (this.lines().length > 0) return this.copyAll();
    if (this.answer().kind === 'none') return;
    rememberQuestion(this.question());
    this.put(this.says());
  }

  private put(text: string): void {
    void navigator.clipboard.writeText(text).then(
      () => this.done.set('Copied.'),
      () => this.done.set('The browser did not let this be copied. Select the answer instead.'),
    );
  }

  protected openIngredient(): void {
    const answer = this.answer();
    if (answer.kind !== 'measure') return;
    this.close();
    void this.router.navigateByUrl(`/ingredients/${answer.ingredient.id}`);
  }

  /** The line goes into the recipe that is being written, under what is there. */
  protected startRecipe(): void {
    const answer = this.answer();
    if (answer.kind !== 'measure') return;
    const draft = recallNewRecipe(this.standard());
    const text = [draft.text.trimEnd(), answer.line.written.trim()].filter(Boolean).join('\n');
    this.close();
    void this.router
      .navigateByUrl('/new/text')
      .then(() =>
        this.store.dispatch(recipeActions.newRecipeOpened({ draft: { ...draft, text } })),
      );
  }

  /** Asks again with a known name in the place of the words that were not. */
  protected useInstead(field: HTMLInputElement, name: string): void {
    const amount =
      /^[\d\s/.,½⅓⅔¼¾⅛-]*(?:cups?|tbsp|tsp|tablespoons?|teaspoons?|g|kg|ml|oz|lb)?\b/i.exec(
        field.value,
      );
    field.value = `${amount?.[0].trim() ?? ''} ${name.toLowerCase()}`.trim();
    this.question.set(field.value);
    field.focus();
  }

  protected close(): void {
    if (this.answer().kind !== 'none') rememberQuestion(this.question());
    this.sheet().nativeElement.close();
  }
}

/** All that stands under the answer. */
function shown(
  { line, ingredient, intended, plan, ways, standards, times }: MeasureAnswer,
  question: string,
) {
  const range = spread(intended);
  const groups: Group[] = [
    {
      name: 'By way of filling',
      all: ways.map((way) => ({
        name: METHOD_NAMES[way.method],
        figure: massText(way.intended.grams),
      })),
    },
    {
      name: 'By cups and spoons',
      all: standards.map((one) => ({
        name: standardName(one.standard),
        figure: massText(one.grams),
      })),
    },
    {
      name: 'Other batches',
      all: times.map((one) => ({
        name: `×${mixed(one.times)}`,
        figure: [
          one.plan.measure && measureText(one.plan.measure),
          one.plan.intended && massText(one.plan.intended.grams),
        ]
          .filter(Boolean)
          .join(', '),
      })),
    },
  ];
  return {
    // What was left out is said: "cocoa" is a cup of it.
    meant: question.toLowerCase().includes(line.written.trim().toLowerCase()) ? null : line.written,
    name: ingredient.name,
    basis: basisName(intended.basis),
    range: range ? `, ${inOurMark(range)}` : '',
    tools: plan.measure && measureText(plan.measure),
    weight: plan.weight && weightText(plan.weight),
    groups: groups.filter(({ all }) => all.length > 1),
  };
}
