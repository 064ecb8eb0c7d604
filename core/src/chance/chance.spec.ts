import { mean, sampleStandardDeviation } from 'simple-statistics';
import { drawFill, randomFrom, seedOf, type FillModel } from './index.js';

const draws = (count: number, draw: () => number): number[] => Array.from({ length: count }, draw);

describe('random figures', () => {
  it('come out the same for the same seed, and otherwise for another', () => {
    const first = (seed: number): number[] => draws(5, randomFrom(seed).uniform);
    expect(first(7)).toEqual(first(7));
    expect(first(7)).not.toEqual(first(8));
  });

  it('are spread evenly from 0 to 1', () => {
    const uniform = draws(20_000, randomFrom(1).uniform);
    expect(Math.min(...uniform)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...uniform)).toBeLessThan(1);
    expect(mean(uniform)).toBeCloseTo(0.5, 2);
    const tenths = new Array<number>(10).fill(0);
    for (const value of uniform) tenths[Math.floor(value * 10)]! += 1;
    // Chi-squared with nine degrees of freedom: 27.9 in one case of a thousand.
    const chi = tenths.reduce((sum, found) => sum + (found - 2000) ** 2 / 2000, 0);
    expect(chi).toBeLessThan(27.9);
  });

  it('are normal: mean 0, deviation 1, as much beyond two deviations as there should be', () => {
    const normal = draws(40_000, randomFrom(2).normal);
    expect(mean(normal)).toBeCloseTo(0, 1);
    expect(sampleStandardDeviation(normal)).toBeCloseTo(1, 1);
    const beyond = normal.filter((value) => Math.abs(value) > 1.96).length / normal.length;
    expect(beyond).toBeGreaterThan(0.045);
    expect(beyond).toBeLessThan(0.055);
  });

  it('of neighbouring seeds have nothing in common', () => {
    const first = draws(200, (() => randomFrom(0).uniform)());
    const seeds = Array.from({ length: 200 }, (_, seed) => randomFrom(seed).uniform());
    expect(mean(seeds)).toBeCloseTo(0.5, 1);
    expect(new Set([...first, ...seeds]).size).toBeGreaterThan(395);
  });

  it('start from a name', () => {
    expect(seedOf('1 cup')).toBe(seedOf('1 cup'));
    expect(seedOf('1 cup')).not.toBe(seedOf('2 cup'));
  });
});

describe('one fill', () => {
  const MODEL: FillModel = {
    gramsPerMillilitre: 0.5,
    millilitres: 240,
    toolBias: 0.05,
    handBias: 0.1,
    fillSpread: 0.04,
  };

  it('has the mean and the spread of its formula', () => {
    const random = randomFrom(3);
    const fills = draws(20_000, () => drawFill(MODEL, random));
    const expected = 120 * 1.05 * 1.1;
    expect(mean(fills) / expected).toBeCloseTo(1, 2);
    expect(sampleStandardDeviation(fills) / expected).toBeCloseTo(0.04, 2);
  });

  it('is just the formula without spread, and never less than nothing with a huge one', () => {
    expect(drawFill({ ...MODEL, fillSpread: 0 }, randomFrom(1))).toBeCloseTo(138.6, 9);
    const random = randomFrom(4);
    const fills = draws(500, () => drawFill({ ...MODEL, fillSpread: 5 }, random));
    expect(Math.min(...fills)).toBe(0);
  });
});
