import { Fraction } from '../amount/index.js';
import { defaultDrawer, halfOf, type Tool } from '../drawer/index.js';
import { showFills } from './show-fills.js';

const { dry } = defaultDrawer();
const named = (id: string): Tool => dry.find((tool) => tool.id === id)!;
const shown = (...fills: readonly (readonly [id: string, count: number])[]): string =>
  showFills(fills.map(([id, count]) => ({ tool: named(id), count })));

describe('fills as a baker says them', () => {
  it('are added up where the sum is a fraction bakers use', () => {
    expect(shown(['1 cup', 1], ['1/2 cup', 1], ['1/4 cup', 1])).toBe('1 3/4 cups');
    expect(shown(['1 cup', 2], ['1/3 cup', 2])).toBe('2 2/3 cups');
    expect(shown(['1 tsp', 2], ['1/8 tsp', 3])).toBe('2 3/8 tsp');
  });

  it('keep thirds and quarters apart, the whole ones with the thirds', () => {
    expect(shown(['1 cup', 3], ['1/3 cup', 2], ['1/4 cup', 1])).toBe('3 2/3 cups + 1/4 cup');
    expect(shown(['1/3 cup', 2], ['1/4 cup', 1])).toBe('2/3 cup + 1/4 cup');
    expect(shown(['1 cup', 1], ['1/2 cup', 1], ['1/3 cup', 1])).toBe('1 1/3 cups + 1/2 cup');
  });

  it('name cups before spoons, and half of a spoon last', () => {
    expect(shown(['1 tbsp', 2], ['1 cup', 1])).toBe('1 cup + 2 tbsp');
    const smallest = named('1/8 tsp');
    expect(
      showFills([
        { tool: halfOf(smallest), count: 1 },
        { tool: named('1/4 tsp'), count: 1 },
      ]),
    ).toBe('1/4 tsp + half of 1/8 tsp');
  });

  it('halve what a spoon holds, and nothing else of it', () => {
    const spoon = named('1 tsp');
    const half = halfOf(spoon);
    expect(half.millilitres * 2).toBeCloseTo(spoon.millilitres, 12);
    expect(half.nominal.equals(new Fraction(1, 2))).toBeTrue();
    expect([half.wash, half.size, half.halfOf]).toEqual([spoon.wash, spoon.size, spoon.wash]);
  });
});
