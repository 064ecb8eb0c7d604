import fc from 'fast-check';
import { BUILT_IN_SHELF } from '../../shelf/index.js';
import { KNOTS } from '../../testing/bake.js';
import { readText } from '../../testing/usual.js';
import { arrangeBowls, needsSmallBowl, textureOf } from './index.js';

/** What stands in each bowl, by the ids of its ingredients. */
function bowlsOf(text: string): string[][] {
  const reading = readText(text);
  return arrangeBowls(reading, BUILT_IN_SHELF).map(({ lines }) =>
    lines.map((at) => reading.lines[at]!.ingredientId ?? reading.lines[at]!.written),
  );
}

describe('what goes into which bowl', () => {
  it('follows the steps: what they put together stands together, in their order', () => {
    expect(bowlsOf(KNOTS).slice(0, 2)).toEqual([
      ['yeast-active-dry', 'milk-whole'],
      [
        'flour-wheat-bread',
        'sugar-granulated',
        'cardamom-ground',
        'salt-table',
        'egg-whole',
        'butter',
      ],
    ]);
  });

  it('keeps sections apart and in order, and what is brushed on by itself', () => {
    expect(bowlsOf(KNOTS).slice(2)).toEqual([
      ['sugar-brown', 'cardamom-ground', 'butter'],
      ['egg-whole'],
    ]);
  });

  it('puts dry before wet before sticky where the steps say nothing', () => {
    expect(bowlsOf('2 tbsp honey\n1 cup milk\n2 cups flour\n1/2 cup butter')).toEqual([
      ['flour-wheat-all-purpose', 'milk-whole', 'honey', 'butter'],
    ]);
  });

  it('tells two sugars apart by the words that are said with them', () => {
    const text = `1/2 cup sugar
1/2 cup packed brown sugar
1 cup flour

Method
Beat the brown sugar well.
Sift flour and sugar together.`;
    expect(bowlsOf(text)).toEqual([
      ['sugar-brown'],
      ['flour-wheat-all-purpose', 'sugar-granulated'],
    ]);
  });

  it('knows dry ingredients and the rest when they are called so', () => {
    const text = `2 cups flour
1 tsp baking powder
1 cup milk
1 egg
1/4 cup butter, melted

Method
Whisk the dry ingredients in a large bowl.
Stir the wet ingredients together and pour them in.`;
    expect(bowlsOf(text).map((bowl) => bowl.length)).toEqual([2, 3]);
  });

  it('puts every ingredient line into exactly one bowl, whatever the text', () => {
    const line = fc.constantFrom(
      '2 cups flour',
      '1 tsp salt',
      '1 egg',
      'For the top:',
      '1/2 cup butter',
      'something odd',
      'Method',
      'Stir flour and butter together, then add everything else.',
      'Whisk the dry ingredients.',
      '1 tbsp milk, to brush',
    );
    fc.assert(
      fc.property(fc.array(line, { maxLength: 14 }), (lines) => {
        const reading = readText(lines.join('\n'));
        const wanted = reading.lines.flatMap(({ kind }, at) => (kind === 'ingredient' ? [at] : []));
        const found = arrangeBowls(reading, BUILT_IN_SHELF).flatMap((bowl) => bowl.lines);
        expect([...found].sort((a, b) => a - b)).toEqual(wanted);
      }),
      { numRuns: 200 },
    );
  });

  it('measures over a small bowl what could not be taken out again', () => {
    const of = (id: string) => BUILT_IN_SHELF.ingredient(id);
    expect(
      ['salt-table', 'yeast-instant', 'baking-soda'].every((id) => needsSmallBowl(of(id))),
    ).toBeTrue();
    expect(needsSmallBowl(of('flour-rye-medium'))).toBeFalse();
    expect(textureOf(of('honey'))).toBe('sticky');
    expect(textureOf(undefined)).toBe('dry');
  });
});
