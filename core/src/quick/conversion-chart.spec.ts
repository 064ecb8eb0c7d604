import { Fraction } from '../amount/index.js';
import { drawerOf } from '../drawer/index.js';
import { BUILT_IN_SHELF, ingredientById } from '../shelf/index.js';
import { ask } from './ask.js';
import { CHART_MEASURES, conversionChart, type ChartKitchen } from './conversion-chart.js';

const FLOUR = ingredientById('flour-wheat-all-purpose')!;
const cup = {
  name: 'odd cup',
  kind: 'cup',
  nominal: new Fraction(1),
  unit: 'cup',
  aside: false,
} as const;
const kitchen = (change: Partial<ChartKitchen> = {}): ChartKitchen => ({
  standard: 'us-customary',
  drawer: drawerOf('us-customary', [], 'stick'),
  known: [],
  toolSpreads: new Map(),
  ...change,
});

describe('a conversion chart', () => {
  it('says of each measure what the quick question says, range and all', () => {
    const [row] = conversionChart([FLOUR], 'usual', kitchen());
    const { cells } = row!;
    expect(cells.length).toBe(CHART_MEASURES.length);
    const answer = ask('1 cup all-purpose flour in grams', {
      standard: 'us-customary',
      drawer: drawerOf('us-customary', [], 'stick'),
      shelf: BUILT_IN_SHELF,
      scales: [],
      weighedIn: 'g',
      habits: {},
      hand: [],
    });
    expect(answer.kind).toBe('measure');
    if (answer.kind !== 'measure') return;
    expect(cells[0]!.grams).toBeCloseTo(answer.intended.grams, 9);
    expect(cells[0]!.low).toBeCloseTo(answer.intended.low, 1);
    expect(cells[0]!.high).toBeCloseTo(answer.intended.high, 1);
  });

  it('goes by the tools of the kitchen, and is surer of those that were calibrated', () => {
    const own = drawerOf('us-customary', [{ ...cup, millilitres: 250 }], 'stick');
    const [believed] = conversionChart([FLOUR], 'usual', kitchen());
    const [held] = conversionChart(
      [FLOUR],
      'usual',
      kitchen({ drawer: own, toolSpreads: new Map([['odd cup', 0.002]]) }),
    );
    const ratio = held!.cells[0]!.grams / believed!.cells[0]!.grams;
    expect(ratio).toBeCloseTo(250 / 236.588, 3);
    const width = ({ low, high, grams }: { low: number; high: number; grams: number }) =>
      (high - low) / grams;
    expect(width(held!.cells[0]!)).toBeLessThan(width(believed!.cells[0]!));
    // What the drawer lacks goes by the kitchen's standard.
    expect(held!.cells[1]!.grams).toBeCloseTo(believed!.cells[1]!.grams, 9);
  });

  it('goes by the hand or the author before the table', () => {
    const source = { from: 'hand', hand: 'Coot', trials: 7 } as const;
    const known = [
      {
        ingredientId: FLOUR.id,
        form: null,
        method: 'spooned',
        size: 'cup',
        rung: 'hand',
        gramsPerMillilitre: 0.6,
        relativeSpread: 0.01,
        source,
      },
    ] as const;
    const [row] = conversionChart([FLOUR], 'usual', kitchen({ known }));
    expect(row!.cells[0]!.grams).toBeCloseTo(0.6 * 236.588, 2);
    expect(row!.basis.source).toEqual(source);
  });

  it('holds for every ingredient and way: a half weighs half, the range holds it, nothing is counted', () => {
    const rows = conversionChart(BUILT_IN_SHELF.all, 'all', kitchen());
    expect(rows.length).toBeGreaterThan(BUILT_IN_SHELF.all.length);
    for (const { ingredient, method, cells } of rows) {
      expect(cells[1]!.grams)
        .withContext(ingredient.id)
        .toBeCloseTo(cells[0]!.grams / 2, 6);
      expect(['count', 'block']).not.toContain(method);
      for (const { grams, low, high } of cells) {
        expect(low)
          .withContext(`${ingredient.id} ${method}`)
          .toBeLessThanOrEqual(grams + 1e-9);
        expect(high)
          .withContext(`${ingredient.id} ${method}`)
          .toBeGreaterThanOrEqual(grams - 1e-9);
      }
    }
  });
});
