import { readText } from '../testing/usual.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { Fraction } from '../amount/index.js';
import { USUAL_SCALES, defaultDrawer, finerScale } from '../drawer/index.js';
import { forgivenessOf } from '../baking/index.js';
import { adviceFor } from './advice.js';
import { planBatch } from './plan.js';
import { ratioDrift } from './index.js';
import type { Batch } from './plan-line.js';
import type { LineChoice } from './balance/index.js';

const KITCHEN_SCALE = USUAL_SCALES.filter(({ kind }) => kind === 'kitchen');

const planned = (text: string, choices: Record<number, LineChoice>, more: Partial<Batch> = {}) => {
  const batch: Batch = {
    factor: new Fraction(1),
    shelf: BUILT_IN_SHELF,
    drawer: defaultDrawer(),
    choices,
    ...more,
  };
  const reading = readText(text);
  const plan = planBatch(reading, batch);
  return { plan, advice: adviceFor(reading, plan, batch) };
};

describe('a premix that is chosen', () => {
  const TEXT = '500 g bread flour\n300 g water\n1/4 tsp instant yeast';
  const scales = KITCHEN_SCALE;

  it('mends what the scale is too coarse for, and is no longer advised', () => {
    const before = planned(TEXT, {}, { scales });
    expect(before.advice.map(({ line, mend }) => [line, mend])).toEqual([[2, 'premix']]);
    const after = planned(TEXT, { 2: { premix: true } }, { scales });
    expect(after.advice).toEqual([]);
    const { premix, weight, intended, forgiven } = after.plan[2]!;
    expect(premix!.carrier).toBe(0);
    expect(weight!.grams).toBe(premix!.holdsGrams);
    expect(Math.abs(weight!.grams / intended!.grams - 1)).toBeLessThan(forgiven! / 2);
  });

  it('holds what the tiny line needs, in the strength it is stirred to', () => {
    const { premix } = planned(TEXT, { 2: { premix: true } }, { scales }).plan[2]!;
    const { tinyGrams, carrierGrams, takeGrams, holdsGrams } = premix!;
    expect(holdsGrams / takeGrams).toBeCloseTo(tinyGrams / (tinyGrams + carrierGrams), 12);
    expect(takeGrams).toBeLessThanOrEqual(tinyGrams + carrierGrams);
  });

  it('brings the weighed ratio nearer to the written one', () => {
    const drift = (choices: Record<number, LineChoice>): number => {
      const { weighed, intended } = ratioDrift(
        planned(TEXT, choices, { scales }).plan,
        BUILT_IN_SHELF,
        forgivenessOf('lean-dough'),
      ).ratios.yeast;
      return Math.abs(weighed / intended - 1);
    };
    expect(drift({ 2: { premix: true } })).toBeLessThan(drift({}));
  });

  it('changes nothing where the scale resolves the line, or nothing can carry it', () => {
    const fine = planned(TEXT, { 0: { premix: true } });
    expect(fine.plan[0]!.premix).toBeNull();
    const bare = planned('300 g water\n1/4 tsp salt', { 1: { premix: true } }, { scales });
    expect(bare.plan[1]!.premix).toBeNull();
    expect(bare.advice.map(({ mend }) => mend)).toEqual(['fine-scale']);
  });
});

describe('a finer scale', () => {
  it('is a fine one where there is none, else ten times as fine', () => {
    expect(finerScale(KITCHEN_SCALE).gridGrams).toBe(0.1);
    expect(finerScale(USUAL_SCALES).gridGrams).toBe(0.01);
  });

  it('is finer than all that are there, however often it is asked for', () => {
    let scales = [...USUAL_SCALES];
    for (let more = 0; more < 2; more++) {
      const finer = { ...finerScale(scales), name: 'finer' };
      expect(finer.gridGrams).toBeLessThan(Math.min(...scales.map(({ gridGrams }) => gridGrams)));
      scales = [...scales, finer];
    }
  });

  it('mends what it is advised for', () => {
    const text = '300 g water\n1/4 tsp salt';
    const scales = [...KITCHEN_SCALE, { ...finerScale(KITCHEN_SCALE), name: 'finer' }];
    expect(planned(text, {}, { scales }).advice).toEqual([]);
  });
});

describe('as near as the tools come', () => {
  it('takes more fills for less of a gap, never for more of one', () => {
    for (const text of ['2/3 cup golden syrup', '1 1/3 tsp salt', '150 g flour', '90 g sugar']) {
      const [usual] = planned(text, {}, { strictness: 'relaxed' }).plan;
      const [near] = planned(text, { 0: { nearest: true } }, { strictness: 'relaxed' }).plan;
      expect(Math.abs(near!.gap!)).withContext(text).toBeLessThanOrEqual(Math.abs(usual!.gap!));
    }
    const relaxed = { strictness: 'relaxed' } as const;
    const [flour] = planned('150 g flour', {}, relaxed).plan;
    const [nearer] = planned('150 g flour', { 0: { nearest: true } }, relaxed).plan;
    expect(Math.abs(flour!.gap!)).toBeGreaterThan(0.005);
    expect(Math.abs(nearer!.gap!)).toBeLessThan(0.002);
  });
});
