import { BUILT_IN_SHELF } from '../shelf/index.js';
import { defaultDrawer, USUAL_SCALES } from '../drawer/index.js';
import { USUAL_STANDARD } from '../units/index.js';
import { ask, type MeasureAnswer, type QuickKitchen } from './index.js';
import { filled } from '../testing/filled.js';

const KITCHEN: QuickKitchen = {
  standard: USUAL_STANDARD,
  shelf: BUILT_IN_SHELF,
  drawer: defaultDrawer(),
  scales: USUAL_SCALES,
};
const measure = (text: string): MeasureAnswer => {
  const answer = ask(text, KITCHEN);
  if (answer.kind !== 'measure') throw new Error(`${text}: ${JSON.stringify(answer)}`);
  return answer;
};

describe('a quick question', () => {
  it('weighs what is measured', () => {
    const cocoa = measure('1 3/4 cups cocoa in grams');
    expect(cocoa.intended.grams).toBeCloseTo(150.5, 1);
    expect(cocoa.wanted).toEqual({ unit: 'g', amount: cocoa.intended.grams });
    expect(filled(cocoa.plan.measure)).toBe('1 cup + 1/2 cup + 1/4 cup');
  });

  it('measures what is weighed', () => {
    const { wanted } = measure('200 g honey in tablespoons');
    expect(wanted!.unit).toBe('tbsp');
    expect(wanted!.amount).toBeGreaterThan(8);
    expect(wanted!.amount).toBeLessThan(11);
  });

  it('knows sticks, and says nothing of filling for them', () => {
    const butter = measure('3 sticks butter');
    expect(Math.abs(butter.intended.grams - 340)).toBeLessThan(2);
    expect(butter.ways).toEqual([]);
  });

  for (const text of [
    'how many grams is 2 cups flour?',
    'How much is 2 cups of flour in grams?',
    'convert 2 cups flour to g',
    '2 cups flour = grams',
    'what is 2 cups flour in grams',
  ]) {
    it(`can be asked as “${text}”`, () => {
      expect(measure(text).intended.grams).toBeCloseTo(250, 0);
      expect(measure(text).wanted?.unit).toBe('g');
    });
  }

  it('tells each way of filling, each country’s cup, and other batches', () => {
    const { ways, standards, times, intended } = measure('1 cup flour');
    expect(ways.map(({ method }) => method)).toEqual(['sifted', 'spooned', 'dipped', 'tamped']);
    const grams = ways.map((way) => way.intended.grams);
    expect([...grams].sort((a, b) => a - b)).toEqual(grams);
    const metric = standards.find(({ standard }) => standard === 'metric')!;
    expect(metric.grams / intended.grams).toBeCloseTo(250 / 236.588, 3);
    expect(times.map(({ plan }) => filled(plan.measure))).toEqual([
      '1/2 cup',
      '2 × 1 cup',
      '3 × 1 cup',
    ]);
  });

  it('knows the heat of an oven on every scale', () => {
    expect(ask('350 F', KITCHEN)).toEqual({
      kind: 'heat',
      celsius: jasmine.any(Number),
      fahrenheit: jasmine.any(Number),
      gasMark: 4,
      fanCelsius: jasmine.any(Number),
    } as never);
    const heat = ask('350°F', KITCHEN);
    expect(heat.kind === 'heat' && heat.celsius).toBeCloseTo(176.67, 2);
    const gas = ask('gas mark 6', KITCHEN);
    expect(gas.kind === 'heat' && gas.celsius).toBe(200);
    const fan = ask('160 C fan', KITCHEN);
    expect(fan.kind === 'heat' && fan.celsius).toBe(180);
    expect(ask('-40 C', KITCHEN)).toEqual(
      jasmine.objectContaining({ fahrenheit: -40, gasMark: null }),
    );
  });

  it('sets one pan against another', () => {
    const factor = (text: string): number => {
      const answer = ask(text, KITCHEN);
      if (answer.kind !== 'pan') throw new Error(text);
      return answer.factor.valueOf();
    };
    expect(factor('20 cm round to 23 cm')).toBeCloseTo((23 / 20) ** 2, 12);
    expect(factor('8 inch square to 9 x 13 inch')).toBeCloseTo(117 / 64, 12);
    expect(factor('two 8-inch round tins to 9 inch round')).toBeCloseTo(81 / 128, 9);
  });

  it('sets loaf tins against each other by their pounds', () => {
    const answer = ask('2 lb loaf tin to 1 lb', KITCHEN);
    expect(answer.kind === 'pan' && answer.factor.valueOf()).toBe(0.5);
  });

  it('tells a length in the other unit', () => {
    for (const text of ['23 cm in inches', '23cm round in inches', '23 centimetres to inches']) {
      const answer = ask(text, KITCHEN);
      if (answer.kind !== 'length') throw new Error(text);
      expect(answer.sides[0]!.inches).toBeCloseTo(23 / 2.54, 12);
    }
    expect(ask('9" in cm', KITCHEN)).toEqual(jasmine.objectContaining({ into: 'cm' }));
  });

  it('counts eggs of another size, and pieces asked for behind the amount', () => {
    const pieces = (text: string): number => {
      const answer = ask(text, KITCHEN);
      if (answer.kind !== 'count') throw new Error(text);
      return answer.pieces;
    };
    expect(pieces('3 large eggs in medium')).toBeCloseTo(150 / 44, 9);
    expect(pieces('4 medium eggs to large eggs')).toBeCloseTo(176 / 50, 9);
    expect(pieces('1 cup mashed banana, how many bananas')).toBeCloseTo(225 / 118, 9);
    expect(ask('3 large eggs in eggs', KITCHEN).kind).toBe('measure');
  });

  it('takes more of the same that stands behind the name, and never drops another ingredient', () => {
    const more = ask('1 cup flour + 2 tbsp', KITCHEN);
    expect(more.kind === 'measure' && more.intended.grams).toBeCloseTo((125 * 18) / 16, 1);
    const two = ask('2 cups flour + 1 cup sugar', KITCHEN);
    expect(two).toEqual(jasmine.objectContaining({ kind: 'none', reason: 'several' }));
  });

  it('asks how hot where only the scales are named', () => {
    expect(ask('F to C', KITCHEN)).toEqual({ kind: 'none', reason: 'no-heat', closest: [] });
  });

  it('answers in cups and spoons where they are asked for, by what the kitchen has', () => {
    for (const text of ['225 g flour in cups and tbsp', 'cups and tablespoons of 225 g flour']) {
      const answer = ask(text, KITCHEN);
      expect(answer.kind === 'measure' && answer.wanted).toBeNull();
      expect(answer.kind === 'measure' && answer.plan.measure !== null).toBe(true);
    }
  });

  it('says why there is no answer, and what may be meant', () => {
    expect(ask('', KITCHEN)).toEqual({ kind: 'none', reason: 'empty', closest: [] });
    expect(ask('2 cups moon dust', KITCHEN)).toEqual(
      jasmine.objectContaining({ kind: 'none', reason: 'unknown-ingredient' }),
    );
    const close = ask('2 cups baekign powder', KITCHEN);
    expect(close.kind === 'none' && close.closest[0]).toBe('baking-powder');
  });
});

