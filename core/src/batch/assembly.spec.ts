import fc from 'fast-check';
import { Fraction } from '../amount/index.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { intendedMass, questionsOf } from '../conversion/index.js';
import { BUNS, readText, readUsualLine, usualRecipe } from '../testing/usual.js';
import { setBatch } from './assembly.js';
import { USUAL_BALANCE } from './balance/index.js';
import { planBatch } from './plan.js';
import { columnTotals, unweighedLines } from './totals.js';
import { isWorthAsking } from './worth-asking.js';

const FLOUR = BUNS.lines.findIndex(({ written }) => written.includes('flour'));
const linesOf = (grams: number) => ({ ...USUAL_BALANCE, lines: { [FLOUR]: { grams } } });

describe('a recipe put together', () => {
  it('is set by what it makes, holds or has', () => {
    const recipe = usualRecipe(BUNS);
    const factorOf = (setting: Parameters<typeof setBatch>[1]): string => {
      const set = setBatch(recipe, setting);
      return set.ok ? set.batch.factor.toFraction(true) : set.problem.code;
    };
    expect(factorOf({ by: 'factor', factor: '3/2' })).toBe('1 1/2');
    expect(factorOf({ by: 'pieces', pieces: 18 })).toBe('1 1/2');
    expect(factorOf({ by: 'eggs', eggs: 3 })).toBe('1 1/2');
  });

  it('refuses a factor that can’t be read, and never takes it for one', () => {
    for (const factor of ['', 'two', '0', '-1', '1/0', '1e9', '∞']) {
      const set = setBatch(usualRecipe(BUNS), { by: 'factor', factor });
      expect(set.ok).withContext(factor).toBeFalse();
    }
  });

  it('counts a weight that was set in place of the one that was read', () => {
    const usual = usualRecipe(BUNS).size.grams;
    const heavier = usualRecipe(BUNS, { balance: linesOf(600) }).size.grams;
    expect(heavier - usual).toBeCloseTo(100, 9);
  });

  it('names what there is least of', () => {
    const set = setBatch(usualRecipe(BUNS), {
      by: 'limit',
      limits: [
        { ingredientId: 'flour-wheat-bread', grams: 250 },
        { ingredientId: 'water', grams: 290 },
      ],
    });
    expect(set.ok && [set.batch.factor.valueOf(), set.limitedBy]).toEqual([
      0.5,
      'flour-wheat-bread',
    ]);
  });

  it('makes a batch of as many grams as were wanted, to the last digit of a scale', () => {
    fc.assert(
      fc.property(fc.integer({ min: 50, max: 20_000 }), (grams) => {
        const recipe = usualRecipe(BUNS);
        const set = setBatch(recipe, { by: 'total', grams });
        if (!set.ok) throw new Error(set.problem.code);
        const { intendedGrams } = columnTotals(planBatch(recipe.reading, set.batch));
        expect(intendedGrams / grams).toBeCloseTo(1, 9);
      }),
    );
  });
});

describe('the totals of a plan', () => {
  const planOf = (text: string, factor = 1) => {
    const recipe = usualRecipe(readText(text));
    return planBatch(recipe.reading, { ...recipe.basis, factor: new Fraction(factor) });
  };

  it('set only what can be had by both routes against each other', () => {
    const totals = columnTotals(planOf('Buns\n2 cups flour\n100 g rye flour\na little oil'));
    expect(totals.intendedGrams).toBeCloseTo(350, 6);
    expect(totals.weighedGrams).toBeGreaterThan(0);
    expect(totals.gap).toBeCloseTo(totals.measuredGrams / totals.weighedGrams - 1, 12);
  });

  it('have no gap where nothing has a weight, and name what is left out', () => {
    const plan = planOf('Dust\n1 cup moon dust\nMethod\nStir.');
    expect(columnTotals(plan).gap).toBeNull();
    expect(unweighedLines(plan)).toEqual([0]);
    expect(unweighedLines(planOf('Buns\n2 cups flour\n\nFor the top:\n1 tsp salt'))).toEqual([]);
  });
});

describe('a question', () => {
  const asks = (written: string): boolean[] => {
    const line = readUsualLine(written);
    const intended =
      line.kind === 'ingredient' ? intendedMass(line, 'us-customary', BUILT_IN_SHELF) : null;
    return questionsOf(line, 'us-customary', BUILT_IN_SHELF).map((question) =>
      isWorthAsking(question, line, intended, BUILT_IN_SHELF),
    );
  };

  it('is asked where its answers move more than the line forgives', () => {
    expect(asks('3 cups cake flour, sifted')).toContain(true);
    expect(asks('1 tbsp kosher salt')).toContain(true);
  });

  it('is asked where the line counts for nothing without it', () => {
    expect(asks('1 tbsp sea buckthorn')).toEqual([true]);
    expect(asks('2 cups (90 g) flour')).toContain(true);
  });

  it('is not asked where nothing hangs on it, or every author means the same', () => {
    expect(asks('1 cup butter, melted')).toEqual([false]);
    expect(asks('1 cup brown sugar')).toEqual([false]);
  });
});
