import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { Store, provideState, provideStore } from '@ngrx/store';
import type { Act } from '@ypsigram/core/bench';
import type { Timer } from '@ypsigram/contract/oven';
import { bakeOf } from '../../testing/bake';
import { timersActions, timersFeature } from '../timers/timers.feature';
import { bakeActions, bakeFeature } from './bake.feature';
import { endAnsweredTimers } from './answered-timers.effects';

describe('the timers of a bake', () => {
  const bake = bakeOf('container');
  let store: Store;
  let count = 0;
  const timer = (id: string, awaits: Timer['awaits'], bakeId: string | null = bake.id): Timer => ({
    id,
    name: id,
    bakeId,
    recipeId: null,
    awaits,
    startedAt: '2026-03-14T09:00:00.000Z',
    endsAt: '2026-03-14T09:30:00.000Z',
  });
  const running = (): string[] =>
    store
      .selectSignal(timersFeature.selectTimers)()
      .map(({ id }) => id)
      .sort();
  const act = (of: Act): void => {
    const at = new Date(Date.UTC(2026, 2, 14, 9, 0, ++count)).toISOString();
    store.dispatch(
      bakeActions.actDone({
        reading: { id: `r-${count}`, at, device: 'd', handId: null, act: of },
      }),
    );
  };

  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(timersFeature),
        provideState(bakeFeature),
        provideEffects({ endAnsweredTimers }),
      ],
    });
    store = TestBed.inject(Store);
    store.dispatch(bakeActions.bakeOpened({ id: bake.id }));
    store.dispatch(bakeActions.bakeLoaded({ bake }));
    for (const one of [
      timer('heat', { what: 'heat', step: 'step-0' }),
      timer('first look', { what: 'look', tray: 1 }),
      timer('turn out', { what: 'turn-out', tray: 1 }),
      timer('tea', null),
      timer('another bake', { what: 'look', tray: 1 }, 'b0000000-0000-4000-8000-000000000000'),
    ]) {
      store.dispatch(timersActions.timerSet({ timer: one }));
    }
  });

  it('end with what they waited for, and no other ones do', () => {
    act({ do: 'tray', tray: 1, to: 'oven' });
    expect(running()).toEqual(['another bake', 'tea']);
  });

  it('wait on for what comes later', () => {
    act({ do: 'look', tray: 1, found: 'wet' });
    expect(running()).toEqual(['another bake', 'heat', 'tea', 'turn out']);
    act({ do: 'tray', tray: 1, to: 'pan' });
    expect(running()).toEqual(['another bake', 'heat', 'tea', 'turn out']);
    act({ do: 'tray', tray: 1, to: 'rack' });
    expect(running()).toEqual(['another bake', 'heat', 'tea']);
  });
});
