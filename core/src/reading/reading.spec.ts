import { readText, readUsualLine } from '../testing/usual.js';
import { intendedMass } from '../conversion/index.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { createIncrementalReader } from './index.js';
import { READING_CASES } from './testing/cases.js';
import { MORE_CASES } from './testing/more-cases.js';

describe('reading a line', () => {
  for (const expected of [...READING_CASES, ...MORE_CASES]) {
    it(`understands "${expected.text}"`, () => {
      const line = readText(expected.text).lines[0]!;
      expect(line.kind).toBe(expected.kind ?? 'ingredient');
      if (expected.min !== undefined) {
        expect(line.amount?.min.valueOf()).toBeCloseTo(expected.min, 3);
        expect(line.amount?.max.valueOf()).toBeCloseTo(expected.max ?? expected.min, 3);
      }
      if (expected.unit !== undefined) expect(line.unit).toBe(expected.unit);
      if (expected.ingredient !== undefined) expect(line.ingredientId).toBe(expected.ingredient);
      if (expected.form !== undefined) expect(line.form).toBe(expected.form);
      if (expected.method !== undefined) expect(line.authorMethod).toBe(expected.method);
      const intended = intendedMass(line, 'us-customary', BUILT_IN_SHELF);
      if (expected.grams !== undefined) {
        expect(Math.abs(intended!.grams / expected.grams - 1)).toBeLessThan(0.01);
      }
      if (expected.basis !== undefined) expect(intended?.basis.rung).toBe(expected.basis);
      const codes = line.notes.map(({ code }) => code);
      for (const code of expected.notes ?? []) expect(codes).toContain(code);
    });
  }

  it('marks in the written text what it understood', () => {
    const written = '• 1½ cups  cake flour, sifted';
    const parts = readUsualLine(written).spans.map(({ part, start, end }) => [
      part,
      written.slice(start, end),
    ]);
    expect(parts).toEqual([
      ['amount', '1½'],
      ['unit', 'cups'],
      ['ingredient', 'cake flour'],
      ['preparation', ', sifted'],
    ]);
  });

  it('reads sums in the standard of the recipe', () => {
    const line = readUsualLine('1 cup plus 2 tbsp flour', 'australian');
    expect(line.amount?.min.toFraction()).toBe('29/25');
  });

  it('says when a fluid ounce is borrowed from another country', () => {
    expect(readUsualLine('4 fl oz milk', 'metric').notes.map(({ code }) => code)).toContain(
      'borrowed-unit',
    );
  });
});

describe('reading a recipe', () => {
  const TEXT = `Towpath buns
Makes 12 buns

For the dough:
- 3 cups bread flour
- 1 tsp salt
a line nobody understands

Method
1. Mix the flour and salt.
2 cups is enough for a small tin
`;
  const reading = readText(TEXT);

  it('takes a first line that is nothing else for the title', () => {
    expect(reading.title).toBe('Towpath buns');
    expect(readText('1 cup sugar').title).toBeNull();
    expect(readText('For the glaze:\n1 cup sugar').title).toBeNull();
    expect(readText('Makes 4').title).toBeNull();
    expect(readText('Carrot cake\n1 cup sugar').title).toBe('Carrot cake');
    expect(readText('Polenta and pear tin\n1 cup sugar').title).toBe('Polenta and pear tin');
    expect(readText('# Salt\n1 cup sugar').title).toBe('Salt');
    expect(readText('Four seed loaf\n1 cup sugar').title).toBe('Four seed loaf');
    expect(readText('Half a thought\n1 cup sugar').title).toBe('Half a thought');
    expect(readText('two kettles, polished\n1 cup sugar').title).toBe('two kettles, polished');
    expect(readText('2 onions, sliced\n1 cup sugar').title).toBeNull();
  });

  it('tells what each line is', () => {
    expect(reading.lines.map(({ kind }) => kind)).toEqual([
      'yield',
      'heading',
      'ingredient',
      'ingredient',
      'unread',
      'heading',
      'step',
      'step',
    ]);
  });

  it('reads the yield', () => {
    expect(reading.yield?.count?.min.valueOf()).toBe(12);
    expect(reading.yield?.noun).toBe('buns');
    const yieldOf = (text: string): string => {
      const { count, noun } = readText(text).yield!;
      return `${count?.min.toFraction()}..${count?.max.toFraction()} ${noun}`;
    };
    expect(yieldOf('Serves 8 to 10')).toBe('8..10 servings');
    expect(yieldOf('One 23 cm round tin')).toBe('1..1 23 cm round tin');
    expect(yieldOf('For a 23 cm round tin')).toBe('1..1 23 cm round tin');
    expect(yieldOf('One 20 cm round tin, serves 8')).toBe('8..8 servings');
    expect(yieldOf('Makes about 2 dozen')).toBe('24..24 ');
  });

  it('takes a container for what it is sold as, never for one piece of several', () => {
    for (const [text, unit] of [
      ['1 can condensed milk', 'packet'],
      ['1 bag onions', 'packet'],
      ['1 box sugar cubes', 'packet'],
      ['1 carton eggs', 'packet'],
      ['1 block fresh yeast', 'each'],
      ['2 onions', 'each'],
    ] as const) {
      const { lines } = readText(`Title\n${text}`);
      expect(lines.at(-1)!.unit).withContext(text).toBe(unit);
    }
  });

  it('drops nothing: every line that is not blank comes back as written', () => {
    const written = TEXT.split('\n').filter((line) => line.trim() !== '');
    expect([reading.title, ...reading.lines.map((line) => line.written)]).toEqual(written);
  });

  it('survives anything', () => {
    const nasty = [
      '',
      '\u0000',
      '(((((',
      '1/'.repeat(500),
      '½'.repeat(300),
      '<'.repeat(390),
      '٣ cups',
      '🥚 x 3',
      '1'.repeat(399),
      ', , ,',
      '&#xffffff;',
    ];
    for (const text of nasty)
      expect(() => readText(text))
        .withContext(text)
        .not.toThrow();
  });

  it('gives the same lines back for what was not changed, and reads them the same', () => {
    const read = createIncrementalReader();
    const before = read(TEXT, 'us-customary', BUILT_IN_SHELF);
    const changed = TEXT.replace('1 tsp salt', '2 tsp salt');
    const after = read(changed, 'us-customary', BUILT_IN_SHELF);
    expect(after as unknown).toEqual(readText(changed));
    expect(after.lines[2]).toBe(before.lines[2]!);
    expect(after.lines[3]).not.toBe(before.lines[3]!);
    expect(read(changed, 'australian', BUILT_IN_SHELF).lines[2]).not.toBe(after.lines[2]!);
  });
});
