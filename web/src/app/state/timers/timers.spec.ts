import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { Store, provideState, provideStore } from '@ngrx/store';
import { NEVER, Subject, of, throwError } from 'rxjs';
import type { Timer } from '@ypsigram/contract/oven';
import { OvenApi } from '../../api/oven-api';
import { changesActions } from '../changes/changes.feature';
import * as effects from './timers.effects';
import { timersActions, timersFeature } from './timers.feature';
import { emptyOutbox, leftByClosedPage } from '../../testing/outbox';
import { until } from '../../testing/until';
import { recallTimers } from './unsent-timers';

const timer = (id: string, minute: number): Timer => ({
  id,
  name: `Timer ${id}`,
  bakeId: null,
  recipeId: null,
  awaits: null,
  startedAt: '2026-03-14T09:00:00.000Z',
  endsAt: new Date(Date.UTC(2026, 2, 14, 9, minute)).toISOString(),
});

describe('timers', () => {
  let api: jasmine.SpyObj<OvenApi>;
  let store: Store;
  const state = () => store.selectSignal(timersFeature.selectTimersState)();

  beforeEach(async () => {
    await emptyOutbox();
    api = jasmine.createSpyObj<OvenApi>('api', ['timers', 'setTimer', 'stopTimer']);
    const kept = new Map<string, Timer>();
    api.timers.and.callFake(() => of({ now: new Date().toISOString(), items: [...kept.values()] }));
    api.setTimer.and.callFake((id, draft) => {
      kept.set(id, { ...timer(id, 0), ...draft } as Timer);
      return of(kept.get(id)!);
    });
    api.stopTimer.and.callFake((id) => {
      kept.delete(id);
      return of(undefined);
    });
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
      throwError(() => new HttpErrorResponse({ status: 422, error: { detail: 'Too many.' } })),
      of(timer('b', 5)),
    );
    store.dispatch(timersActions.timerSet({ timer: timer('a', 10) }));
    expect(state().unsent).toEqual([]);
    store.dispatch(timersActions.timerSet({ timer: timer('b', 5) }));
    expect(api.setTimer).toHaveBeenCalledTimes(2);
  });

  it('wait in this browser while the server is away, and go once it is back', async () => {
    const away = throwError(() => new HttpErrorResponse({ status: 0 }));
    api.setTimer.and.returnValue(away);
    api.stopTimer.and.returnValue(away);
    api.timers.and.returnValue(away);
    store.dispatch(timersActions.timerSet({ timer: timer('a', 10) }));
    store.dispatch(timersActions.timerSet({ timer: timer('a', 12) }));
    store.dispatch(timersActions.timerStopped({ id: 'b' }));
    expect(state().timers).toEqual([timer('a', 12)]);
    expect(await recallTimers()).toEqual([
      { id: 'a', timer: timer('a', 12) },
      { id: 'b', timer: null },
    ]);
    // What the server says meanwhile does not bring back what was changed here.
    store.dispatch(
      timersActions.timersLoaded({ timers: [timer('a', 10), timer('b', 3)], aheadMilliseconds: 0 }),
    );
    expect(state().timers).toEqual([timer('a', 12)]);

    api.setTimer.calls.reset();
    api.setTimer.and.returnValue(of(timer('a', 12)));
    api.stopTimer.and.returnValue(of(undefined));
    api.timers.and.returnValue(of({ now: new Date().toISOString(), items: [timer('a', 12)] }));
    store.dispatch(changesActions.serverFound());
    expect(api.setTimer).toHaveBeenCalledTimes(1);
    expect(api.stopTimer).toHaveBeenCalledWith('b');
    expect(state().unsent).toEqual([]);
    expect(await recallTimers()).toEqual([]);
  });

  it('that are changed while they are being sent wait until the change is there too', async () => {
    const answer = new Subject<Timer>();
    api.setTimer.and.returnValues(answer, NEVER);
    store.dispatch(timersActions.timerSet({ timer: timer('a', 10) }));
    store.dispatch(timersActions.timerSet({ timer: timer('a', 9) }));
    answer.next(timer('a', 10));
    answer.complete();
    expect(api.setTimer).toHaveBeenCalledTimes(2);
    expect(await recallTimers()).toEqual([{ id: 'a', timer: timer('a', 9) }]);
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

  it('that another page of this browser could not send are there too, and go', async () => {
    await leftByClosedPage('timer', 'left', timer('left', 20));
    await leftByClosedPage('timer', 'ended', null);
    store.dispatch(timersActions.timerSet({ timer: timer('own', 10) }));
    store.dispatch(changesActions.serverFound());
    await until(async () => (await recallTimers()).length === 0);
    const sent = api.setTimer.calls.allArgs().map(([id]) => id);
    expect(sent.sort()).toEqual(['left', 'own']);
    expect(api.stopTimer).toHaveBeenCalledOnceWith('ended');
  });

  it('that were kept by an earlier version are taken over', async () => {
    localStorage.setItem(
      'ypsigram.unsent-timers',
      JSON.stringify([{ id: 'old', timer: timer('old', 7) }]),
    );
    expect(await recallTimers()).toEqual([{ id: 'old', timer: timer('old', 7) }]);
    expect(localStorage.getItem('ypsigram.unsent-timers')).toBeNull();
  });

  it('stopped elsewhere meanwhile are not started again: that is told, and they are let go', async () => {
    const stopped = new HttpErrorResponse({ status: 410, error: { detail: 'It was stopped.' } });
    api.setTimer.and.returnValue(throwError(() => stopped));
    await leftByClosedPage('timer', 'late', timer('late', 20));
    store.dispatch(changesActions.serverFound());
    await until(
      async () => api.setTimer.calls.count() === 1 && (await recallTimers()).length === 0,
    );
    expect(state().unsent).toEqual([]);
  });
});
