import { planBatch } from '../batch/index.js';
import { readText, usualBatch } from '../testing/usual.js';
import { batchCost } from './index.js';

describe('what a batch costs', () => {
  const plan = planBatch(readText('400 g bread flour\n100 g bread flour\n10 g salt'), usualBatch());

  it('goes by the prices of packs, and asks for whole ones', () => {
    const { needs, total, withoutPrice } = batchCost(plan, [
      { ingredientId: 'flour-wheat-bread', packGrams: 300, price: 0.9 },
    ]);
    expect(needs[0]).toEqual({
      ingredientId: 'flour-wheat-bread',
      grams: 500,
      cost: jasmine.any(Number) as unknown as number,
      packs: { count: 2, grams: 300, price: 0.9 },
    });
    expect(total).toBeCloseTo(1.5, 9);
    expect(withoutPrice).toEqual(['salt-table']);
  });
});
