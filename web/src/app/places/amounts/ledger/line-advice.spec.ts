import type { Advice } from '@ypsigram/core/batch';
import { mendOf } from './line-advice';

describe('what mends a line with one key', () => {
  const about = { line: 1, gap: 0.1, tolerance: 0.03 };
  const premix = { tinyGrams: 2, carrierGrams: 18, takeGrams: 6, holdsGrams: 0.6 };

  it('is a decision of the line', () => {
    const changes: readonly (readonly [Advice, object])[] = [
      [{ ...about, mend: 'method', method: 'dipped', gapThen: 0 }, { method: 'dipped' }],
      [{ ...about, mend: 'tools', gapThen: 0 }, { tools: undefined }],
      [{ ...about, mend: 'weigh' }, { weighed: true }],
      [{ ...about, mend: 'premix', premix, carrier: 0 }, { premix: true }],
    ];
    for (const [advice, change] of changes) expect(mendOf(advice).change).toEqual(change);
  });

  it('is a scale of the kitchen where only that helps', () => {
    expect(mendOf({ ...about, mend: 'fine-scale' })).toEqual({
      label: 'Add a finer scale',
      change: null,
    });
  });
});
