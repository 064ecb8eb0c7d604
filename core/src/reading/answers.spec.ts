import { readText, readUsualLine } from '../testing/usual.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { intendedMass, questionsOf } from '../conversion/index.js';
import {
  answerReading,
  nameOfLine,
  NO_ANSWERS,
  wordOfNote,
  type Answer,
  type Answers,
  type Line,
  type LineAnswer,
} from './index.js';

const TEXT =
  'Salt knots\n1 tbsp kosher salt\n1 cup cake flour, sifted\n1 tsp baking pwdr\n1 cup milk';
const reading = readText(TEXT);

const COARSE: Answer = {
  note: 'kind-ambiguous',
  name: 'kosher salt',
  word: null,
  reading: { ingredientId: 'salt-coarse-dense' },
};

function answered(answers: Partial<Answers>): readonly Line[] {
  return answerReading(reading, { ...NO_ANSWERS, ...answers }, BUILT_IN_SHELF).lines;
}

const grams = (line: Line | undefined): number | undefined =>
  line && intendedMass(line, 'us-customary', BUILT_IN_SHELF)?.grams;

describe('what a baker answers', () => {
  const onLine = (answer: Answer, written: string): LineAnswer => ({ ...answer, written });

  it('changes nothing where nothing was answered', () => {
    expect(answerReading(reading, NO_ANSWERS, BUILT_IN_SHELF)).toBe(reading);
    const elsewhere = onLine(COARSE, '2 tbsp kosher salt');
    expect(answerReading(reading, { ...NO_ANSWERS, recipe: [elsewhere] }, BUILT_IN_SHELF)).toBe(
      reading,
    );
  });

  it('settles a note on its line, and keeps what was read from the text', () => {
    const [salt] = answered({ recipe: [onLine(COARSE, '1 tbsp kosher salt')] });
    expect(salt?.ingredientId).toBe('salt-coarse-dense');
    expect(salt?.notes.map(({ code }) => code)).not.toContain('kind-ambiguous');
    expect(salt?.written).toBe('1 tbsp kosher salt');
    expect(salt?.answered?.asRead).toBe(reading.lines[0]!);
    expect(grams(salt)! / grams(reading.lines[0])!).toBeGreaterThan(1.5);
  });

  it('goes by the line, then by the author, then by the kitchen', () => {
    const light = { ...COARSE, reading: { ingredientId: 'salt-coarse-light' } };
    const of = (answers: Partial<Answers>) => answered(answers)[0]?.answered?.given[0]?.by;
    expect(of({ kitchen: [COARSE] })).toBe('kitchen');
    expect(of({ kitchen: [COARSE], author: [light] })).toBe('author');
    expect(
      of({ kitchen: [COARSE], author: [light], recipe: [onLine(light, '1 tbsp kosher salt')] }),
    ).toBe('recipe');
  });

  it('takes “sifted” for done before measuring', () => {
    const flour = answered({
      author: [
        {
          note: 'order-after',
          name: 'cake flour',
          word: 'sifted',
          reading: { method: 'sifted' },
        },
      ],
    })[1];
    expect(flour?.authorMethod).toBe('sifted');
    expect(grams(flour)).toBeCloseTo(96, 6);
  });

  it('learns what an unknown name means', () => {
    const powder = answered({
      kitchen: [
        {
          note: 'unknown-ingredient',
          name: nameOfLine(reading.lines[2]!),
          word: null,
          reading: { ingredientId: 'baking-powder' },
        },
      ],
    })[2];
    expect(powder?.ingredientId).toBe('baking-powder');
    expect(powder?.notes).toEqual([]);
    expect(grams(powder)).toBeCloseTo(4.6, 6);
  });

  it('takes a whole line as corrected, whatever it says', () => {
    const [, , , milk] = answered({
      recipe: [
        {
          note: 'correction',
          name: '',
          word: null,
          written: '1 cup milk',
          reading: { amount: ['3/2', '3/2'], ingredientId: 'buttermilk' },
        },
      ],
    });
    expect(milk?.amount?.min.toFraction()).toBe('3/2');
    expect(milk?.ingredientId).toBe('buttermilk');
    expect(grams(milk)).toBeCloseTo(367.5, 6);
  });

  /** What a choice, kept for the kitchen from one line, makes of another. */
  const carried = (
    from: string,
    code: Answer['note'],
    choice: number,
    to: string,
  ): number | undefined => {
    const line = readUsualLine(from);
    const question = questionsOf(line, 'us-customary', BUILT_IN_SHELF).find(
      ({ note }) => note.code === code,
    )!;
    const kept: Answer = {
      note: code,
      name: nameOfLine(line),
      word: wordOfNote(question.note),
      reading: question.choices[choice]!.reading,
    };
    const answers = { ...NO_ANSWERS, kitchen: [kept] };
    const [other] = answerReading(readText(`A title\n${to}`), answers, BUILT_IN_SHELF).lines;
    return grams(other);
  };

  it('says no more of ounces once the line was corrected to a weight', () => {
    const milk = readText('Milk\n8 oz milk');
    const line = milk.lines.at(-1)!;
    expect(line.notes.map(({ code }) => code)).toContain('ounce-read-as');
    const correction: LineAnswer = {
      note: 'correction',
      name: nameOfLine(line),
      word: null,
      reading: { unit: 'oz', statedGrams: 226.8 },
      written: '8 oz milk',
    };
    const { lines } = answerReading(milk, { ...NO_ANSWERS, recipe: [correction] }, BUILT_IN_SHELF);
    expect(lines.at(-1)!.notes.map(({ code }) => code)).not.toContain('ounce-read-as');
  });

  it('carries to other lines what a name means, and not how it was filled or cut', () => {
    expect(carried('1 cup whipped cream', 'kind-ambiguous', 0, '1 cup cream')).toBeCloseTo(238, 6);
    expect(
      carried(
        '1 cup packed brown sugar or honey',
        'alternative',
        0,
        '1 cup loosely packed brown sugar or honey',
      ),
    ).toBeCloseTo(145, 6);
    expect(carried('1 tbsp kosher salt', 'kind-ambiguous', 1, '2 tbsp kosher salt')).toBeCloseTo(
      28.8,
      6,
    );
  });

  it('carries no weight, and no choice between two to another two', () => {
    expect(
      carried('1 cup (12 g) bread flour', 'implausible-weight', 2, '3 cups (30 g) bread flour'),
    ).toBeCloseTo(30, 6);
    expect(
      carried('1 cup butter or lard', 'alternative', 1, '1 cup butter or margarine'),
    ).toBeCloseTo(227, 6);
  });
});
