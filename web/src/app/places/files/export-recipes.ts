import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { catchError, of } from 'rxjs';
import type { RecipeSummary } from '@ypsigram/contract';
import { FilesApi } from '../../api/files-api';
import { problemOf } from '../../api/recipes-api';

/** As many recipes are offered one by one; all of them go out in any case. */
const MOST_LISTED = 200;

const FORMATS = [
  {
    id: 'json-ld',
    name: 'schema.org JSON',
    about: 'most recipe programs can read it; can be imported again with everything in it',
  },
  {
    id: 'markdown',
    name: 'Markdown',
    about: 'to read and print; can be imported again with everything in it',
  },
  {
    id: 'csv',
    name: 'CSV table',
    about: 'for a spreadsheet; can be imported again with everything in it',
  },
  { id: 'text', name: 'plain text', about: 'only the recipes as they are written' },
  {
    id: 'book',
    name: 'a book',
    about: 'to print on A4, letter or A5, or as one page for any browser; can be imported again',
  },
] as const;

/** Recipes go out as a file: all of them, or those that are chosen. */
@Component({
  selector: 'yg-export-recipes',
  templateUrl: './export-recipes.html',
  styleUrl: './files.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ExportRecipes {
  protected readonly formats = FORMATS;
  protected readonly format = signal<(typeof FORMATS)[number]['id']>('json-ld');
  /** Why single recipes can't be chosen just now; all of them still can. */
  protected readonly problem = signal<string | null>(null);
  /** Null as long as it is not known which there are. */
  private readonly listed = toSignal<readonly RecipeSummary[] | null>(
    inject(FilesApi)
      .recipes(MOST_LISTED)
      .pipe(
        catchError((error: unknown) => {
          this.problem.set(problemOf(error));
          return of(null);
        }),
      ),
    { initialValue: null },
  );
  protected readonly recipes = computed(() => this.listed() ?? []);
  /** Until it is known to be so, all can be asked for: nothing moves under a finger when they come. */
  protected readonly isEmpty = computed(() => this.listed()?.length === 0);
  protected readonly chosen = signal<ReadonlySet<string>>(new Set());
  protected readonly bookTitle = signal('');
  protected readonly hasChart = signal(true);
  private readonly named = computed(() => {
    const ids = [...this.chosen()];
    return ids.length > 0 ? `&ids=${ids.join(',')}` : '';
  });
  protected readonly address = computed(
    () => `/api/exports?format=${this.format()}${this.named()}`,
  );
  protected readonly book = computed(() => {
    const title = encodeURIComponent(this.bookTitle().trim());
    return `/api/exports/book?chart=${this.hasChart() ? 1 : 0}&title=${title}${this.named()}`;
  });

  protected toggle(id: string): void {
    this.chosen.update((chosen) => {
      const next = new Set(chosen);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  }
}
