import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { Store, provideState, provideStore } from '@ngrx/store';
import { of, throwError } from 'rxjs';
import type { BakeSummary } from '@ypsigram/contract';
import { BakesApi } from '../../api/bakes-api';
import { bakeOf } from '../../testing/bake';
import * as effects from './bakes.effects';
import { bakesActions, bakesFeature } from './bakes.feature';

describe('the bakes of this kitchen', () => {
  let api: jasmine.SpyObj<BakesApi>;
  let store: Store;
  const bake = bakeOf('fill');

  beforeEach(() => {
    api = jasmine.createSpyObj<BakesApi>('api', ['list', 'remove', 'restore']);
    api.list.and.returnValue(of([]));
    api.remove.and.returnValue(of(undefined));
    api.restore.and.returnValue(of(bake));
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(bakesFeature),
        provideEffects(effects),
        { provide: BakesApi, useValue: api },
      ],
    });
    store = TestBed.inject(Store);
  });
  const state = () => store.selectSignal(bakesFeature.selectBakesState)();
  const known = (): BakeSummary => state().bakes[0]!;

  it('hold a new one at once, without its plan', () => {
    store.dispatch(bakesActions.bakeBegun({ bake }));
    store.dispatch(bakesActions.bakeBegun({ bake }));
    expect(state().bakes.length).toBe(1);
    expect('plan' in known()).toBeFalse();
  });

  it('follow how far it is, and leave the bench with it', () => {
    store.dispatch(bakesActions.bakeBegun({ bake }));
    const change = { id: bake.id, of: 2, ready: 2, stage: 'oven' as const };
    store.dispatch(bakesActions.bakeChanged({ bake: change }));
    expect(known().ready).toBe(2);
    expect(store.selectSignal(bakesFeature.selectAtBench)()).toEqual([]);
  });

  it('are deleted and brought back', () => {
    store.dispatch(bakesActions.bakeBegun({ bake }));
    store.dispatch(bakesActions.deletionWanted({ bake: known() }));
    expect(state().bakes).toEqual([]);
    store.dispatch(bakesActions.deletionUndone({ bake: state().deleted! }));
    expect(state().bakes.length).toBe(1);
    expect(state().deleted).toBeNull();
  });

  it('say why they are not there', () => {
    api.list.and.returnValue(throwError(() => new Error('no')));
    store.dispatch(bakesActions.bakesAskedFor());
    expect(state().problem).toContain('went wrong');
    api.list.and.returnValue(of([bake]));
    store.dispatch(bakesActions.bakesAskedFor());
    expect(state().isLoaded).toBeTrue();
    expect(state().problem).toBeNull();
  });
});
