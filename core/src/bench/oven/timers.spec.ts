import type { Act } from '../bake/index.js';
import { isAnsweredBy, type TimerAwaits } from './index.js';

describe('a timer of a bake', () => {
  const heat: TimerAwaits = { what: 'heat', step: 'heat-1' };
  const firstLook: TimerAwaits = { what: 'look', tray: 1 };
  const turnOut: TimerAwaits = { what: 'turn-out', tray: 1 };
  const rise: TimerAwaits = { what: 'step', step: 'rise-1' };
  const tray = (to: 'oven' | 'pan' | 'rack', number = 1): Act => ({ do: 'tray', tray: number, to });

  it('ends once what it waits for is done', () => {
    expect(isAnsweredBy(heat, tray('oven'))).toBeTrue();
    expect(isAnsweredBy(heat, { do: 'step', step: 'heat-1', isDone: true })).toBeTrue();
    expect(isAnsweredBy(firstLook, { do: 'look', tray: 1, found: 'wet' })).toBeTrue();
    expect(isAnsweredBy(firstLook, tray('pan'))).toBeTrue();
    expect(isAnsweredBy(turnOut, tray('rack'))).toBeTrue();
    expect(isAnsweredBy(rise, { do: 'step', step: 'rise-1', isDone: true })).toBeTrue();
  });

  it('runs on while that is still to be done', () => {
    expect(isAnsweredBy(turnOut, tray('pan'))).toBeFalse();
    expect(isAnsweredBy(firstLook, tray('pan', 2))).toBeFalse();
    expect(isAnsweredBy(firstLook, { do: 'look', tray: 2, found: 'clean' })).toBeFalse();
    expect(isAnsweredBy(rise, { do: 'step', step: 'rise-1', isDone: false })).toBeFalse();
    expect(isAnsweredBy(rise, { do: 'step', step: 'bake-1', isDone: true })).toBeFalse();
  });

  it('has nothing to say once the result is there', () => {
    for (const one of [heat, firstLook, turnOut, rise]) {
      expect(
        isAnsweredBy(one, {
          do: 'result',
          rating: 4,
          symptoms: [],
          note: '',
          isWasted: false,
        }),
      ).toBeTrue();
    }
  });
});
