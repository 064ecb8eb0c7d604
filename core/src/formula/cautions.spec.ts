import { Fraction } from '../amount/index.js';
import { BUILT_IN_SHELF } from '../catalogue/index.js';
import { BUNS, readText } from '../testing/usual.js';
import { cautionsFor } from './index.js';

describe('cautions', () => {
  const at = (factor: string, reading = BUNS) =>
    cautionsFor(reading, new Fraction(factor), BUILT_IN_SHELF);

  it('apply where they do, and only there', () => {
    expect(at('1')).toEqual(['raw-flour', 'raw-egg']);
    expect(at('2')).toEqual(['bake-time', 'raw-flour', 'raw-egg']);
    expect(at('3')).toContain('not-linear');
    expect(at('1/3')).toContain('not-linear');
    expect(at('5')).toContain('by-eye');
    expect(at('1', readText('1 cup honey\n1 cup water'))).toEqual([]);
    expect(at('1', readText('Pear preserves for canning\n1 cup sugar'))).toEqual(['preserving']);
  });
});
