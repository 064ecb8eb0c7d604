import {
  Injectable,
  computed,
  effect,
  inject,
  linkedSignal,
  signal,
  untracked,
} from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { Store } from '@ngrx/store';
import { debounceTime } from 'rxjs';
import { doubtMessage, premixMessages } from '@ypsigram/contract';
import {
  adviceFor,
  byIndex,
  reasonsOf,
  type Advice,
  type Columns,
  type LineChoice,
  type LineReason,
  type PlanLine,
} from '@ypsigram/core/batch';
import { doubtfulAmounts } from '@ypsigram/core/formula';
import { headsIngredients } from '@ypsigram/core/reading/structure';
import { selectShelf, selectWholeDrawer } from '../../../state/kitchen/kitchen.selectors';
import { recipeFeature } from '../../../state/recipe/recipe.feature';
import {
  selectBatch,
  selectOpenLines,
  selectPlan,
  selectReading,
} from '../../../state/recipe/recipe.selectors';
import { ShownColumns } from '../shown-columns';
import { MovedLines } from './moved-lines';
import { allPictured, nextPictured, type Pictured } from './pictured';

/** The pictures in sight follow their figures this much later, at the latest. */
const PICTURES_MILLISECONDS = 50;

/** What is out of sight follows when the batch rests: a slow drag is no rest. */
const REST_MILLISECONDS = 150;

/** What is done about a filling, not about a scale. */
const FILLINGS: readonly Advice['mend'][] = ['method', 'tools', 'weigh', 'larger-tool'];
const NO_CHOICE: LineChoice = {};
const NO_REASONS: ReadonlyMap<number, readonly LineReason[]> = new Map();
const NOTHING: readonly LineReason[] = [];
/** What is not saved yet has no name of its own. */
const NEW_RECIPE = 'new';
const NO_PREMIXES: ReadonlyMap<number, string> = new Map();

/** The lines of the ledger, what is seen first: each with its plan, its choice and what is advised. */
@Injectable()
export class LedgerEntries {
  private readonly store = inject(Store);
  private readonly reading = this.store.selectSignal(selectReading);
  private readonly shelf = this.store.selectSignal(selectShelf);
  private readonly plan = this.store.selectSignal(selectPlan);
  private readonly balance = this.store.selectSignal(recipeFeature.selectBalance);
  private readonly open = this.store.selectSignal(selectOpenLines);
  private readonly batch = this.store.selectSignal(selectBatch);
  private readonly whole = this.store.selectSignal(selectWholeDrawer);
  private readonly recipe = this.store.selectSignal(recipeFeature.selectRecipeState);
  private readonly columns = inject(ShownColumns).shown;
  private readonly moved = inject(MovedLines);

  /** The plan that lines out of sight show: the same, once the batch rests. */
  readonly settled = signal(this.plan());
  private readonly seen = signal<ReadonlySet<number>>(new Set());
  /** What is drawn as cups and beams. */
  private readonly pictured = linkedSignal<readonly PlanLine[], Pictured>({
    source: this.plan,
    computation: (plan, previous) => nextPictured(plan, previous?.value, untracked(this.seen)),
  });
  private readonly advice = computed(() => {
    const [plan, columns] = [this.settled(), this.columns()];
    // With the plan, not before it: the batch has changed a moment earlier.
    return untracked(() => this.adviceOn(plan, columns));
  });

  /** Why lines are filled as they are, once the batch rests. */
  private readonly reasons = computed(() => {
    const [plan, batch] = [this.settled(), untracked(this.batch)];
    return batch && plan.length === this.reading().lines.length
      ? reasonsOf(this.reading(), plan, batch, this.whole())
      : NO_REASONS;
  });
  private readonly ofRecipe = computed(() => this.recipe().saved?.id ?? NEW_RECIPE);
  private readonly factor = computed(() => this.recipe().draft.batch.factor);
  private readonly movedLines = computed(() =>
    this.moved.movedIn(this.ofRecipe(), untracked(this.factor), this.settled()),
  );
  /** How many lines say something else than when they were last looked at. */
  readonly movedCount = computed(() => this.movedLines().size);

  /** The lines that belong in a ledger; steps and yields do not. */
  readonly all = computed(() => {
    const [plan, settled, seen] = [this.plan(), this.settled(), this.seen()];
    const later = settled.length === plan.length ? settled : plan;
    const { lines: drawn } = this.pictured();
    const [choices, advice] = [byIndex(this.reading(), this.balance().lines), this.advice()];
    const [columns, reasons, moved] = [this.columns(), this.reasons(), this.movedLines()];
    const doubts = doubtfulAmounts(settled, this.shelf(), this.reading().title);
    const doubtOf = (index: number): string | null => {
      const doubt = doubts.find(({ line }) => line === index);
      return doubt ? doubtMessage(doubt) : null;
    };
    const open = new Map(this.open().map((one) => [one.line, one]));
    const premixes = columns === 'measure' ? NO_PREMIXES : premixMessages(settled);
    return this.reading()
      .lines.map((line, index) => ({
        line,
        index,
        plan: (seen.has(index) ? plan : later)[index]!,
        pictured: (seen.has(index) ? drawn : later)[index]!,
        choice: choices[index] ?? NO_CHOICE,
        advice: advice.find((one) => one.line === index) ?? null,
        premix: premixes.get(index) ?? null,
        doubt: doubtOf(index),
        open: open.get(index) ?? null,
        why: reasons.get(index) ?? NOTHING,
        moved: moved.get(index) ?? null,
      }))
      .filter(
        ({ line }) =>
          line.kind === 'ingredient' || line.kind === 'unread' || line.kind === 'heading',
      )
      .filter(
        ({ line, index }) => line.kind !== 'heading' || headsIngredients(this.reading(), index),
      );
  });

  constructor() {
    const plans = toObservable(this.plan);
    effect(() => {
      const plan = this.settled();
      untracked(() => this.moved.note(this.ofRecipe(), this.factor(), plan));
    });
    plans
      .pipe(debounceTime(PICTURES_MILLISECONDS), takeUntilDestroyed())
      .subscribe((plan) => this.pictured.set(allPictured(plan)));
    plans
      .pipe(debounceTime(REST_MILLISECONDS), takeUntilDestroyed())
      .subscribe((plan) => this.settled.set(plan));
  }

  see(index: number, isSeen: boolean): void {
    this.seen.update((seen) => {
      const next = new Set(seen);
      if (isSeen) next.add(index);
      else next.delete(index);
      return next;
    });
  }

  /** A line was looked at, or all of them. */
  look(index?: number): void {
    this.moved.look(this.ofRecipe(), this.settled(), index);
  }

  /** What to mend first, by the plan as it is, not as it is shown a moment later. */
  firstAdvice(): Advice | null {
    return this.adviceOn(this.plan(), this.columns())[0] ?? null;
  }

  isNearest(index: number): boolean {
    return byIndex(this.reading(), this.balance().lines)[index]?.nearest === true;
  }

  /** Of what could be done, what concerns the columns gone by. */
  private adviceOn(plan: readonly PlanLine[], columns: Columns): readonly Advice[] {
    const batch = this.batch();
    const all = batch ? adviceFor(this.reading(), plan, batch) : [];
    if (columns === 'both') return all;
    return all.filter(({ mend }) => FILLINGS.includes(mend) === (columns === 'measure'));
  }
}
