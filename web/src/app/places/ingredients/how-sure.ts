import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { fixed, METHOD_NAMES, short, sourceText } from '@ypsigram/contract';
import { exactly, Fraction } from '@ypsigram/core/amount';
import type { Ingredient, Method, SourceRef, TableWeight } from '@ypsigram/core/catalogue';
import { intendedMass, type Intended } from '@ypsigram/core/conversion';
import {
  COVERAGE,
  defaultMethod,
  densityBounds,
  densityOf,
  fillSpread,
  isDoubted,
  TOOL_SPREAD,
} from '@ypsigram/core/measuring';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../state/kitchen/kitchen.selectors';

/** Cups are made within so much of what they say. */
const CUPS_VARY = COVERAGE * TOOL_SPREAD;

const percent = (share: number): string => `${short(COVERAGE * share * 100, 0)}\u00a0%`;
const whole = (grams: number): string => fixed(grams, grams < 20 ? 1 : 0);

const rowsOf = (source: SourceRef): readonly string[] => ('rows' in source ? source.rows : []);

const UNIT_NAMES: Readonly<Record<TableWeight['unit'], string>> = {
  cup: 'cup',
  tbsp: 'tbsp',
  tsp: 'tsp',
  stick: 'stick',
  packet: 'packet',
  each: 'piece',
};

/** How sure an ingredient's weights are: what they range over and why, what can't be, what is doubted. */
@Component({
  selector: 'yg-how-sure',
  templateUrl: './how-sure.html',
  styleUrl: './how-sure.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HowSure {
  readonly ingredient = input.required<Ingredient>();
  /** Millilitres of the cup that is measured with. */
  readonly cup = input.required<number>();

  private readonly store = inject(Store);
  private readonly table = this.store.selectSignal(kitchenFeature.selectTable);
  private readonly standard = this.store.selectSignal(kitchenFeature.selectStandard);
  private readonly shelf = this.store.selectSignal(selectShelf);

  /** A cup in the usual way: from what to what, and what that comes from. */
  protected readonly range = computed(() => {
    const ingredient = this.ingredient();
    const method = defaultMethod(ingredient);
    const basis = densityOf({ ingredient, form: null, method, size: 'cup' });
    const cup = basis && this.oneCup(ingredient, method);
    if (!cup) return null;
    const fill = basis.fillSpread ?? fillSpread(ingredient.class, method, 'cup');
    const figure = basis.relativeSpread;
    return {
      method: METHOD_NAMES[method],
      low: whole(cup.low),
      high: whole(cup.high),
      why: [
        `how people fill it, ${percent(fill)}`,
        `how cups are made, ${percent(TOOL_SPREAD)}`,
        ...(figure > 0 ? [`the figure itself, ${percent(figure)}`] : []),
      ].join('; '),
    };
  });

  /** One cup as a line of a recipe would have it: its range is that of every line. */
  private oneCup(ingredient: Ingredient, authorMethod: Method): Intended | null {
    return intendedMass(
      {
        amount: exactly(new Fraction(1)),
        unit: 'cup',
        heap: null,
        ingredientId: ingredient.id,
        form: null,
        authorMethod,
        stated: null,
        notes: [],
      },
      this.standard(),
      this.shelf(),
    );
  }

  /** What no cup of it can weigh, though the cup be as far off as cups are. */
  protected readonly bounds = computed(() => {
    const [low, high] = densityBounds(this.ingredient());
    const cup = this.cup();
    return { low: whole(low * cup * (1 - CUPS_VARY)), high: whole(high * cup * (1 + CUPS_VARY)) };
  });

  protected readonly doubted = computed(() => {
    const ingredient = this.ingredient();
    return ingredient.weights
      .filter((weight) => isDoubted(ingredient, weight))
      .map(({ grams, amount, unit, source, isDoubted: isContradicted }) => ({
        weight: `${fixed(grams / amount, grams / amount < 20 ? 1 : 0)} g a ${UNIT_NAMES[unit]}`,
        source: sourceText(source),
        why: isContradicted
          ? 'something better founded says otherwise'
          : 'nothing that is made like this can weigh so',
      }));
  });

  /** The table's own words for what is cited, once the table is here. */
  protected readonly cited = computed(() => {
    const table = this.table();
    const numbers = new Set(this.ingredient().weights.flatMap(({ source }) => rowsOf(source)));
    return [...numbers].sort().flatMap((number) => {
      const food = table?.cited(number);
      if (!food) return [];
      const measures = food.measures
        .map(({ amount, measure, grams }) => `${short(amount, 3)} ${measure}: ${short(grams, 2)} g`)
        .join('; ');
      return [{ number, name: food.name, measures }];
    });
  });
}
