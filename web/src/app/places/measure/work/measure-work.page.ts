import { makesText } from '@ypsigram/contract';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
  type OnDestroy,
} from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { batchSize } from '@ypsigram/contract/bench';
import { Icon } from '../../../kit/icon/icon';
import { browserKeeps } from '../../../offline/browser-database';
import { bakeActions, bakeFeature } from '../../../state/bake/bake.feature';
import { recipeFeature } from '../../../state/recipe/recipe.feature';
import { FillCounting } from '../filling/fill-counting';
import { BenchFinish } from '../finish/bench-finish';
import { EveningPanel } from '../evening/evening-panel';
import { MorningPanel } from '../evening/morning-panel';
import { BenchTray } from '../tray/bench-tray';
import { LiveWeighing } from '../weighing/live-weighing';
import { AtHand } from './at-hand';
import { benchKey } from './bench-keys';
import { Preferences } from './bench-preferences';
import { BenchSession } from './bench-session';
import { BenchSettings } from './bench-settings';
import { MainAct } from './main-act';
import { ScreenAwake } from './screen-awake';
import { Opened } from '../../../kit/opened/opened';
import { OpenedMenu } from '../../../kit/opened/opened-menu';
import {
  NgbDropdown,
  NgbDropdownItem,
  NgbDropdownMenu,
  NgbDropdownToggle,
} from '@ng-bootstrap/ng-bootstrap/dropdown';

/** First what is at hand, then what comes later. */
const LATER_MILLISECONDS = 1500;

/** The morning begins so long before work does. */
const MORNING_MILLISECONDS = 5 * 60 * 60 * 1000;

/** Measure, with a bake under way: one ingredient at hand, the tray below. */
@Component({
  selector: 'yg-bench-work-page',
  imports: [
    NgbDropdown,
    NgbDropdownItem,
    NgbDropdownMenu,
    NgbDropdownToggle,
    OpenedMenu,
    Opened,
    AtHand,
    BenchFinish,
    BenchSettings,
    BenchTray,
    EveningPanel,
    Icon,
    MorningPanel,
    RouterLink,
  ],
  templateUrl: './measure-work.page.html',
  styleUrl: './measure-work.page.scss',
  providers: [BenchSession, FillCounting, LiveWeighing, MainAct, ScreenAwake],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'press($event)' },
})
export class MeasureWorkPage implements OnDestroy {
  /** From the address. */
  readonly bake = input.required<string>();
  readonly id = input.required<string>();

  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly preferences = inject(Preferences).all;
  /** How often the settings were asked for: each time they open. */
  protected readonly settingsAsked = signal(0);

  protected readonly session = inject(BenchSession);
  protected readonly main = inject(MainAct);
  protected readonly state = this.session.state;
  protected readonly open = this.store.selectSignal(bakeFeature.selectBakeState);
  private readonly recipe = this.store.selectSignal(recipeFeature.selectSaved);

  protected readonly isKept = browserKeeps;
  private readonly openedAt = Date.now();
  /** The tray is full and was looked at, or the baker wants to see how it stands. */
  protected readonly isLooking = signal(false);
  protected readonly isChoosingEvening = signal(false);
  protected readonly isDone = computed(() => this.session.isAllDone() && !this.state()?.isEvening);
  /** The night is over: what was covered is checked before anything else. */
  protected readonly isMorning = computed(() => {
    const state = this.state();
    if (!state?.startAt || !this.hasUnchecked()) return false;
    return !state.isEvening || this.openedAt > Date.parse(state.startAt) - MORNING_MILLISECONDS;
  });
  private readonly hasUnchecked = computed(
    () => this.state()?.lines.some(({ isCovered, isChecked }) => isCovered && !isChecked) ?? false,
  );
  protected readonly times = computed(() => {
    const state = this.state();
    if (!state) return '';
    const size = batchSize(state);
    return state.plan.makes ? `${size}, ${makesText(state.plan.makes)}` : size;
  });
  /** The recipe has a newer text than this bake goes by. */
  protected readonly isNewer = computed(() => {
    const [recipe, bake, state] = [this.recipe(), this.session.bake(), this.state()];
    if (!recipe || !bake || !state || recipe.id !== bake.recipeId) return false;
    const revision = state.revision ?? bake.recipeRevision;
    return recipe.revision > revision && recipe.text !== state.plan.text;
  });
  /** Somebody else did the last thing at the line at hand. */
  protected readonly elsewhere = computed(() => {
    const line = this.session.current();
    const isOther = line?.device && line.device !== this.session.device && line.device !== 'server';
    return isOther ? `${line.line.name} was changed on another device.` : null;
  });
  protected readonly labels = computed(() => `/recipes/${this.id()}/measure/${this.bake()}/labels`);

  constructor() {
    // It holds the screen for as long as it lives.
    inject(ScreenAwake);
    effect(() => {
      const id = this.bake();
      untracked(() => this.store.dispatch(bakeActions.bakeOpened({ id })));
    });
    // What comes later at the bench is there by then, with or without a server.
    setTimeout(() => {
      void Promise.all([
        import('../finish/bench-finish'),
        import('../evening/morning-panel'),
        import('../filling/keep-trials'),
      ]);
    }, LATER_MILLISECONDS);
  }

  ngOnDestroy(): void {
    this.store.dispatch(bakeActions.bakeLeft());
  }

  protected takeNewText(): void {
    this.store.dispatch(bakeActions.newTextWanted());
  }

  protected onToOven(): void {
    this.session.do({ do: 'stage', stage: 'oven' });
    void this.router.navigateByUrl(`/recipes/${this.id()}/make/${this.bake()}`);
  }

  protected backToBench(): void {
    this.session.do({ do: 'stage', stage: 'bench' });
  }

  protected press(event: KeyboardEvent): void {
    const key = benchKey(event, this.preferences().keys);
    if (!key || !this.state()) return;
    event.preventDefault();
    switch (key) {
      case 'go-on':
        return this.main.go();
      case 'back':
        return this.main.back();
      case 'undo':
        this.session.undo();
        return;
      case 'redo':
        return this.session.redo();
      case 'move-later':
      case 'move-earlier':
        return this.session.shift(key === 'move-later' ? 1 : -1);
      default:
        return this.session.step(key === 'next-line' ? 1 : -1);
    }
  }
}
