import { KEEPS, UNKNOWN_ALLERGENS } from '@ypsigram/core/catalogue';
import {
  allergenText,
  basisName,
  CLASS_NAMES,
  fixed,
  measureGrams,
  FRESHNESS,
  HAZARD_CAUTIONS,
  HEAVIEST_DENSITY,
  KEEPS_NAMES,
  METHOD_NAMES,
  ROLE_NAMES,
  SPOON_TECHNIQUE,
  TECHNIQUES,
  sourceText,
  standardName,
} from '@ypsigram/contract';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { Fraction, showKitchen } from '@ypsigram/core/amount';
import type { Ingredient } from '@ypsigram/core/catalogue';
import { ingredientById, type OwnWeight } from '@ypsigram/core/shelf';
import {
  defaultMethod,
  densityOf,
  disagreements,
  equalWeights,
  weightTable,
} from '@ypsigram/core/measuring';
import { millilitresIn } from '@ypsigram/core/units';
import { CupPicture } from '../../kit/cups/cup-picture';
import { Icon } from '../../kit/icon/icon';
import { Retry } from '../../kit/retry/retry';
import { PractiseLink } from '../../kit/technique/practise-link';
import { kitchenActions, kitchenChanges } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../state/kitchen/kitchen.selectors';
import { PackPriceForm } from './pack-price';
import { HowSure } from './how-sure';
import { WeighNow } from './weigh-now';
import { Opened } from '../../kit/opened/opened';

const PIECES: Readonly<Record<string, string>> = {
  each: 'one',
  packet: 'a packet',
  stick: 'a stick',
};

