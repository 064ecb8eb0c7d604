import { calibrateTool, waterVolume } from './index.js';

describe('the volume of water', () => {
  it('is about 1.00285 mL for each gram on the scale at 20 °C', () => {
    expect(waterVolume(1, 20)).toBeCloseTo(1.00285, 5);
  });

  it('grows as the water warms', () => {
    expect(waterVolume(1, 30)).toBeGreaterThan(waterVolume(1, 20));
  });
});

describe('calibrating a tool', () => {
  const fills = (...grams: number[]) => calibrateTool({ grams, celsius: 20, grid: 0.1 }, 236.588);

  it('finds what it holds and how far that is from its stamp', () => {
    const cup = fills(244, 245, 246);
    expect(cup.millilitres).toBeCloseTo(245 * 1.00285, 2);
    expect(cup.difference).toBeCloseTo(0.0385, 3);
    expect(cup.isEnough).toBeTrue();
  });

  it('takes few fills for less sure, by Student', () => {
    // Scatter 1 g: t(2) = 4.303 times 1/√3, in millilitres.
    expect(fills(244, 245, 246).uncertainty).toBeCloseTo((4.303 / Math.sqrt(3)) * 1.00285, 2);
    expect(fills(244, 245, 246, 244, 245, 246).uncertainty).toBeLessThan(1);
  });

  it('does not believe one or two fills', () => {
    expect(fills(245).isEnough).toBeFalse();
    expect(fills(245).uncertainty).toBe(Infinity);
    expect(fills(245, 246).isEnough).toBeFalse();
  });

  it('is never surer than the step of the scale allows', () => {
    const coarse = calibrateTool({ grams: [5, 5, 5], celsius: 20, grid: 1 }, 4.93);
    expect(coarse.uncertainty).toBeCloseTo((1.96 / Math.sqrt(12)) * 1.00285, 3);
  });

  it('refuses what can not be', () => {
    expect(() => fills()).toThrowError(RangeError);
    expect(() => calibrateTool({ grams: [1], celsius: 90, grid: 1 }, 5)).toThrowError(RangeError);
  });
});
