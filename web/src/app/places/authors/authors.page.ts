import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
} from '@angular/core';
import { Router, RouterLink, RouterLinkActive } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Author } from '@ypsigram/contract';
import { authorsActions, authorsFeature } from '../../state/authors/authors.feature';
import { Icon } from '../../kit/icon/icon';
import { browserMemory } from '../../kit/browser-memory/browser-memory';
import { Retry } from '../../kit/retry/retry';
import { AuthorSheet } from './author-sheet';

const LAST = browserMemory('last.authors');

/** Authors: whose recipes are baked here, and what their cups weigh. */
@Component({
  selector: 'yg-authors-page',
  imports: [AuthorSheet, Icon, RouterLink, RouterLinkActive, Retry],
  templateUrl: './authors.page.html',
  styleUrl: './authors.page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '[class.chosen]': 'id() !== undefined' },
})
export class AuthorsPage {
  /** From the address: the author that is open. */
  readonly id = input<string>();

  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly isAdding = signal(false);

  protected readonly state = this.store.selectSignal(authorsFeature.selectAuthorsState);
  private readonly all = this.store.selectSignal(authorsFeature.selectAuthors);
  /** Whom the address names; else who was looked at last, or the first there is. */
  protected readonly author = computed(() => {
    const id = this.id();
    if (id !== undefined) return this.state().entities[id] ?? null;
    return this.state().entities[LAST.read() ?? ''] ?? this.all()[0] ?? null;
  });
  protected readonly authors = computed(() =>
    this.all().map(({ id, name, recipeCount, conventions, inferred }) => {
      const weights =
        conventions.length +
        inferred.filter(({ gramsPerMillilitre }) => gramsPerMillilitre !== null).length;
      const recipes = recipeCount === 1 ? '1 recipe' : `${recipeCount} recipes`;
      return {
        id,
        name,
        about: `${recipes}, ${weights} ${weights === 1 ? 'cup weight' : 'cup weights'} known`,
      };
    }),
  );

  constructor() {
    effect(() => {
      const id = this.id();
      if (id !== undefined) LAST.keep(id);
    });
    // What follows from recipes may have changed since this page was last open.
    this.store.dispatch(authorsActions.authorsAskedFor());
    effect(() => {
      const { latest } = this.state();
      if (!latest || !this.isAdding()) return;
      this.isAdding.set(false);
      void this.router.navigate(['/kitchen/authors', latest]);
    });
  }

  protected add(field: HTMLInputElement): void {
    const name = field.value.trim();
    if (name === '') return field.focus();
    this.isAdding.set(true);
    field.value = '';
    this.store.dispatch(authorsActions.authorAdded({ draft: { name } }));
  }

  protected undo(author: Author): void {
    this.store.dispatch(authorsActions.removalUndone({ author }));
  }

  protected again(): void {
    this.store.dispatch(authorsActions.authorsAskedFor());
  }
}
