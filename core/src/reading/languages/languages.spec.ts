import { BUILT_IN_SHELF } from '../../shelf/index.js';
import { readText, readUsualLine } from '../../testing/usual.js';
import { languageOf } from './translate.js';
import { CORPUS } from '../testing/corpus/index.js';
import { FIELDS, corpusLines, fieldsOf } from '../testing/corpus/corpus-line.js';
import { FRENCH_LINES, GERMAN_LINES } from '../testing/corpus/other-languages.js';

describe('reading recipes in other languages', () => {
  for (const { written, expected } of corpusLines(GERMAN_LINES + FRENCH_LINES)) {
    it(`understands "${written}"`, () => {
      const read = fieldsOf(readUsualLine(written, 'metric'));
      for (const field of FIELDS) expect(read[field]).withContext(field).toBe(expected[0]![field]);
    });
  }

  it('takes no English line for another language', () => {
    const taken = Object.values(CORPUS)
      .flat()
      .filter(({ written }) => languageOf(written, BUILT_IN_SHELF) !== null)
      .map(({ written }) => written);
    expect(taken).toEqual([]);
    for (const english of ['200 ml crème fraîche', '1 tbsp sesame seeds', 'Pâté', '4 dates']) {
      expect(languageOf(english, BUILT_IN_SHELF)).withContext(english).toBeNull();
    }
  });

  it('knows a language by words that only stand beside others', () => {
    const list = '100 g gorgonzola\n2 tortillas\n1 jus de pamplemousse\n20 g graines de fenouil';
    expect(languageOf(list, BUILT_IN_SHELF)?.id).toBe('french');
  });

  it('finds a name whatever its ending', () => {
    const among = '300 g de farine\n2 cuillères à soupe de sucre\n';
    for (const [written, id] of [
      ['50 g d’olive noire', 'olives'],
      ['1 carotte', 'carrot'],
      ['2 figues sèches', 'figs-dried'],
      ['1 figue sèche', 'figs-dried'],
    ] as const) {
      const { lines } = readText(`Tarte\n${among}${written}`, 'metric');
      expect(lines.at(-1)!.ingredientId).withContext(written).toBe(id);
    }
  });

  it('takes what a German list has behind a comma for how it was bought', () => {
    const read = (written: string): string => {
      const { ingredientId, form } = readText(
        `Kuchen\n300 g Mehl\n3 Eier\n${written}`,
        'metric',
      ).lines.at(-1)!;
      return `${ingredientId} ${form}`;
    };
    expect(read('100 g Mandeln, gemahlen')).toBe('almond-ground null');
    expect(read('100 g Aprikosen, getrocknet')).toMatch(/^apricots-dried/);
    expect(read('1 Tasse Walnüsse, gehackt')).toBe('walnuts chopped');
    // In English it is done after measuring.
    expect(readUsualLine('1 cup walnuts, chopped').form).not.toBe('chopped');
  });

  it('leaves a language alone that it does not know', () => {
    expect(languageOf('1,5 dl melk', BUILT_IN_SHELF)).toBeNull();
    expect(readUsualLine('1,5 dl melk').kind).toBe('unread');
  });

  it('reads a whole recipe, its headings and its yield', () => {
    const reading = readText(
      'Mohnhörnchen\nErgibt 12 Stück\n\nFür den Teig:\n250 g Mehl\n1 TL Salz\n\nZubereitung\nMehl und Salz mischen.',
      'metric',
    );
    expect(reading.language).toBe('german');
    expect(reading.title).toBe('Mohnhörnchen');
    expect(reading.yield?.count?.min.valueOf()).toBe(12);
    expect(reading.yield?.isEnglish).toBe(false);
    expect(reading.lines.map(({ kind }) => kind)).toEqual([
      'yield',
      'heading',
      'ingredient',
      'ingredient',
      'heading',
      'step',
    ]);
  });

  it('marks in the written text what it understood of the translation', () => {
    const written = '2 EL gemahlene Mandeln, geröstet';
    const parts = readUsualLine(written, 'metric').spans.map(({ part, start, end }) => [
      part,
      written.slice(start, end),
    ]);
    expect(parts).toEqual([
      ['amount', '2'],
      ['unit', 'EL'],
      ['ingredient', 'gemahlene Mandeln'],
      ['preparation', ', geröstet'],
    ]);
  });
});
