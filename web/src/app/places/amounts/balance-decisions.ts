import { scaleName, type SentLineAnswer } from '@ypsigram/contract';
import { Injectable, computed, inject } from '@angular/core';
import { Store, type Action } from '@ngrx/store';
import { finerScale } from '@ypsigram/core/drawer';
import type { BakeKind } from '@ypsigram/core/baking';
import type { Advice, Columns } from '@ypsigram/core/batch';
import type { NewMasses } from '@ypsigram/core/formula';
import type { Strictness } from '@ypsigram/core/fills';
import type { Method } from '@ypsigram/core/catalogue';
import { kitchenChanges } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { recipeActions, type Decision } from '../../state/recipe/recipe.actions';
import { recipeFeature } from '../../state/recipe/recipe.feature';
import { selectLineKeys } from '../../state/recipe/recipe.selectors';
import type { BatchChange } from './batch';
import { mendOf } from './ledger';
import { KitchenSteps } from './kitchen-steps';

/** What a small scale can usually show. */
const FINE_UNITS = ['g', 'oz'] as const;

/** What goes for all lines of a recipe. */
interface ForAllLines {
  readonly columns?: Columns;
  readonly strictness?: Strictness;
  readonly kind?: BakeKind | null;
  readonly forKeeping?: boolean | undefined;
  readonly bowlMillilitres?: number | null;
  readonly trying?: null;
  readonly piecesPerLoad?: number | null;
}

/** Everything that is decided in Amounts, each a step that can be taken back. */
@Injectable()
export class BalanceDecisions {
  private readonly store = inject(Store);
  private readonly history = this.store.selectSignal(recipeFeature.selectHistory);
  private readonly keys = this.store.selectSignal(selectLineKeys);
  private readonly scales = this.store.selectSignal(kitchenFeature.selectScales);
  private readonly steps = new KitchenSteps();
  private readonly count = computed(() => this.history().depth);

  readonly canUndo = computed(() => this.count() > 0 || this.steps.isNewest(this.count()));
  readonly canRedo = computed(
    () => this.history().future.length > 0 || this.steps.isNext(this.count()),
  );

  setFactor(factor: string): void {
    this.store.dispatch(recipeActions.factorSet({ factor }));
  }

  /** A factor with how it was asked for, which is shown again. */
  setBatch({ factor, asked }: BatchChange): void {
    this.store.dispatch(recipeActions.factorSet({ factor, asked }));
  }

  typeFactor(factor: string): void {
    this.store.dispatch(recipeActions.factorSet({ factor, typed: true }));
  }

  endTyping(): void {
    this.store.dispatch(recipeActions.typingEnded());
  }

  set(change: ForAllLines): void {
    this.store.dispatch(recipeActions.balanceSet({ change }));
  }

  chooseMethod(index: number, method: Method): void {
    this.store.dispatch(recipeActions.methodChosen({ line: this.keys()[index]!, method }));
  }

  decide(index: number, change: Decision): void {
    this.store.dispatch(recipeActions.lineDecided({ line: this.keys()[index]!, change }));
  }

  answer(answer: SentLineAnswer): void {
    this.store.dispatch(recipeActions.lineAnswered({ answer }));
  }

  pin(grams: NewMasses): void {
    const byKey = Object.entries(grams).map(([index, mass]) => [this.keys()[Number(index)]!, mass]);
    this.store.dispatch(recipeActions.massesPinned({ grams: Object.fromEntries(byKey) }));
  }

  chooseHand(id: string): void {
    this.changeKitchen(kitchenChanges.handChosen({ id: id || null }));
  }

  /** Does what was advised about a line. */
  mend(advice: Advice): void {
    const { change } = mendOf(advice);
    if (change === null) return this.addFinerScale();
    const { method, ...others } = change;
    if (method) this.chooseMethod(advice.line, method);
    else this.decide(advice.line, others);
  }

  undo(): void {
    const isKitchens = this.steps.isNewest(this.count());
    if (isKitchens) this.steps.undo();
    this.store.dispatch(
      isKitchens ? kitchenChanges.changeUndone() : recipeActions.decisionUndone(),
    );
  }

  redo(): void {
    const change = this.steps.isNext(this.count()) ? this.steps.redo() : null;
    this.store.dispatch(change ?? recipeActions.decisionRedone());
  }

  /** The kitchen has a finer scale than it said. */
  private addFinerScale(): void {
    const finer = finerScale(this.scales());
    const scale = { ...finer, name: scaleName(finer.gridGrams), units: [...FINE_UNITS] };
    this.changeKitchen(kitchenChanges.scaleKept({ scale }));
  }

  private changeKitchen(change: Action): void {
    this.steps.make(change, this.count());
    this.store.dispatch(change);
  }
}
