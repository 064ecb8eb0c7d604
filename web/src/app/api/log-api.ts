import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { map, type Observable } from 'rxjs';
import type { BakeSummary } from '@ypsigram/contract';
import type { BakeOutcomeReply, LearnedReply, Photo } from '@ypsigram/contract/log';

const LOG = '/api/log';

/** Where a photo is shown from. */
export const photoAddress = (id: string, size: 'small' | 'large'): string =>
  `/api/photos/${id}?size=${size}`;

/** Where the log is saved from as a file. */
export const logFile = (format: 'csv' | 'json'): string => `${LOG}/export?format=${format}`;

/** What is asked for of the log. */
export interface LogQuery {
  readonly recipeId?: string;
  readonly search?: string;
  /** The next page: only bakes begun before this. */
  readonly before?: string;
}

/** The log of the server. */
@Injectable({ providedIn: 'root' })
export class LogApi {
  private readonly http = inject(HttpClient);

  /** Bakes, the latest first, at most 50. */
  list(query: LogQuery): Observable<BakeSummary[]> {
    return this.http
      .get<{ items: BakeSummary[] }>('/api/bakes', { params: { ...query, limit: 50 } })
      .pipe(map(({ items }) => items));
  }

  /** What bakes in the log tell, the oldest first; of one recipe, or of all. */
  outcomes(recipeId?: string): Observable<BakeOutcomeReply[]> {
    const params = recipeId ? { recipeId } : {};
    return this.http
      .get<{ items: BakeOutcomeReply[] }>(`${LOG}/outcomes`, { params })
      .pipe(map(({ items }) => items));
  }

  learned(recipeId: string): Observable<LearnedReply> {
    return this.http.get<LearnedReply>(`${LOG}/learned/${recipeId}`);
  }

  /** The picture of a photo. */
  photo(id: string): Observable<Blob> {
    return this.http.get(photoAddress(id, 'large'), { responseType: 'blob' });
  }

  addPhoto(file: Blob): Observable<Photo> {
    return this.http.post<Photo>('/api/photos', file, { headers: { 'Content-Type': file.type } });
  }
}
