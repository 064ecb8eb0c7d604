import {
  allergenText,
  CAUTION_MESSAGES,
  CLASS_NAMES,
  openLineMessage,
  premixMessages,
  measureText,
  weightText,
} from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Amount } from '@ypsigram/core/amount';
import { cautionsFor } from '@ypsigram/core/formula';
import { columnTotals } from '@ypsigram/core/batch';
import { loadsFor, showFactor } from '@ypsigram/core/factor';
import type { Ingredient } from '@ypsigram/core/catalogue';
import { headsIngredients } from '@ypsigram/core/reading';
import { grams } from '../../kit/figures/figures';
import { drawingsOf } from '../../kit/technique/drawings';
import { TechniqueCard } from '../../kit/technique/technique-card';
import { selectShelf } from '../../state/kitchen/kitchen.selectors';
import { recipeFeature } from '../../state/recipe/recipe.feature';
import {
  selectAssembled,
  selectBatchProblem,
  selectFactor,
  selectOpenLines,
  selectPlan,
  selectReading,
} from '../../state/recipe/recipe.selectors';
import { batchedAmount, scaledYield } from '../../kit/amounts/amounts';

const SHEETS = ['card', 'techniques'] as const;
type Sheet = (typeof SHEETS)[number];
const SHEET_NAMES: Readonly<Record<Sheet, string>> = {
  card: 'Recipe card',
  techniques: 'Technique sheet',
};

/** The batch on paper: a card with both columns, or how to fill what it takes. */
@Component({
  selector: 'yg-card-page',
  imports: [RouterLink, TechniqueCard],
  templateUrl: './card.page.html',
  styleUrl: './card.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CardPage {
  private readonly store = inject(Store);
  private readonly state = this.store.selectSignal(recipeFeature.selectRecipeState);
  private readonly reading = this.store.selectSignal(selectReading);
  private readonly plan = this.store.selectSignal(selectPlan);
  private readonly factor = this.store.selectSignal(selectFactor);
  private readonly shelf = this.store.selectSignal(selectShelf);
  private readonly open = this.store.selectSignal(selectOpenLines);
  private readonly recipe = this.store.selectSignal(selectAssembled);
  private readonly batchProblem = this.store.selectSignal(selectBatchProblem);
  protected readonly balance = this.store.selectSignal(recipeFeature.selectBalance);

  protected readonly sheets = SHEETS.map((id) => ({ id, name: SHEET_NAMES[id] }));
  protected readonly sheet = signal<Sheet>('card');
  protected readonly balancePath = computed(() => {
    const { saved } = this.state();
    return saved ? `/recipes/${saved.id}/amounts` : '/new/amounts';
  });
  protected readonly batch = computed(() => {
    const yields = this.reading().yield;
    const factor = this.factor();
    if (!factor) return this.batchProblem() ?? '';
    return [
      `×${showFactor(factor)}`,
      ...(yields?.count ? [`makes ${scaledYield(yields, factor)}`] : []),
      `${grams(this.total())} g of dough`,
    ].join(', ');
  });
  private readonly isScaled = computed(() => this.factor()?.equals(1) === false);
  private readonly total = computed(() => columnTotals(this.plan()).intendedGrams);
  protected readonly lines = computed(() => {
    const premixes = premixMessages(this.plan());
    const open = new Map(this.open().map((one) => [one.line, openLineMessage(one)]));
    return this.plan().flatMap(
      ({ kind, written, measure, weight, substitute, scaled, isWeighed }, index) => {
        const isShown = kind === 'ingredient' || kind === 'unread';
        const isHeading = kind === 'heading' && headsIngredients(this.reading(), index);
        if (!isShown && !isHeading) return [];
        return [
          {
            index,
            kind,
            written: written.trim(),
            batched: this.isScaled() && scaled ? this.amountOf(index, scaled) : null,
            instead: substitute?.name ?? null,
            measure: isWeighed ? 'weigh it' : measure ? measureText(measure) : '–',
            weight: weight ? weightText(weight) : '–',
            premix: premixes.get(index) ?? null,
            open: open.get(index) ?? null,
          },
        ];
      },
    );
  });
  protected readonly steps = computed(() =>
    this.reading()
      .lines.filter(({ kind }) => kind === 'step')
      .map(({ written }) => written.trim()),
  );
  private readonly ingredients = computed(() => {
    const all = this.plan().flatMap(({ ingredientId, intended }) => {
      const ingredient = ingredientId === null ? null : this.shelf().ingredient(ingredientId);
      return ingredient && intended ? [ingredient] : [];
    });
    return [...new Set(all)];
  });
  protected readonly allergens = computed(() =>
    allergenText(this.ingredients().flatMap(({ allergens }) => allergens)),
  );
  protected readonly loads = computed(() => {
    const { pieces: atFactorOne } = this.recipe().size;
    const pieces = atFactorOne && atFactorOne.valueOf() * (this.factor()?.valueOf() ?? 0);
    const loads = loadsFor(this.total(), pieces, this.balance());
    return loads && `Make ${loads.count} equal loads of ${grams(loads.gramsEach)} g.`;
  });
  protected readonly cautions = computed(() =>
    this.cautionCodes().map((code) => CAUTION_MESSAGES[code]),
  );
  private readonly cautionCodes = computed(() => {
    const factor = this.factor();
    return factor ? cautionsFor(this.reading(), factor, this.shelf(), this.recipe().keeping) : [];
  });
  /** One technique for each class and way of filling it, and what is filled so. */
  protected readonly techniques = computed(() => {
    const found = new Map<string, { ingredient: Ingredient; names: string[]; plan: number }>();
    for (const [index, { ingredientId, measure }] of this.plan().entries()) {
      const ingredient = ingredientId === null ? null : this.shelf().ingredient(ingredientId);
      if (!ingredient || !measure) continue;
      const drawings = drawingsOf(ingredient.class, measure.method);
      const key = [ingredient.class, ...drawings.map(({ shows }) => shows)].join(' ');
      const known = found.get(key);
      if (!known) found.set(key, { ingredient, names: [ingredient.name], plan: index });
      else if (!known.names.includes(ingredient.name)) known.names.push(ingredient.name);
    }
    return [...found].map(([key, { ingredient, names, plan }]) => ({
      key,
      ingredient,
      title: CLASS_NAMES[ingredient.class],
      names: names.join(', '),
      method: this.plan()[plan]!.measure!.method,
    }));
  });

  /** The written amount at this batch. */
  private amountOf(index: number, scaled: Amount): string | null {
    const { unit } = this.reading().lines[index]!;
    return unit && batchedAmount(scaled, unit);
  }

  protected print(): void {
    window.print();
  }
}
