import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { map, type Observable } from 'rxjs';
import type { ImportReply, TrialDraft, TrialRecord, TrialReplacement } from '@ypsigram/contract';

const TRIALS = '/api/trials';

/** Where the trials can be had as a table. */
export const TRIALS_TABLE = `${TRIALS}/csv`;

/** The trials of the hands, on the server. */
@Injectable({ providedIn: 'root' })
export class TrialsApi {
  private readonly http = inject(HttpClient);

  list(): Observable<TrialRecord[]> {
    return this.http.get<{ items: TrialRecord[] }>(TRIALS).pipe(map(({ items }) => items));
  }

  create(draft: TrialDraft): Observable<TrialRecord> {
    return this.http.post<TrialRecord>(TRIALS, draft);
  }

  replace(id: string, replacement: TrialReplacement): Observable<TrialRecord> {
    return this.http.put<TrialRecord>(`${TRIALS}/${id}`, replacement);
  }

  remove(id: string): Observable<void> {
    return this.http.delete<void>(`${TRIALS}/${id}`);
  }

  restore(id: string): Observable<TrialRecord> {
    return this.http.post<TrialRecord>(`${TRIALS}/${id}/restore`, null);
  }

  removeImport(importId: string): Observable<void> {
    return this.http.delete<void>(`${TRIALS}/imports/${importId}`);
  }
}

/** Tables that come in: whether as a question or for good. */
@Injectable({ providedIn: 'root' })
export class TablesApi {
  private readonly http = inject(HttpClient);

  send(address: string, table: string, dryRun: boolean): Observable<ImportReply> {
    return this.http.post<ImportReply>(address, table, {
      headers: { 'Content-Type': 'text/csv' },
      params: { dryRun: dryRun ? '1' : '0' },
    });
  }
}
