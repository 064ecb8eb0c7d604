import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { METHOD_NAMES } from '@ypsigram/contract';
import { heldMillilitresOf, stampedMillilitresOf } from '@ypsigram/core/calibration';
import type { Ingredient, Method } from '@ypsigram/core/catalogue';
import { defaultMethod, measureSize } from '@ypsigram/core/measuring';
import {
  fillTolerance,
  practisedMethods,
  scoreFill,
  targetGrams,
  triesOf,
  type FillReason,
  type FillTask,
  type Skill,
} from '@ypsigram/core/practice';
import { grams, signedPercent } from '../../../kit/figures/figures';
import { IngredientField } from '../../../kit/ingredient-field/ingredient-field';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../../state/kitchen/kitchen.selectors';
import { selectStandings, selectWhoPractises } from '../../../state/practice/practice.selectors';
import { trialsActions } from '../../../state/trials/trials.feature';
import { PracticeDesk } from '../practice-desk';
import { PracticeHead } from '../practice-head';
import { TryStrip } from '../try-strip';
import { FillCounter } from './fill-counter';
import { FillResult } from './fill-result';
import { OwnCup, type OwnFill } from './own-cup';

/** What is filled first by somebody who comes in by the door. */
const FIRST_INGREDIENT = 'flour-wheat-all-purpose';
const FIRST_TOOL = '1 cup';

interface LastFill {
  readonly grams: number;
  readonly reasons: readonly FillReason[] | null;
}

function isSameTask(a: FillTask | null, b: FillTask | null): boolean {
  if (a === null || b === null) return a === b;
  return (
    a.ingredient === b.ingredient &&
    a.method === b.method &&
    a.millilitres === b.millilitres &&
    a.size === b.size
  );
}

/** Fill and weigh: a target, a fill, what it weighs, and why; again and again until it is near. */
@Component({
  selector: 'yg-fill-page',
  imports: [FillCounter, FillResult, IngredientField, OwnCup, PracticeHead, RouterLink, TryStrip],
  templateUrl: './fill.page.html',
  styleUrl: './fill.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FillPage {
  /** From the address: what is filled, how, and with what. */
  readonly ingredient = input<string>();
  readonly method = input<string>();
  readonly tool = input<string>();

  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly desk = inject(PracticeDesk);
  private readonly standard = this.store.selectSignal(kitchenFeature.selectStandard);
  private readonly ownTools = this.store.selectSignal(kitchenFeature.selectTools);
  private readonly handId = this.store.selectSignal(kitchenFeature.selectHandId);
  private readonly standings = this.store.selectSignal(selectStandings);
  protected readonly who = this.store.selectSignal(selectWhoPractises);
  protected readonly shelf = this.store.selectSignal(selectShelf);

  protected readonly isOwnCup = signal(false);
  protected readonly last = signal<LastFill | null>(null);
  /** Real fills of this visit that are not trials of the hand yet. */
  protected readonly real = signal<readonly OwnFill[]>([]);
  protected readonly saved = signal(0);

  protected readonly chosen = computed<Ingredient>(() => {
    const wanted = this.shelf().ingredient(this.ingredient() ?? '');
    const isFilled = wanted && practisedMethods(wanted).length > 0;
    return isFilled ? wanted : this.shelf().ingredient(FIRST_INGREDIENT)!;
  });
  protected readonly methods = computed(() =>
    practisedMethods(this.chosen()).map((id) => ({ id, name: METHOD_NAMES[id] })),
  );
  private readonly how = computed<Method>(() => {
    const all = practisedMethods(this.chosen());
    const usual = defaultMethod(this.chosen());
    return all.find((id) => id === this.method()) ?? all.find((id) => id === usual) ?? all[0]!;
  });
  protected readonly tools = computed(() =>
    this.ownTools().filter(({ kind, aside }) => kind !== 'jug' && !aside),
  );
  private readonly measure = computed(() => {
    const all = this.tools();
    return (
      all.find(({ name }) => name === this.tool()) ??
      all.find(({ name }) => name === FIRST_TOOL) ??
      all[0]
    );
  });
  protected readonly toolName = computed(() => this.measure()?.name ?? FIRST_TOOL);
  protected readonly task = computed<FillTask | null>(
    () => {
      const tool = this.measure();
      if (!tool) return null;
      return {
        ingredient: this.chosen(),
        form: null,
        method: this.how(),
        millilitres: heldMillilitresOf(tool, this.standard()),
        size: measureSize(tool.unit, stampedMillilitresOf(tool, this.standard())),
      };
    },
    // The cup in hand stays as it is filled while something else of the kitchen is changed.
    { equal: isSameTask },
  );
  protected readonly skill = computed<Skill>(() => ({
    kind: 'fill',
    class: this.chosen().class,
    method: this.how(),
  }));
  protected readonly tries = computed(() => triesOf(this.standings(), this.skill()));
  protected readonly aim = computed(() => {
    const task = this.task();
    const target = task && targetGrams(task);
    if (!task || target === null) return null;
    return {
      target: grams(target),
      within: signedPercent(fillTolerance(task), 0).slice(1),
      grams: grams(target * fillTolerance(task)),
    };
  });
  protected readonly howName = computed(() => METHOD_NAMES[this.how()]);

  protected choose(change: { ingredient?: string; method?: string; tool?: string }): void {
    const { id } = this.chosen();
    const now = { ingredient: id, method: this.how(), tool: this.toolName() };
    this.last.set(null);
    this.keepReal();
    void this.router.navigate([], { queryParams: { ...now, ...change } });
  }

  protected pick(ingredient: Ingredient | null): void {
    if (ingredient) this.choose({ ingredient: ingredient.id, method: defaultMethod(ingredient) });
  }

  protected record(weight: number, reasons: readonly FillReason[] | null): void {
    const task = this.task();
    const score = task && scoreFill(weight, task);
    if (!task || !score) return;
    this.desk.record({ skill: this.skill(), ...score }, task.ingredient.id);
    this.last.set({ grams: weight, reasons });
  }

  protected recordOwn(fill: OwnFill): void {
    this.record(fill.grams, null);
    if (fill.isReal) this.real.update((all) => [...all, fill]);
    this.saved.set(0);
  }

  /** Real fills become trials of the hand that measures. */
  protected saveAsTrials(): void {
    const [task, handId] = [this.task(), this.handId()];
    if (!task || handId === null) return;
    for (const { grams: weight, source } of this.real()) {
      this.store.dispatch(
        trialsActions.trialMade({
          draft: {
            handId,
            ingredientId: task.ingredient.id,
            form: task.form,
            method: task.method,
            tool: this.toolName(),
            millilitres: task.millilitres,
            grams: weight,
            at: new Date().toISOString(),
            source,
            conditions: 'practice',
          },
        }),
      );
    }
    this.saved.set(this.real().length);
    this.real.set([]);
  }

  /** What was weighed of one thing is no trial of another. */
  private keepReal(): void {
    this.real.set([]);
    this.saved.set(0);
  }
}
