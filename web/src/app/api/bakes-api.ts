import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { map, type Observable } from 'rxjs';
import type {
  Bake,
  BakeDraft,
  BakeReadingReply,
  BakeSummary,
  ReadingsDraft,
} from '@ypsigram/contract';

const BAKES = '/api/bakes';

/** Where what is done at a bake streams from. */
export const bakeStream = (id: string): string => `${BAKES}/${id}/stream`;

/** The bakes of the server. */
@Injectable({ providedIn: 'root' })
export class BakesApi {
  private readonly http = inject(HttpClient);

  /** The newest first. */
  list(): Observable<BakeSummary[]> {
    return this.http.get<{ items: BakeSummary[] }>(BAKES).pipe(map(({ items }) => items));
  }

  begin(draft: BakeDraft): Observable<Bake> {
    return this.http.post<Bake>(BAKES, draft);
  }

  read(id: string): Observable<Bake> {
    return this.http.get<Bake>(`${BAKES}/${id}`);
  }

  send(id: string, sent: ReadingsDraft): Observable<BakeReadingReply[]> {
    return this.http
      .post<{ items: BakeReadingReply[] }>(`${BAKES}/${id}/readings`, sent)
      .pipe(map(({ items }) => items));
  }

  takeNewText(id: string): Observable<BakeReadingReply> {
    return this.http.post<BakeReadingReply>(`${BAKES}/${id}/plan`, null);
  }

  remove(id: string): Observable<void> {
    return this.http.delete<void>(`${BAKES}/${id}`);
  }

  restore(id: string): Observable<Bake> {
    return this.http.post<Bake>(`${BAKES}/${id}/restore`, null);
  }
}
