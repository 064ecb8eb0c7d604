import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  effect,
  inject,
  signal,
} from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { v4 as newId } from 'uuid';
import type { Timer } from '@ypsigram/contract/oven';
import { Icon } from '../../kit/icon/icon';
import { showClock } from '../../kit/figures/minutes';
import { timersActions, timersFeature } from '../../state/timers/timers.feature';
import { Ringing } from './ringing';
import '../../kit/trusted-types/default-policy';

const MINUTE = 60_000;

/** All timers, in every window: what is left of each, a minute more or less, and who rings. */
@Component({
  selector: 'yg-timer-strip',
  imports: [Icon, RouterLink],
  templateUrl: './timer-strip.html',
  styleUrl: './timer-strip.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TimerStrip {
  private readonly store = inject(Store);
  private readonly ringing = inject(Ringing);
  private readonly timers = this.store.selectSignal(timersFeature.selectTimersState);
  private readonly now = signal(Date.now());
  private readonly rung = new Set<string>();

  protected readonly steps = [
    { minutes: -1, sign: '−1', says: 'A minute less' },
    { minutes: 1, sign: '+1', says: 'A minute more' },
    { minutes: 5, sign: '+5', says: 'Five minutes more' },
  ];
  protected readonly canAsk = signal(this.ringing.canAskToNotify());
  protected readonly problem = computed(() => this.timers().problem);
  protected readonly shown = computed(() =>
    this.timers().timers.map((timer) => {
      const left = Date.parse(timer.endsAt) + this.timers().aheadMilliseconds - this.now();
      const link =
        timer.recipeId && timer.bakeId ? `/recipes/${timer.recipeId}/oven/${timer.bakeId}` : null;
      return { timer, link, left: showClock(left), isOver: left <= 0 };
    }),
  );
  protected readonly putOut = computed(() => this.timers().putOut);
  protected readonly over = computed(() => this.shown().filter(({ isOver }) => isOver));

  constructor() {
    const ticks = new Worker(new URL('../../workers/tick.worker', import.meta.url), {
      type: 'module',
    });
    ticks.onmessage = () => this.now.set(Date.now());
    // A window makes sounds only once somebody has touched it.
    const prepare = (): void => this.ringing.prepare();
    document.addEventListener('pointerdown', prepare);
    inject(DestroyRef).onDestroy(() => {
      document.removeEventListener('pointerdown', prepare);
      ticks.terminate();
      this.ringing.stop();
    });
    effect(() => {
      const over = this.over();
      if (over.length === 0) {
        this.rung.clear();
        this.ringing.stop();
        return;
      }
      for (const { timer } of over) {
        const key = `${timer.id} ${timer.endsAt}`;
        if (this.rung.has(key)) continue;
        this.rung.add(key);
        this.ringing.start(timer.name);
      }
    });
  }

  /** So many minutes more, from its end; from now where it is over. */
  protected add(timer: Timer, minutes: number): void {
    const ahead = this.timers().aheadMilliseconds;
    const from = Math.max(Date.parse(timer.endsAt), minutes > 0 ? Date.now() - ahead : 0);
    const endsAt = new Date(from + minutes * MINUTE).toISOString();
    this.store.dispatch(timersActions.timerSet({ timer: { ...timer, endsAt } }));
  }

  protected stop(timer: Timer): void {
    this.store.dispatch(timersActions.timerStopped({ id: timer.id }));
    this.store.dispatch(timersActions.timerPutOut({ timer }));
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
