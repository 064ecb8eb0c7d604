import { randomFrom } from '../../chance/index.js';
import { BUILT_IN_SHELF } from '../../shelf/index.js';
import {
  CODE_PATTERN,
  classCode,
  classSpread,
  shownCode,
  tidyCode,
  type ClassTarget,
} from './index.js';

const FLOUR: ClassTarget = {
  grams: 125,
  tolerance: 0.06,
  fill: {
    ingredient: BUILT_IN_SHELF.ingredient('flour-wheat-all-purpose')!,
    form: null,
    method: 'spooned',
    millilitres: 236.5882365,
    size: 'cup',
  },
};
const results = (...grams: readonly number[]) =>
  grams.map((mass, at) => ({ name: `person ${at + 1}`, grams: mass }));

describe('a class at a task', () => {
  it('is held against the target and the tolerance that it set', () => {
    const {
      results: judged,
      good,
      meanGrams,
      spread,
    } = classSpread(results(120, 125, 130, 137), FLOUR);
    expect(judged.map(({ isGood }) => isGood)).toEqual([true, true, true, false]);
    expect(good).toBe(3);
    expect(meanGrams).toBe(128);
    // Deviations −8, −3, 2, 9: √(158 / 3) = 7.257, of 128.
    expect(spread).toBeCloseTo(7.257 / 128, 4);
  });

  it('says what most likely went wrong', () => {
    const { results: judged } = classSpread(results(124, 126, 122, 139, 4.4, 250, 437), FLOUR);
    expect(judged.map(({ look }) => look?.code ?? null)).toEqual([
      null,
      null,
      null,
      'like-method',
      'ounces',
      'several-fills',
      'too-heavy',
    ]);
    expect(judged[4]!.slip?.code).toBe('ounces');
  });

  it('leaves slips out of its mean', () => {
    expect(classSpread(results(124, 126, 125, 124, 126, 437), FLOUR).meanGrams).toBe(125);
  });

  it('is fine with nobody, and with one', () => {
    expect(classSpread([], FLOUR)).toEqual({ results: [], good: 0, meanGrams: null, spread: null });
    expect(classSpread(results(125), { ...FLOUR, fill: null }).spread).toBeNull();
  });
});

describe('the code of a class', () => {
  it('has seven signs that are not mixed up', () => {
    const codes = Array.from({ length: 500 }, (_, seed) => classCode(randomFrom(seed)));
    expect(codes.every((code) => CODE_PATTERN.test(code))).toBe(true);
    expect(new Set(codes).size).toBe(500);
    expect(codes.join('')).not.toMatch(/[0O1IL5S8B2Z]/);
  });

  it('is taken however it was typed', () => {
    expect(tidyCode(' acd-3 Efh ')).toBe('ACD3EFH');
    expect(shownCode('ACD3EFH')).toBe('ACD-3EFH');
  });
});
