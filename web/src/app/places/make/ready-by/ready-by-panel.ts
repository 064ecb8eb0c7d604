import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  inject,
  signal,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { format } from 'date-fns';
import { STEP_NAMES } from '@ypsigram/contract/oven';
import { clashes, scheduleBack } from '@ypsigram/core/bench/oven';
import { decimal } from '../../../kit/figures/figures';
import { showMoment, showTime } from '../../../kit/figures/dates';
import { download } from '../../../kit/picture/download';
import { bakesActions, bakesFeature } from '../../../state/bakes/bakes.feature';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { OvenSession } from '../oven-session';
import { TimeStrip } from './time-strip';

const MINUTE = 60_000;
const BEAT_MILLISECONDS = 30_000;
/** What is offered first: in four hours, on the hour. */
const OFFERED_HOURS = 4;

/** Backwards from when it is to be ready: the strip of time, and whether the oven is free. */
@Component({
  selector: 'yg-ready-by-panel',
  imports: [TimeStrip],
  templateUrl: './ready-by-panel.html',
  styleUrl: './ready-by-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReadyByPanel {
  private readonly store = inject(Store);
  private readonly session = inject(OvenSession);
  private readonly bakes = this.store.selectSignal(bakesFeature.selectBakes);
  private readonly formats = this.store.selectSignal(kitchenFeature.selectFormats);
  protected readonly now = signal(Date.now());
  protected readonly problem = signal('');

  protected readonly readyAt = computed(() => this.session.state()?.after.readyAt ?? null);
  protected readonly field = computed(() => {
    const at = this.readyAt() ?? offered();
    return format(new Date(at), "yyyy-MM-dd'T'HH:mm");
  });
  protected readonly schedule = computed(() => {
    const [state, readyAt] = [this.session.state(), this.readyAt()];
    if (!state || readyAt === null) return null;
    return scheduleBack(readyAt, {
      steps: this.session.walk().steps,
      lines: state.lines.map(({ line }) => line),
      minutes: state.after.minutes,
      trays: this.session.oven()?.trays ?? 1,
    });
  });
  protected readonly clashes = computed(() => {
    const oven = this.schedule()?.oven;
    const name = this.session.oven()?.oven ?? null;
    if (!oven) return [];
    const others = this.bakes().flatMap(({ id, oven: theirs, stage }) =>
      theirs && stage !== 'log' && id !== this.session.bake()?.id && theirs.name === name
        ? [{ bakeId: id, ...theirs }]
        : [],
    );
    return clashes(oven, others);
  });
  protected readonly told = computed(() =>
    this.clashes().map(({ bakeId, from, to, isSameHeat }) => {
      const title = this.bakes().find(({ id }) => id === bakeId)?.title ?? 'Another bake';
      const when = `from ${showTime(from)} to ${showTime(to)}`;
      return isSameHeat
        ? `${title} wants the oven as well ${when}, at the same heat. Is there room for both?`
        : `${title} wants the oven as well ${when}, at another heat. Move one of them.`;
    }),
  );
  protected readonly rows = computed(() =>
    (this.schedule()?.blocks ?? []).map((block) => ({
      id: block.id,
      at: showTime(block.from),
      minutes: Math.round((Date.parse(block.to) - Date.parse(block.from)) / MINUTE),
      name: STEP_NAMES[block.kind],
      text: block.text,
      guess: block.isGuessed,
      canChange: block.kind !== 'take-out' && block.kind !== 'heat' && block.kind !== 'measure',
    })),
  );
  protected readonly start = computed(() => {
    const schedule = this.schedule();
    if (!schedule) return null;
    const isLate = Date.parse(schedule.startAt) < this.now();
    const at = showMoment(schedule.startAt, this.formats().dateOrder);
    return { at, isLate };
  });

  constructor() {
    this.store.dispatch(bakesActions.bakesAskedFor());
    const beat = setInterval(() => this.now.set(Date.now()), BEAT_MILLISECONDS);
    inject(DestroyRef).onDestroy(() => clearInterval(beat));
  }

  protected plan(typed: string): void {
    const at = new Date(typed);
    this.problem.set(Number.isNaN(at.getTime()) ? 'Choose a day and a time.' : '');
    if (!this.problem()) this.set(at.toISOString());
  }

  protected move(minutes: number): void {
    const readyAt = this.readyAt();
    if (readyAt) this.set(new Date(Date.parse(readyAt) + minutes * MINUTE).toISOString());
  }

  protected forget(): void {
    this.set(null);
  }

  protected take(step: string, typed: string): void {
    const minutes = decimal(typed);
    if (minutes === null) return;
    const known = this.session.state()?.after.minutes ?? {};
    this.session.do({
      do: 'ready-by',
      readyAt: this.readyAt(),
      minutes: { ...known, [step]: minutes },
    });
  }

  protected async save(): Promise<void> {
    const schedule = this.schedule();
    if (!schedule) return;
    const { calendarOf } = await import('./calendar');
    const title = this.session.state()?.plan.title ?? 'Bake';
    download('bake.ics', 'text/calendar', calendarOf(title, schedule));
  }

  private set(readyAt: string | null): void {
    const after = this.session.state()?.after;
    const oven = this.session.oven();
    // Others have to know which oven it takes.
    if (readyAt !== null && !after?.oven && oven) this.session.do({ do: 'heat', ...oven });
    this.session.do({ do: 'ready-by', readyAt, minutes: after?.minutes ?? {} });
  }
}

function offered(): string {
  const at = new Date();
  at.setHours(at.getHours() + OFFERED_HOURS, 0, 0, 0);
  return at.toISOString();
}
