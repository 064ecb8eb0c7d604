import { Injectable, computed, inject, linkedSignal } from '@angular/core';
import { Store } from '@ngrx/store';
import { dialFor, ovenOffset, realHeat, wantedHeat } from '@ypsigram/core/baking';
import { firstLook, type BakeStep } from '@ypsigram/core/baking/steps';
import type { OvenSet } from '@ypsigram/core/bench';
import type { TimerAwaits } from '@ypsigram/core/bench/oven';
import { v4 as newId } from 'uuid';
import { celsiusOf, degreesOf } from '../../kit/figures/heat';
import { BakeSession } from '../../state/bake/bake-session';
import { selectWalk } from '../../state/bake/bake-walk';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { timersActions } from '../../state/timers/timers.feature';

const MINUTE = 60_000;
/** A dial is no finer than this. */
const DIAL_STEP = 5;

/** A bake in its oven: the step at hand, how the oven is to be set, and its timers. */
@Injectable()
export class OvenSession extends BakeSession {
  private readonly shop = inject(Store);
  private readonly formats = this.shop.selectSignal(kitchenFeature.selectFormats);
  readonly walk = this.shop.selectSignal(selectWalk);
  readonly ovens = this.shop.selectSignal(kitchenFeature.selectOvens);

  readonly steps = computed(() => {
    const done = new Set(this.state()?.after.steps ?? []);
    return this.walk().steps.map((step) => ({ step, isDone: done.has(step.id) }));
  });
  private readonly firstOpen = computed(
    () => this.steps().find(({ isDone }) => !isDone)?.step.id ?? null,
  );
  /** The step at hand: the one that was chosen, until another becomes the first that is open. */
  readonly currentId = linkedSignal(() => this.firstOpen());
  readonly current = computed(
    (): BakeStep | null => this.walk().steps.find(({ id }) => id === this.currentId()) ?? null,
  );
  /** What is done in the oven, stage by stage, each with its heat. */
  readonly stages = computed(() => this.walk().steps.filter(({ kind }) => kind === 'bake'));
  /** The stage that the oven is at: the first that is not done, at the end the last. */
  readonly bakeStep = computed((): BakeStep | null => {
    const done = new Set(this.state()?.after.steps ?? []);
    const stages = this.stages();
    return stages.find(({ id }) => !done.has(id)) ?? stages.at(-1) ?? null;
  });

  /** How the oven is set, or would be by what the recipe and its readings say. */
  readonly oven = computed((): OvenSet | null => {
    const set = this.state()?.after.oven;
    const stage = this.bakeStep();
    const heat = stage?.heat;
    if (set && (!heat || stage === this.stages()[0])) return set;
    if (!heat) return null;
    // A later stage has a heat of its own; rack, pan and oven stay as they were set.
    if (set) {
      const { wantedCelsius: _, dialCelsius: __, ...kept } = set;
      return this.setFor(kept, heat.celsius);
    }
    const oven = this.ovens()[0] ?? null;
    return this.setFor({ oven: oven?.name ?? null, isFan: false }, heat.celsius);
  });
  /** How much hotter the oven is than wanted, as far as its readings tell. */
  readonly tooHotCelsius = computed(() => {
    const set = this.oven();
    const offset = set && this.offsetOf(set.oven, set.isFan);
    return offset ? realHeat(offset, set.dialCelsius).celsius - set.wantedCelsius : 0;
  });
  readonly look = computed(() => {
    const minutes = this.walk().inOven;
    return minutes
      ? firstLook(minutes.min, this.oven()?.pan ?? 'as-written', this.tooHotCelsius())
      : null;
  });

  readonly offsetOf = (name: string | null, isFan: boolean) =>
    ovenOffset(this.ovens().find((oven) => oven.name === name)?.readings ?? [], isFan);

  /** The setting of an oven for a recipe's heat: its dial by its readings, to a step. */
  setFor(by: Partial<OvenSet> & Pick<OvenSet, 'oven' | 'isFan'>, celsius: number): OvenSet {
    const heat = this.bakeStep()?.heat;
    const fanCelsius = heat?.fanCelsius ?? null;
    const wanted = wantedHeat({ celsius, fanCelsius }, by.isFan).celsius;
    const offset = this.offsetOf(by.oven, by.isFan);
    const dial = offset ? dialFor(offset, wanted) : wanted;
    return {
      rack: 'middle',
      pan: 'as-written',
      trays: 1,
      wantedCelsius: wanted,
      dialCelsius: this.toStep(dial),
      ...by,
    };
  }

  /** The nearest that a dial can be set to, in the degrees of this kitchen. */
  private toStep(celsius: number): number {
    const { temperature } = this.formats();
    const degrees = Math.round(degreesOf(celsius, temperature) / DIAL_STEP) * DIAL_STEP;
    return celsiusOf(degrees, temperature);
  }

  /** Changes how the oven is set. */
  setOven(change: Partial<OvenSet>): void {
    const set = this.oven();
    const heat = this.bakeStep()?.heat;
    if (!set || !heat) return;
    const { wantedCelsius: _, dialCelsius: __, ...kept } = { ...set, ...change };
    this.do({ do: 'heat', ...this.setFor(kept, heat.celsius) });
  }

  finish(step: string, isDone: boolean): void {
    this.do({ do: 'step', step, isDone });
  }

  /** Starts a timer of this bake that rings in so many minutes, and ends once that is done. */
  startTimer(name: string, minutes: number, awaits: TimerAwaits): void {
    const [bake, now] = [this.bake(), Date.now()];
    this.shop.dispatch(
      timersActions.timerSet({
        timer: {
          id: newId(),
          name,
          bakeId: bake?.id ?? null,
          recipeId: bake?.recipeId ?? null,
          awaits,
          startedAt: new Date(now).toISOString(),
          endsAt: new Date(now + minutes * MINUTE).toISOString(),
        },
      }),
    );
  }
}
