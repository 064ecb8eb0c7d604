import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { Store } from '@ngrx/store';
import { authorsActions } from './state/authors/authors.feature';
import { Beam } from './kit/beam/beam';
import { writeFiguresWith } from '@ypsigram/contract/frame';
import { kitchenFeature } from './state/kitchen/kitchen.feature';
import { kitchenActions } from './state/kitchen/kitchen.actions';
import { QuickQuestion } from './quick/quick-question';
import { LiveScale } from './scale/live-scale';
import { ScaleStrip } from './scale/scale-strip';
import { ConnectionStrip } from './shell/connection/connection-strip';
import { hasGoneWrong } from './shell/tell-errors';
import { TimerStrip } from './shell/timers/timer-strip';
import { browserKeeps } from './offline/browser-database';
import { stayKnown } from './offline/live-pages';
import { changesFeature } from './state/changes/changes.feature';
import { timersActions, timersFeature } from './state/timers/timers.feature';
import { trialsActions } from './state/trials/trials.feature';

/** The frame around every place. */
@Component({
  selector: 'yg-root',
  imports: [
    Beam,
    ConnectionStrip,
    QuickQuestion,
    RouterLink,
    RouterLinkActive,
    RouterOutlet,
    ScaleStrip,
    TimerStrip,
  ],
  templateUrl: './app.html',
  styleUrl: './app.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    '[class.weighing]': "scale.status() !== 'off'",
    '(document:keydown)': 'press($event)',
  },
})
export class App {
  protected readonly scale = inject(LiveScale);
  protected readonly isAsking = signal(false);
  private readonly timers = inject(Store).selectSignal(timersFeature.selectTimersState);
  private readonly changes = inject(Store).selectSignal(changesFeature.selectChangesState);
  protected readonly hasConnectionNews = computed(() => {
    const { isReached, stuck, stuckActs, hasNewerPage } = this.changes();
    const waits = stuck.length + stuckActs.length > 0;
    return isReached === false || waits || hasNewerPage || hasGoneWrong() || !browserKeeps();
  });
  protected readonly hasTimers = computed(
    () => this.timers().timers.length > 0 || this.timers().putOut !== null,
  );

  constructor() {
    const store = inject(Store);
    stayKnown();
    writeFiguresWith(store.selectSignal(kitchenFeature.selectDecimalMark));
    store.dispatch(kitchenActions.kitchenAskedFor());
    store.dispatch(trialsActions.trialsAskedFor());
    store.dispatch(authorsActions.authorsAskedFor());
    store.dispatch(timersActions.timersAskedFor());
  }

  /** Ctrl K asks the quick question from everywhere. */
  protected press(event: KeyboardEvent): void {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'k') return;
    event.preventDefault();
    this.isAsking.set(true);
  }
}
