import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import type { Observable } from 'rxjs';
import type {
  ScaleCommand,
  ScaleStateReply,
  SimulationCommand,
  SimulationState,
} from '@ypsigram/contract';

const SCALE = '/api/scale';

/** Where readings stream from. */
export const SCALE_STREAM = `${SCALE}/stream`;

/** The scale that hangs on the server. */
@Injectable({ providedIn: 'root' })
export class ScaleApi {
  private readonly http = inject(HttpClient);

  read(): Observable<ScaleStateReply> {
    return this.http.get<ScaleStateReply>(SCALE);
  }

  press(command: ScaleCommand): Observable<ScaleStateReply> {
    return this.http.post<ScaleStateReply>(SCALE, command);
  }

  simulation(): Observable<SimulationState> {
    return this.http.get<SimulationState>(`${SCALE}/simulation`);
  }

  simulate(command: SimulationCommand): Observable<SimulationState> {
    return this.http.post<SimulationState>(`${SCALE}/simulation`, command);
  }
}
