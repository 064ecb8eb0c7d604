import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { Store, provideState, provideStore } from '@ngrx/store';
import { of, throwError } from 'rxjs';
import type { Timer } from '@ypsigram/contract/oven';
import { OvenApi } from '../../api/oven-api';
import * as effects from './timers.effects';
import { timersActions, timersFeature } from './timers.feature';

const timer = (id: string, minute: number): Timer => ({
  id,
  name: `Timer ${id}`,
  bakeId: null,
  recipeId: null,
  startedAt: '2026-03-14T09:00:00.000Z',
  endsAt: new Date(Date.UTC(2026, 2, 14, 9, minute)).toISOString(),
});

describe('timers', () => {
  let api: jasmine.SpyObj<OvenApi>;
  let store: Store;
  const state = () => store.selectSignal(timersFeature.selectTimersState)();

  beforeEach(() => {
    api = jasmine.createSpyObj<OvenApi>('api', ['timers', 'setTimer', 'stopTimer']);
    api.timers.and.returnValue(of({ now: new Date().toISOString(), items: [] }));
    api.setTimer.and.callFake((id, draft) => of({ ...timer(id, 0), ...draft }) as never);
    api.stopTimer.and.returnValue(of(undefined));
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(timersFeature),
        provideEffects(effects),
        { provide: OvenApi, useValue: api },
      ],
    });
    store = TestBed.inject(Store);
  });

  it('stand at once, the next to ring first, and are sent as end times', () => {
    store.dispatch(timersActions.timerSet({ timer: timer('b', 30) }));
    store.dispatch(timersActions.timerSet({ timer: timer('a', 10) }));
    expect(state().timers.map(({ id }) => id)).toEqual(['a', 'b']);
    expect(api.setTimer.calls.mostRecent().args[1].endsAt).toBe(timer('a', 10).endsAt);
  });

  it('are set anew in their place, and stopped', () => {
    store.dispatch(timersActions.timerSet({ timer: timer('a', 10) }));
    store.dispatch(timersActions.timerSet({ timer: timer('a', 15) }));
    expect(state().timers).toEqual([timer('a', 15)]);
    store.dispatch(timersActions.timerStopped({ id: 'a' }));
    expect(state().timers).toEqual([]);
    expect(api.stopTimer).toHaveBeenCalledOnceWith('a');
  });

  it('say when one could not be kept, and go on keeping others', () => {
    api.setTimer.and.returnValues(
      throwError(() => new Error('no')),
      of(timer('b', 5)),
    );
    store.dispatch(timersActions.timerSet({ timer: timer('a', 10) }));
    expect(state().problem).toContain('went wrong');
    store.dispatch(timersActions.timerSet({ timer: timer('b', 5) }));
    expect(api.setTimer).toHaveBeenCalledTimes(2);
  });

  it('of other devices are taken in, by the clock of the server', () => {
    const now = new Date(Date.now() - 60_000).toISOString();
    api.timers.and.returnValue(of({ now, items: [timer('c', 3)] }));
    store.dispatch(
      timersActions.timersLoaded({ timers: [timer('c', 3)], aheadMilliseconds: 60_000 }),
    );
    expect(state().timers.length).toBe(1);
    expect(state().aheadMilliseconds).toBe(60_000);
  });
});
