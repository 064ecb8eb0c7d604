import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Timer } from '@ypsigram/contract/oven';
import { Icon } from '../icon/icon';
import { showClock } from '../figures/minutes';
import { timersActions, timersFeature } from '../../state/timers/timers.feature';
import { TimerClock } from './timer-clock';

const MINUTE = 60_000;
const STEPS = [
  { minutes: -1, sign: '−1', says: '−1 minute' },
  { minutes: 1, sign: '+1', says: '+1 minute' },
  { minutes: 5, sign: '+5', says: '+5 minutes' },
];

/** One timer in one line: what is left of it, a minute more or less, and its end. */
@Component({
  selector: 'yg-timer-line',
  imports: [Icon, RouterLink],
  templateUrl: './timer-line.html',
  styleUrl: './timer-line.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '[class.is-over]': 'isOver()' },
})
export class TimerLine {
  readonly timer = input.required<Timer>();
  /** Whether it says what it is of; in its own step that is plain. */
  readonly hasName = input(true);

  private readonly store = inject(Store);
  private readonly clock = inject(TimerClock);
  private readonly timers = this.store.selectSignal(timersFeature.selectTimersState);
  private readonly milliseconds = computed(() => this.clock.until(this.timer().endsAt));

  protected readonly steps = STEPS;
  protected readonly left = computed(() => showClock(this.milliseconds()));
  protected readonly isOver = computed(() => this.milliseconds() <= 0);
  protected readonly link = computed(() => {
    const { recipeId, bakeId } = this.timer();
    return recipeId && bakeId ? `/recipes/${recipeId}/make/${bakeId}` : null;
  });

  /** So many minutes more, from its end; from now where it is over. */
  protected add(minutes: number): void {
    const timer = this.timer();
    const ahead = this.timers().aheadMilliseconds;
    const from = Math.max(Date.parse(timer.endsAt), minutes > 0 ? Date.now() - ahead : 0);
    const endsAt = new Date(from + minutes * MINUTE).toISOString();
    this.store.dispatch(timersActions.timerSet({ timer: { ...timer, endsAt } }));
  }

  protected stop(): void {
    const timer = this.timer();
    this.store.dispatch(timersActions.timerStopped({ id: timer.id }));
    this.store.dispatch(timersActions.timerPutOut({ timer }));
  }
}
