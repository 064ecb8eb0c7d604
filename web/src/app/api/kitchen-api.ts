import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import type { Observable } from 'rxjs';
import type { Kitchen } from '@ypsigram/contract';

/** Where the own weights can be had as a table. */
export const WEIGHTS_TABLE = '/api/kitchen/weights/csv';

/** The tools of this kitchen, on the server. */
@Injectable({ providedIn: 'root' })
export class KitchenApi {
  private readonly http = inject(HttpClient);

  read(): Observable<Kitchen> {
    return this.http.get<Kitchen>('/api/kitchen');
  }

  replace(kitchen: Kitchen): Observable<Kitchen> {
    return this.http.put<Kitchen>('/api/kitchen', kitchen);
  }
}