describe('what was asked wrongly answered before', () => {
  const answer = (text: string) => ask(text, KITCHEN);
  const wanted = (text: string): string => {
    const found = answer(text);
    if (found.kind !== 'measure' && found.kind !== 'units') return found.kind;
    return found.wanted ? `${Number(found.wanted.amount.toFixed(4))} ${found.wanted.unit}` : '';
  };
  const factor = (text: string): number | null => {
    const found = answer(text);
    return found.kind === 'pan' ? found.factor.valueOf() : null;
  };

  it('two pans are two pans', () => {
    expect(factor('2 x 20 cm round to 23 cm round')).toBeCloseTo(529 / 800, 9);
    expect(factor('two 8 inch round to 9x13 inch')).toBeCloseTo(117 / (32 * Math.PI), 2);
    expect(factor('9x13 to 8x8')).toBeCloseTo(64 / 117, 9);
    expect(factor('20x30 to 9x13')).toBeCloseTo((117 * 2.54 ** 2) / 600, 9);
    expect(factor('4 x 8 inch loaf to 5 x 9 inch loaf')).not.toBe(1);
  });

  it('a volume in another is no matter of density, and needs no ingredient', () => {
    expect(wanted('1 stick butter in tbsp')).toBe('8 tbsp');
    expect(wanted('1 cup honey in tbsp')).toBe('16 tbsp');
    expect(wanted('1 cup in ml')).toBe('236.5882 ml');
    expect(wanted('1 kg in lb')).toBe('2.2046 lb');
    expect(wanted('half a cup in tbsp')).toBe('8 tbsp');
    expect(answer('1 cup in grams').kind).toBe('none');
  });

  it('one of it is meant where no amount is written', () => {
    expect(answer('cup sugar')).toEqual(
      jasmine.objectContaining({
        kind: 'measure',
        intended: jasmine.objectContaining({ grams: 200 }),
      }),
    );
    expect(wanted('egg white grams')).toBe('33 g');
  });
});
