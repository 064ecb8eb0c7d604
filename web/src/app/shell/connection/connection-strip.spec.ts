import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { provideMockActions } from '@ngrx/effects/testing';
import { Store, provideState, provideStore } from '@ngrx/store';
import { Subject, type Observable } from 'rxjs';
import type { Action } from '@ngrx/store';
import { USUAL_KITCHEN } from '@ypsigram/contract';
import type { Timer } from '@ypsigram/contract/oven';
import { LastSeen } from '../../offline/last-seen';
import { BakeMemory } from '../../state/bake/bake-memory';
import { changesActions, changesFeature } from '../../state/changes/changes.feature';
import { kitchenActions, kitchenChanges } from '../../state/kitchen/kitchen.actions';
import { kitchenFeature } from '../../state/kitchen/kitchen.feature';
import { practiceActions } from '../../state/practice/practice.feature';
import { keepLeaving } from '../../state/practice/unsent-tries';
import { emptyOutbox } from '../../testing/outbox';
import { timersActions, timersFeature } from '../../state/timers/timers.feature';
import { TellErrors, errorRead } from '../tell-errors';
import { ConnectionStrip } from './connection-strip';

const TIMER = { id: 't1', name: 'Tray 1', endsAt: '2026-11-26T15:00:00.000Z' } as Timer;

describe('the strip while the server is away', () => {
  const actions = new Subject<Action>();
  let acts: readonly { readings: readonly object[] }[] = [];

  function strip() {
    TestBed.configureTestingModule({
      providers: [
        provideRouter([]),
        provideStore(),
        provideState(changesFeature),
        provideState(kitchenFeature),
        provideState(timersFeature),
        provideMockActions((): Observable<Action> => actions),
        { provide: LastSeen, useValue: { since: () => null } },
        { provide: BakeMemory, useValue: { waiting: () => Promise.resolve(acts) } },
      ],
    });
    const store = TestBed.inject(Store);
    store.dispatch(kitchenActions.kitchenLoaded({ kitchen: USUAL_KITCHEN }));
    store.dispatch(changesActions.serverLost());
    const fixture = TestBed.createComponent(ConnectionStrip);
    const element = fixture.nativeElement as HTMLElement;
    return {
      store,
      fixture,
      press: (): void => element.querySelector('button')!.click(),
      /** What it says, once it has counted. */
      words: async (): Promise<string> => {
        fixture.detectChanges();
        await fixture.whenStable();
        // The browser's own store answers when it likes.
        await new Promise((next) => setTimeout(next, 50));
        fixture.detectChanges();
        return element.textContent.replace(/\s+/g, ' ').trim();
      },
    };
  }

  beforeEach(async () => {
    acts = [];
    await emptyOutbox();
  });

  afterEach(() => emptyOutbox());

  it('says that what is done waits, before anything does', async () => {
    expect(await strip().words()).toBe('Offline. What you do is saved here and sent later.');
  });

  it('counts all that waits', async () => {
    const { store, words } = strip();
    acts = [{ readings: [{}, {}] }, { readings: [{}] }];
    store.dispatch(timersActions.timerSet({ timer: TIMER }));
    store.dispatch(kitchenChanges.weighingChosen({ weighedIn: 'oz' }));
    await words();
    await keepLeaving('a');
    actions.next(practiceActions.tryTakenBack({ id: 'a' }));
    expect(await words()).toBe(
      'Offline. Saved here and sent later: 3 steps, 1 timer, ' +
        '1 try of practice, what you changed of your kitchen.',
    );
  });

  it('leads to a recipe that was changed on two devices, also when the server is back', async () => {
    const { store, words, fixture } = strip();
    store.dispatch(changesActions.draftsStuck({ recipeIds: ['r1'] }));
    store.dispatch(changesActions.serverFound());
    expect(await words()).toContain('changed on this device and on another one.');
    const link = (fixture.nativeElement as HTMLElement).querySelector('a')!;
    expect(link.getAttribute('href')).toBe('/recipes/r1/amounts');
  });

  it('tells of acts at a bake that is gone, and forgets them when asked', async () => {
    const { store, words, fixture } = strip();
    store.dispatch(changesActions.serverFound());
    store.dispatch(changesActions.actsStuck({ bakeId: 'b1', count: 3 }));
    expect(await words()).toContain('3 acts at a bake that is not on the server any more');
    (fixture.nativeElement as HTMLElement).querySelector('button')!.click();
    expect(await words()).toBe('');
  });

  it('says that the page is of before an update, and that something went wrong', async () => {
    const { store, words } = strip();
    store.dispatch(changesActions.serverFound());
    store.dispatch(changesActions.newerPageFound());
    expect(await words()).toContain('Ypsigram was updated');
    spyOn(console, 'error');
    new TellErrors().handleError(new Error('unforeseen'));
    expect(await words()).toContain('Something went wrong on this page');
    errorRead();
  });

  it('never takes away what is being typed without having said so', async () => {
    const { store, words, press } = strip();
    store.dispatch(changesActions.serverFound());
    store.dispatch(changesActions.newerPageFound());
    expect(await words()).toContain('Load the new one');
    const form = document.createElement('form');
    form.innerHTML = '<textarea></textarea>';
    document.body.append(form);
    const field = form.querySelector('textarea')!;
    field.value = 'dense in the middle';
    field.dispatchEvent(new Event('input', { bubbles: true }));
    press();
    expect(await words()).toContain('What you are typing is not saved yet');
    expect(await words()).toContain('Load it anyway');
    form.remove();
  });
});
