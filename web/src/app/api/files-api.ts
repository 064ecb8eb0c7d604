import { HttpClient, HttpParams } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { map, type Observable } from 'rxjs';
import type {
  BackupGaps,
  ImportUndone,
  ImportedRecipe,
  RecipeImportReply,
  RecipePage,
  RecipeSummary,
  RestoreProgress,
  RestoreReply,
  WebPageReply,
  WebPagesState,
} from '@ypsigram/contract';

const IMPORTS = '/api/imports';
const WEB_PAGES = '/api/web-pages';
const BACKUP = '/api/backup';
const AS_JSON = { 'content-type': 'application/json' };
const DRY_RUN = new HttpParams({ fromObject: { dryRun: '1' } });

/** Recipes in and out as files, and the whole kitchen as one. */
@Injectable({ providedIn: 'root' })
export class FilesApi {
  private readonly http = inject(HttpClient);

  /** A preview of the import. */
  preview(recipes: readonly ImportedRecipe[]): Observable<RecipeImportReply> {
    return this.http.post<RecipeImportReply>(IMPORTS, { recipes }, { params: DRY_RUN });
  }

  importRecipes(recipes: readonly ImportedRecipe[]): Observable<RecipeImportReply> {
    return this.http.post<RecipeImportReply>(IMPORTS, { recipes });
  }

  undoImport(importId: string): Observable<ImportUndone> {
    return this.http.delete<ImportUndone>(`${IMPORTS}/${importId}`);
  }

  /** Whether recipes are got from the web here. */
  webPages(): Observable<WebPagesState> {
    return this.http.get<WebPagesState>(WEB_PAGES);
  }

  /** The recipes of a page of the web. */
  webPage(address: string): Observable<WebPageReply> {
    return this.http.post<WebPageReply>(WEB_PAGES, { address });
  }

  /** The recipes that can go out, by name. */
  recipes(most: number): Observable<readonly RecipeSummary[]> {
    const params = new HttpParams({ fromObject: { pageSize: most } });
    return this.http.get<RecipePage>('/api/recipes', { params }).pipe(map(({ items }) => items));
  }

  /** What restoring a backup would do. The file goes as it is, however large. */
  lookAtBackup(file: Blob): Observable<RestoreReply> {
    return this.http.post<RestoreReply>(BACKUP, file, { params: DRY_RUN, headers: AS_JSON });
  }

  restore(file: Blob): Observable<RestoreReply> {
    return this.http.post<RestoreReply>(BACKUP, file, { headers: AS_JSON });
  }

  /** How far a restore is that is under way. */
  restoreProgress(): Observable<RestoreProgress> {
    return this.http.get<RestoreProgress>(`${BACKUP}/progress`);
  }

  /** What a backup made now would have to leave out. */
  gaps(): Observable<BackupGaps> {
    return this.http.get<BackupGaps>(`${BACKUP}/gaps`);
  }

  undoRestore(safetyCopyId: string): Observable<RestoreReply> {
    return this.http.post<RestoreReply>(`${BACKUP}/${safetyCopyId}/restore`, null);
  }
}
