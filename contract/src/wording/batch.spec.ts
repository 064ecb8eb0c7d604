import type { PlanLine } from '@ypsigram/core/batch';
import { adviceMessage, batchProblemMessage, premixMessages, reasonMessage } from './batch.js';

describe('what is said of a batch', () => {
  const about = { line: 0, gap: -0.048, tolerance: 0.03 } as const;

  it('tells which way a line is off, and what mends it', () => {
    expect(adviceMessage({ ...about, mend: 'weigh' })).toBe(
      '4.8 % under. Weigh it: no cup or spoon comes close enough.',
    );
    expect(adviceMessage({ ...about, mend: 'method', method: 'dipped', gapThen: 0.004 })).toBe(
      '4.8 % under. Fill it dipped: then it is 0.4 % off.',
    );
    expect(adviceMessage({ ...about, gap: 0.2, mend: 'tools', gapThen: 0 })).toContain(
      '20.0 % over with this tool alone.',
    );
  });

  it('tells why a line is filled as it is', () => {
    expect(reasonMessage({ is: 'hand', hand: 'Grebe', heavier: 0.112 })).toBe(
      'Grebe fills 11 % heavier',
    );
    expect(reasonMessage({ is: 'hand', hand: 'Coot', heavier: -0.04 })).toBe(
      'Coot fills 4 % lighter',
    );
    const cup = (nominal: string) =>
      ({ tool: nominal, count: 1, kind: 'cup', name: null, nominal, unit: 'cup' }) as const;
    const fill = (nominal: string) => ({ ...cup(nominal), millilitres: 60, size: 'cup' }) as const;
    expect(reasonMessage({ is: 'aside', fills: [fill('1/4')] })).toBe('1/4 cup is in the wash');
    expect(reasonMessage({ is: 'aside', fills: [fill('1/4'), fill('1/3')] })).toBe(
      '1/4 cup and 1/3 cup are in the wash',
    );
    expect(reasonMessage({ is: 'ratio', part: 'water' })).toBe(
      'filled nearer, to keep the water right',
    );
  });

  it('gives a premix with its grams', () => {
    const premix = { tinyGrams: 2, carrierGrams: 18, takeGrams: 6, holdsGrams: 0.6 };
    expect(adviceMessage({ ...about, gap: 0.6, mend: 'premix', premix, carrier: 3 })).toContain(
      'Stir 2 g into 18 g of the flour and weigh 6 g of the mixture.',
    );
  });

  it('says beside both lines how a premix goes', () => {
    const premix = { tinyGrams: 2, carrierGrams: 18, takeGrams: 6, holdsGrams: 0.6, carrier: 0 };
    const plan = [
      { premix: null, weight: { grams: 500, grid: 1 } },
      { premix, weight: { grams: 0.6 } },
      { premix: null, weight: { grams: 300 } },
    ] as unknown as readonly PlanLine[];
    expect([...premixMessages(plan)].sort(([a], [b]) => a - b)).toEqual([
      [0, '5.4 g of this come with the premix, so weigh 495 g.'],
      [1, 'Premix: stir 2 g into 18 g of the flour and weigh 6 g of the mixture.'],
    ]);
  });

  it('says what to do where a batch can’t be set so', () => {
    expect(batchProblemMessage({ code: 'no-yield', field: 'pieces' })).toContain('Makes 12');
    expect(batchProblemMessage({ code: 'too-large', field: 'factor' })).toBeTruthy();
  });
});
