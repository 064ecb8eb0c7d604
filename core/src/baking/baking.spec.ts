import { BUILT_IN_SHELF } from '../shelf/index.js';
import { intendedMass } from '../conversion/index.js';
import { readText } from '../testing/usual.js';
import { BAKE_KINDS, FORGIVEN_PARTS, forgivenOf, forgivenessOf, guessKind } from './index.js';

const kindOf = (text: string): string => {
  const reading = readText(text);
  const parts = reading.lines.map((line) => ({
    ingredientId: line.ingredientId,
    grams: intendedMass(line, reading.standard, BUILT_IN_SHELF, [])?.grams ?? 0,
  }));
  return guessKind(reading, parts, BUILT_IN_SHELF);
};

describe('the kind of a bake', () => {
  const DOUGH = '500 g bread flour\n320 g water\n10 g salt\n7 g instant yeast';
  const CASES = [
    ['Towpath loaf\n' + DOUGH, 'lean-dough'],
    ['Cardamom knots\n' + DOUGH + '\n80 g butter\n70 g sugar\n1 egg', 'rich-dough'],
    ['Lock-side sponge\n4 eggs\n120 g sugar\n120 g flour', 'airy'],
    ['Sunday thing\n5 eggs\n150 g sugar\n140 g flour', 'airy'],
    ['Polenta and pear cake\n200 g polenta\n200 g butter\n200 g sugar\n3 eggs', 'cake'],
    ['Apfelkuchen\n200 g Mehl\n120 g Butter\n120 g Zucker\n3 Eier', 'cake'],
    ['Oat slabs\n300 g rolled oats\n100 g butter\n100 g honey', 'bar'],
    ['Blueberry muffins\n250 g flour\n150 g sugar\n2 eggs\n200 ml milk', 'quick'],
    ['Sesame rounds\n200 g flour\n120 g butter\n100 g sugar', 'cookie'],
    ['Rough shortcrust\n200 g flour\n100 g butter\n40 g water', 'pastry'],
    ['Tin lid\n250 g flour\n125 g butter\n50 g water\n3 g salt', 'pastry'],
    ['Tea time\n200 g flour\n110 g butter\n90 g sugar\n1 tsp baking powder', 'cookie'],
    ['Breakfast\n200 g flour\n240 ml milk\n1 egg\n2 tsp baking powder', 'quick'],
    ['Yeasted waffles\n250 g flour\n400 ml milk\n5 g instant yeast\n2 eggs', 'quick'],
  ] as const;
  for (const [text, kind] of CASES) {
    it(`of “${text.split('\n')[0]}” is ${kind}`, () => expect(kindOf(text)).toBe(kind));
  }
});

describe('what a bake forgives', () => {
  it('is less water in a sponge than in a bar', () => {
    expect(forgivenessOf('airy').water).toBe(0.06);
    expect(forgivenessOf('bar').water).toBe(0.2);
    expect(forgivenessOf('cake').leavening).toBe(0.18);
  });

  it('narrows by a third when strict, and widens by a third when relaxed', () => {
    for (const kind of BAKE_KINDS) {
      for (const part of FORGIVEN_PARTS) {
        const normal = forgivenessOf(kind)[part];
        expect(forgivenessOf(kind, 'strict')[part]).toBeCloseTo((normal * 2) / 3, 12);
        expect(forgivenessOf(kind, 'relaxed')[part]).toBeCloseTo((normal * 4) / 3, 12);
      }
    }
  });

  it('goes for flour by water: more of the one is less of the other', () => {
    const forgives = forgivenessOf('cookie');
    expect(forgivenOf('flour', forgives)).toBe(0.12);
    expect(forgivenOf('salt', forgives)).toBe(0.4);
  });

  it('stands in for what such a bake has none of', () => {
    expect(forgivenessOf('lean-dough').leavening).toBe(forgivenessOf('lean-dough').yeast);
    expect(forgivenessOf('cake').yeast).toBe(forgivenessOf('cake').leavening);
  });
});
