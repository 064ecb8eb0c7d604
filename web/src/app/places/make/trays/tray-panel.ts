import {
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  computed,
  inject,
  signal,
} from '@angular/core';
import { FIRST_LOOK_REASONS, TESTER_NAMES } from '@ypsigram/contract/oven';
import { afterTester, TESTER_FINDS, type TesterFind } from '@ypsigram/core/baking/steps';
import type { BakedTray } from '@ypsigram/core/bench';
import type { TimerAwaits } from '@ypsigram/core/bench/oven';
import { showClock } from '../../../kit/figures/minutes';
import { Store } from '@ngrx/store';
import { showHeat } from '../../../kit/figures/oven-heat';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { OvenSession } from '../oven-session';
import { OvenDoor } from './oven-door';
import { Skewer } from './skewer';

const MINUTE = 60_000;
const BEAT_MILLISECONDS = 1000;
const MOST_NAME = 60;

/** The trays of a bake: into the oven, looked at, out, and turned out of the pan. */
@Component({
  selector: 'yg-tray-panel',
  imports: [OvenDoor, Skewer],
  templateUrl: './tray-panel.html',
  styleUrl: './tray-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TrayPanel {
  private readonly session = inject(OvenSession);
  private readonly unit = computed(() => this.formats().temperature);
  private readonly formats = inject(Store).selectSignal(kitchenFeature.selectFormats);
  private readonly now = signal(Date.now());

  protected readonly finds = TESTER_FINDS.map((id) => ({ id, name: TESTER_NAMES[id] }));
  private readonly range = computed(() => this.session.walk().inOven);
  protected readonly look = computed(() => {
    const look = this.session.look();
    return look && { minutes: look.minutes, why: FIRST_LOOK_REASONS[look.why] };
  });
  private readonly panMinutes = computed(
    () => this.session.walk().steps.find(({ kind }) => kind === 'cool')?.minutes?.max ?? 0,
  );
  protected readonly trays = computed(() => {
    const known = this.session.state()?.after.trays ?? [];
    const count = Math.max(this.session.oven()?.trays ?? 1, known.at(-1)?.tray ?? 1);
    return Array.from({ length: count }, (_, at) => {
      const tray = known.find((one) => one.tray === at + 1) ?? null;
      return {
        number: at + 1,
        name: count > 1 ? `Tray ${at + 1}` : 'The tray',
        ...this.told(tray),
      };
    });
  });
  protected readonly inOven = computed(() =>
    this.trays()
      .filter(({ place }) => place === 'oven')
      .map(({ name, clock }) => ({ name, clock })),
  );

  constructor() {
    const beat = setInterval(() => this.now.set(Date.now()), BEAT_MILLISECONDS);
    inject(DestroyRef).onDestroy(() => clearInterval(beat));
  }

  /** Where a tray is, how long, and what the last look said. */
  private told(tray: BakedTray | null) {
    if (!tray?.inAt) return { place: 'out', clock: '', said: '' } as const;
    const since = (at: string): number => this.now() - Date.parse(at);
    if (tray.turnedOutAt) return { place: 'rack', clock: '', said: 'Turned out.' } as const;
    if (tray.outAt) {
      return { place: 'pan', clock: showClock(since(tray.outAt)), said: this.inPan(tray) } as const;
    }
    const last = tray.looks.at(-1);
    return {
      place: 'oven',
      clock: showClock(since(tray.inAt)),
      said: last?.found === 'wet' ? 'Wet at the last look: back in.' : '',
    } as const;
  }

  private inPan(tray: BakedTray): string {
    const minutes = this.panMinutes();
    const next =
      minutes > 0
        ? `Rest it ${minutes} min in its pan, then turn it out.`
        : 'Turn it out: left in, it bakes on.';
    return this.isPast(tray) ? `Clean, and past the range: look earlier next time. ${next}` : next;
  }

  /** The tester came out clean after the end of the range. */
  private isPast({ inAt, looks }: BakedTray): boolean {
    const [last, range] = [looks.at(-1), this.range()];
    if (!last || !inAt || !range) return false;
    const minutes = (Date.parse(last.at) - Date.parse(inAt)) / MINUTE;
    const answer = afterTester(last.found, minutes, range);
    return answer.do === 'out' && answer.isPast;
  }

  protected putIn(tray: number, name: string): void {
    this.session.do({ do: 'tray', tray, to: 'oven' });
    const look = this.session.look();
    if (look) this.time(`First look: ${name}`, look.minutes, { what: 'look', tray });
    this.timeStages();
  }

  protected found(tray: number, find: TesterFind, name: string): void {
    const known = this.session.state()?.after.trays.find((one) => one.tray === tray);
    const range = this.range();
    this.session.do({ do: 'look', tray, found: find });
    if (!known?.inAt || !range) return;
    const minutes = (Date.now() - Date.parse(known.inAt)) / MINUTE;
    const answer = afterTester(find, minutes, range);
    if (answer.do === 'wait')
      this.time(`Look again: ${name}`, answer.minutes, { what: 'look', tray });
    else this.takeOut(tray, name);
  }

  protected takeOut(tray: number, name: string): void {
    this.session.do({ do: 'tray', tray, to: 'pan' });
    if (this.isLast(tray)) {
      const done = new Set(this.session.state()?.after.steps ?? []);
      for (const { id } of this.session.stages()) if (!done.has(id)) this.session.finish(id, true);
    }
    const minutes = this.panMinutes();
    if (minutes > 0) this.time(`Turn out: ${name}`, minutes, { what: 'turn-out', tray });
  }

  protected turnOut(tray: number): void {
    this.session.do({ do: 'tray', tray, to: 'rack' });
    const rest = this.session.walk().steps.find(({ id }) => id === 'pan');
    if (rest && this.isLast(tray)) this.session.finish(rest.id, true);
  }

  /** The oven is set anew between stages: a timer for each, as far as their times are known. */
  private timeStages(): void {
    const stages = this.session.stages();
    let minutes = 0;
    for (const [at, stage] of stages.entries()) {
      const next = stages[at + 1];
      if (!next || !stage.minutes) return;
      minutes += stage.minutes.min;
      const heat = next.heat && showHeat(next.heat.celsius, this.unit());
      this.time(heat ? `Oven to ${heat}` : 'Next stage', minutes, { what: 'step', step: stage.id });
    }
  }

  /** Every other tray is out of the oven. */
  private isLast(tray: number): boolean {
    return this.trays().every(
      ({ number, place }) => number === tray || place === 'pan' || place === 'rack',
    );
  }

  private time(what: string, minutes: number, awaits: TimerAwaits): void {
    const title = this.session.state()?.plan.title ?? '';
    this.session.startTimer(`${what} · ${title}`.slice(0, MOST_NAME), minutes, awaits);
  }
}
