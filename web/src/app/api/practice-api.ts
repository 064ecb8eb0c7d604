import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { map, type Observable } from 'rxjs';
import type {
  BakingClass,
  ClassDraft,
  ClassList,
  ClassResultDraft,
  ClassResultRecord,
  JoinedClass,
  PracticeTryDraft,
  PracticeTryRecord,
} from '@ypsigram/contract/practice';

const PRACTICE = '/api/practice';
const CLASSES = '/api/classes';

/** Where what comes in at a class streams from. */
export const classStream = (id: string): string => `${CLASSES}/${id}/stream`;

/** What is practised, and its classes, on the server. */
@Injectable({ providedIn: 'root' })
export class PracticeApi {
  private readonly http = inject(HttpClient);

  tries(): Observable<PracticeTryRecord[]> {
    return this.http.get<{ items: PracticeTryRecord[] }>(PRACTICE).pipe(map(({ items }) => items));
  }

  addTry(id: string, draft: PracticeTryDraft): Observable<PracticeTryRecord> {
    return this.http.put<PracticeTryRecord>(`${PRACTICE}/${id}`, draft);
  }

  removeTry(id: string): Observable<void> {
    return this.http.delete(`${PRACTICE}/${id}`).pipe(map(() => undefined));
  }

  classes(): Observable<ClassList['items']> {
    return this.http.get<ClassList>(CLASSES).pipe(map(({ items }) => items));
  }

  readClass(id: string): Observable<BakingClass> {
    return this.http.get<BakingClass>(`${CLASSES}/${id}`);
  }

  keepClass(id: string, draft: ClassDraft): Observable<BakingClass> {
    return this.http.put<BakingClass>(`${CLASSES}/${id}`, draft);
  }

  removeClass(id: string): Observable<void> {
    return this.http.delete(`${CLASSES}/${id}`).pipe(map(() => undefined));
  }

  addResult(classId: string, id: string, draft: ClassResultDraft): Observable<ClassResultRecord> {
    return this.http.put<ClassResultRecord>(`${CLASSES}/${classId}/results/${id}`, draft);
  }

  removeResult(classId: string, id: string): Observable<void> {
    return this.http.delete(`${CLASSES}/${classId}/results/${id}`).pipe(map(() => undefined));
  }

  joined(code: string): Observable<JoinedClass> {
    return this.http.get<JoinedClass>(`${CLASSES}/joined/${encodeURIComponent(code)}`);
  }

  handIn(code: string, id: string, draft: ClassResultDraft): Observable<ClassResultRecord> {
    const address = `${CLASSES}/joined/${encodeURIComponent(code)}/results/${id}`;
    return this.http.put<ClassResultRecord>(address, draft);
  }
}
