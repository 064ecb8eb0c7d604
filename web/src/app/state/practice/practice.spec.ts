import { TestBed } from '@angular/core/testing';
import { HttpErrorResponse } from '@angular/common/http';
import { provideEffects } from '@ngrx/effects';
import { Store, provideState, provideStore } from '@ngrx/store';
import { of, throwError } from 'rxjs';
import { USUAL_KITCHEN } from '@ypsigram/contract';
import type { PracticeTryRecord } from '@ypsigram/contract/practice';
import { PracticeApi } from '../../api/practice-api';
import { kitchenActions, kitchenChanges } from '../kitchen/kitchen.actions';
import { kitchenFeature } from '../kitchen/kitchen.feature';
import { changesActions } from '../changes/changes.feature';
import * as effects from './practice.effects';
import { practiceActions, practiceFeature } from './practice.feature';
import { emptyOutbox, leftByClosedPage } from '../../testing/outbox';
import { until } from '../../testing/until';
import { recallTries } from './unsent-tries';
import { selectStandings, selectWhoPractises } from './practice.selectors';

const GREBE = '00000000-0000-4000-8000-000000000001';
const made = (number: number, change: Partial<PracticeTryRecord> = {}): PracticeTryRecord => ({
  id: `00000000-0000-4000-8000-00000000010${number}`,
  handId: null,
  skill: { kind: 'fill', class: 'powder', method: 'spooned' },
  ingredientId: 'flour-wheat-all-purpose',
  at: `2026-03-14T09:0${number}:00.000Z`,
  off: 0.02,
  tolerance: 0.06,
  isGood: true,
  ...change,
});

