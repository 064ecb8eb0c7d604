import {
  Injectable,
  computed,
  effect,
  inject,
  linkedSignal,
  signal,
  untracked,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { slipMessage } from '@ypsigram/contract/bench';
import {
  isSteady,
  liveTarget,
  steadyAt,
  STEADY_MILLISECONDS,
  weighingSlip,
  type LineState,
  type SteadyAt,
  type Target,
} from '@ypsigram/core/bench';
import { kitchenFeature } from '../../../state/kitchen/kitchen.feature';
import { LiveScale } from '../../../scale/live-scale';
import { Preferences } from '../work/bench-preferences';
import { BenchSession } from '../work/bench-session';
import { Voice } from '../work/voice';

/** What is near enough for something of which nothing is known, relative. */
const UNKNOWN_TOLERANCE = 0.025;

const WEIGHED = ['container', 'tare', 'total'];

/** It was weighed before the batch grew, and needs more. */
const isToppedUp = ({ fullness, weighedGrams }: LineState): boolean =>
  fullness !== 'full' && weighedGrams !== null;

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

  /** What the bowl holds already, where it is weighed by its running total. */
  readonly baseGrams = computed(() => {
    const line = this.line();
    const state = this.session.state();
    if (line?.route !== 'total' || !state) return 0;
    const bowl = state.bowls.find(({ lines }) => lines.includes(line.line.id));
    return state.lines
      .filter(
        ({ line: { id }, weighedBy }) =>
          id !== line.line.id && bowl?.lines.includes(id) && weighedBy === 'total',
      )
      .reduce((sum, { weighedGrams }) => sum + (weighedGrams ?? 0), 0);
  });
  /** What is in already of a line that is topped up: tared with it on, the scale shows only what is added. */
  private readonly ownGrams = computed(() => {
    const line = this.line();
    return line && line.route !== 'total' && isToppedUp(line) ? line.weighedGrams! : 0;
  });

  /** What the scale shows, whatever it is of; null while it shows nothing. */
  private readonly shown = computed(() => {
    const reading = this.scale.reading();
    return this.isScaleThere() && reading?.state === 'on' ? reading.grams : null;
  });

  /** The net mass of this ingredient, by what the scale shows; null while it shows nothing. */
  readonly grams = computed(() => {
    const shown = this.shown();
    return shown === null ? null : this.netOf(shown);
  });
  /** What a scale that is not connected shows at the mark, on its grid: what was in before, too. */
  readonly markGrams = computed(() => {
    const line = this.line();
    if (!line) return null;
    const grid = line.line.weight?.grid ?? 1;
    const shown = this.baseGrams() - this.ownGrams() + line.wantedGrams!;
    return Math.round(shown / grid) * grid;
  });
  readonly isStable = computed(() => this.scale.reading()?.isStable ?? false);

  readonly target = computed((): Target | null => {
    const line = this.line();
    if (!line) return null;
    return {
      wantedGrams: line.wantedGrams!,
      tolerance: line.line.tolerance ?? UNKNOWN_TOLERANCE,
      gridGrams: this.scale.gridGrams(),
    };
  });
  readonly live = computed(() => {
    const [target, grams] = [this.target(), this.grams()];
    return target && grams !== null ? liveTarget(grams, target) : null;
  });

  /** It was tared for the line at hand: only then is what it shows this ingredient alone. */
  private readonly isTared = linkedSignal<string | null, boolean>({
    source: this.lineId,
    computation: () => false,
  });
  /** The settled readings of this line so far: what a slip is told from. */
  private readonly settled = linkedSignal<string | null, readonly number[]>({
    source: this.lineId,
    computation: () => [],
  });
  /** Those before the one that is shown now. */
  private readonly settledBefore = computed(() => {
    const all = this.settled();
    return all.at(-1) === this.shown() ? all.slice(0, -1) : all;
  });
  private readonly isZero = computed(() => {
    const shown = this.shown();
    return shown !== null && Math.abs(shown) <= 2 * this.scale.gridGrams();
  });
  /** Its container is to be put on and tared first. */
  readonly needsTare = computed(() => {
    const line = this.line();
    const isAsked = line !== null && line.route !== 'total' && line.fullness !== 'full';
    return isAsked && this.grams() !== null && !this.isTared();
  });

  /** The finer scale is wanted for so little. */
  readonly wantsFiner = computed(() => {
    const grid = this.line()?.line.weight?.grid;
    return this.isScaleThere() && grid !== undefined && grid < this.scale.gridGrams() * 0.999;
  });

  /** What the ingredient before gave: the scale may still show it. */
  private readonly lastGrams = computed(() => {
    const weighed = (this.session.state()?.lines ?? []).filter(
      ({ line, weighedGrams }) => weighedGrams !== null && line.id !== this.lineId(),
    );
    const last = weighed.reduce<LineState | null>(
      (newest, one) => ((one.doneAt ?? '') > (newest?.doneAt ?? '') ? one : newest),
      null,
    );
    return last?.weighedGrams ?? null;
  });

  /** What went wrong with this weighing, as far as its readings tell. */
  private readonly found = computed(() => {
    const reading = this.scale.reading();
    if (!reading || !this.line()) return null;
    const base = this.baseGrams();
    return weighingSlip(reading, {
      containers: this.containers(),
      gridGrams: this.scale.gridGrams(),
      mostGrams:
        base - this.ownGrams() + (this.target()?.wantedGrams ?? 0) + this.scale.gridGrams(),
      startGrams: base > 0 ? base : null,
      settled: this.settledBefore(),
      lastGrams: this.lastGrams(),
    });
  });
  /** What the scale itself is used wrongly for. Untared is what it still has to become. */
  private readonly warning = computed(() =>
    this.scale.warnings().find(({ code }) => code !== 'not-tared'),
  );
  readonly slip = computed(() => {
    const found = this.found();
    return found ? slipMessage(found) : (this.warning()?.message ?? null);
  });
  /** What is shown is not the mass of this ingredient: it is never taken. */
  private readonly isWrong = computed(
    () => this.found() !== null || this.warning()?.code === 'not-water',
  );

  /** The settled mass that can be taken now, in grams. */
  readonly takeable = computed(() => {
    const [grams, live] = [this.grams(), this.live()];
    if (grams === null || !live || !this.isStable() || this.needsTare() || this.isWrong())
      return null;
    return live.state === 'empty' || grams <= 0 ? null : grams;
  });
  readonly isAtMark = computed(() => this.takeable() !== null && this.live()?.state === 'at');
  readonly isOver = computed(() => this.takeable() !== null && this.live()?.state === 'over');

  constructor() {
    effect(() => {
      // A scale that shows nothing with something tared away is ready; one that does not tell may be.
      const isReady = this.isZero() && this.isStable() && this.scale.reading()?.tareGrams !== 0;
      if (isReady && this.lineId()) this.isTared.set(true);
    });
    effect(() => {
      const shown = this.shown();
      if (!this.isStable() || shown === null || !this.lineId()) return;
      const before = untracked(this.settled);
      if (before.at(-1) !== shown) this.settled.set([...before, shown].slice(-SETTLED_REMEMBERED));
    });
    effect(() => this.followSteady());
    effect(() => {
      if (this.isAtMark()) this.voice.atMark();
    });
  }

  tare(): void {
    this.scale.tare();
    this.isTared.set(true);
  }

  /** Takes what the scale shows for what is in. */
  take(): void {
    const grams = this.takeable();
    if (grams !== null) this.weigh(grams, this.scale.description()?.name ?? 'scale');
  }

  /** Takes what a scale that is not connected shows; false where that is no more than was in before. */
  takeShown(shownGrams: number): boolean {
    if (shownGrams <= this.baseGrams()) return false;
    this.weigh(this.netOf(shownGrams), 'typed');
    return true;
  }

  private weigh(grams: number, scale: string): void {
    const at = this.session.current();
    if (at) this.session.do({ do: 'weigh', line: at.line.id, route: at.route, grams, scale });
  }

  /** Of what a scale shows, this ingredient alone. */
  private netOf(shownGrams: number): number {
    return shownGrams - this.baseGrams() + this.ownGrams();
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

/** Enough to tell a jump from; nobody looks further back. */
const SETTLED_REMEMBERED = 8;
