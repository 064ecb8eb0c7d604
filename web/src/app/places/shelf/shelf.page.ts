import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  computed,
  inject,
  input,
  signal,
  viewChild,
} from '@angular/core';
import { RouterLink, RouterLinkActive } from '@angular/router';
import { CLASS_NAMES } from '@ypsigram/contract';
import { CLASSES, ingredientById, type IngredientClass } from '@ypsigram/core/catalogue';
import { SearchField } from '../../kit/search-field/search-field';
import { IngredientSheet } from './ingredient-sheet';
import { searchShelf } from './shelf-search';

/** The Shelf: every ingredient, and what a cup of it weighs by whatever way it is filled. */
@Component({
  selector: 'yg-shelf-page',
  imports: [IngredientSheet, RouterLink, RouterLinkActive, SearchField],
  templateUrl: './shelf.page.html',
  styleUrl: './shelf.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    '[class.chosen]': 'id() !== undefined',
    '(keydown.arrowDown)': 'walk($event, 1)',
    '(keydown.arrowUp)': 'walk($event, -1)',
  },
})
export class ShelfPage {
  /** From the address: the ingredient that is open. */
  readonly id = input<string>();

  private readonly searchField = viewChild.required(SearchField);
  private readonly host: HTMLElement = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;

  protected readonly classes = CLASSES.map((id) => ({ id, name: CLASS_NAMES[id] }));
  protected readonly query = signal('');
  protected readonly only = signal<IngredientClass | null>(null);
  protected readonly found = computed(() => {
    const only = this.only();
    return searchShelf(this.query()).filter((item) => only === null || item.class === only);
  });
  protected readonly ingredient = computed(() => {
    const id = this.id();
    return id === undefined ? null : (ingredientById(id) ?? null);
  });

  protected filter(choice: IngredientClass): void {
    this.only.update((only) => (only === choice ? null : choice));
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
