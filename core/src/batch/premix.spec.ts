import fc from 'fast-check';
import { USUAL_SCALES } from '../drawer/index.js';
import { readText, usualBatch } from '../testing/usual.js';
import { adviceFor, planBatch } from './index.js';
import { premixFor } from './premix.js';

const KITCHEN_SCALE = USUAL_SCALES[0]!;

describe('a premix', () => {
  it('makes a weighable amount of what no scale here resolves', () => {
    const mix = premixFor(0.6, 0.08, 500, [KITCHEN_SCALE])!;
    expect(mix.takeGrams).toBeGreaterThanOrEqual(6);
    expect(Math.abs(mix.holdsGrams / 0.6 - 1)).toBeLessThanOrEqual(0.08);
    expect(mix.carrierGrams).toBeGreaterThanOrEqual(mix.takeGrams - mix.holdsGrams);
  });

  it('is not wanted where the scale is fine enough, nor possible without a carrier', () => {
    expect(premixFor(10, 0.08, 500, [KITCHEN_SCALE])).toBeNull();
    expect(premixFor(2, 0.08, 500)).toBeNull();
    expect(premixFor(0.6, 0.08, 2, [KITCHEN_SCALE])).toBeNull();
  });

  it('holds what was wanted, within what it forgives', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 5, noNaN: true }), (grams) => {
        const mix = premixFor(grams, 0.08, 2000, [KITCHEN_SCALE]);
        fc.pre(mix !== null);
        expect(Math.abs(mix.holdsGrams / grams - 1)).toBeLessThanOrEqual(0.08 + 1e-9);
      }),
    );
  });

  it('is what is advised for a little yeast on a kitchen scale', () => {
    const reading = readText('500 g bread flour\n1/4 tsp instant yeast');
    const batch = usualBatch({ scales: [KITCHEN_SCALE] });
    const [advice] = adviceFor(reading, planBatch(reading, batch), batch);
    expect(advice).toEqual(jasmine.objectContaining({ line: 1, mend: 'premix', carrier: 0 }));
  });

  it('gives way to a finer scale where there is no flour to carry it', () => {
    const reading = readText('300 g water\n1/4 tsp instant yeast');
    const batch = usualBatch({ scales: [KITCHEN_SCALE] });
    const [advice] = adviceFor(reading, planBatch(reading, batch), batch);
    expect(advice?.mend).toBe('fine-scale');
  });
});
