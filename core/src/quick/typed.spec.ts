import fc from 'fast-check';
import { ask, questionsIn, type QuickKitchen } from './index.js';
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
what is 1 gill in ml => 118.29 ml
1 dessertspoon in ml => 9.86 ml
uk tablespoon ml => 15 ml
cups to grams flour => 125 g
grams in a stick of butter => 113 g
1 EL Mehl => 7.81 g
100 g chopped walnuts in cups => 0.85 cup
1 can condensed milk => 396.9 g
1 box cake mix => 524 g
1 onion => 110 g
1 large egg weight => 50 g
20 cl crème en g => 201.19 g
2 pots de yaourt nature => 250 g
how much is 3 oz of butter in tablespoons => 5.99 tbsp
14 oz condensed milk in ml => 306.86 ml
double 3/4 cup => 1.5 cup
scale 1/3 cup by 1.5 => 0.5 cup
2 cups flour divided by 4 => 62.5 g
3 limes juice => 132 g
6 leaves gelatine => 10.2 g
how many grams in a cup of sugar => 200 g
one hundred grams of flour in cups => 0.8 cup
two hundred and fifty grams sugar to cups => 1.25 cup
how many tbsp 1/2 stick => 4 tbsp
1 cup self-raising => 125 g
grams to cups 300 flour => 2.4 cup
how many grams 2 cups icing sugar => 240 g
8 fl oz ml => 236.59 ml
whats 2/3 of a cup in mls => 157.73 ml
3 tsp = 1 tbsp? => 1 tbsp
salt 1 tsp grams kosher => 2.8 g
weight of 3 medium bananas => 354 g
cups of flour in a kilo => 8 cup
gram in tsp salt => 6 g
zest of 1 orange tsp => 4.5 tsp
1 prise salz gramm => 0.38 g
1 cup minus 1 tbsp => 221.8 ml
1/2 lb butter sticks => 2.01 stick
8 tbsp butter in sticks => 1 stick
a dash of vanilla ml => 0.62 ml
3 x 125 g => 375 g
1 cup breadcrumbs dry => 108 g
cup almonds sliced grams => 92 g
150 g beurre cuillères à soupe => 10.56 tbsp
gelatin 1 tbsp g => 9.33 g
1 cup walnuts chopped in g => 117 g
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
10 g fresh yeast dry => yeast-active-dry 4
1 sachet dry yeast fresh equivalent => yeast-fresh 17.5
15g yeast fresh to dried => yeast-active-dry 6
fast action yeast 7g to fresh => yeast-fresh 21
`;
  for (const row of KINDS.trim().split('\n')) {
    const [text, expected] = row.split(' => ') as [string, string];
    it(`another kind: “${text}”`, () => {
      const answer = ask(text, KITCHEN);
      if (answer.kind !== 'instead') return fail(answer.kind);
      const { instead, grams } = answer;
      expect(`${instead.ingredientId} ${Number(grams.toFixed(2))}`).toBe(expected);
      expect(answer.plan.intended?.grams).toBeCloseTo(grams, 6);
      // Nothing tells what a spoon of fresh yeast weighs.
      expect(answer.plan.measure === null).toBe(instead.ingredientId === 'yeast-fresh');
    });
  }

  const PIECES = `
200 g egg white in eggs => egg-white 6.06
how many egg whites in 150 g => egg-white 4.55
100 g egg yolks in yolks => egg-yolk 5.88
how many eggs in 300 g => egg-whole 6
500 g bananas in bananas => banana 4.24
500 g bananas how many => banana 4.24
500 g äpfel stück => apple 3.11
`;
  for (const row of PIECES.trim().split('\n')) {
    const [text, expected] = row.split(' => ') as [string, string];
    it(`pieces: “${text}”`, () => {
      const answer = ask(text, KITCHEN);
      if (answer.kind !== 'count') return fail(answer.kind);
      expect(`${answer.ingredient.id} ${Number(answer.pieces.toFixed(2))}`).toBe(expected);
    });
  }

  const HEATS = `
