import { intendedMass, questionsOf } from '../conversion/index.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { readText } from '../testing/usual.js';
import type { Standard } from '../units/index.js';
import type { Line } from './line.js';

/** The line as it stands in a recipe whose other lines leave no doubt about its language. */
function lineOf(
  written: string,
  standard: Standard = 'us-customary',
  among = '2 cups flour',
): Line {
  return readText(`A title of no importance\n${among}\n${written}`, standard).lines.at(-1)!;
}

const gramsOf = (line: Line, standard: Standard = 'us-customary'): number | null =>
  intendedMass(line, standard, BUILT_IN_SHELF)?.grams ?? null;

const codesOf = ({ notes }: Line): string[] => notes.map(({ code }) => code);

const GERMAN = '300 g Weizenmehl\n2 EL Zucker\n3 Eier, verquirlt';
const FRENCH = '300 g de farine\n2 cuillères à soupe de sucre\n3 œufs battus';

describe('odd lines', () => {
  it('know a short sentence for a step by its shape, whatever its verb', () => {
    const steps = ['Mash the bananas.', 'Core and slice the pears.', 'Drizzle with honey.'];
    for (const step of [...steps, 'Warm the milk.', 'Blitz the butter and flour!'])
      expect(lineOf(step).kind).withContext(step).toBe('step');
    for (const ingredient of ['Salt.', 'Butter for the tin.', '1 egg, for the glaze.'])
      expect(lineOf(ingredient).kind).withContext(ingredient).toBe('ingredient');
  });

  it('take ginger that is worked as a root for a fresh one, and a bare spoon of it for powder', () => {
    for (const fresh of [
      'a knob of ginger',
      '1 tbsp ginger, peeled and grated',
      '50 g minced ginger',
    ])
      expect(lineOf(fresh).ingredientId).withContext(fresh).toBe('ginger-fresh');
    for (const ground of ['1 tsp ginger', '2 tsp ginger, finely ground'])
      expect(lineOf(ground).ingredientId).withContext(ground).toBe('ginger-ground');
  });

  it('weigh roots and sticks by their length', () => {
    // An inch of ginger is a tablespoon of it; a whole cinnamon stick is three inches long.
    const ginger = (inches: number): number => 6 * inches;
    const stick = 2.6;
    const lengths: readonly (readonly [string, string, number])[] = [
      ['1 inch of ginger', 'ginger-fresh', ginger(1)],
      ['a 2-inch piece of root ginger, peeled', 'ginger-fresh', ginger(2)],
      ['1 1/2-inch knob ginger', 'ginger-fresh', ginger(1.5)],
      ['2 x 5 cm pieces fresh ginger', 'ginger-fresh', ginger(10 / 2.54)],
      ['1-2 inches ginger', 'ginger-fresh', ginger(1.5)],
      ['thumb-sized piece of ginger', 'ginger-fresh', ginger(2)],
      ['1 (3-inch) cinnamon stick', 'cinnamon-stick', stick],
      ['2 3-inch cinnamon sticks', 'cinnamon-stick', 2 * stick],
      ['4 cm cinnamon', 'cinnamon-stick', (stick * 4) / 7.62],
    ];
    for (const [written, id, grams] of lengths) {
      const line = lineOf(written);
      expect(line.ingredientId).withContext(written).toBe(id);
      expect(gramsOf(line)).withContext(written).toBeCloseTo(grams, 6);
      expect(codesOf(line)).withContext(written).toContain('nominal-size');
    }
    const [note] = lineOf('1 (3-inch) cinnamon stick').notes;
    expect(note).toEqual({ code: 'nominal-size', word: '3-inch', household: true });
    // A length of anything else is no amount of it.
    for (const written of ['1 cm butter', 'Roll out 1 cm thick'])
      expect(gramsOf(lineOf(written)))
        .withContext(written)
        .toBeNull();
  });

  it('know what a can of a number holds', () => {
    expect(gramsOf(lineOf('1 No. 2 can crushed pineapple'))).toBeCloseTo(20 * 28.349523125, 6);
    expect(gramsOf(lineOf('2 No. 2 1/2 cans pumpkin purée'))).toBeCloseTo(58 * 28.349523125, 6);
    expect(codesOf(lineOf('1 #303 can cherries'))).toContain('nominal-size');
    // Numbers that no can has are part of a name.
    expect(gramsOf(lineOf('1 No. 7 can crushed pineapple'))).toBeNull();
  });

  it('ask which of two volumes is right, and whose cup it is', () => {
    const line = lineOf('2 cups (250 ml) flour');
    const [question] = questionsOf(line, 'us-customary', BUILT_IN_SHELF);
    expect(question!.note.code).toBe('volumes-disagree');
    expect(question!.choices.map(({ intended }) => Math.round(intended!.grams))).toEqual([
      250, 132,
    ]);
    for (const same of ['2 cups (500 mL) flour', '1/2 tsp (2 mL) salt', '1/4 cup (50 mL) sugar']) {
      expect(codesOf(lineOf(same)))
        .withContext(same)
        .not.toContain('volumes-disagree');
    }
    expect(codesOf(lineOf('1 tbsp (20 ml) honey'))).toContain('volumes-disagree');
    expect(codesOf(lineOf('1 tbsp (20 ml) honey', 'australian'))).not.toContain('volumes-disagree');
  });

  it('take a rounded weight for what it may be rounded from', () => {
    expect(codesOf(lineOf('1 tsp (5 g) salt'))).not.toContain('implausible-weight');
    expect(codesOf(lineOf('1 tsp (15 g) salt'))).toContain('implausible-weight');
  });

  it('name all that may stand instead', () => {
    const { ingredientId, notes } = lineOf('1/2 cup pecans, walnuts or almonds, chopped');
    expect(ingredientId).toBe('pecans');
    expect(notes).toContain({ code: 'alternative', words: 'walnuts or almonds' });
    expect(codesOf(lineOf('1 cup milk, warm or cold'))).not.toContain('alternative');
  });

  it('weigh eggs that were weighed in their shells without them', () => {
    expect(gramsOf(lineOf('2 x 60g eggs', 'australian'), 'australian')).toBeCloseTo(105.6, 9);
    expect(gramsOf(lineOf('4 large eggs (200 g)'))).toBeCloseTo(200, 9);
    expect(gramsOf(lineOf('100 g egg'))).toBeCloseTo(100, 9);
  });

  it('know packets and cubes by the country whose language is spoken', () => {
    const grams = (written: string, among?: string) =>
      gramsOf(lineOf(written, 'metric', among), 'metric');
    expect(grams('1 Pck. Backpulver', GERMAN)).toBeCloseTo(16, 9);
    expect(grams('1 sachet de levure chimique', FRENCH)).toBeCloseTo(11, 9);
    expect(grams('1 packet baking powder')).toBeNull();
    expect(grams('1/2 Würfel Hefe', GERMAN)).toBeCloseTo(21, 9);
    expect(grams('1 cake fresh yeast')).toBeCloseTo(17, 9);
  });

  it('know a square of chocolate in America only, and take no bar for one', () => {
    expect(gramsOf(lineOf('3 squares semisweet chocolate'))).toBeCloseTo(3 * 28.35, 9);
    expect(gramsOf(lineOf('3 squares plain chocolate', 'british'), 'british')).toBeNull();
    expect(gramsOf(lineOf('1 bar dark chocolate'))).toBeNull();
  });

  it('take the known name in the bracket, and say so', () => {
    const line = lineOf('1 cup zooji (semolina)');
    expect(line.ingredientId).toBe('semolina');
    expect(codesOf(line)).toContain('assumed-kind');
    // Words that are English outside the bracket name something of their own.
    expect(lineOf('1 cup fruit soup (apple)').ingredientId).toBeNull();
  });

  it('mend the slips of a scanner where they leave no doubt, and only there', () => {
    expect(gramsOf(lineOf('l cup sugar'))).toBeCloseTo(200, 6);
    expect(gramsOf(lineOf('11/2 cups fIour'))).toBeCloseTo(187.5, 6);
    expect(lineOf('2 cups rnilk').ingredientId).toBe('milk-whole');
    expect(lineOf('1 lb butter').unit).toBe('lb');
    expect(lineOf('3/2 cups sugar').amount!.min.valueOf()).toBe(1.5);
  });

  it('read a thousand where nobody weighs to the thousandth', () => {
    expect(gramsOf(lineOf('1.250 g flour'))).toBe(1250);
    expect(gramsOf(lineOf('1.250 kg flour'))).toBe(1250);
    expect(gramsOf(lineOf('1.25 g salt'))).toBe(1.25);
  });

  it('give a knob and a handful their usual figure, but not for the tin', () => {
    const knob = lineOf('a knob of butter');
    expect(gramsOf(knob)).toBeCloseTo(14.2, 6);
    expect(codesOf(knob)).toContain('nominal-size');
    expect(gramsOf(lineOf('2 large handfuls of rolled oats'))).toBeCloseTo(40.5, 6);
    expect(codesOf(lineOf('a knob of butter, for the tin'))).toContain('no-amount');
  });
});
