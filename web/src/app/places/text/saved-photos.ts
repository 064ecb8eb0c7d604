import { Injectable, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import type { RecipePhoto } from '@ypsigram/contract';
import { MOST_RECIPE_PHOTOS } from '@ypsigram/contract/frame';
import { LogApi } from '../../api/log-api';
import { problemOf } from '../../api/recipes-api';
import {
  PhotoPages,
  jpegOf,
  linesToSave,
  savedPage,
  type ReadPage,
} from '../../recognition/photo-pages';
import { recipeActions } from '../../state/recipe/recipe.actions';

const NOT_SHOWN =
  'The photo can’t be shown: it is damaged or gone, or the server is away. The text is all here.';

const TOO_MANY = `A recipe can have at most ${MOST_RECIPE_PHOTOS} photos. Remove some of its pages, and read it again.`;

/** The photos of the open recipe: saved with it, shown again, removed. */
@Injectable({ providedIn: 'root' })
export class SavedPhotos {
  private readonly api = inject(LogApi);
  private readonly pages = inject(PhotoPages);
  private readonly store = inject(Store);
  readonly isBusy = signal(false);
  readonly problem = signal<string | null>(null);

  /** Saves the pages that are shown with the recipe. */
  async save(): Promise<void> {
    const lines = this.pages.lines();
    if (this.pages.shown().length > MOST_RECIPE_PHOTOS) return this.problem.set(TOO_MANY);
    return this.busy(problemOf, async () => {
      const photos: RecipePhoto[] = [];
      for (const [page, shown] of this.pages.shown().entries()) {
        const { id } = await firstValueFrom(this.api.addPhoto(await jpegOf(shown)));
        const onPage = lines.flatMap((line) => (line?.page === page ? [line] : []));
        photos.push({ id, lines: linesToSave(onPage, shown) });
      }
      this.store.dispatch(recipeActions.photosSet({ photos }));
    });
  }

  /** They go on being shown, and can be saved again. */
  remove(): void {
    this.problem.set(null);
    this.store.dispatch(recipeActions.photosSet({ photos: [] }));
  }

  /** Shows the photos of a recipe beside its text; `recipeId` is null where it was never saved. */
  show(photos: readonly RecipePhoto[], recipeId: string | null): Promise<void> {
    return this.busy(
      () => NOT_SHOWN,
      async () => {
        const pages: ReadPage[] = [];
        for (const photo of photos) {
          const picture = await firstValueFrom(this.api.photo(photo.id));
          pages.push(savedPage(photo, await createImageBitmap(picture)));
        }
        this.pages.put(pages, recipeId);
      },
    );
  }

  private async busy(words: (error: unknown) => string, act: () => Promise<void>): Promise<void> {
    this.problem.set(null);
    this.isBusy.set(true);
    try {
      await act();
    } catch (error) {
      console.error(error);
      this.problem.set(words(error));
    } finally {
      this.isBusy.set(false);
    }
  }
}
