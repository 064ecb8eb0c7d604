import { readText } from '../testing/usual.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { inferConventions, knownOfAuthor, type AuthorCups } from './index.js';

const CUP = 236.5882365;
const FLOUR = 'flour-wheat-all-purpose';
const infer = (...texts: string[]) =>
  inferConventions(
    texts.map((text, index) => ({ title: `Recipe ${index + 1}`, reading: readText(text) })),
  );
const cupOf = (...texts: string[]): number | null => {
  const flour = infer(...texts).find(({ ingredientId }) => ingredientId === FLOUR);
  return flour?.gramsPerMillilitre ? flour.gramsPerMillilitre * CUP : null;
};

describe("an author's cup", () => {
  it('is inferred from lines that give volume and weight', () => {
    expect(cupOf('2 cups (280 g) flour', '3 cups (420 g) flour')).toBeCloseTo(140, 6);
  });

  it('takes at least two lines that agree', () => {
    expect(cupOf('2 cups (280 g) flour')).toBeNull();
    expect(cupOf('2 cups (280 g) flour', '1 cup (120 g) flour')).toBeNull();
    expect(cupOf('2 cups (280 g) flour', '1 cup flour')).toBeNull();
  });

  it('is not shifted by one slip of the pen, which is shown', () => {
    const [flour] = infer(
      '2 cups (280 g) flour',
      '3 cups (240 g) flour',
      '1 cup (141 g) flour',
      '4 cups (560 g) flour',
    );
    expect(flour!.gramsPerMillilitre! * CUP).toBeCloseTo((280 + 141 + 560) / 7, 6);
    expect(flour!.lines.map(({ agrees }) => agrees)).toEqual([true, false, true, true]);
    expect(flour!.lines[1]?.written).toBe('3 cups (240 g) flour');
  });

  it('is left open when two groups of lines are equally large', () => {
    const lines = ['1 cup (120 g) flour', '2 cups (240 g) flour'];
    expect(cupOf(...lines, '1 cup (150 g) flour', '2 cups (300 g) flour')).toBeNull();
  });

  it('of sifted flour is another than of flour', () => {
    const found = infer(
      '2 cups (280 g) flour\n2 cups (230 g) sifted flour',
      '1 cup (140 g) flour\n1 cup (115 g) sifted flour',
    );
    expect(found.map(({ method }) => method)).toEqual(['spooned', 'sifted']);
    expect(found[1]!.gramsPerMillilitre! * CUP).toBeCloseTo(115, 6);
  });

  it('does not follow from pinches, ranges or heaps', () => {
    expect(infer('a pinch (1 g) of salt', '2 to 3 cups (300 g) flour')).toEqual([]);
  });
});

describe('what is known of an author', () => {
  const author = (cups: Partial<AuthorCups>) =>
    knownOfAuthor({ name: 'Harbour notebook', given: [], inferred: [], ...cups }, BUILT_IN_SHELF);
  const flour = { ingredientId: FLOUR, form: null, method: 'spooned' } as const;

  it('is what is given, before what is inferred', () => {
    const known = author({
      given: [{ ...flour, gramsPerMillilitre: 150 / CUP }],
      inferred: infer('2 cups (280 g) flour', '1 cup (140 g) flour'),
    });
    const plain = known.filter(({ ingredientId }) => ingredientId === FLOUR);
    expect(plain.length).toBe(1);
    expect(plain[0]!.gramsPerMillilitre * CUP).toBeCloseTo(150, 9);
  });

  it('spreads from all-purpose to the other wheat flours, as an estimate', () => {
    const known = author({ given: [{ ...flour, gramsPerMillilitre: 140 / CUP }] });
    const bread = known.find(({ ingredientId }) => ingredientId === 'flour-wheat-bread')!;
    expect(bread.rung).toBe('estimate');
    expect(bread.source).toEqual({ from: 'author-flour', author: 'Harbour notebook' });
    const table = BUILT_IN_SHELF.ingredient('flour-wheat-bread')!.weights.find(
      ({ method, unit }) => method === 'spooned' && unit === 'cup',
    )!;
    expect((bread.gramsPerMillilitre * CUP) / table.grams).toBeCloseTo(140 / 125, 6);
    expect(known.some(({ ingredientId }) => ingredientId === 'flour-rye')).toBeFalse();
  });

  it('does not spread over a flour that the author speaks of', () => {
    const bread = { ingredientId: 'flour-wheat-bread', form: null, method: 'spooned' } as const;
    const known = author({
      given: [
        { ...flour, gramsPerMillilitre: 140 / CUP },
        { ...bread, gramsPerMillilitre: 130 / CUP },
      ],
    });
    expect(known.filter(({ ingredientId }) => ingredientId === bread.ingredientId).length).toBe(1);
  });
});
