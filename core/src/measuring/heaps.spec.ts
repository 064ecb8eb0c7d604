import { fillFactorOf, HEAPS } from './heaps.js';
import { CLASSES } from '../catalogue/index.js';

describe('a measure that is not level', () => {
  it('holds twice as much flour on a rounded spoon, and a seventh more in a rounded cup', () => {
    expect(fillFactorOf('rounded', 'tbsp', 'powder')).toEqual({ times: 2, low: 1.4, high: 2.4 });
    expect(fillFactorOf('heaped', 'tsp', 'powder')).toEqual({ times: 2.5, low: 1.8, high: 3.2 });
    expect(fillFactorOf('rounded', 'cup', 'powder').times).toBe(1.15);
  });

  it('piles up less where it runs, and hardly where it is flat', () => {
    expect(fillFactorOf('rounded', 'tbsp', 'granular').times).toBe(1.5);
    expect(fillFactorOf('heaped', 'tbsp', 'granular').times).toBe(2);
    for (const flat of ['liquid', 'syrup', 'paste'] as const) {
      expect(fillFactorOf('heaped', 'tbsp', flat).times).toBe(1.15);
    }
  });

  it('is in order, and its range holds it, whatever is in it', () => {
    for (const ofClass of CLASSES) {
      for (const size of ['cup', 'tbsp', 'tsp'] as const) {
        const times = HEAPS.map((heap) => fillFactorOf(heap, size, ofClass).times);
        expect([...times].sort((a, b) => b - a)).toEqual(times);
        for (const heap of HEAPS) {
          const { times: middle, low, high } = fillFactorOf(heap, size, ofClass);
          expect(low).toBeLessThan(middle);
          expect(high).toBeGreaterThan(middle);
        }
      }
    }
    expect(fillFactorOf(null, 'tbsp', 'powder').times).toBe(1);
  });
});
