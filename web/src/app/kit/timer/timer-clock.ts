import { computed, effect, inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { timersFeature } from '../../state/timers/timers.feature';
import '../trusted-types/default-policy';

/** The time of day that timers go by, in milliseconds; it moves while any timer runs. */
@Injectable({ providedIn: 'root' })
export class TimerClock {
  private readonly timers = inject(Store).selectSignal(timersFeature.selectTimersState);
  private readonly now = signal(Date.now());
  private readonly isNeeded = computed(() => this.timers().timers.length > 0);

  constructor() {
    effect((onCleanup) => {
      if (!this.isNeeded()) return;
      const ticks = new Worker(new URL('../../workers/tick.worker', import.meta.url), {
        type: 'module',
      });
      ticks.onmessage = () => this.now.set(Date.now());
      onCleanup(() => ticks.terminate());
    });
  }

  /** Milliseconds until this moment, by the clock of the server; under 0 once it is past. */
  until(moment: string): number {
    return Date.parse(moment) + this.timers().aheadMilliseconds - this.now();
  }
}
