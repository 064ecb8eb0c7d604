import { Injectable, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { lastToRedo, lastToUndo, type Act, type BakeReading } from '@ypsigram/core/bench';
import { v4 as newId } from 'uuid';
import { kitchenFeature } from '../kitchen/kitchen.feature';
import { bakeActions, bakeFeature } from './bake.feature';
import { selectBakeNow, selectReadings } from './bake.selectors';
import { placeNow } from './own-act';
import { thisDevice } from './this-device';

/** The bake that is open: how it stands, and what is done to it. */
@Injectable()
export class BakeSession {
  private readonly store = inject(Store);
  private readonly readings = this.store.selectSignal(selectReadings);
  private lastAt = 0;

  readonly device = thisDevice();
  readonly bake = this.store.selectSignal(bakeFeature.selectBake);
  readonly state = this.store.selectSignal(selectBakeNow);
  readonly handId = this.store.selectSignal(kitchenFeature.selectHandId);

  readonly canUndo = computed(() => lastToUndo(this.readings(), this.device) !== null);
  readonly canRedo = computed(() => lastToRedo(this.readings(), this.device) !== null);

  /** Does something, as of now; gives the reading that says so. */
  do(act: Act): BakeReading {
    // Two acts never have the same moment, so that their order is never in doubt.
    this.lastAt = Math.max(Date.now(), this.lastAt + 1);
    const id = newId();
    const reading: BakeReading = {
      id,
      ...placeNow(id, this.lastAt, this.readings()),
      at: new Date(this.lastAt).toISOString(),
      device: this.device,
      handId: this.handId(),
      act,
    };
    this.store.dispatch(bakeActions.actDone({ reading }));
    return reading;
  }

  /** Takes the newest act of this device back, and gives it. */
  undo(): BakeReading | null {
    const last = lastToUndo(this.readings(), this.device);
    if (last) this.do({ do: 'undo', reading: last.id });
    return last;
  }

  redo(): void {
    const last = lastToRedo(this.readings(), this.device);
    if (last) this.do({ do: 'undo', reading: last.id });
  }
}
