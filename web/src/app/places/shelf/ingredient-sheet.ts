import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  CLASS_CAUTIONS,
  CLASS_NAMES,
  FLOUR_CAUTION,
  FRESHNESS,
  METHOD_NAMES,
  ROLE_NAMES,
  RUNG_NAMES,
  SPOON_TECHNIQUE,
  TECHNIQUES,
} from '@ypsigram/contract';
import type { Ingredient } from '@ypsigram/core/catalogue';
import { disagreements, weightTable } from '@ypsigram/core/measuring';
import { millilitresIn, standardName } from '@ypsigram/core/units';
import { kitchenFeature } from '../../kitchen/kitchen.feature';

const PIECES: Readonly<Record<string, string>> = {
  each: 'one',
  packet: 'a packet',
  stick: 'a stick',
};
const gram = (grams: number): string => grams.toFixed(grams < 20 ? 1 : 0);

/** An ingredient's page: its weights by form and method, their sources, and how to fill a cup. */
@Component({
  selector: 'yg-ingredient-sheet',
  templateUrl: './ingredient-sheet.html',
  styleUrl: './ingredient-sheet.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class IngredientSheet {
  readonly ingredient = input.required<Ingredient>();

  private readonly kitchen = inject(Store).selectSignal(kitchenFeature.selectCurrent);

  protected readonly spoonTechnique = SPOON_TECHNIQUE;
  protected readonly standard = computed(() => standardName(this.kitchen().standard));
  protected readonly kind = computed(() => {
    const { class: name, role, waterPercent } = this.ingredient();
    return `${CLASS_NAMES[name]} · counts as ${ROLE_NAMES[role]} · ${waterPercent} % water`;
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
      name: [row.form, METHOD_NAMES[row.method]].filter(Boolean).join(', '),
      cup: gram(row.cup.gramsPerMillilitre * cup!),
      tbsp: gram(row.tbsp.gramsPerMillilitre * tbsp!),
      tsp: gram(row.tsp.gramsPerMillilitre * tsp!),
      density: row.cup.gramsPerMillilitre.toFixed(3),
      isEstimate: row.cup.rung === 'estimate',
      rung: RUNG_NAMES[row.cup.rung],
      source: row.cup.derivedFrom
        ? `${row.cup.source}, from the weight when ${METHOD_NAMES[row.cup.derivedFrom]}`
        : row.cup.source,
    }));
  });

  protected readonly pieces = computed(() =>
    this.ingredient()
      .weights.filter(({ unit }) => PIECES[unit] !== undefined)
      .map(({ unit, form, grams, amount, source }) => ({
        name: form && form !== unit ? `${PIECES[unit]}, ${form}` : PIECES[unit],
        grams: gram(grams / amount),
        source,
      })),
  );

  protected readonly doubts = computed(() =>
    disagreements(this.ingredient()).map(({ used, apart, difference }) => {
      const by = Math.abs(difference * 100).toFixed(0);
      const way = difference > 0 ? 'heavier' : 'lighter';
      return (
        `Sources disagree: ${apart.source} gives ${apart.grams} g ${METHOD_NAMES[apart.method]}, ` +
        `${by} % ${way} than ${used.source} with ${used.grams} g ${METHOD_NAMES[used.method]} suggests. ` +
        `Each is used for its own way of filling; estimates rest on ${used.source}.`
      );
    }),
  );

  protected readonly technique = computed(() => TECHNIQUES[this.ingredient().class]);
  protected readonly isPowder = computed(() => this.ingredient().class === 'powder');
  protected readonly freshness = computed(() => FRESHNESS[this.ingredient().id] ?? null);
  protected readonly allergens = computed(() => this.ingredient().allergens.join(', '));
  protected readonly caution = computed(() => {
    const { class: name, role } = this.ingredient();
    return CLASS_CAUTIONS[name] ?? (role === 'flour' ? FLOUR_CAUTION : null);
  });
}
