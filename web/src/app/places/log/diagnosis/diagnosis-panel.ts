import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  CAUSE_WORDS,
  evidenceWords,
  QUESTION_WORDS,
  type BakeOutcomeReply,
} from '@ypsigram/contract/log';
import type { RememberedAs } from '@ypsigram/core/bench';
import {
  dialNextTime,
  earlierFailures,
  failedBake,
  nextQuestion,
  rankCauses,
  SOMETHING_ELSE,
  triedBefore,
  type QuestionId,
  type RankedCause,
  type CauseId,
} from '@ypsigram/core/diagnosis';
import { showDial } from '../../../kit/figures/oven-heat';
import { BakeSession } from '../../../state/bake/bake-session';
import { selectWalk } from '../../../state/bake/bake-walk';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../../state/kitchen/kitchen.selectors';
import { recipeActions } from '../../../state/recipe/recipe.actions';
import { recipeFeature } from '../../../state/recipe/recipe.feature';
import { selectLineKeys, selectPlan } from '../../../state/recipe/recipe.selectors';

/** More causes than these are a list, not an answer; the rest is one figure. */
const MOST_SHOWN = 3;
const MOST_EVIDENCE = 4;
const LEAST_SHOWN = 0.03;
const SUREST_PERCENT = 99;

/** Why a bake did not turn out: the likeliest causes, what speaks for each, and what to change. */
@Component({
  selector: 'yg-diagnosis-panel',
  templateUrl: './diagnosis-panel.html',
  styleUrl: './diagnosis-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DiagnosisPanel {
  /** Of this recipe, the oldest first. */
  readonly outcomes = input.required<readonly BakeOutcomeReply[]>();

  private readonly store = inject(Store);
  private readonly session = inject(BakeSession);
  private readonly shelf = this.store.selectSignal(selectShelf);
  private readonly walk = this.store.selectSignal(selectWalk);
  private readonly ovens = this.store.selectSignal(kitchenFeature.selectOvens);
  private readonly formats = this.store.selectSignal(kitchenFeature.selectFormats);
  private readonly balance = this.store.selectSignal(recipeFeature.selectBalance);
  private readonly recipeId = computed(() => this.session.bake()?.recipeId);
  private readonly saved = this.store.selectSignal(recipeFeature.selectSaved);
  private readonly keys = this.store.selectSignal(selectLineKeys);
  private readonly plan = this.store.selectSignal(selectPlan);

  private readonly ovenReadings = computed(
    () =>
      this.ovens().find(({ name }) => name === this.session.state()?.after.oven?.oven)?.readings ??
      [],
  );
  private readonly bake = computed(() => {
    const state = this.session.state();
    return (
      state && failedBake(state, { ovenReadings: this.ovenReadings(), steps: this.walk().steps })
    );
  });
  private readonly ranked = computed((): readonly RankedCause[] => {
    const [bake, id] = [this.bake(), this.session.bake()?.id];
    if (!bake || !id || bake.symptoms.length === 0) return [];
    const outcomes = this.outcomes();
    return rankCauses(
      bake,
      earlierFailures(outcomes, id, bake.has, this.shelf()),
      triedBefore(outcomes, id),
    );
  });
  protected readonly question = computed(() => {
    const bake = this.bake();
    const next = bake && this.ranked().length > 0 ? nextQuestion(this.ranked(), bake) : null;
    return next && { id: next.question, words: QUESTION_WORDS[next.question] };
  });
  protected readonly answered = computed(() =>
    Object.entries(this.bake()?.answers ?? {}).map(([id, answer]) => ({
      id: id as QuestionId,
      words: QUESTION_WORDS[id as QuestionId],
      answer: { yes: 'Yes', no: 'No', unknown: 'I don’t know' }[answer],
    })),
  );
  protected readonly causes = computed(() =>
    this.ranked()
      .filter(({ cause }) => cause !== SOMETHING_ELSE)
      .slice(0, MOST_SHOWN)
      .filter(({ chance }) => chance >= LEAST_SHOWN)
      .map(({ cause, chance, speaksFor, speaksAgainst }) => ({
        id: cause.id,
        name: CAUSE_WORDS[cause.id].name,
        change: this.changeFor(cause.id),
        // Nobody can be that sure of a crumb.
        percent: Math.min(SUREST_PERCENT, Math.round(100 * chance)),
        why: CAUSE_WORDS[cause.id].why,
        speaksFor: speaksFor.slice(0, MOST_EVIDENCE).map(evidenceWords),
        speaksAgainst: speaksAgainst.slice(0, MOST_EVIDENCE).map(evidenceWords),
        isTried: this.isTried(cause.id),
      })),
  );
  protected readonly others = computed(
    () => 100 - this.causes().reduce((sum, { percent }) => sum + percent, 0),
  );
  protected readonly hasNoSymptoms = computed(() => this.bake()?.symptoms.length === 0);
  protected readonly canTry = computed(() => this.saved()?.id === this.recipeId());

  protected answer(question: QuestionId, answer: RememberedAs): void {
    this.session.do({ do: 'answer', question, answer });
  }

  /** Puts the change onto the recipe: as a note, and as the figure where it is one. */
  protected tryNext(causeId: CauseId): void {
    const bakeId = this.session.bake()?.id;
    const found = this.ranked().find(({ cause }) => cause.id === causeId);
    if (!bakeId || !found) return;
    const { mend } = found.cause;
    if (mend.do === 'weigh') {
      const lines = this.plan().flatMap(({ ingredientId, weight }, index) =>
        ingredientId !== null && weight && this.shelf().ingredient(ingredientId)?.role === mend.role
          ? [this.keys()[index]!]
          : [],
      );
      if (lines.length > 0) this.store.dispatch(recipeActions.linesWeighed({ lines }));
    }
    const range = this.walk().inOven;
    const baking =
      mend.do === 'minutes' && range
        ? {
            ...this.balance().baking,
            minMinutes: Math.round(range.min * mend.times),
            maxMinutes: Math.round(range.max * mend.times),
          }
        : this.balance().baking;
    const trying = { bakeId, causeId, note: this.changeFor(causeId) };
    this.store.dispatch(recipeActions.balanceSet({ change: { baking, trying } }));
    this.store.dispatch(recipeActions.saveWanted());
  }

  protected dontTry(): void {
    this.store.dispatch(recipeActions.balanceSet({ change: { trying: null } }));
    this.store.dispatch(recipeActions.saveWanted());
  }

  private isTried(causeId: string): boolean {
    const { trying } = this.balance();
    return trying?.causeId === causeId && trying.bakeId === this.session.bake()?.id;
  }

  private changeFor(causeId: CauseId): string {
    const { change } = CAUSE_WORDS[causeId];
    if (causeId !== 'oven-hot' && causeId !== 'oven-cold') return change;
    const state = this.session.state();
    const dial = state && dialNextTime(state, this.ovenReadings());
    return dial === null
      ? change
      : `Set the dial to ${showDial(dial, this.formats().temperature)}.`;
  }
}
