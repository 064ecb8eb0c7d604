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
import { Icon } from '../../kit/icon/icon';
import { bakeActions, bakeFeature } from '../../state/bake/bake.feature';
import { HeatPanel } from './heat/heat-panel';
import { OvenSession } from './oven-session';
import { ReadyByPanel } from './ready-by/ready-by-panel';
import { TrayPanel } from './trays/tray-panel';
import { BakingQuestions } from './walk/baking-questions';
import { StepPanel } from './walk/step-panel';
import { Opened } from '../../kit/opened/opened';

/** The Oven with a bake in it: one step at hand, the oven and its trays, and the strip of time. */
@Component({
  selector: 'yg-make-page',
  imports: [
    Opened,
    BakingQuestions,
    HeatPanel,
    Icon,
    ReadyByPanel,
    RouterLink,
    StepPanel,
    TrayPanel,
  ],
  templateUrl: './make.page.html',
  styleUrl: './make.page.scss',
  providers: [OvenSession],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MakePage implements OnDestroy {
  protected readonly makesText = makesText;
  /** From the address. */
  readonly bake = input.required<string>();
  readonly id = input.required<string>();

  private readonly store = inject(Store);
  private readonly router = inject(Router);
  protected readonly session = inject(OvenSession);
  protected readonly state = this.session.state;
  protected readonly open = this.store.selectSignal(bakeFeature.selectBakeState);
  protected readonly isPlanning = signal(false);

  protected readonly isAtBench = computed(() => this.state()?.stage === 'bench');
  protected readonly done = computed(
    () => this.session.steps().filter(({ isDone }) => isDone).length,
  );
  protected readonly isAllDone = computed(
    () => this.session.steps().length > 0 && this.done() === this.session.steps().length,
  );
  /** The oven matters from when it is heated. */
  protected readonly isAtOven = computed(() => {
    const kind = this.session.current()?.kind;
    const isIn = this.state()?.after.trays.some(({ outAt }) => outAt === null) ?? false;
    return isIn || kind === 'heat' || kind === 'bake' || kind === 'cool';
  });

  constructor() {
    effect(() => {
      const id = this.bake();
      untracked(() => this.store.dispatch(bakeActions.bakeOpened({ id })));
    });
  }

  ngOnDestroy(): void {
    this.store.dispatch(bakeActions.bakeLeft());
  }

  protected toOven(): void {
    this.session.do({ do: 'stage', stage: 'oven' });
  }

  protected toLog(): void {
    if (this.state()?.stage !== 'log') this.session.do({ do: 'stage', stage: 'log' });
    void this.router.navigateByUrl(`/recipes/${this.id()}/log/${this.bake()}`);
  }
}
