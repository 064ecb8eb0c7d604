import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  computed,
  effect,
  inject,
  input,
  signal,
  viewChild,
} from '@angular/core';
import { Router, RouterLink, RouterLinkActive } from '@angular/router';
import { Store } from '@ngrx/store';
import { CLASS_NAMES } from '@ypsigram/contract';
import { CLASSES, type Ingredient, type IngredientClass } from '@ypsigram/core/catalogue';
import { KitchenApi, WEIGHTS_TABLE } from '../../api/kitchen-api';
import { Icon } from '../../kit/icon/icon';
import { browserMemory } from '../../kit/browser-memory/browser-memory';
import { SearchField } from '../../kit/search-field/search-field';
import { TableImport } from '../../kit/table-import/table-import';
import { kitchenActions, kitchenChanges } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { selectShelf } from '../../state/kitchen/kitchen.selectors';
import { AddIngredient, type NewIngredient } from '../../kit/add-ingredient/add-ingredient';
import { takenFromTable } from '../../kit/add-ingredient/taken-from-table';
import { IngredientSheet } from './ingredient-sheet';
import { LeastKnown } from './least-known';
import { shelfSearch } from './shelf-search';
import { Opened } from '../../kit/opened/opened';
import { KitchenSaved } from '../../kit/kitchen-saved/kitchen-saved';

const LAST = browserMemory('last.shelf');
/** So many letters say enough to look through three thousand foods; so many of them are shown. */
const LEAST_TYPED = 3;
const MOST_BEHIND = 12;

const FIRST_INGREDIENT = 'flour-wheat-all-purpose';

/** The Shelf: every ingredient, and what a cup of it weighs by whatever way it is filled. */
@Component({
  selector: 'yg-ingredients-page',
  imports: [
    KitchenSaved,
    Opened,
    AddIngredient,
    Icon,
    IngredientSheet,
    LeastKnown,
    RouterLink,
    RouterLinkActive,
    SearchField,
    TableImport,
  ],
  templateUrl: './ingredients.page.html',
  styleUrl: './ingredients.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    '[class.chosen]': 'id() !== undefined',
    '(keydown.arrowDown)': 'walk($event, 1)',
    '(keydown.arrowUp)': 'walk($event, -1)',
  },
})
export class IngredientsPage {
  /** From the address: the ingredient that is open. */
  readonly id = input<string>();

  private readonly searchField = viewChild.required(SearchField);
  private readonly host: HTMLElement = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;

  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly api = inject(KitchenApi);
  private readonly shelf = this.store.selectSignal(selectShelf);
  private readonly publicTable = this.store.selectSignal(kitchenFeature.selectTable);
  protected readonly isTableAway = this.store.selectSignal(kitchenFeature.selectIsTableAway);
  private readonly search = computed(() => shelfSearch(this.shelf()));

  protected readonly areLettersKeys = this.store.selectSignal(kitchenFeature.selectLetterKeys);
  protected readonly table = WEIGHTS_TABLE;
  protected readonly isAdding = signal(false);
  protected readonly isLeastOpen = signal(false);
  private readonly state = this.store.selectSignal(kitchenFeature.selectKitchenState);
  protected readonly canUndo = computed(() => this.state().history.past.length > 0);
  protected readonly classes = CLASSES.map((id) => ({ id, name: CLASS_NAMES[id] }));
  protected readonly query = signal('');
  protected readonly only = signal<IngredientClass | null>(null);
  protected readonly found = computed(() => {
    const chosen = this.only();
    return this.search()(this.query()).filter((item) => chosen === null || item.class === chosen);
  });
  /** What the public table has of what is typed, where the shelf has little. */
  protected readonly behind = computed(() => {
    const [typed, table] = [this.query().trim(), this.publicTable()];
    if (!table || typed.length < LEAST_TYPED || this.only() !== null) return [];
    return table.typed(typed, MOST_BEHIND);
  });
  /** What the address names; else what was looked at last, and at first what every kitchen has. */
  protected readonly ingredient = computed(() => {
    const id = this.id();
    if (id !== undefined) return this.shelf().ingredient(id) ?? null;
    const last = this.shelf().ingredient(LAST.read() ?? '');
    return last ?? this.shelf().ingredient(FIRST_INGREDIENT) ?? null;
  });

  constructor() {
    this.store.dispatch(kitchenActions.tableWanted());
    effect(() => {
      const id = this.id();
      if (id !== undefined) LAST.keep(id);
    });
  }

  protected filter(choice: IngredientClass): void {
    this.only.update((chosen) => (chosen === choice ? null : choice));
  }

  protected add({ ingredient, weight }: NewIngredient): void {
    this.store.dispatch(kitchenChanges.ingredientKept({ ingredient, weight }));
    this.isAdding.set(false);
    void this.router.navigate(['/ingredients', ingredient.id]);
  }

  /** From the public table onto the shelf, under the table's name. */
  protected take(found: Ingredient): void {
    const ingredient = takenFromTable(found, found.name);
    this.add({ ingredient, weight: null });
  }

  protected undo(): void {
    this.store.dispatch(kitchenChanges.changeUndone());
  }

  /** The server has taken a table of weights in: what it has now is one step of undo away. */
  protected imported(): void {
    this.api.read().subscribe((kitchen) => {
      this.store.dispatch(kitchenActions.kitchenImported({ kitchen }));
    });
  }

  /** Down and up walk through the list, from the search field into it and back. */
  protected walk(event: Event, by: 1 | -1): void {
    const links = [...this.host.querySelectorAll<HTMLAnchorElement>('.list a')];
    const at = links.indexOf(document.activeElement as HTMLAnchorElement);
    if (at < 0 && !this.searchField().hasFocus()) return;
    event.preventDefault();
    const next = links[at + by];
    if (next) next.focus();
    else if (at + by < 0) this.searchField().focus();
  }
}
