import { fullnessOf, HEAPS } from './heaps.js';
import { CLASSES } from '../catalogue/index.js';

describe('a measure that is not level', () => {
  it('holds twice as much flour on a rounded spoon, and a seventh more in a rounded cup', () => {
    expect(fullnessOf('rounded', 'tbsp', 'powder')).toEqual({ times: 2, low: 1.4, high: 2.4 });
    expect(fullnessOf('heaped', 'tsp', 'powder')).toEqual({ times: 2.5, low: 1.8, high: 3.2 });
    expect(fullnessOf('rounded', 'cup', 'powder').times).toBe(1.15);
  });

  it('piles up less where it runs, and hardly where it is flat', () => {
    expect(fullnessOf('rounded', 'tbsp', 'granular').times).toBe(1.5);
    expect(fullnessOf('heaped', 'tbsp', 'granular').times).toBe(2);
    for (const flat of ['liquid', 'syrup', 'paste'] as const) {
      expect(fullnessOf('heaped', 'tbsp', flat).times).toBe(1.15);
    }
  });

  it('is in order, and its range holds it, whatever is in it', () => {
    for (const ofClass of CLASSES) {
      for (const size of ['cup', 'tbsp', 'tsp'] as const) {
        const times = HEAPS.map((heap) => fullnessOf(heap, size, ofClass).times);
        expect([...times].sort((a, b) => b - a)).toEqual(times);
        for (const heap of HEAPS) {
          const { times: middle, low, high } = fullnessOf(heap, size, ofClass);
          expect(low).toBeLessThan(middle);
          expect(high).toBeGreaterThan(middle);
        }
      }
    }
    expect(fullnessOf(null, 'tbsp', 'powder').times).toBe(1);
  });
});
