import { BUILT_IN_SHELF } from '../shelf/index.js';
import { readUsualLine } from '../testing/usual.js';
import { questionsOf, type Question } from './index.js';

const questions = (text: string): Question[] =>
  questionsOf(readUsualLine(text), 'us-customary', BUILT_IN_SHELF);
const choices = (text: string, code: Question['note']['code']): string[] =>
  questions(text)
    .find(({ note }) => note.code === code)!
    .choices.map(({ reading, intended, slip }) =>
      [
        reading.ingredientId ??
          reading.method ??
          reading.form ??
          reading.statedGrams ??
          reading.unit,
        intended?.grams.toFixed(1),
        slip?.kind,
      ]
        .filter((part) => part !== undefined)
        .join(' '),
    );

describe('reading notes as questions', () => {
  it('weighs what each answer would make of the line, the present one first', () => {
    expect(choices('1 tbsp kosher salt', 'kind-ambiguous')).toEqual([
      'salt-coarse-light 8.4',
      'salt-coarse-dense 14.4',
    ]);
    expect(choices('8 oz sour cream', 'ounce-ambiguous')[0]).toContain('226.8');
    expect(choices('1 cup brown sugar', 'assumed-kind')).toEqual(['packed 220.0', 'loose 145.0']);
    expect(choices('1 cup butter or lard', 'alternative')).toEqual(['butter 227.0', 'lard 205.0']);
  });

  it('offers every size of egg', () => {
    const sizes = choices('2 eggs', 'assumed-kind');
    expect(sizes[0]).toBe('large 100.0');
    expect(sizes).toContain('jumbo 126.0');
    expect(sizes.some((size) => size.startsWith('L (Europe)'))).toBeTrue();
  });

  it('finds the slip behind a weight that cannot be', () => {
    expect(choices('1 cup (12 g) flour', 'implausible-weight')).toEqual([
      '12 12.0',
      '125.0',
      '120 120.0 digit',
    ]);
    expect(choices('1 cup (25 g) flour', 'implausible-weight')).toContain('125 125.0 digit');
    expect(choices('2 cups (9 g) flour', 'implausible-weight')).toContain(
      '255.145708125 255.1 ounces',
    );
    expect(choices('1 cup (60 g) flour', 'implausible-weight')[0]).toBe('60 60.0 half');
  });

  it('offers the closest names for one that is not known', () => {
    expect(choices('1 tsp baekign powder', 'unknown-ingredient')[0]).toBe('baking-powder 4.6');
  });

  it('orders them by the grams that hang on them', () => {
    const order = questions('1 cup sifted cake flour or bread flour');
    const grams = order.map(({ gramsAtStake }) => gramsAtStake);
    expect(grams).toEqual([...grams].sort((a, b) => b - a));
    expect(order[0]!.gramsAtStake).toBeGreaterThan(0);
    expect(questions('1 cup (12 g) brown sugar')[0]!.note.code).toBe('implausible-weight');
  });

  it('says how many grams hang on a note', () => {
    const atStake = (text: string): number => questions(text)[0]!.gramsAtStake;
    expect(atStake('1 1/2 cups cake flour, sifted')).toBeCloseTo(19.5, 9);
    expect(atStake('1 cup butter, melted')).toBeCloseTo(10, 9);
    expect(atStake('1 tbsp kosher salt')).toBeCloseTo(6, 9);
    expect(atStake('2 cups (90 g) flour')).toBeGreaterThan(150);
  });
});
