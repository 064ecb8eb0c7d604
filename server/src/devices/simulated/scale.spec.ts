import { GRAMS_PER_OUNCE } from '@ypsigram/core/units';
import type { NumberedReading } from '../scale.js';
import { SimulatedScale, type SimulationSettings } from './scale.js';

const KITCHEN: SimulationSettings['scale'] = {
  name: 'kitchen scale',
  gridGrams: 1,
  capacityGrams: 5000,
  units: ['g', 'oz', 'ml'],
};
const bowl = { name: 'bowl', kind: 'container', ingredientId: null } as const;

function scaleOf(settings: Partial<SimulationSettings> = {}): SimulatedScale {
  return new SimulatedScale({ scale: KITCHEN, seed: 1, ...settings });
}

/** Lets seconds pass in steps of a twentieth, and gives every reading. */
function wait(scale: SimulatedScale, seconds: number): NumberedReading[] {
  return Array.from({ length: Math.round(seconds * 20) }, () => {
    scale.tick(0.05);
    return scale.latest();
  });
}

describe('the simulated scale', () => {
  it('settles on what lies on it within about a second', () => {
    const scale = scaleOf();
    scale.put({ ...bowl, grams: 312 });
    const readings = wait(scale, 3);
    expect(readings[1]!.grams).toBeLessThan(250);
    expect(readings[1]!.isStable).toBeFalse();
    const settled = readings.findIndex(({ isStable }) => isStable);
    expect(settled / 20).toBeGreaterThan(0.5);
    expect(settled / 20).toBeLessThan(2.2);
    expect(Math.abs(readings.at(-1)!.grams! - 312)).toBeLessThanOrEqual(1);
  });

  it('shows only whole steps, and hardly moves when it has settled', () => {
    const scale = scaleOf();
    scale.put({ ...bowl, grams: 250.3 });
    wait(scale, 2);
    const shown = wait(scale, 5).map(({ grams }) => grams!);
    expect(shown.every(Number.isInteger)).toBeTrue();
    expect(Math.max(...shown) - Math.min(...shown)).toBeLessThanOrEqual(1);
  });

  it('is tared: the container vanishes, what is filled in stays', () => {
    const scale = scaleOf();
    scale.put({ ...bowl, grams: 312 });
    wait(scale, 2);
    scale.tare();
    expect(Math.abs(wait(scale, 0.1).at(-1)!.grams!)).toBeLessThanOrEqual(1);
    scale.put({ name: 'flour', kind: 'ingredient', ingredientId: null, grams: 125 });
    const filled = wait(scale, 2).at(-1)!;
    expect(Math.abs(filled.grams! - 125)).toBeLessThanOrEqual(1);
    expect(filled.tareGrams).toBeGreaterThan(300);
    scale.clear();
    expect(wait(scale, 2).at(-1)!.grams).toBeLessThan(-300);
  });

  it('tared empty is zeroed, and has nothing tared away', () => {
    const scale = scaleOf();
    wait(scale, 5);
    scale.tare();
    expect(wait(scale, 0.1).at(-1)!.tareGrams).toBe(0);
  });

  it('shows ounces on their own step, and millilitres as if it were water', () => {
    const scale = scaleOf();
    scale.put({ ...bowl, grams: 340 });
    scale.setUnit('oz');
    const ounces = wait(scale, 2).at(-1)!;
    expect(ounces.shown).toMatch(/^\d+\.\d[05]$/);
    expect(ounces.grams).toBeCloseTo(Number(ounces.shown) * GRAMS_PER_OUNCE, 9);
    scale.setUnit('ml');
    expect(Math.abs(Number(wait(scale, 0.1).at(-1)!.shown) - 340)).toBeLessThanOrEqual(1);
    expect(() => scale.setUnit('lb-oz')).toThrowError(RangeError);
  });

  it('refuses too much rather than showing something', () => {
    const scale = scaleOf();
    scale.put({ ...bowl, grams: 6000 });
    const reading = wait(scale, 2).at(-1)!;
    expect(reading.state).toBe('overload');
    expect(reading.grams).toBeNull();
    expect(reading.shown).toBe('');
  });

  it('switches itself off, and takes what lies there for zero when it is woken', () => {
    const scale = scaleOf({ autoOffSeconds: 10 });
    scale.put({ ...bowl, grams: 312 });
    wait(scale, 9);
    expect(scale.latest().state).toBe('on');
    wait(scale, 2);
    expect(scale.latest().state).toBe('off');
    scale.wake();
    const woken = wait(scale, 2).at(-1)!;
    expect(woken.state).toBe('on');
    expect(Math.abs(woken.grams!)).toBeLessThanOrEqual(1);
  });

  it('pours while the key is held, and not for ever when it is never released', () => {
    const scale = scaleOf();
    scale.startPouring({ name: 'milk', kind: 'ingredient', ingredientId: null }, 50);
    const during = wait(scale, 2).at(-1)!;
    expect(during.isStable).toBeFalse();
    scale.stopPouring();
    expect(Math.abs(wait(scale, 2).at(-1)!.grams! - 100)).toBeLessThanOrEqual(3);
    scale.startPouring({ name: 'milk', kind: 'ingredient', ingredientId: null }, 1);
    wait(scale, 60);
    expect(scale.isPouring()).toBeFalse();
    expect(scale.loads.grams()).toBeLessThan(130);
  });

  it('remembers three seconds for somebody who was away', () => {
    const scale = scaleOf();
    wait(scale, 10);
    const { sequence } = scale.latest();
    expect(scale.since(sequence - 5).map((reading) => reading.sequence)).toEqual(
      [4, 3, 2, 1, 0].map((back) => sequence - back),
    );
    expect(scale.since(0).length).toBe(60);
  });

  it('reads only while somebody listens, and tells them when it closes', async () => {
    const scale = scaleOf();
    let heard = 0;
    let closed = 0;
    const stopped = spyOn(globalThis, 'clearInterval').and.callThrough();
    const leave = await new Promise<() => void>((resolve) => {
      const unsubscribe = scale.subscribe(
        () => {
          heard += 1;
          if (heard === 2) resolve(unsubscribe);
        },
        () => (closed += 1),
      );
    });
    expect(stopped).not.toHaveBeenCalled();
    leave();
    expect(stopped).toHaveBeenCalledTimes(1);
    scale.subscribe(
      () => undefined,
      () => (closed += 1),
    );
    scale.close();
    expect(closed).toBe(1);
  });

  it('becomes another scale with what lies on it', () => {
    const scale = scaleOf();
    scale.put({ ...bowl, grams: 3.14 });
    scale.become({ name: 'fine scale', gridGrams: 0.1, capacityGrams: 500, units: ['g'] });
    expect(wait(scale, 3).at(-1)!.shown).toMatch(/^3\.[0-2]$/);
  });
});
