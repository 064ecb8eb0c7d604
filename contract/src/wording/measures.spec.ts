import type { PlannedFill } from '@ypsigram/core/fills';
import { defaultDrawer, USUAL_SCALES } from '@ypsigram/core/drawer';
import { ask } from '@ypsigram/core/quick';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { USUAL_STANDARD } from '@ypsigram/core/units';
import { fillMark, fillName, measureText } from './measures.js';

const KITCHEN = {
  standard: USUAL_STANDARD,
  shelf: BUILT_IN_SHELF,
  drawer: defaultDrawer(),
  scales: USUAL_SCALES,
};

/** What is measured for a line, as it is said. */
const said = (written: string): string => {
  const answer = ask(written, KITCHEN);
  if (answer.kind !== 'measure') throw new Error(`${written}: ${JSON.stringify(answer)}`);
  return measureText(answer.plan.measure!);
};

const fill = (
  nominal: string,
  unit: PlannedFill['unit'],
  count = 1,
  more: Partial<PlannedFill> = {},
): PlannedFill => ({
  tool: `${nominal} ${unit}`,
  count,
  kind: unit === 'cup' ? 'cup' : 'spoon',
  name: null,
  nominal,
  unit,
  millilitres: 10,
  size: 'tsp',
  ...more,
});
const spoken = (...fills: readonly PlannedFill[]): string =>
  measureText({ method: 'spooned', fills });

describe('what is measured, as a baker says it', () => {
  const AS_WRITTEN = [
    ['1 1/4 cups cocoa', '1 1/4 cups'],
    ['1 3/4 cups sugar', '1 3/4 cups'],
    ['2 1/2 tsp vanilla extract', '2 1/2 tsp'],
    ['2/3 cup light corn syrup', '2/3 cup'],
    ['40 cups all-purpose flour', '40 cups'],
    ['3/4 tsp baking soda', '3/4 tsp'],
    ['1 pinch salt', '1 pinch'],
    ['7/8 cup sugar', '3/4 cup + 2 tbsp'],
    ['2 large eggs', '2 eggs'],
    ['250 ml milk', '250 ml in the jug'],
    ['3.5 l water', '3.5 litres, in four pours'],
    ['14 cups water', '14 cups, in four pours'],
    ['1 cup butter', '2 sticks'],
    ['3 tbsp butter', '3 tbsp at the mark'],
    ['1 banana', '1 banana'],
    ['1/2 apple', 'half an apple'],
    ['1 1/2 bananas', '1 1/2 bananas'],
    ['2 1/2 cakes fresh yeast', '2 1/2 cakes'],
    ['1 1/2 large eggs', '1 egg + 1 tbsp + 2 tsp beaten egg'],
  ] as const;
  for (const [written, words] of AS_WRITTEN) {
    it(`says ${words} for “${written}”`, () => expect(said(written)).toBe(words));
  }

  it('adds up where the sum is a fraction bakers use', () => {
    expect(spoken(fill('1', 'cup'), fill('1/2', 'cup'), fill('1/4', 'cup'))).toBe('1 3/4 cups');
    expect(spoken(fill('1', 'cup', 2), fill('1/3', 'cup', 2))).toBe('2 2/3 cups');
    expect(spoken(fill('1', 'tsp', 2), fill('1/8', 'tsp', 3))).toBe('2 3/8 tsp');
  });

  it('keeps thirds and quarters apart, the whole ones with the thirds', () => {
    expect(spoken(fill('1', 'cup', 3), fill('1/3', 'cup', 2), fill('1/4', 'cup'))).toBe(
      '3 2/3 cups + 1/4 cup',
    );
    expect(spoken(fill('1/3', 'cup', 2), fill('1/4', 'cup'))).toBe('2/3 cup + 1/4 cup');
    expect(spoken(fill('1', 'cup'), fill('1/2', 'cup'), fill('1/3', 'cup'))).toBe(
      '1 1/3 cups + 1/2 cup',
    );
  });

  it('names cups before spoons, odd ones by their name, and half of a spoon last', () => {
    expect(spoken(fill('1', 'tbsp', 2), fill('1', 'cup'))).toBe('1 cup + 2 tbsp');
    const mug = fill('1 1/4', 'cup', 2, { name: 'blue mug' });
    expect(spoken(fill('1', 'tsp'), mug)).toBe('2 × blue mug + 1 tsp');
    const half = fill('1/8', 'tsp', 1, { halfOf: '1/8 tsp' });
    expect(spoken(half, fill('1/4', 'tsp'))).toBe('1/4 tsp + half of 1/8 tsp');
  });

  it('tells fingers by their number', () => {
    const pinch = (more: Partial<PlannedFill> = {}): PlannedFill =>
      fill('1', 'pinch', 1, { kind: 'pinch', ...more });
    expect(spoken(pinch({ count: 2 }))).toBe('2 pinches');
    expect(spoken(pinch({ halfOf: 'pinch' }))).toBe('half a pinch');
  });

  it('tells by how much water rises', () => {
    const mark = fill('1/2', 'cup', 1, { kind: 'jug', name: 'jug', millilitres: 118.3 });
    expect(measureText({ method: 'displaced', fills: [mark] })).toBe(
      'water up by 1/2 cup (118 ml)',
    );
  });

  it('names a tool, and its mark alone under a drawing', () => {
    const jug = fill('350', 'ml', 1, { kind: 'jug', name: 'jug' });
    expect([fillName(jug), fillMark(jug)]).toEqual(['350 ml in the jug', '350 ml']);
    expect([fillName(fill('1/2', 'cup')), fillMark(fill('1/2', 'cup'))]).toEqual([
      '1/2 cup',
      '1/2',
    ]);
    expect(fillMark(fill('1', 'tbsp'))).toBe('tbsp');
    const ounces = fill('7', 'oz', 1, { kind: 'block' });
    expect(fillName(ounces)).toBe('7 oz at the mark');
  });
});
