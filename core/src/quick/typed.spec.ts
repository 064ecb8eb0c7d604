import { ask, type QuickKitchen } from './index.js';
import { usualBatch } from '../testing/usual.js';

const KITCHEN: QuickKitchen = { ...usualBatch(), standard: 'us-customary' };

/** Questions as people type them, and what each comes to: an amount and its unit, or what it weighs. */
const TYPED = `
grams in 1 cup butter => 227 g
2 lb 4 oz in g => 1020.58 g
tbsp in 1/4 cup => 4 tbsp
cups in a pint => 2 cup
1 australian tablespoon in ml => 20 ml
1 metric cup in ml => 250 ml
1 imperial pint in ml => 568.26 ml
half of 3/4 cup in tbsp => 6 tbsp
1/3 of 1 cup in tsp => 16 tsp
double 2/3 cup in tbsp => 21.33 tbsp
2 cups flour halved => 125 g
1 cup sugar x3 => 600 g
3/4 cup sugar, doubled => 300 g
flour => 125 g
banana => 118 g
cinnamon => 2.6 g
1 cup => 236.59 ml
1 oz => 28.35 g
500 g => 17.64 oz
lb to kg => 0.45 kg
250 g Mehl in Tassen => 2 cup
1 dl mehl in gramm => 52.83 g
12 tbsp in cups => 0.75 cup
how many grams in a cup of sugar => 200 g
`;

describe('questions as they are typed', () => {
  for (const row of TYPED.trim().split('\n')) {
    const [text, expected] = row.split(' => ') as [string, string];
    it(`“${text}”`, () => {
      const answer = ask(text, KITCHEN);
      if (answer.kind !== 'measure' && answer.kind !== 'units') return fail(answer.kind);
      const { amount, unit } =
        answer.wanted ??
        (answer.kind === 'measure'
          ? { amount: answer.intended.grams, unit: 'g' }
          : { amount: NaN, unit: '' });
      expect(`${Number(amount.toFixed(2))} ${unit}`).toBe(expected);
    });
  }

  it('another shape of the same width is another pan', () => {
    const answer = ask('8 inch square in round', KITCHEN);
    expect(answer.kind === 'pan' && answer.factor.valueOf()).toBeCloseTo(Math.PI / 4, 3);
  });

  const KINDS = `
21 g fresh yeast to instant => yeast-instant 7
1 1/2 tsp instant yeast in active dry yeast => yeast-active-dry 5.6
10 g kosher salt to fine sea salt => salt-table 10
200 g all-purpose flour to bread flour => flour-wheat-bread 200
200 g plain flour as cake flour => flour-wheat-cake 200
`;
  for (const row of KINDS.trim().split('\n')) {
    const [text, expected] = row.split(' => ') as [string, string];
    it(`another kind: “${text}”`, () => {
      const answer = ask(text, KITCHEN);
      if (answer.kind !== 'instead') return fail(answer.kind);
      const { instead, grams } = answer;
      expect(`${instead.ingredientId} ${Number(grams.toFixed(2))}`).toBe(expected);
      expect(answer.plan.intended?.grams).toBeCloseTo(grams, 6);
      expect(answer.plan.measure).not.toBeNull();
    });
  }

  it('a stronger flour takes more water, by how much of it there is', () => {
    const answer = ask('200 g all-purpose flour to bread flour', KITCHEN);
    expect(answer.kind === 'instead' && answer.waterMore).toBeCloseTo(6, 9);
  });

  it('what is no other kind of it is no answer of that sort', () => {
    for (const text of ['100 g butter to sugar', '10 g salt to yeast', 'fresh yeast to instant']) {
      expect(ask(text, KITCHEN).kind).not.toBe('instead');
    }
  });

  it('what is read whole is not multiplied', () => {
    const answer = ask('1 cup half and half', KITCHEN);
    expect(answer.kind === 'measure' && answer.ingredient.id).toBe('half-and-half');
  });
});
