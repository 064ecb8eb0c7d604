import { inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { FilesApi } from '../../api/files-api';
import { problemOf } from '../../api/recipes-api';
import { browserMemory } from '../../kit/browser-memory/browser-memory';
import { authorsActions } from '../../state/authors/authors.feature';
import { bookActions } from './book.feature';

/** The import that brought the samples in, until they are taken back or kept for good. */
const ADDED = browserMemory('samples-added');
const SETTLED = '';

/** Brings six made-up recipes in, and takes them back as long as nobody decides to keep them. */
@Injectable({ providedIn: 'root' })
export class SampleImport {
  private readonly api = inject(FilesApi);
  private readonly store = inject(Store);
  private readonly importId = signal(ADDED.read());

  /** What they are taken back by; empty where there is nothing to take back. */
  readonly added = this.importId.asReadonly();
  readonly isBusy = signal(false);
  readonly said = signal('');
  readonly problem = signal('');

  add(): Promise<void> {
    return this.act(async () => {
      const { SAMPLE_RECIPES } = await import('@ypsigram/contract/samples');
      const recipes = SAMPLE_RECIPES.map(({ text, author, standard, balance }) => ({
        text,
        author,
        standard,
        balance,
      }));
      const { importId } = await firstValueFrom(this.api.importRecipes(recipes));
      this.remember(importId ?? SETTLED);
      this.said.set('');
    });
  }

  takeBack(importId: string): Promise<void> {
    return this.act(async () => {
      const { kept } = await firstValueFrom(this.api.undoImport(importId));
      this.settle();
      this.said.set(
        kept === 0
          ? 'The sample recipes are gone again.'
          : `The sample recipes are gone again, but for ${kept} that you changed.`,
      );
    });
  }

  settle(): void {
    this.remember(SETTLED);
  }

  private remember(importId: string): void {
    ADDED.keep(importId);
    this.importId.set(importId);
  }

  private async act(what: () => Promise<void>): Promise<void> {
    this.isBusy.set(true);
    this.problem.set('');
    try {
      await what();
      // An author may have come, or gone, with them.
      this.store.dispatch(authorsActions.authorsAskedFor());
      this.store.dispatch(bookActions.bookOpened());
    } catch (error) {
      this.problem.set(problemOf(error));
    } finally {
      this.isBusy.set(false);
    }
  }
}
