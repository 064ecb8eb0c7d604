import { HttpClient, HttpErrorResponse, HttpParams } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { map, type Observable } from 'rxjs';
import type {
  Conflict,
  IngredientUse,
  Problem,
  Recipe,
  RecipeDraft,
  RecipePage,
  RecipeReplacement,
  RecipeVersion,
} from '@ypsigram/contract';

const RECIPES = '/api/recipes';

/** The recipes of the server. */
@Injectable({ providedIn: 'root' })
export class RecipesApi {
  private readonly http = inject(HttpClient);

  list(query: string, page: number, pageSize: number): Observable<RecipePage> {
    const params = new HttpParams({ fromObject: { query, page, pageSize } });
    return this.http.get<RecipePage>(RECIPES, { params });
  }

  /** In how many recipes each of these ingredients is; of all that any recipe uses where none is named. */
  uses(ids?: readonly string[]): Observable<readonly IngredientUse[]> {
    const params = new HttpParams({ fromObject: ids ? { ids: ids.join(',') } : {} });
    return this.http
      .get<{ items: IngredientUse[] }>(`${RECIPES}/uses`, { params })
      .pipe(map(({ items }) => items));
  }

  read(id: string): Observable<Recipe> {
    return this.http.get<Recipe>(`${RECIPES}/${id}`);
  }

  create(draft: RecipeDraft): Observable<Recipe> {
    return this.http.post<Recipe>(RECIPES, draft);
  }

  replace(id: string, replacement: RecipeReplacement): Observable<Recipe> {
    return this.http.put<Recipe>(`${RECIPES}/${id}`, replacement);
  }

  versions(id: string): Observable<RecipeVersion[]> {
    return this.http
      .get<{ items: RecipeVersion[] }>(`${RECIPES}/${id}/versions`)
      .pipe(map(({ items }) => items));
  }

  remove(id: string): Observable<void> {
    return this.http.delete<void>(`${RECIPES}/${id}`);
  }

  restore(id: string): Observable<Recipe> {
    return this.http.post<Recipe>(`${RECIPES}/${id}/restore`, null);
  }
}

/** What went wrong, in a sentence for the baker. */
export function problemOf(error: unknown): string {
  if (!(error instanceof HttpErrorResponse))
    return 'Something went wrong on this page. Reload it and try again.';
  const problem = error.error as Partial<Problem> | null;
  if (isBusy(error)) return problem?.detail ?? BUSY;
  if (isAway(error)) return 'The kitchen server can’t be reached. Is it still running?';
  return problem?.detail ?? 'The server answered something unexpected. Try again.';
}

const BUSY = 'The kitchen server is busy. What you change waits here for it.';

/** Whether the server is there and says itself when to come again: it is starting, or restoring. */
export const isBusy = (error: unknown): boolean =>
  error instanceof HttpErrorResponse && error.status === 503 && error.headers.has('Retry-After');

/** Whether it is no fault of what was sent: there was no answer, or the server has no time now. */
export const isAway = (error: unknown): boolean =>
  isBusy(error) || (error instanceof HttpErrorResponse && error.status === 0);

/** The newer version that stood in the way of a change, if that was the problem. */
export function conflictOf(error: unknown): Recipe | null {
  if (!(error instanceof HttpErrorResponse) || error.status !== 409) return null;
  return (error.error as Conflict).theirs;
}
