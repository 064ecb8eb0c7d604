import { timesText } from './times';

describe('timesText', () => {
  it('tells simple parts as fractions and others as decimals', () => {
    expect(timesText('3/2')).toBe('×1 1/2');
    expect(timesText('2')).toBe('×2');
    expect(timesText('400/529')).toBe('×0.756');
  });
});
