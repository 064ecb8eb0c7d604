import { TestBed } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import { USUAL_KITCHEN } from '@ypsigram/contract';
import { kitchenActions } from '../../state/kitchen/kitchen.actions';
import { timersFeature } from '../../state/timers/timers.feature';
import { bakeOf, benchWith } from '../../testing/bake';
import { OvenSession } from './oven-session';

const TEXT = `2 cups flour
1 tsp salt

Method
Heat the oven to 350 °F.
Fold together.
Bake 25 to 30 minutes.`;

describe('a bake in its oven', () => {
  let session: OvenSession;
  let store: Store;

  beforeEach(() => {
    const bake = bakeOf('container');
    ({ store } = benchWith({ ...bake, plan: { ...bake.plan, text: TEXT } }, OvenSession));
    const reading = { setCelsius: 180, readCelsius: 192, isFan: false, at: '2026-03-01T09:00:00Z' };
    store.dispatch(
      kitchenActions.kitchenLoaded({
        kitchen: {
          ...USUAL_KITCHEN,
          temperature: 'celsius',
          ovens: [
            { name: 'lock oven', hasFan: true, readings: [reading, reading, reading] },
            { name: 'boat oven', hasFan: false, readings: [] },
          ],
        },
      }),
    );
    session = TestBed.inject(OvenSession);
  });

  it('sets the dial by the readings of its oven, to a step of five', () => {
    expect(session.oven()).toEqual(
      jasmine.objectContaining({ oven: 'lock oven', dialCelsius: 165, isFan: false }),
    );
    session.setOven({ oven: 'boat oven' });
    expect(session.oven()!.dialCelsius).toBe(175);
    session.setOven({ oven: 'lock oven', isFan: true });
    expect(Math.round(session.oven()!.wantedCelsius)).toBe(157);
    expect(session.oven()!.dialCelsius).toBe(155);
  });

  it('is set in the degrees of its kitchen: 350 °F stay 350', () => {
    const kitchen = { ...USUAL_KITCHEN, temperature: 'fahrenheit' as const };
    store.dispatch(kitchenActions.kitchenLoaded({ kitchen }));
    expect((session.oven()!.dialCelsius * 9) / 5 + 32).toBeCloseTo(350, 6);
  });

  it('looks earlier in a dark pan', () => {
    expect(session.look()).toEqual({ minutes: 25, why: 'early-end' });
    session.setOven({ pan: 'dark' });
    expect(session.look()).toEqual({ minutes: 21, why: 'dark' });
  });

  it('goes from step to step, and back to one that is not done after all', () => {
    const names = (): (string | undefined)[] => [session.current()?.kind];
    expect(names()).toEqual(['heat']);
    session.finish(session.currentId()!, true);
    expect(names()).toEqual(['combine']);
    session.undo();
    expect(names()).toEqual(['heat']);
  });

  it('sets timers that belong to it', () => {
    session.startTimer('First look', 25, { what: 'look', tray: 1 });
    const [timer] = store.selectSignal(timersFeature.selectTimers)();
    expect(timer!.bakeId).toBe(session.bake()!.id);
    expect(Date.parse(timer!.endsAt) - Date.parse(timer!.startedAt)).toBe(25 * 60_000);
  });
});