350 degrees => 177
200 degrees => 200
fan 160 in conventional => 180
160 fan => 180
325 convection => 183
moderate oven in celsius => 180
hot oven => 220
oven 425 => 218
th 6 en celsius => 180
180 grad umluft ober unterhitze => 200
160 fan f => 180
350 farenheit celcius => 177
`;
  for (const row of HEATS.trim().split('\n')) {
    const [text, expected] = row.split(' => ') as [string, string];
    it(`heat: “${text}”`, () => {
      const answer = ask(text, KITCHEN);
      expect(answer.kind === 'heat' && Math.round(answer.celsius)).toBe(Number(expected));
    });
  }

  /** Words in an order of their own, and what each comes to in grams or as it is told. */
  const TURNED: Readonly<Record<string, string>> = {
    'Butter 1/2 cup = ? g': '113.5 g',
    'treacle 1 tbsp g': '20.0 g',
    'brown sugar cup weight': '220.0 g',
    'grams per cup rolled oats': '81.0 g',
    'uncooked rice 200g cups': '1.1 cup',
    'grams 2 tbsp chia': '21.0 g',
    'wieviel gramm ist 1 tasse mehl': '125.0 g',
    'combien pèse une tasse de farine': '125.0 g',
  };

  it('is answered in whatever order its words stand', () => {
    for (const [text, says] of Object.entries(TURNED)) {
      const answer = ask(text, KITCHEN);
      const wanted = answer.kind === 'measure' ? answer.wanted : null;
      expect(wanted && `${wanted.amount.toFixed(1)} ${wanted.unit}`)
        .withContext(text)
        .toBe(says);
    }
  });

  /** The orders in which people type: amount, unit, name and what it is wanted in. */
  const ORDERS: readonly ((a: string, u: string, n: string, v: string) => string)[] = [
    (a, u, n, v) => `${a}${u} ${n} ${v}`,
    (a, u, n, v) => `${n} ${a} ${u} ${v}`,
    (a, u, n, v) => `how many ${v} in ${a} ${u} ${n}`,
    (a, u, n, v) => `${v} in ${a} ${u} of ${n}`,
    (a, u, n, v) => `what is ${a} ${u} of ${n} in ${v}`,
    (a, u, n, v) => `${a} ${u} ${n} = ? ${v}`,
    (a, u, n, v) => `${n} ${a}${u} to ${v}`,
    (a, u, n, v) => `${a} ${u} ${n} how many ${v}`,
    (a, u, n, v) => `${v} ${a} ${u} ${n}`,
    (a, u, n, v) => `${a} ${u} of ${n} is how many ${v}`,
  ];
  const MEASURES = [
    ['2', 'cups', 'grams'],
    ['100', 'g', 'cups'],
    ['3', 'tbsp', 'g'],
    ['8', 'oz', 'cups'],
    ['250', 'ml', 'g'],
    ['1', 'lb', 'cups'],
  ] as const;

  it('says the same of any ingredient, in any order of its words', () => {
    const names = KITCHEN.shelf.all
      .filter(({ weights }) => weights.some(({ method }) => method !== 'count'))
      .flatMap(({ name, aliases }) => [name, ...aliases]);
    const asked = fc.tuple(
      fc.constantFrom(...names),
      fc.constantFrom(...MEASURES),
      fc.constantFrom(...ORDERS),
    );
    const wrong: string[] = [];
    let count = 0;
    const inFull = (text: string): string => {
      const found = ask(text, KITCHEN);
      return found.kind === 'measure' && found.wanted
        ? `${found.ingredient.id} ${found.wanted.amount.toPrecision(6)}`
        : found.kind;
    };
    for (const [name, [amount, unit, wanted], order] of fc.sample(asked, {
      numRuns: 400,
      seed: 7,
    })) {
      const plain = inFull(`${amount} ${unit} ${name} in ${wanted}`);
      const turned = order(amount, unit, name.toLowerCase(), wanted);
      count++;
      if (inFull(turned) !== plain) wrong.push(turned);
    }
    // Names that hold a unit ("black gram") or a number stay ambiguous.
    expect(wrong.length / count)
      .withContext(wrong.join('; '))
      .toBeLessThan(0.02);
  });

  it('is not answered where no amount is asked about, or a spoon may be any', () => {
    for (const text of ['can of coconut milk ml', 'spoon of honey grams', '12 muffins to 24']) {
      expect(ask(text, KITCHEN).kind).withContext(text).toBe('none');
    }
  });

  it('asks on each side of “vs”, with the amount that stands for both', () => {
    expect(questionsIn('honey vs sugar 1 cup?')).toEqual(['1 cup honey', '1 cup sugar']);
    expect(questionsIn('1 cup butter vs oil')).toEqual(['1 cup butter', '1 cup oil']);
    expect(questionsIn('1 cup butter vs 2 cups oil')).toEqual(['1 cup butter', '2 cups oil']);
    expect(questionsIn('2 cups flour\n\n350 F\n')).toEqual(['2 cups flour', '350 F']);
    expect(questionsIn('')).toEqual([]);
  });

  it('leaves nothing out that is asked for', () => {
    for (const text of ['20 g sugar to dried', '200 g flour → moon dust']) {
      expect(ask(text, KITCHEN).kind).withContext(text).toBe('none');
    }
  });

  it('counts what is taken from a fruit by the fruit, and the sides of a tin each', () => {
    const juice = ask('3 tbsp lemon juice how many lemons', KITCHEN);
    expect(juice.kind === 'count' && [juice.counted.id, Math.round(juice.pieces)]).toEqual([
      'lemon',
      1,
    ]);
    const tin = ask('12 x 8 inch in cm', KITCHEN);
    expect(tin.kind === 'length' && tin.sides.map(({ centimetres }) => centimetres)).toEqual([
      30.48, 20.32,
    ]);
  });

  it('reads short questions of another language, and a heat with the scale that is wanted', () => {
    const butter = ask('125 g beurre', KITCHEN);
    expect(butter.kind === 'measure' && butter.ingredient.id).toBe('butter');
    const oven = ask('220c gas mark', KITCHEN);
    expect(oven.kind === 'heat' && oven.gasMark).toBe(7);
  });

  const WORD = fc.constantFrom(
    ...[
      '1',
      '1/2',
      '1/0',
      '½',
      'cup',
      'g',
      'flour',
      '=',
      'of',
      'in',
      'how',
      'many',
      'juice',
      'lemon',
    ],
    ...['x', 'vs', 'split', 'half', 'by', '0', '-1', '8', 'cm', '__proto__', 'constructor'],
  );

  it('never fails, whatever is typed', () => {
    const typed = fc.array(WORD, { maxLength: 7 }).map((words) => words.join(' '));
    const anything = fc.string({ unit: 'binary', maxLength: 60 });
    fc.assert(
      fc.property(fc.oneof(typed, anything), (text) => {
        expect(() => ask(text, KITCHEN)).not.toThrow();
      }),
      { numRuns: 600 },
    );
  });

  it('two things that nothing leads between are said to be that', () => {
    for (const text of ['12 muffins to 24 mini muffins', '100 g butter to sugar']) {
      const answer = ask(text, KITCHEN);
      expect(answer.kind === 'none' && answer.reason).toBe('two-things');
    }
  });

  it('yeast of no kind is fresh beside dry', () => {
    const answer = ask('20 g yeast to dry yeast', KITCHEN);
    expect(answer.kind === 'instead' && answer.ingredient.id).toBe('yeast-fresh');
  });

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
