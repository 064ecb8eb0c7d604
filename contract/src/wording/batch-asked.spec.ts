import type { Pan } from '@ypsigram/core/factor';
import { askedText, depthText, panName } from './batch-asked.js';

const ROUND: Pan = { shape: 'round', diameterCm: 20, heightCm: 5 };
const MOULDS: Pan = { shape: 'moulds', count: 12, millilitresEach: 80 };
const name = (id: string): string => ({ flour: 'Bread flour', butter: 'Butter' })[id] ?? id;

describe('what a batch is for', () => {
  it('is said as it was asked', () => {
    expect(askedText({ by: 'pan', from: ROUND, to: ROUND }, name)).toBe('for a 20 cm round tin');
    expect(askedText({ by: 'pan', from: ROUND, to: MOULDS }, name)).toBe('for 12 moulds of 80 mL');
    expect(askedText({ by: 'portions', pieces: 12, gramsEach: 62.5 }, name)).toBe(
      'for 12 pieces of 62.5 g',
    );
    expect(askedText({ by: 'eggs', eggs: 1 }, name)).toBe('for 1 egg');
    const small: Pan = { ...ROUND, diameterCm: 18 };
    expect(askedText({ by: 'pan', from: ROUND, to: small }, name)).toBe('for an 18 cm round tin');
    const limits = [
      { ingredientId: 'flour', grams: 430 },
      { ingredientId: 'butter', grams: 200 },
    ];
    expect(askedText({ by: 'limit', limits }, name)).toBe(
      'as much as 430 g bread flour and 200 g butter allow',
    );
  });

  it('names a tin in the unit that it is sold in', () => {
    const square = (sideCm: number): string => panName({ shape: 'square', sideCm, heightCm: 5 });
    expect(square(23)).toBe('23 cm square tin');
    expect(square(22.86)).toBe('9 in square tin');
    expect(square(24.13)).toBe('9.5 in square tin');
    expect(square(21.5)).toBe('21.5 cm square tin');
    expect(panName({ shape: 'rectangle', lengthCm: 33.02, widthCm: 22.86, heightCm: 5 })).toBe(
      '13 × 9 in tin',
    );
  });

  it('tells how deep it stands where that shows', () => {
    expect(depthText(-0.12, ROUND)).toBe('12 % shallower in the tin');
    expect(depthText(0.08, ROUND)).toBe('8 % deeper in the tin');
    expect(depthText(0.004, ROUND)).toBeNull();
    expect(depthText(-0.2, MOULDS)).toBe('20 % less in each mould');
  });
});
