import { BUILT_IN_SHELF } from '../shelf/index.js';
import fc from 'fast-check';
import { originOf } from './index.js';

const standard = (text: string): string | null => originOf(text, BUILT_IN_SHELF)?.standard ?? null;

describe('the origin of a recipe', () => {
  const recipes: readonly [string, string | null][] = [
    ['2 cups all-purpose flour\n1 stick butter\nBake at 350 °F.', 'us-customary'],
    ['1 cup heavy cream\n1/2 cup powdered sugar', 'us-customary'],
    ['200 g caster sugar\n225 g plain flour\nGas mark 4.', 'british'],
    ['300g strong white flour\n150ml double cream', 'british'],
    ['1 1/2 cups plain flour\n1 cup caster sugar\n2 eggs', 'australian'],
    ['2 tablespoons (20 ml) golden syrup\n1 cup self-raising flour', 'australian'],
    ['1 gill milk\n1 saltspoonful salt', 'imperial'],
    ['2 cups (200 ml cup) flour', 'japanese'],
    ['2 cups flour\n1 egg', null],
    ['', null],
    // As much for the one as for the other.
    ['100 g caster sugar\n1 cup all-purpose flour', null],
  ];
  for (const [text, expected] of recipes) {
    it(`of "${text.split('\n')[0]}" is ${expected}`, () => expect(standard(text)).toBe(expected));
  }

  it('is told by the words themselves, in their order', () => {
    expect(
      originOf('Gas mark 4\n200 g caster sugar\n100 g caster sugar', BUILT_IN_SHELF)?.signs,
    ).toEqual(['Gas mark 4', 'caster sugar']);
  });

  it('never throws, and takes no longer over a long text', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), (text) => {
        expect(() => originOf(text, BUILT_IN_SHELF)).not.toThrow();
      }),
    );
    expect(standard(`1 stick butter\n${'x '.repeat(200_000)}`)).toBe('us-customary');
  });

  it('takes the cups and spoons of a metric country for a recipe in its language', () => {
    expect(originOf('250 g Mehl\n2 EL Zucker', BUILT_IN_SHELF)).toEqual({
      standard: 'metric',
      signs: ['Mehl', 'Zucker'],
    });
    expect(originOf('200 g de farine\n2 œufs', BUILT_IN_SHELF)?.standard).toBe('metric');
  });
});
