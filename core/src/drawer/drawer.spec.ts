import { readText } from '../testing/usual.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { Fraction } from '../amount/index.js';
import { defaultDrawer, drawerOf } from './drawer.js';
import { USUAL_TOOLS } from './usual-tools.js';
import { planBatch } from '../batch/index.js';
import type { Block } from './blocks.js';
import type { ToolDescription } from './tool.js';
import { filled } from '../testing/filled.js';

const measure = (text: string, tools: readonly ToolDescription[]) =>
  planBatch(readText(text), {
    factor: new Fraction(1),
    shelf: BUILT_IN_SHELF,
    drawer: drawerOf('us-customary', tools),
  })[0]!.measure;

const change = (name: string, by: Partial<ToolDescription>): readonly ToolDescription[] =>
  USUAL_TOOLS.map((tool) => (tool.name === name ? { ...tool, ...by } : tool));

describe('a drawer', () => {
  it('does without what is in the wash', () => {
    expect(measure('1 cup sugar', USUAL_TOOLS)?.fills).toEqual([
      jasmine.objectContaining({ tool: '1 cup', count: 1 }),
    ]);
    expect(measure('1 cup sugar', change('1 cup', { aside: true }))?.fills).toEqual([
      jasmine.objectContaining({ tool: '1/2 cup', count: 2 }),
    ]);
  });

  it('uses what a tool really holds', () => {
    const heavy = measure('2 cups sugar', change('1 cup', { millilitres: 260 }))!;
    expect(heavy.fills).not.toEqual([jasmine.objectContaining({ tool: '1 cup', count: 2 })]);
    expect(Math.abs(heavy.grams / 400 - 1)).toBeLessThanOrEqual(0.05);
  });

  it('takes an odd mug for a cup, by its name', () => {
    const mug: ToolDescription = {
      name: 'blue mug',
      kind: 'cup',
      nominal: new Fraction(310),
      unit: 'ml',
      millilitres: null,
      aside: false,
    };
    const plan = measure('2 2/3 cups sugar', [mug, ...USUAL_TOOLS.slice(4)])!;
    expect(filled(plan)).toContain('2 × blue mug');
  });

  it('reads a jug that is wrong as wrong at every mark', () => {
    const jug = (millilitres: number | null) =>
      drawerOf('us-customary', change('jug', { millilitres })).jugMarks.flat();
    const stamped = jug(null);
    const real = jug(4 * 236.5882365 * 1.04);
    expect(real.map(({ id }) => id)).toEqual(stamped.map(({ id }) => id));
    real.forEach((mark, index) =>
      expect(mark.millilitres / stamped[index]!.millilitres).toBeCloseTo(1.04, 9),
    );
  });

  it('follows the standard of the kitchen', () => {
    const cup = (standard: 'metric' | 'japanese'): number =>
      defaultDrawer(standard).dry.find(({ id }) => id === '1 cup')!.millilitres;
    expect(cup('metric')).toBe(250);
    expect(cup('japanese')).toBe(200);
  });

  it('cuts butter at the marks of the blocks it comes in', () => {
    const cut = (block: Block) =>
      planBatch(readText('200 g butter'), {
        factor: new Fraction(1),
        methods: { 0: 'block' },
        shelf: BUILT_IN_SHELF,
        drawer: drawerOf('metric', USUAL_TOOLS, block),
      })[0]!.measure!;
    expect(filled(cut('250 g'))).toBe('block@200 g');
    expect(cut('250 g').grams).toBe(200);
    expect(filled(cut('500 g'))).toBe('block@200 g');
    expect(filled(cut('1 lb'))).toBe('block@7 oz');
  });

  it('plans nothing when it is empty', () => {
    expect(measure('1 cup sugar', [])).toBeNull();
  });
});
