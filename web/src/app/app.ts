import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { NavigationEnd, Router, RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { Store } from '@ngrx/store';
import { authorsActions } from './state/authors/authors.feature';
import { AboutPanel } from './kit/about/about-panel';
import { AboutPlace } from './kit/about/about-place';
import type { PlaceId } from './kit/about/place-id';
import { isTypedIn } from './kit/keys/typed-in';
import { Beam } from './kit/beam/beam';
import { Icon } from './kit/icon/icon';
import { writeFiguresWith } from '@ypsigram/contract/frame';
import { kitchenFeature } from './state/kitchen/kitchen.feature';
import { kitchenActions } from './state/kitchen/kitchen.actions';
import { QuickQuestion } from './quick/quick-question';
import { LiveScale } from './scale/live-scale';
import { ScaleStrip } from './scale/scale-strip';
import { ConnectionStrip } from './shell/connection/connection-strip';
import { keepFocus } from './shell/keep-focus';
import { hasGoneWrong } from './shell/tell-errors';
import { TimerStrip } from './shell/timers/timer-strip';
import { browserKeeps } from './offline/browser-database';
import { stayKnown } from './offline/live-pages';
import { changesFeature } from './state/changes/changes.feature';
import { timersActions, timersFeature } from './state/timers/timers.feature';
import { trialsActions } from './state/trials/trials.feature';
import { Opened } from './kit/opened/opened';

/** What a route says of itself. */
interface RouteFacts {
  readonly place?: PlaceId;
  /** No other place is offered: who is here is not let into the house. */
  readonly isAlone?: boolean;
  /** A bake is measured or baked here. */
  readonly isAtWork?: boolean;
}

/** What the routes that are open say, the innermost last. */
function factsOf({ routerState }: Router): RouteFacts {
  let facts: RouteFacts = {};
  for (let at = routerState.snapshot.root.firstChild; at; at = at.firstChild) {
    facts = { ...facts, ...(at.data as RouteFacts) };
  }
  return facts;
}

/** The frame around every place. */
@Component({
  selector: 'yg-root',
  imports: [
    AboutPanel,
    Opened,
    Beam,
    ConnectionStrip,
    Icon,
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
    '[class.has-bar]': '!isAtWork() && !isAlone()',
    '(document:keydown)': 'press($event)',
  },
})
export class App {
  protected readonly scale = inject(LiveScale);
  protected readonly about = inject(AboutPlace);
  protected readonly isAsking = signal(false);
  protected readonly areScalesOpen = signal(false);
  private readonly router = inject(Router);
  private readonly facts = signal<RouteFacts>({});
  protected readonly isAlone = computed(() => this.facts().isAlone ?? false);
  /** While measuring and baking a phone has no room for the places: the work's own act stands there. */
  protected readonly isAtWork = computed(() => this.facts().isAtWork ?? false);
  private readonly timers = inject(Store).selectSignal(timersFeature.selectTimersState);
  private readonly changes = inject(Store).selectSignal(changesFeature.selectChangesState);
  protected readonly hasConnectionNews = computed(() => {
    const { isReached, stuck, stuckActs, hasNewerPage } = this.changes();
    const waits = stuck.length + stuckActs.length > 0;
    return isReached === false || waits || hasNewerPage || hasGoneWrong() || !browserKeeps();
  });
  private readonly areLettersKeys = inject(Store).selectSignal(kitchenFeature.selectLetterKeys);
  protected readonly hasTimers = computed(
    () => this.timers().timers.length > 0 || this.timers().putOut !== null,
  );

  constructor() {
    const store = inject(Store);
    stayKnown();
    this.router.events.subscribe((event) => {
      if (!(event instanceof NavigationEnd)) return;
      this.facts.set(factsOf(this.router));
      this.about.arrive(this.facts().place ?? null);
    });
    keepFocus();
    writeFiguresWith(store.selectSignal(kitchenFeature.selectDecimalMark));
    store.dispatch(kitchenActions.kitchenAskedFor());
    store.dispatch(trialsActions.trialsAskedFor());
    store.dispatch(authorsActions.authorsAskedFor());
    store.dispatch(timersActions.timersAskedFor());
  }

  protected closeScalesWhenLeft({ currentTarget, relatedTarget }: FocusEvent): void {
    if ((currentTarget as Node).contains(relatedTarget as Node | null)) return;
    this.areScalesOpen.set(false);
  }

  /** Ctrl K asks the quick question from everywhere; ? says what the place is. */
  protected press(event: KeyboardEvent): void {
    if (event.key === '?' && this.areLettersKeys() && !isTypedIn(event.target)) this.about.open();
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'k') return;
    event.preventDefault();
    this.isAsking.set(true);
  }
}