/** An ingredient's page: its weights by form and method, their sources, and how to fill a cup. */
@Component({
  selector: 'yg-ingredient-sheet',
  imports: [
    Opened,
    CupPicture,
    HowSure,
    Icon,
    PackPriceForm,
    PractiseLink,
    Retry,
    RouterLink,
    WeighNow,
  ],
  templateUrl: './ingredient-sheet.html',
  styleUrl: './ingredient-sheet.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class IngredientSheet {
  readonly ingredient = input.required<Ingredient>();

  private readonly store = inject(Store);
  private readonly kitchen = this.store.selectSignal(kitchenFeature.selectCurrent);
  private readonly shelf = this.store.selectSignal(selectShelf);
  protected readonly cup = computed(() => millilitresIn('cup', this.kitchen().standard).valueOf());

  protected readonly problem = this.store.selectSignal(kitchenFeature.selectProblem);
  /** Name of the row whose weight is being set, and what is wrong with what was typed. */
  protected readonly editing = signal<string | null>(null);
  protected readonly slip = signal<string | null>(null);

  protected readonly spoonTechnique = SPOON_TECHNIQUE;
  protected readonly standard = computed(() => standardName(this.kitchen().standard));
  protected readonly kind = computed(() => {
    const { class: name, role, waterPercent } = this.ingredient();
    return `${CLASS_NAMES[name]} · ${ROLE_NAMES[role]} in the dough · ${waterPercent} % water`;
  });
  protected readonly otherNames = computed(() => {
    const { aliases, loosely = [] } = this.ingredient();
    return [...loosely, ...aliases].join(', ');
  });

  /** Weights by volume, in grams by the cups and spoons of this kitchen. */
  protected readonly rows = computed(() => {
    const { standard } = this.kitchen();
    const [cup, tbsp, tsp] = (['cup', 'tbsp', 'tsp'] as const).map((unit) =>
      millilitresIn(unit, standard).valueOf(),
    );
    return weightTable(this.ingredient()).map((row) => ({
      form: row.form,
      method: row.method,
      isOwn: row.cup.source.from === 'kitchen' && row.cup.rung === 'reference',
      name: [row.form, METHOD_NAMES[row.method]].filter(Boolean).join(', '),
      cup: measureGrams(row.cup.gramsPerMillilitre * cup!),
      tbsp: measureGrams(row.tbsp.gramsPerMillilitre * tbsp!),
      tsp: measureGrams(row.tsp.gramsPerMillilitre * tsp!),
      density: fixed(row.cup.gramsPerMillilitre, 3),
      isEstimate: row.cup.rung === 'estimate',
      rung: basisName(row.cup),
      source: row.cup.derivedFrom
        ? `${sourceText(row.cup.source)}, from the weight when ${METHOD_NAMES[row.cup.derivedFrom]}`
        : sourceText(row.cup.source),
    }));
  });

  /** What a cup weighs in the usual way. */
  protected readonly cupGrams = computed(() => {
    const ingredient = this.ingredient();
    const method = defaultMethod(ingredient);
    const basis = densityOf({ ingredient, form: null, method, size: 'cup' });
    return basis && basis.gramsPerMillilitre * this.cup();
  });
  protected readonly isOwn = computed(() => this.mine() !== undefined);
  /** How much of another salt weighs the same. */
  protected readonly kinds = computed(() => {
    const ingredient = this.ingredient();
    if (ingredient.role !== 'salt') return [];
    const salts = this.shelf().all.filter(({ role }) => role === 'salt');
    return equalWeights(ingredient, salts, 'tsp').map(({ ingredient: other, measures }) => ({
      name: other.name.toLowerCase(),
      measures: showKitchen(new Fraction(Math.round(measures * 1000), 1000)).text,
      exactly: fixed(measures, 2),
    }));
  });
  protected readonly spoonGrams = computed(() => {
    const ingredient = this.ingredient();
    const method = defaultMethod(ingredient);
    const basis = densityOf({ ingredient, form: null, method, size: 'tsp' });
    const spoon = millilitresIn('tsp', this.kitchen().standard).valueOf();
    return basis ? measureGrams(basis.gramsPerMillilitre * spoon) : '';
  });

  protected readonly pieces = computed(() =>
    this.ingredient()
      .weights.filter(({ unit }) => PIECES[unit] !== undefined)
      .map(({ unit, form, grams, amount, source }) => ({
        name: form && form !== unit ? `${PIECES[unit]}, ${form}` : PIECES[unit],
        grams: measureGrams(grams / amount),
        source: sourceText(source),
      })),
  );

  protected readonly doubts = computed(() =>
    disagreements(ingredientById(this.ingredient().id) ?? this.ingredient()).map(
      ({ used, apart, difference }) => {
        const by = Math.abs(difference * 100).toFixed(0);
        const way = difference > 0 ? 'heavier' : 'lighter';
        return (
          `Sources disagree: ${sourceText(apart.source)} gives ${apart.grams} g ${METHOD_NAMES[apart.method]}, ` +
          `${by} % ${way} than ${sourceText(used.source)} with ${used.grams} g ${METHOD_NAMES[used.method]} suggests. ` +
          `Each is used for its own way of filling; estimates use ${sourceText(used.source)}.`
        );
      },
    ),
  );

  protected readonly technique = computed(() => TECHNIQUES[this.ingredient().class]);
  protected readonly isPowder = computed(() => this.ingredient().class === 'powder');
  protected readonly freshness = computed(() => FRESHNESS[this.ingredient().id] ?? null);
  protected readonly allergens = computed(() => allergenText(this.ingredient().allergens));
  protected readonly caution = computed(() => {
    const { hazards = [] } = this.ingredient();
    return hazards.map((hazard) => HAZARD_CAUTIONS[hazard]).join(' ');
  });
  protected readonly keepsOptions = KEEPS.map((id) => ({ id, name: KEEPS_NAMES[id] }));
  protected readonly keepsName = computed(() => {
    const { keeps } = this.ingredient();
    return keeps && KEEPS_NAMES[keeps];
  });
  private readonly mine = computed(() =>
    this.kitchen().ingredients.find(({ id }) => id === this.ingredient().id),
  );

  /** How an ingredient of the kitchen's own stands overnight, as its baker says. */
  protected tellKeeps(chosen: string): void {
    const mine = this.mine();
    if (!mine) return;
    const { keeps: _, ...rest } = mine;
    const keeps = KEEPS.find((id) => id === chosen);
    const ingredient = keeps ? { ...rest, keeps } : rest;
    this.store.dispatch(kitchenChanges.ingredientKept({ ingredient, weight: null }));
  }

  protected readonly areAllergensUnknown = computed(() =>
    this.ingredient().allergens.includes(UNKNOWN_ALLERGENS),
  );
  protected readonly ownAllergens = computed(() =>
    this.ingredient()
      .allergens.filter((one) => one !== UNKNOWN_ALLERGENS)
      .join(', '),
  );

  /** What an ingredient of the kitchen's own brings in, as its package says; empty for nothing. */
  protected tellAllergens(typed: string): void {
    const mine = this.mine();
    if (!mine) return;
    const allergens = typed
      .split(',')
      .map((one) => one.trim())
      .filter((one) => one !== '');
    this.store.dispatch(
      kitchenChanges.ingredientKept({ ingredient: { ...mine, allergens }, weight: null }),
    );
  }

  protected weigh(weight: OwnWeight): void {
    this.store.dispatch(kitchenChanges.weightSet({ weight }));
  }

  protected remove(): void {
    this.store.dispatch(kitchenChanges.ingredientRemoved({ id: this.ingredient().id }));
  }

  protected edit(name: string): void {
    this.slip.set(null);
    this.editing.update((open) => (open === name ? null : name));
  }

  /** Takes grams to the cup of this kitchen as its own weight for this form and method. */
  protected keep(row: Pick<OwnWeight, 'form' | 'method'>, text: string): void {
    const grams = Number(text.trim().replace(',', '.'));
    if (!(grams > 0 && grams / this.cup() <= HEAVIEST_DENSITY)) {
      this.slip.set('Write how many grams one cup weighs, for example 128.');
      return;
    }
    const { id: ingredientId } = this.ingredient();
    const gramsPerMillilitre = grams / this.cup();
    const weight = { ingredientId, form: row.form, method: row.method, gramsPerMillilitre };
    this.store.dispatch(kitchenChanges.weightSet({ weight }));
    this.editing.set(null);
  }

  protected restored({ form, method }: Pick<OwnWeight, 'form' | 'method'>): void {
    const of = { ingredientId: this.ingredient().id, form, method };
    this.store.dispatch(kitchenChanges.weightPutBack({ of }));
  }

  protected again(): void {
    this.store.dispatch(kitchenActions.saveWanted());
  }
}