describe('what is practised', () => {
  let api: jasmine.SpyObj<PracticeApi>;
  let store: Store;
  const state = () => store.selectSignal(practiceFeature.selectPracticeState)();
  const tries = () =>
    store
      .selectSignal(practiceFeature.selectTries)()
      .map(({ id }) => id);

  beforeEach(async () => {
    await emptyOutbox();
    api = jasmine.createSpyObj<PracticeApi>('api', ['tries', 'addTry', 'removeTry']);
    api.addTry.and.callFake((id, draft) => of({ ...draft, id } as PracticeTryRecord));
    api.removeTry.and.returnValue(of(undefined));
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(practiceFeature),
        provideState(kitchenFeature),
        provideEffects(effects),
        { provide: PracticeApi, useValue: api },
      ],
    });
    store = TestBed.inject(Store);
  });

  it('is sent as it is made, and taken back', () => {
    store.dispatch(practiceActions.tryMade({ made: made(1) }));
    const { id, ...draft } = made(1);
    expect(api.addTry).toHaveBeenCalledOnceWith(id, draft);
    expect(state().waiting).toEqual([]);
    expect(state().last).toBe(id);
    store.dispatch(practiceActions.tryTakenBack({ id }));
    expect(api.removeTry).toHaveBeenCalledOnceWith(id);
    expect(tries()).toEqual([]);
    expect(state().last).toBeNull();
  });

  it('waits while the server is away, and is sent in order once it is back', () => {
    const away = new HttpErrorResponse({ status: 0 });
    api.addTry.and.returnValue(throwError(() => away));
    store.dispatch(practiceActions.tryMade({ made: made(1) }));
    store.dispatch(practiceActions.tryMade({ made: made(2) }));
    expect(state().waiting.length).toBe(2);
    expect(state().problem).not.toBeNull();
    api.addTry.calls.reset();
    api.addTry.and.callFake((id, draft) => of({ ...draft, id } as PracticeTryRecord));
    store.dispatch(practiceActions.sendingWanted());
    expect(api.addTry.calls.allArgs().map(([id]) => id)).toEqual([made(1).id, made(2).id]);
    expect(state().waiting).toEqual([]);
    expect(state().problem).toBeNull();
  });

  it('waits over a reload too, and goes by itself once the server is back', async () => {
    api.addTry.and.returnValue(throwError(() => new HttpErrorResponse({ status: 0 })));
    store.dispatch(practiceActions.tryMade({ made: made(1) }));
    store.dispatch(practiceActions.tryMade({ made: made(2) }));
    store.dispatch(practiceActions.tryTakenBack({ id: made(1).id }));
    expect(await recallTries()).toEqual({ made: [made(2)], leaving: [made(1).id] });
    api.addTry.and.callFake((id, draft) => of({ ...draft, id } as PracticeTryRecord));
    store.dispatch(changesActions.serverFound());
    expect(state().waiting).toEqual([]);
    expect(await recallTries()).toEqual({ made: [], leaving: [] });
  });

  it('that another page could not send goes with it, and none overwrites the other', async () => {
    api.addTry.and.returnValue(throwError(() => new HttpErrorResponse({ status: 0 })));
    store.dispatch(practiceActions.tryMade({ made: made(1) }));
    await leftByClosedPage('try', made(2).id, made(2));
    await leftByClosedPage('try', made(3).id, null);
    expect((await recallTries()).made.map(({ id }) => id).sort()).toEqual([made(1).id, made(2).id]);
    api.addTry.and.callFake((id, draft) => of({ ...draft, id } as PracticeTryRecord));
    store.dispatch(changesActions.serverFound());
    await until(async () => {
      const { made: waiting, leaving } = await recallTries();
      return waiting.length + leaving.length === 0;
    });
    expect(api.removeTry).toHaveBeenCalledOnceWith(made(3).id);
    expect(state().waiting).toEqual([]);
  });

  it('on another device is asked for when that is told', () => {
    api.tries.and.returnValue(of([made(4)]));
    store.dispatch(changesActions.areasChanged({ areas: ['bakes'] }));
    expect(api.tries).not.toHaveBeenCalled();
    store.dispatch(changesActions.areasChanged({ areas: ['bakes', 'practice'] }));
    expect(tries()).toEqual([made(4).id]);
  });

  it('stays taken back though the server was away just then', () => {
    store.dispatch(practiceActions.tryMade({ made: made(1) }));
    api.removeTry.and.returnValue(throwError(() => new HttpErrorResponse({ status: 0 })));
    store.dispatch(practiceActions.tryTakenBack({ id: made(1).id }));
    expect(state().problem).not.toBeNull();
    // The server has it still, and says so.
    api.tries.and.returnValue(of([made(1), made(2)]));
    store.dispatch(practiceActions.triesAskedFor());
    expect(tries()).toEqual([made(2).id]);
    api.removeTry.and.returnValue(of(undefined));
    store.dispatch(practiceActions.sendingWanted());
    expect(api.removeTry.calls.mostRecent().args).toEqual([made(1).id]);
    expect(state().leaving).toEqual([]);
    expect(state().problem).toBeNull();
  });

  it('is not lost when the others come from the server meanwhile', () => {
    api.addTry.and.returnValue(throwError(() => new HttpErrorResponse({ status: 0 })));
    api.tries.and.returnValue(of([made(3)]));
    store.dispatch(practiceActions.tryMade({ made: made(2) }));
    store.dispatch(practiceActions.triesAskedFor());
    expect(tries()).toEqual([made(2).id, made(3).id]);
  });

  it('counts for whoever measures now', () => {
    const kitchen = { ...USUAL_KITCHEN, hands: [{ id: GREBE, name: 'Grebe' }], handId: null };
    store.dispatch(kitchenActions.kitchenLoaded({ kitchen }));
    store.dispatch(practiceActions.triesLoaded({ tries: [made(1), made(2, { handId: GREBE })] }));
    const tried = () =>
      store
        .selectSignal(selectStandings)()
        .flatMap((standing) => standing.tries.map(({ at }) => at));
    expect(tried()).toEqual([made(1).at]);
    expect(store.selectSignal(selectWhoPractises)()).toBeNull();
    store.dispatch(kitchenChanges.handChosen({ id: GREBE }));
    expect(tried()).toEqual([made(2).at]);
    expect(store.selectSignal(selectWhoPractises)()).toBe('Grebe');
  });
});
