import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { Store, provideState, provideStore } from '@ngrx/store';
import { of, throwError } from 'rxjs';
import { USUAL_KITCHEN, type Kitchen } from '@ypsigram/contract';
import { KitchenApi } from '../../api/kitchen-api';
import { kitchenActions, kitchenChanges } from './kitchen.actions';
import * as kitchenEffects from './kitchen.effects';
import { kitchenFeature } from './kitchen.feature';
import { waitingOut } from '../../offline/outbox';
import { emptyOutbox, leftByClosedPage } from '../../testing/outbox';
import { until } from '../../testing/until';
import { takeOverKitchen, type UnsavedKitchen } from './unsaved-kitchen';

const AWAY = new HttpErrorResponse({ status: 0 });

describe('a change of the kitchen that the server has not got', () => {
  /** A page that is opened; the server has this kitchen, and may be away. */
  function visit(kitchen: Kitchen, isAway: boolean) {
    TestBed.resetTestingModule();
    const api = jasmine.createSpyObj<KitchenApi>('api', ['read', 'replace']);
    api.read.and.returnValue(of(kitchen));
    api.replace.and.callFake((sent) =>
      isAway ? throwError(() => AWAY) : of({ ...sent, revision: sent.revision + 1 }),
    );
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(kitchenFeature),
        provideEffects(kitchenEffects),
        { provide: KitchenApi, useValue: api },
      ],
    });
    const store = TestBed.inject(Store);
    store.dispatch(kitchenActions.kitchenAskedFor());
    return { store, api, state: store.selectSignal(kitchenFeature.selectKitchenState) };
  }
  const KITCHEN: Kitchen = { ...USUAL_KITCHEN, revision: 4 };

  beforeEach(() => emptyOutbox());
  afterEach(() => emptyOutbox());
  const kept = async (): Promise<readonly UnsavedKitchen[]> =>
    (await waitingOut('kitchen')).map(({ value }) => value as UnsavedKitchen);
  const changed = (standard: Kitchen['standard'], revision = 4): UnsavedKitchen => {
    const { revision: _, ...current } = KITCHEN;
    return { revision, current: { ...current, standard } };
  };

  it('is kept until it is saved', async () => {
    const { store, state } = visit(KITCHEN, true);
    store.dispatch(kitchenChanges.standardChosen({ standard: 'japanese' }));
    await until(async () => (await kept())[0]?.current.standard === 'japanese');
    store.dispatch(
      kitchenActions.kitchenSaved({
        kitchen: { ...KITCHEN, standard: 'japanese', revision: 5 },
        sent: state().current,
      }),
    );
    await until(async () => (await kept()).length === 0);
  });

  it('is there after a reload, is saved then, and is no longer kept', async () => {
    await leftByClosedPage('kitchen', 'before', changed('japanese'));
    const after = visit(KITCHEN, false);
    await until(() => after.state().revision === 5);
    expect(after.state().current.standard).toBe('japanese');
    expect(after.api.replace).toHaveBeenCalledOnceWith(
      jasmine.objectContaining({ standard: 'japanese', revision: 4 }),
    );
    await until(async () => (await kept()).length === 0);
  });

  it('is one step back from what the server has', async () => {
    await leftByClosedPage('kitchen', 'before', changed('metric'));
    const { store, state } = visit(KITCHEN, true);
    await until(() => state().current.standard === 'metric');
    store.dispatch(kitchenChanges.changeUndone());
    expect(state().current.standard).toBe(KITCHEN.standard);
  });

  it('does not overwrite what another device changed since', async () => {
    await leftByClosedPage('kitchen', 'before', changed('metric'));
    const newer: Kitchen = { ...KITCHEN, standard: 'british', revision: 5 };
    const { api } = visit(newer, false);
    await until(() => api.replace.calls.count() > 0);
    // The server compares revisions, and answers 409 to this one.
    expect(api.replace.calls.mostRecent().args[0].revision).toBe(4);
  });

  it('of two pages comes one after the other, and the second asks', async () => {
    await leftByClosedPage('kitchen', 'one', changed('metric'), 1);
    await leftByClosedPage('kitchen', 'two', changed('british'), 2);
    const { api, state } = visit(KITCHEN, true);
    let here = KITCHEN;
    api.replace.and.callFake((sent) => {
      if (sent.revision !== here.revision) {
        const detail = 'The kitchen was also changed in another window.';
        return throwError(
          () => new HttpErrorResponse({ status: 409, error: { detail, theirs: here } }),
        );
      }
      here = { ...sent, revision: sent.revision + 1 };
      return of(here);
    });
    await until(() => state().problem !== null);
    expect(here.standard).toBe('metric');
    expect(state().current.standard).toBe('metric');
    expect(state().problem).toContain('another window');
    await until(async () => (await kept()).length === 0);
  });

  it('that an earlier version stored half is let go', async () => {
    const warned = spyOn(console, 'warn');
    localStorage.setItem('ypsigram.unsaved-kitchen', '{"revision": 4');
    expect(await takeOverKitchen()).toBeNull();
    expect(warned).toHaveBeenCalledTimes(1);
    localStorage.setItem('ypsigram.unsaved-kitchen', '{}');
    expect(await takeOverKitchen()).toBeNull();
  });
});
