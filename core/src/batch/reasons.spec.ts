import { Fraction } from '../amount/index.js';
import { defaultDrawer, drawerOf, USUAL_TOOLS } from '../drawer/index.js';
import type { KnownWeight } from '../measuring/index.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { readText } from '../testing/usual.js';
import { planBatch, reasonsOf, type Batch, type LineReason } from './index.js';

const CUP = 236.5882365;

/** Someone whose cup of flour weighs 139 g where tables say 125. */
const HAND: KnownWeight = {
  ingredientId: 'flour-wheat-all-purpose',
  form: null,
  method: 'spooned',
  size: null,
  rung: 'hand',
  gramsPerMillilitre: 139 / CUP,
  relativeSpread: 0.02,
  fillSpread: 0.04,
  source: { from: 'hand', hand: 'Grebe', trials: 6 },
};

const reasons = (
  text: string,
  of: Partial<Batch> = {},
  aside: readonly string[] = [],
): readonly LineReason[] => {
  const reading = readText(`Something\n\n${text}`);
  const whole = defaultDrawer();
  const tools = USUAL_TOOLS.map((tool) => ({ ...tool, aside: aside.includes(tool.name) }));
  const batch: Batch = {
    factor: new Fraction(1),
    shelf: BUILT_IN_SHELF,
    drawer: drawerOf('us-customary', tools),
    ...of,
  };
  const plan = planBatch(reading, batch);
  const found = reasonsOf(reading, plan, batch, aside.length > 0 ? whole : null);
  return found.get(reading.lines.length - 1) ?? [];
};

describe('why a line is filled as it is', () => {
  it('needs no word where the recipe tells', () => {
    expect(reasons('2 cups flour')).toEqual([]);
  });

  it('is a hand that fills heavier than tables say', () => {
    const [reason] = reasons('250 g flour', { hand: [HAND] });
    if (reason?.is !== 'hand') return fail(reason);
    expect(reason.hand).toBe('Grebe');
    expect(reason.heavier).toBeCloseTo(139 / 125 - 1, 9);
  });

  it('is no hand that fills as the tables say', () => {
    const same = { ...HAND, gramsPerMillilitre: 125.4 / CUP };
    expect(reasons('250 g flour', { hand: [same] })).toEqual([]);
  });

  it('is a cup in the wash that would be filled', () => {
    const [reason] = reasons('1/4 cup sugar', {}, ['1/4 cup']);
    if (reason?.is !== 'aside') return fail(reason);
    expect(reason.fills.map(({ tool }) => tool)).toEqual(['1/4 cup']);
  });

  it('is no cup in the wash that nobody would fill here', () => {
    expect(reasons('1 tsp salt', {}, ['1/4 cup'])).toEqual([]);
  });

  it('is what its baker decided of the line', () => {
    const last = readText('Something\n\n1 cup sugar').lines.length - 1;
    expect(reasons('1 cup sugar', { choices: { [last]: { tools: ['1/2 cup'] } } })).toEqual([
      { is: 'only', tools: ['1/2 cup'] },
    ]);
    expect(reasons('97 g sugar', { choices: { [last]: { nearest: true } } })).toEqual([
      { is: 'nearest' },
    ]);
  });
});
