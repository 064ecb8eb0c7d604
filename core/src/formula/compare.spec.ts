import type { KnownWeight } from '../measuring/index.js';
import { readText, usualBatch } from '../testing/usual.js';
import { compareBatch } from './index.js';

describe('comparing a batch', () => {
  const FLOUR = { ingredientId: 'flour-wheat-all-purpose', form: null, size: null } as const;
  const known = (rung: 'author' | 'hand', grams: number): KnownWeight => ({
    ...FLOUR,
    method: 'spooned',
    rung,
    gramsPerMillilitre: grams / 236.5882365,
    relativeSpread: 0,
    source: { from: 'nominal' },
  });
  const reading = readText('2 cups flour\n1 cup water\n1 tsp salt');
  const compared = compareBatch(
    reading,
    usualBatch(),
    [{ name: 'Harbour notebook', weights: [known('author', 150)] }],
    [{ name: 'Grebe', weights: [known('hand', 140)] }],
  );
  const of = (name: string) => compared.find((one) => one.name === name)!;

  it('shows what another author’s cup does to flour and hydration', () => {
    expect(of('').flourGrams).toBeCloseTo(250, 9);
    expect(of('Harbour notebook').flourGrams).toBeCloseTo(300, 9);
    expect(of('Harbour notebook').ratios.water).toBeLessThan(of('').ratios.water);
  });

  it('shows what dipping instead of spooning does', () => {
    expect(of('dipped').flourGrams).toBeCloseTo(274, 6);
    expect(of('dipped').ratios.salt).toBeLessThan(of('').ratios.salt);
  });

  it('shows what a heavier hand makes of the same fills', () => {
    expect(of('Grebe').flourGrams).toBeCloseTo(280, 9);
  });

  it('leaves out what changes nothing', () => {
    expect(compared.map(({ name }) => name)).not.toContain('spooned');
    const weighed = compareBatch(readText('500 g bread flour'), usualBatch(), [], []);
    expect(weighed.length).toBe(1);
  });
});
