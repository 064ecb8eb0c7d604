import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { map } from 'rxjs';
import {
  METHOD_NAMES,
  basisName,
  measureGrams,
  sourceText,
  standardName,
} from '@ypsigram/contract';
import { toolSpreadsOf } from '@ypsigram/core/calibration';
import { writeCsv } from '@ypsigram/core/formats';
import type { KnownWeight } from '@ypsigram/core/measuring';
import { CHART_MEASURES, conversionChart, type ChartCell } from '@ypsigram/core/quick';
import { RecipesApi } from '../../../api/recipes-api';
import { unharmed } from '../../../api/unharmed';
import { download } from '../../../kit/picture/download';
import { SearchField } from '../../../kit/search-field/search-field';
import { authorsFeature } from '../../../state/authors/authors.feature';
import { selectKnownByAuthor } from '../../../state/authors/authors.selectors';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { selectDrawer, selectShelf } from '../../../state/kitchen/kitchen.selectors';
import { selectKnownByHand } from '../../../state/trials/trials.selectors';
import { shelfSearch } from '../shelf-search';

/** So many ingredients stand on the chart until somebody chooses. */
const AT_FIRST = 24;
const NOBODY: readonly KnownWeight[] = [];
/** What most kitchens bake with: stands there while no recipe says more. */
const USUAL_NAMES = [
  'all-purpose wheat flour',
  'granulated sugar',
  'butter',
  'rolled oats',
  'honey',
];

/** The conversion chart for the cupboard door: what a cup, its parts and spoons weigh in this kitchen. */
@Component({
  selector: 'yg-chart-page',
  imports: [RouterLink, SearchField],
  templateUrl: './chart.page.html',
  styleUrl: './chart.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ChartPage {
  private readonly store = inject(Store);
  private readonly shelf = this.store.selectSignal(selectShelf);
  private readonly drawer = this.store.selectSignal(selectDrawer);
  private readonly kitchen = this.store.selectSignal(kitchenFeature.selectCurrent);
  private readonly byHand = this.store.selectSignal(selectKnownByHand);
  private readonly byAuthor = this.store.selectSignal(selectKnownByAuthor);
  protected readonly authors = this.store.selectSignal(authorsFeature.selectAuthors);
  protected readonly hands = computed(() => this.kitchen().hands);
  protected readonly measures = CHART_MEASURES.map(
    ({ nominal, unit }) => `${nominal.toFraction(true)} ${unit}`,
  );

  /** How often recipes use each ingredient; without an answer the usual ones stand there. */
  private readonly uses = toSignal(
    inject(RecipesApi)
      .uses()
      .pipe(
        map((uses) => new Map(uses.map(({ ingredientId, recipes }) => [ingredientId, recipes]))),
        unharmed('the ingredients that most kitchens have stand there'),
      ),
    { initialValue: new Map<string, number>() },
  );
  private readonly usual = computed(() => {
    const used = [...this.uses()]
      .filter(([, recipes]) => recipes > 0)
      .sort((a, b) => b[1] - a[1])
      .slice(0, AT_FIRST)
      .map(([id]) => id);
    if (used.length > 0) return new Set(used);
    const staples = this.shelf().all.filter(({ name }) => USUAL_NAMES.includes(name.toLowerCase()));
    return new Set(staples.map(({ id }) => id));
  });
  private readonly chosenByHand = signal<ReadonlySet<string> | null>(null);
  protected readonly chosen = computed(() => this.chosenByHand() ?? this.usual());
  protected readonly ways = signal<'usual' | 'all'>('usual');
  /** Whose fill: "hand …" or "author …" by id; empty for anyone. */
  protected readonly whose = signal('');
  protected readonly hasRanges = signal(true);
  protected readonly query = signal('');
  private readonly search = computed(() => shelfSearch(this.shelf()));
  protected readonly offered = computed(() =>
    this.query().trim() === '' ? [] : this.search()(this.query()).slice(0, AT_FIRST),
  );

  private readonly known = computed(() => {
    const [kind, id = ''] = this.whose().split(' ');
    return (kind === 'hand' ? this.byHand().get(id) : this.byAuthor().get(id)) ?? NOBODY;
  });
  protected readonly whoseName = computed(() => {
    const [, id] = this.whose().split(' ');
    return [...this.hands(), ...this.authors()].find((one) => one.id === id)?.name ?? null;
  });
  protected readonly cups = computed(() => standardName(this.kitchen().standard));
  protected readonly rows = computed(() => {
    const ingredients = this.shelf()
      .all.filter(({ id }) => this.chosen().has(id))
      .sort((a, b) => a.name.localeCompare(b.name));
    return conversionChart(ingredients, this.ways(), {
      standard: this.kitchen().standard,
      drawer: this.drawer(),
      known: this.known(),
      toolSpreads: toolSpreadsOf(this.kitchen()),
    }).map(({ ingredient, method, cells, basis }) => ({
      id: `${ingredient.id} ${method}`,
      ingredientId: ingredient.id,
      name: ingredient.name,
      method: METHOD_NAMES[method],
      cells: cells.map((cell) => ({ grams: measureGrams(cell.grams), range: rangeOf(cell) })),
      exact: cells,
      source:
        basis.rung === 'reference'
          ? sourceText(basis.source)
          : `${basisName(basis)}: ${sourceText(basis.source)}`,
    }));
  });
  protected readonly missing = computed(() => {
    const shown = new Set(this.rows().map(({ ingredientId }) => ingredientId));
    const lacking = [...this.chosen()].filter((id) => !shown.has(id));
    return lacking.map((id) => this.shelf().ingredient(id)?.name ?? '').join(', ');
  });

  protected toggle(id: string): void {
    const next = new Set(this.chosen());
    if (!next.delete(id)) next.add(id);
    this.chosenByHand.set(next);
  }

  protected print(): void {
    window.print();
  }

  protected saveTable(): void {
    const digits = 2;
    const columns = this.measures.flatMap((name) => [
      `${name} g`,
      `${name} from g`,
      `${name} to g`,
    ]);
    const content = writeCsv(
      ['ingredient', 'filled', ...columns, 'source'],
      this.rows().map(({ name, method, exact, source }) => {
        const figures = exact.flatMap(({ grams, low, high }) => [grams, low, high]);
        const cells = columns.map((column, at) => [column, Number(figures[at]!.toFixed(digits))]);
        return { ingredient: name, filled: method, ...Object.fromEntries(cells), source };
      }),
    );
    download('conversion-chart.csv', 'text/csv', content);
  }
}

const rangeOf = ({ low, high }: ChartCell): string =>
  `${measureGrams(low)} to ${measureGrams(high)}`;
