import { findSlips, type Expectation, type TrialSlip } from './index.js';

const EXPECTED: Expectation = {
  containers: [
    { name: 'white bowl', grams: 312 },
    { name: 'steel cup', grams: 78 },
  ],
  referenceGrams: 125,
  usualSpread: 0.04,
};
const CUPS = [124, 131, 127, 122, 129, 126];
const slipOf = (odd: number, expectation = EXPECTED): TrialSlip | null =>
  findSlips([...CUPS, odd], expectation).at(-1)!;

describe('slips', () => {
  it('leaves alone what fits', () => {
    expect(findSlips(CUPS, EXPECTED)).toEqual(CUPS.map(() => null));
    expect(slipOf(134)).toBeNull();
  });

  it('recognises a container that was not tared away, by its weight', () => {
    expect(slipOf(127 + 312)).toEqual({ code: 'untared', container: 'white bowl', grams: 312 });
    expect(slipOf(125 + 78)).toEqual({ code: 'untared', container: 'steel cup', grams: 78 });
  });

  it('recognises ounces read as grams', () => {
    expect(slipOf(4.45)).toEqual({ code: 'ounces', grams: jasmine.any(Number) });
    const slip = slipOf(4.45);
    expect(slip?.code === 'ounces' && slip.grams).toBeCloseTo(126.2, 1);
  });

  it('recognises another fill on top', () => {
    expect(slipOf(253)).toEqual({ code: 'another-fill', fills: 2 });
    expect(slipOf(380)).toEqual({ code: 'another-fill', fills: 3 });
  });

  it('calls far out what it can not explain', () => {
    expect(slipOf(165)).toEqual({ code: 'far-out', difference: jasmine.any(Number) });
  });

  it('draws the line at 3.5 times 1.4826 median absolute deviations', () => {
    // Median 101; deviations 1, 1, 0, 0, 2, 4, 7 with the median 1: up to 101 + 5.19.
    const trials = [100, 100, 101, 101, 103, 105, 108];
    const found = findSlips(trials, { containers: [], referenceGrams: null, usualSpread: 0 });
    expect(found.map((slip) => slip !== null)).toEqual([
      false,
      false,
      false,
      false,
      false,
      false,
      true,
    ]);
  });

  it('is not taken in by several slips at once', () => {
    const found = findSlips([124, 438, 127, 4.4, 125, 126, 250, 123, 128], EXPECTED);
    expect(found.map((slip) => slip?.code ?? null)).toEqual([
      null,
      'untared',
      null,
      'ounces',
      null,
      null,
      'another-fill',
      null,
      null,
    ]);
  });

  it('holds the first trials against the table, widely', () => {
    expect(findSlips([140], EXPECTED)).toEqual([null]);
    expect(findSlips([437], EXPECTED)[0]?.code).toBe('untared');
    expect(findSlips([126, 437], EXPECTED).map((slip) => slip?.code ?? null)).toEqual([
      null,
      'untared',
    ]);
  });

  it('says nothing of the first trials of something that no table knows', () => {
    expect(findSlips([437, 12], { ...EXPECTED, referenceGrams: null })).toEqual([null, null]);
  });
});
