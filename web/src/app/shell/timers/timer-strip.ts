import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  effect,
  inject,
  signal,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { v4 as newId } from 'uuid';
import type { Timer } from '@ypsigram/contract/oven';
import { Icon } from '../../kit/icon/icon';
import { timersActions, timersFeature } from '../../state/timers/timers.feature';
import { Ringing } from './ringing';
import { TimerClock } from '../../kit/timer/timer-clock';
import { TimerLine } from '../../kit/timer/timer-line';

/** More than these fold, so that the work keeps its room. */
const MOST_SHOWN = 2;

/** All timers, in every window, and what rings. */
@Component({
  selector: 'yg-timer-strip',
  imports: [Icon, TimerLine],
  templateUrl: './timer-strip.html',
  styleUrl: './timer-strip.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TimerStrip {
  private readonly store = inject(Store);
  private readonly ringing = inject(Ringing);
  private readonly timers = this.store.selectSignal(timersFeature.selectTimersState);
  private readonly clock = inject(TimerClock);
  private readonly rung = new Set<string>();

  protected readonly canAsk = signal(this.ringing.canAskToNotify());
  protected readonly problem = computed(() => this.timers().problem);
  protected readonly isUnfolded = signal(false);
  protected readonly over = computed(() =>
    this.timers().timers.filter(({ endsAt }) => this.clock.until(endsAt) <= 0),
  );
  /** How many wait behind a button; one that rings never does. */
  protected readonly folded = computed(() => {
    const { timers } = this.timers();
    return Math.max(0, timers.length - Math.max(MOST_SHOWN, this.over().length));
  });
  /** The next to ring come first. */
  protected readonly shown = computed(() => {
    const { timers } = this.timers();
    return this.isUnfolded() ? timers : timers.slice(0, timers.length - this.folded());
  });
  protected readonly putOut = computed(() => this.timers().putOut);

  constructor() {
    // A window makes sounds only once somebody has touched it.
    const prepare = (): void => this.ringing.prepare();
    document.addEventListener('pointerdown', prepare);
    inject(DestroyRef).onDestroy(() => {
      document.removeEventListener('pointerdown', prepare);
      this.ringing.stop();
    });
    effect(() => {
      const over = this.over();
      if (over.length === 0) {
        this.rung.clear();
        this.ringing.stop();
        return;
      }
      for (const timer of over) {
        const key = `${timer.id} ${timer.endsAt}`;
        if (this.rung.has(key)) continue;
        this.rung.add(key);
        this.ringing.start(timer.name);
      }
    });
  }

  /** A stop is for good, on every device: what is had back is another timer with the same end. */
  protected haveBack(timer: Timer): void {
    this.store.dispatch(timersActions.timerSet({ timer: { ...timer, id: newId() } }));
    this.store.dispatch(timersActions.puttingOutSettled());
  }

  protected async notify(): Promise<void> {
    await this.ringing.askToNotify();
    this.canAsk.set(false);
  }
}
