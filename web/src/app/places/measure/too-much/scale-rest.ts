import { Injectable, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  scaledMeasures,
  type BakeLine,
  type BakeMeasure,
  type BakeState,
  type Overshoot,
} from '@ypsigram/core/bench';
import { measurePlan } from '@ypsigram/core/fills';
import { selectPlanning } from '../../../state/kitchen/kitchen.selectors';
import { selectKnownNow } from '../../../state/trials/trials.selectors';
import { BenchSession } from '../work/bench-session';

/** Lets everything else follow what is too much in one line. */
@Injectable()
export class ScaleRest {
  private readonly session = inject(BenchSession);
  private readonly store = inject(Store);
  private readonly planning = this.store.selectSignal(selectPlanning);
  private readonly hand = this.store.selectSignal(selectKnownNow);

  apply(line: string, overshoot: Overshoot, state: BakeState): void {
    this.session.do({
      do: 'scale-rest',
      line,
      times: overshoot.times,
      measures: scaledMeasures(state, overshoot, (of, grams) => this.measureFor(of, grams)),
      stay: overshoot.rest.filter(({ how }) => how === 'stays').map(({ line: { id } }) => id),
    });
  }

  /** How to fill so much of a line with the tools of this kitchen; null where it can't be filled. */
  private measureFor(line: BakeLine, grams: number): BakeMeasure | null {
    const { drawer, shelf } = this.planning();
    const ingredient = line.ingredientId === null ? undefined : shelf.ingredient(line.ingredientId);
    if (!ingredient || !line.measure || line.tolerance === null) return null;
    const wanted = {
      ingredient,
      form: line.form,
      method: line.measure.method,
      grams,
      tolerance: line.tolerance,
      unit: null,
      writtenMillilitres: null,
      known: this.hand(),
    };
    const plan = measurePlan(wanted, drawer);
    if (!plan) return null;
    const { method, fills } = plan;
    return { method, fills, grams: plan.grams, spread: line.measure.spread };
  }
}
