import { ChangeDetectionStrategy, Component, computed, inject, output } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { STEP_ADVICE, STEP_CAUTIONS, stepName } from '@ypsigram/contract/oven';
import { showMinutes } from '../../../kit/figures/minutes';
import { short } from '@ypsigram/contract';
import { doughGrams, portionsOf } from '@ypsigram/core/bench';
import { adviceOf, type StepKind } from '@ypsigram/core/baking/steps';
import { Icon } from '../../../kit/icon/icon';
import { isTypedIn } from '../../../kit/keys/typed-in';
import { TimerLine } from '../../../kit/timer/timer-line';
import { timersFeature } from '../../../state/timers/timers.feature';
import { OvenSession } from '../oven-session';

/** Steps for which a timer of the step's own makes sense: what bakes has one for each tray. */
const NO_TIMER = new Set(['bake', 'heat']);
const HEATING_MINUTES = 20;
/** Butter and sugar take at least this. */
const CREAMING_MINUTES = 1;
const SCALE_STEP = 1;

/** The step at hand, large, and all steps as a row. */
@Component({
  selector: 'yg-step-panel',
  imports: [Icon, RouterLink, TimerLine],
  templateUrl: './step-panel.html',
  styleUrl: './step-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'press($event)' },
})
export class StepPanel {
  readonly toLog = output<void>();

  protected readonly session = inject(OvenSession);
  protected readonly bench = computed(() => {
    const bake = this.session.bake();
    return bake ? `/recipes/${bake.recipeId}/measure/${bake.id}` : '';
  });
  protected readonly all = computed(() =>
    this.session.steps().map(({ step, isDone }, at) => ({
      id: step.id,
      at: at + 1,
      name: stepName(step),
      isDone,
      isHere: step.id === this.session.currentId(),
    })),
  );
  protected readonly step = computed(() => {
    const step = this.session.current();
    if (!step) return null;
    const minutes = step.minutes ?? usualMinutes(step.kind);
    const advice = adviceOf(step);
    const hasTimer = minutes !== null && (!NO_TIMER.has(step.kind) || step.kind === 'heat');
    return {
      id: step.id,
      kind: step.kind,
      name: stepName(step),
      text: step.text,
      advice: advice && STEP_ADVICE[advice],
      caution: STEP_CAUTIONS[step.kind] ?? null,
      portions: step.kind === 'shape' ? this.portions() : null,
      time: minutes
        ? `${showMinutes(minutes.min, minutes.max)}${step.minutes?.isGuess ? ' (a guess)' : ''}`
        : null,
      isHeatGuessed: step.heat?.isGuess === true,
      timerMinutes: hasTimer ? minutes.min : null,
      isDone: this.all().find(({ id }) => id === step.id)?.isDone ?? false,
    };
  });

  private readonly timers = inject(Store).selectSignal(timersFeature.selectTimers);
  /** The timer that waits for this step. */
  protected readonly running = computed(() => {
    const [bake, step] = [this.session.bake(), this.session.currentId()];
    return (
      this.timers().find(
        ({ bakeId, awaits }) =>
          bakeId === bake?.id && awaits && 'step' in awaits && awaits.step === step,
      ) ?? null
    );
  });

  /** What each piece weighs, by the dough that is really there. */
  private portions(): string | null {
    const state = this.session.state();
    const pieces = state?.division?.pieces ?? state?.plan.pieces;
    if (!state || !pieces || pieces < 2) return null;
    const dough = state.doughGrams ?? doughGrams(state);
    const portions = portionsOf(dough, { by: 'pieces', pieces: Math.round(pieces) }, SCALE_STEP);
    return portions && `${portions.pieces} × ${short(portions.shownGrams, 1)} g`;
  }

  protected go(by: 1 | -1): void {
    const steps = this.session.walk().steps;
    const here = steps.findIndex(({ id }) => id === this.session.currentId());
    const next = steps[here + by];
    if (next) this.session.currentId.set(next.id);
  }

  protected done(): void {
    const step = this.step();
    if (!step) return;
    const next = this.all().find(({ id, isDone }) => id !== step.id && !isDone);
    this.session.finish(step.id, !step.isDone);
    this.session.currentId.set(step.isDone ? step.id : (next?.id ?? null));
  }

  protected startTimer(): void {
    const step = this.step();
    if (!step || step.timerMinutes === null) return;
    const title = this.session.state()?.plan.title ?? '';
    this.session.startTimer(`${step.name}: ${title}`.slice(0, 60), step.timerMinutes, {
      what: step.kind === 'heat' ? 'heat' : 'step',
      step: step.id,
    });
  }

  protected press(event: KeyboardEvent): void {
    if (isTypedIn(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === 'PageDown') this.done();
    else if (event.key === 'PageUp') this.go(-1);
    else return;
    event.preventDefault();
  }
}

/** How long a step takes where the recipe does not say, and a clock helps. */
function usualMinutes(kind: StepKind): { readonly min: number; readonly max: number } | null {
  if (kind === 'heat') return { min: HEATING_MINUTES, max: HEATING_MINUTES };
  return kind === 'cream' ? { min: CREAMING_MINUTES, max: CREAMING_MINUTES } : null;
}
