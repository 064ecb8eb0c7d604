import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { map, type Observable } from 'rxjs';
import type { Author, AuthorDraft, AuthorReplacement } from '@ypsigram/contract';

const AUTHORS = '/api/authors';

/** The authors, on the server. */
@Injectable({ providedIn: 'root' })
export class AuthorsApi {
  private readonly http = inject(HttpClient);

  list(): Observable<Author[]> {
    return this.http.get<{ items: Author[] }>(AUTHORS).pipe(map(({ items }) => items));
  }

  create(draft: AuthorDraft): Observable<Author> {
    return this.http.post<Author>(AUTHORS, draft);
  }

  replace(id: string, replacement: AuthorReplacement): Observable<Author> {
    return this.http.put<Author>(`${AUTHORS}/${id}`, replacement);
  }

  remove(id: string): Observable<void> {
    return this.http.delete<void>(`${AUTHORS}/${id}`);
  }

  restore(id: string): Observable<Author> {
    return this.http.post<Author>(`${AUTHORS}/${id}/restore`, null);
  }
}
