import fc from 'fast-check';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { USUAL_STANDARD } from '../units/index.js';
import { readRecipe } from './index.js';

/** What nobody writes often, and regular expressions choke on. */
const PIECES = [
  '1 - ',
  '1 ',
  '1/2 ',
  '½',
  '1.',
  '1,',
  '1-',
  '1 x ',
  '(',
  ') ',
  '( ',
  'a ',
  'and ',
  'or ',
  'plus 1 ',
  'cup',
  '2 cups ',
  'flour, ',
  '&amp;',
  '&half;',
  '&#',
  '<b>',
  '<',
  '[x](',
  ']',
  '\u00ad',
  '\t',
  ': ',
  'Makes 2 ',
  'for the ',
  '—',
  '"',
  '**',
  '…',
  '\u{1F9C1}',
  '\uD800',
  '٣',
  'ﬁ',
  '¹⁄',
] as const;
const LENGTH = 60_000;

/** Squared, this length would take minutes; a machine under load takes a tenth of this. */
const MOST_MILLISECONDS = 4_000;

describe('nasty lines', () => {
  it('are read in a time that grows with their length, and no faster', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...PIECES), { minLength: 1, maxLength: 3 }),
        fc.boolean(),
        (pieces, isFirst) => {
          const unit = pieces.join('');
          const line = unit.repeat(Math.ceil(LENGTH / unit.length));
          const text = isFirst ? line : `2 cups flour\n${line}`;
          const from = performance.now();
          readRecipe(text, USUAL_STANDARD, BUILT_IN_SHELF);
          expect(performance.now() - from).toBeLessThan(MOST_MILLISECONDS);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('of which there are thousands that nobody knows take no second', () => {
    const lines = Array.from({ length: 5000 }, (_, at) => `${at + 1} cups moonglob${at} dustfluff`);
    const from = performance.now();
    readRecipe(lines.join('\n'), USUAL_STANDARD, BUILT_IN_SHELF);
    expect(performance.now() - from).toBeLessThan(MOST_MILLISECONDS);
  });
});
