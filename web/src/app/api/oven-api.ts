import { HttpClient } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { map, type Observable } from 'rxjs';
import type {
  OvenCommand,
  SimulatedOvenState,
  Timer,
  TimerDraft,
  TimerList,
} from '@ypsigram/contract/oven';

const TIMERS = '/api/timers';
const THERMOMETER = '/api/thermometer';

/** Where readings of the thermometer stream from. */
export const THERMOMETER_STREAM = `${THERMOMETER}/stream`;

/** Timers and the thermometer of the server. */
@Injectable({ providedIn: 'root' })
export class OvenApi {
  private readonly http = inject(HttpClient);

  timers(): Observable<TimerList> {
    return this.http.get<TimerList>(TIMERS);
  }

  setTimer(id: string, draft: TimerDraft): Observable<Timer> {
    return this.http.put<Timer>(`${TIMERS}/${id}`, draft);
  }

  stopTimer(id: string): Observable<void> {
    return this.http.delete(`${TIMERS}/${id}`).pipe(map(() => undefined));
  }

  simulatedOven(): Observable<SimulatedOvenState> {
    return this.http.get<SimulatedOvenState>(`${THERMOMETER}/simulation`);
  }

  turnOven(command: OvenCommand): Observable<SimulatedOvenState> {
    return this.http.post<SimulatedOvenState>(`${THERMOMETER}/simulation`, command);
  }
}
