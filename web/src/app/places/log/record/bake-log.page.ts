import { makesText } from '@ypsigram/contract';
import { timesText } from '../../../kit/figures/times';
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
import type { BakeOutcomeReply } from '@ypsigram/contract/log';
import type { TryVerdict } from '@ypsigram/core/bench';
import { FAILED_AT_MOST } from '@ypsigram/core/diagnosis';
import { LogApi } from '../../../api/log-api';
import { problemOf } from '../../../api/recipes-api';
import { showDay } from '../../../kit/figures/dates';
import { Icon } from '../../../kit/icon/icon';
import { BakeSession } from '../../../state/bake/bake-session';
import { bakeActions, bakeFeature } from '../../../state/bake/bake.feature';
import { bakesActions, bakesFeature } from '../../../state/bakes/bakes.feature';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { recipeActions } from '../../../state/recipe/recipe.actions';
import { recipeFeature } from '../../../state/recipe/recipe.feature';
import { DiagnosisPanel } from '../diagnosis/diagnosis-panel';
import { PhotosPanel } from '../result/photos-panel';
import { ResultForm } from '../result/result-form';
import { ChangesPanel } from './changes-panel';
import { OvenTimes } from './oven-times';
import { RecordLedger } from './record-ledger';

/** A page of the Log: how a bake turned out, what went in, the oven, and why. */
@Component({
  selector: 'yg-bake-log-page',
  imports: [
    ChangesPanel,
    DiagnosisPanel,
    Icon,
    OvenTimes,
    PhotosPanel,
    RecordLedger,
    ResultForm,
    RouterLink,
  ],
  templateUrl: './bake-log.page.html',
  styleUrl: './bake-log.page.scss',
  providers: [BakeSession],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BakeLogPage implements OnDestroy {
  /** From the address. */
  readonly bake = input.required<string>();
  readonly id = input.required<string>();

  private readonly store = inject(Store);
  private readonly api = inject(LogApi);
  private readonly router = inject(Router);
  private readonly bakes = this.store.selectSignal(bakesFeature.selectBakes);
  private readonly formats = this.store.selectSignal(kitchenFeature.selectFormats);
  private readonly hands = this.store.selectSignal(kitchenFeature.selectHands);
  private readonly balance = this.store.selectSignal(recipeFeature.selectBalance);
  protected readonly session = inject(BakeSession);
  protected readonly state = this.session.state;
  protected readonly open = this.store.selectSignal(bakeFeature.selectBakeState);
  protected readonly outcomes = signal<readonly BakeOutcomeReply[]>([]);

  protected readonly head = computed(() => {
    const [bake, state] = [this.session.bake(), this.state()];
    if (!bake || !state) return null;
    const hand = this.hands().find(({ id }) => id === bake.handId)?.name;
    return {
      day: showDay(bake.begunAt, this.formats().dateOrder),
      size: `${timesText(state.plan.factor)}${state.plan.makes ? `, ${makesText(state.plan.makes)}` : ''}`,
      hand: hand ? `measured by ${hand}` : '',
    };
  });
  protected readonly isGood = computed(() => this.state()?.after.isGood ?? false);
  /** What can be kept: lines that a scale has told. */
  protected readonly weighed = computed(
    () =>
      this.state()?.lines.filter(
        ({ weighedGrams, fills }) =>
          weighedGrams !== null || (fills.length > 0 && fills.every((fill) => fill.grams !== null)),
      ).length ?? 0,
  );
  /** What came out at two of five is nothing to do again. */
  protected readonly canBeGood = computed(() => {
    const rating = this.state()?.after.result?.rating ?? null;
    return this.isGood() || rating === null || rating > FAILED_AT_MOST;
  });
  protected readonly isFailed = computed(() => {
    const result = this.state()?.after.result;
    if (!result || this.isGood()) return false;
    return (
      result.symptoms.length > 0 || (result.rating !== null && result.rating <= FAILED_AT_MOST)
    );
  });
  protected readonly trying = computed(() => this.state()?.plan.trying ?? null);
  protected readonly verdict = computed(() => this.state()?.after.verdict ?? null);
  protected readonly verdicts = [
    { id: 'better', name: 'Better' },
    { id: 'same', name: 'The same' },
    { id: 'worse', name: 'Worse' },
  ] as const;

  constructor() {
    effect(() => {
      const id = this.bake();
      untracked(() => this.store.dispatch(bakeActions.bakeOpened({ id })));
    });
    effect(() => {
      const recipeId = this.id();
      // Asked for again when what is kept of this bake changes.
      if (this.session.bake()) untracked(() => this.load(recipeId));
    });
  }

  ngOnDestroy(): void {
    this.store.dispatch(bakeActions.bakeLeft());
  }

  private load(recipeId: string): void {
    this.api.outcomes(recipeId).subscribe({
      next: (outcomes) => this.outcomes.set(outcomes),
      error: (error: unknown) =>
        this.store.dispatch(bakeActions.bakeNotLoaded({ problem: problemOf(error) })),
    });
  }

  protected toLog(): void {
    this.session.do({ do: 'stage', stage: 'log' });
  }

  protected keep(isGood: boolean): void {
    this.session.do({ do: 'good', isGood });
  }

  /** Whether what was tried helped: the recipe is then free for the next thing. */
  protected judge(verdict: TryVerdict): void {
    this.session.do({ do: 'judge', verdict });
    if (this.balance().trying?.bakeId !== this.trying()?.bakeId) return;
    this.store.dispatch(recipeActions.balanceSet({ change: { trying: null } }));
    this.store.dispatch(recipeActions.saveWanted());
  }

  protected remove(): void {
    const bake = this.bakes().find(({ id }) => id === this.bake());
    if (!bake) return;
    this.store.dispatch(bakesActions.deletionWanted({ bake }));
    void this.router.navigateByUrl(`/recipes/${this.id()}/log`);
  }
}
