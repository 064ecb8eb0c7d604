import fc from 'fast-check';
import { clean } from './index.js';

describe('making a line plain', () => {
  const plain: readonly [string, string][] = [
    ['1½ cups', '1 1/2 cups'],
    ['½ cup', '1/2 cup'],
    ['1⁄2 cup', '1/2 cup'],
    ['2–3 tbsp', '2-3 tbsp'],
    ['2\u00a0cups\u202fflour', '2 cups flour'],
    ['１２ ｇ', '12 g'],
    ['  two   cups ', 'two cups'],
    ['• 1 cup', '1 cup'],
    ['- [ ] 1 cup', '1 cup'],
    ['[x] 1 cup', '1 cup'],
    ['3) 1 cup', '1 cup'],
    ['3. 1 cup', '1 cup'],
    ['1.5 cups', '1.5 cups'],
    ['<b>1 cup</b> flour', '1 cup flour'],
    ['1&frac12; cups', '1 1/2 cups'],
    ['1 &#189; cups', '1 1/2 cups'],
    ['salt &amp; pepper', 'salt & pepper'],
    ['2 < 3 cups', '2 < 3 cups'],
    ['\u200b1 cup', '1 cup'],
  ];
  for (const [written, text] of plain) {
    it(`"${written}" is "${text}"`, () => expect(clean(written).text).toBe(text));
  }

  it('leads every character back to the written line', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: fc.constantFrom(...'1½2¾ ·-–<b>&amp;cupsflour\u00a0()'), maxLength: 60 }),
        (written) => {
          const { text, origin } = clean(written);
          for (let i = 0; i < text.length; i++) {
            expect(origin[i]).toBeGreaterThanOrEqual(0);
            expect(origin[i]).toBeLessThan(written.length);
            if (i > 0) expect(origin[i]).toBeGreaterThanOrEqual(origin[i - 1]!);
          }
        },
      ),
    );
  });

  it('changes nothing that is plain already', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^[a-z]{1,8}( [a-z]{1,8}){0,5}$/), (written) =>
        expect(clean(written).text).toBe(written),
      ),
    );
  });
});
