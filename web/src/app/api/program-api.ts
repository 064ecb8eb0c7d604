import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import type { Health } from '@ypsigram/contract';
import type { Observable } from 'rxjs';

/** The licence of packages that ship with the program. */
export interface Licence {
  readonly packages: readonly string[];
  readonly text: string;
}

/** What the program says of itself. */
@Injectable({ providedIn: 'root' })
export class ProgramApi {
  private readonly http = inject(HttpClient);

  health(): Observable<Health> {
    return this.http.get<Health>('/api/health');
  }

  /** Of everything that ships with it, as it was when it was built. */
  licences(): Observable<readonly Licence[]> {
    return this.http.get<readonly Licence[]>('/licences.json');
  }
}
