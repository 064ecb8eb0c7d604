import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { giveOrTake, namesOf, ofHundred } from './wording';

describe('a chance in words', () => {
  it('is of a hundred, and never certain unless it is', () => {
    expect(ofHundred(0.734)).toBe('73');
    expect(ofHundred(0.9999)).toBe('over 99');
    expect(ofHundred(0.0001)).toBe('under 1');
    expect(ofHundred(1)).toBe('100');
    expect(ofHundred(0)).toBe('0');
  });

  it('is as sure as the number of bakes makes it', () => {
    expect(giveOrTake(0.5, 100)).toBe('10');
    expect(giveOrTake(0.5, 20_000)).toBe('0.7');
    expect(giveOrTake(0.5, 2_000_000)).toBe('less than 0.1');
  });

  it('names ingredients as they stand in a sentence', () => {
    expect(namesOf(['honey', 'butter'], BUILT_IN_SHELF)).toBe('the honey and the butter');
  });
});
