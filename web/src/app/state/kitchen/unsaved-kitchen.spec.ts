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
import { recallKitchen, rememberKitchen } from './unsaved-kitchen';

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

  beforeEach(() => rememberKitchen(null));
  afterEach(() => rememberKitchen(null));

  it('is there after a reload, is saved then, and is no longer kept', () => {
    const before = visit(KITCHEN, true);
    before.store.dispatch(kitchenChanges.standardChosen({ standard: 'japanese' }));
    expect(recallKitchen()?.current.standard).toBe('japanese');

    const after = visit(KITCHEN, false);
    expect(after.state().current.standard).toBe('japanese');
    expect(after.api.replace).toHaveBeenCalledOnceWith(
      jasmine.objectContaining({ standard: 'japanese', revision: 4 }),
    );
    expect(after.state().revision).toBe(5);
    expect(recallKitchen()).toBeNull();
  });

  it('is one step back from what the server has', () => {
    visit(KITCHEN, true).store.dispatch(kitchenChanges.standardChosen({ standard: 'metric' }));
    const { store, state } = visit(KITCHEN, true);
    store.dispatch(kitchenChanges.changeUndone());
    expect(state().current.standard).toBe(KITCHEN.standard);
  });

  it('does not overwrite what another device changed since', () => {
    visit(KITCHEN, true).store.dispatch(kitchenChanges.standardChosen({ standard: 'metric' }));
    const newer: Kitchen = { ...KITCHEN, standard: 'british', revision: 5 };
    const { api } = visit(newer, false);
    // The server compares revisions, and answers 409 to this one.
    expect(api.replace.calls.mostRecent().args[0].revision).toBe(4);
  });

  it('that was stored half is let go', () => {
    const warned = spyOn(console, 'warn');
    localStorage.setItem('ypsigram.unsaved-kitchen', '{"revision": 4');
    expect(recallKitchen()).toBeNull();
    expect(warned).toHaveBeenCalledTimes(1);
    localStorage.setItem('ypsigram.unsaved-kitchen', '{}');
    expect(recallKitchen()).toBeNull();
  });
});
