import { Injectable, computed, effect, inject, signal, untracked } from '@angular/core';
import { Store } from '@ngrx/store';
import { slipMessage } from '@ypsigram/contract/bench';
import {
  followWeighing,
  isSteady,
  netGrams,
  NO_WEIGHING,
  steadyAt,
  STEADY_MILLISECONDS,
  weighingOf,
  type LineState,
  type SteadyAt,
} from '@ypsigram/core/bench';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { LiveScale } from '../../../scale/live-scale';
import { Preferences } from '../work/bench-preferences';
import { BenchSession } from '../work/bench-session';
import { Voice } from '../work/voice';

const WEIGHED = ['container', 'tare', 'total'];

/** Weighing the line at hand on the live scale: where it stands, and when it may be taken. */
@Injectable()
export class LiveWeighing {
  private readonly scale = inject(LiveScale);
  private readonly session = inject(BenchSession);
  private readonly preferences = inject(Preferences).all;
  private readonly voice = inject(Voice);
  private readonly containers = inject(Store).selectSignal(kitchenFeature.selectContainers);
  private readonly steady = signal<SteadyAt | null>(null);
  private timer: ReturnType<typeof setTimeout> | undefined;

  /** The line at hand, where it is weighed. */
  readonly line = computed((): LineState | null => {
    const current = this.session.current();
    return current && WEIGHED.includes(current.route) && current.wantedGrams ? current : null;
  });
  readonly isScaleThere = computed(() => this.scale.status() === 'live');
  private readonly lineId = computed(() => this.line()?.line.id ?? null);

  private readonly reading = computed(() => (this.isScaleThere() ? this.scale.reading() : null));
  /** What the scale itself is used wrongly for. Untared is what it still has to become. */
  private readonly warning = computed(() =>
    this.scale.warnings().find(({ code }) => code !== 'not-tared'),
  );
  private readonly memory = signal(NO_WEIGHING);

  private readonly weighing = computed(() => {
    const [line, state] = [this.line(), this.session.state()];
    if (!line || !state) return null;
    const scale = {
      reading: this.reading(),
      gridGrams: this.scale.gridGrams(),
      isMisused: this.warning()?.code === 'not-water',
    };
    return weighingOf(line, state, scale, this.memory(), this.containers());
  });
  readonly baseGrams = computed(() => this.weighing()?.baseGrams ?? 0);
  readonly grams = computed(() => this.weighing()?.grams ?? null);
  readonly markGrams = computed(() => this.weighing()?.markGrams ?? null);
  readonly isStable = computed(() => this.scale.reading()?.isStable ?? false);
  readonly target = computed(() => this.weighing()?.target ?? null);
  readonly live = computed(() => this.weighing()?.live ?? null);
  readonly needsTare = computed(() => this.weighing()?.needsTare ?? false);
  readonly wantsFiner = computed(() => this.weighing()?.wantsFiner ?? false);
  /** What went wrong, in words. */
  readonly slip = computed(() => {
    const slip = this.weighing()?.slip;
    return slip ? slipMessage(slip) : (this.warning()?.message ?? null);
  });
  /** The settled mass that can be taken now, in grams. */
  readonly takeable = computed(() => this.weighing()?.takeable ?? null);
  readonly isAtMark = computed(() => this.takeable() !== null && this.live()?.state === 'at');
  readonly isOver = computed(() => this.takeable() !== null && this.live()?.state === 'over');

  constructor() {
    effect(() => {
      const scale = { reading: this.reading(), gridGrams: this.scale.gridGrams() };
      this.memory.set(followWeighing(untracked(this.memory), this.lineId(), scale));
    });
    effect(() => this.followSteady());
    effect(() => {
      if (this.isAtMark()) this.voice.atMark();
    });
  }

  tare(): void {
    this.scale.tare();
    this.memory.update((memory) => ({ ...memory, lineId: this.lineId(), isTared: true }));
  }

  /** Takes what the scale shows for what is in. */
  take(): void {
    const grams = this.takeable();
    if (grams !== null) this.weigh(grams, this.scale.description()?.name ?? 'scale');
  }

  /** Takes what a scale that is not connected shows; false where that is no more than was in before. */
  takeShown(shownGrams: number): boolean {
    const weighing = this.weighing();
    if (!weighing || shownGrams <= weighing.baseGrams) return false;
    this.weigh(netGrams(shownGrams, weighing), 'typed');
    return true;
  }

  private weigh(grams: number, scale: string): void {
    const at = this.session.current();
    if (at) this.session.do({ do: 'weigh', line: at.line.id, route: at.route, grams, scale });
  }

  /** Stands at the mark for a second: then it is taken, and the next thing comes to hand. */
  private followSteady(): void {
    clearTimeout(this.timer);
    const [grams, target, line] = [this.takeable(), this.target(), this.line()];
    const isWanted = this.preferences().takesItself && line !== null && line.fullness !== 'full';
    if (!isWanted || grams === null || !target) return this.steady.set(null);
    const now = Date.now();
    const at = steadyAt(untracked(this.steady), { grams, isStable: true }, target, now);
    this.steady.set(at);
    if (!at) return;
    this.timer = setTimeout(
      () => {
        if (!isSteady(this.steady(), Date.now()) || this.line()?.line.id !== line.line.id) return;
        this.take();
        this.session.goOn();
      },
      Math.max(0, at.since + STEADY_MILLISECONDS - now),
    );
  }
}
