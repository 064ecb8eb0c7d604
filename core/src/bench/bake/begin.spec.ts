import { bakeOf, KNOTS, lineNamed, readingsOf } from '../../testing/bake.js';
import { readText } from '../../testing/usual.js';
import { BUILT_IN_SHELF } from '../../shelf/index.js';
import { simulate } from '../../chance/index.js';
import {
  asWeighed,
  doughGrams,
  bakeState,
  knownLines,
  NOT_IN_RECIPE,
  replan,
  type Act,
} from './index.js';

const weigh = (line: string, grams: number): Act => ({
  do: 'weigh',
  route: 'container',
  line,
  grams,
  scale: 's',
});

describe('beginning a bake', () => {
  it('takes the batch as it is planned: exact factor, yield, both routes', () => {
    const plan = bakeOf(KNOTS, '3/2');
    expect([plan.factor, plan.makes, plan.pieces]).toEqual([
      '3/2',
      { count: '27', noun: 'knots', written: 18 },
      27,
    ]);
    const flour = lineNamed(plan, 'bread flour');
    expect(flour.intendedGrams).toBeCloseTo(
      1.5 * lineNamed(bakeOf(KNOTS), 'bread flour').intendedGrams!,
      9,
    );
    expect(flour.measure!.spread).toBeGreaterThan(0.02);
    expect(flour.measure!.spread).toBeLessThan(0.08);
    expect(flour.allergens).toContain('wheat');
    expect(flour.section).toBe('For the dough');
  });

  it('weighs into one bowl only what shares it, and never what can’t be taken out again', () => {
    const plan = bakeOf(KNOTS, '2', 'tare');
    const routes = (name: string) => lineNamed(plan, name).route;
    expect(routes('bread flour')).toBe('tare');
    expect(routes('salt')).toBe('container');
    expect(routes('yeast')).toBe('container');
    expect(routes('egg')).toBe('fill');
    expect(plan.lines.at(-1)!.route).not.toBe('tare');
    expect(bakeOf(KNOTS, '2', 'fill').lines.every(({ route }) => route === 'fill')).toBeTrue();
    expect(
      bakeOf(KNOTS, '2', 'container').lines.every(({ route }) => route === 'container'),
    ).toBeTrue();
  });

  it('as planned, weighs what the recipe weighs and what cups may get wrong, and fills the rest', () => {
    const plan = bakeOf('Slabs\n200 g butter\n1 cup sugar\n1 tbsp honey\n3 cups flour\n2 eggs');
    const routes = plan.lines.map(({ route }) => route);
    expect(routes[0]).toBe('container');
    expect(routes[4]).toBe('fill');
    for (const { route, measure, forgiven } of plan.lines.slice(1)) {
      expect(route === 'container').toBe(2 * measure!.spread > forgiven!);
    }
  });

  it('keeps the form an ingredient is measured in', () => {
    const plan = bakeOf('1 cup chopped walnuts');
    expect(plan.lines[0]!.form).toBe(readText('1 cup chopped walnuts').lines[0]!.form);
    expect(plan.lines[0]!.form).not.toBeNull();
  });

  it('fills what has no weight', () => {
    const plan = bakeOf('1 cup flour\nsalt to taste');
    expect(plan.lines[1]).toEqual(jasmine.objectContaining({ route: 'fill', intendedGrams: null }));
  });
});

describe('a new text while something is done', () => {
  const plan = bakeOf(KNOTS);
  const flour = lineNamed(plan, 'bread flour');
  const state = bakeState(
    plan,
    readingsOf(weigh(flour.id, 530), weigh(lineNamed(plan, 'salt').id, 6)),
  );
  const fresh = bakeOf(
    KNOTS.replace('4 cups bread flour', '5 cups bread flour')
      .replace('1/2 cup sugar', '3/4 cup sugar\n1/2 cup oats')
      .replace('1 teaspoon fine sea salt\n', ''),
  );
  const next = replan(state, fresh);

  it('changes what is still to do, and leaves what is ready', () => {
    expect(next.lines.find(({ id }) => id === flour.id)!.intendedGrams).toBe(flour.intendedGrams);
    expect(lineNamed(next, 'granulated sugar').intendedGrams).toBeCloseTo(150, 6);
    expect(lineNamed(next, 'granulated sugar').id).toBe(lineNamed(plan, 'granulated sugar').id);
  });

  it('keeps what is ready and no longer in the recipe, and gives what is new an id of its own', () => {
    expect(next.lines.at(-1)).toEqual(
      jasmine.objectContaining({ index: NOT_IN_RECIPE, name: 'Fine table salt' }),
    );
    const ids = next.lines.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(plan.lines.some(({ id }) => id === lineNamed(next, 'oats').id)).toBeFalse();
    expect([...next.bowls.flatMap(({ lines }) => lines)].sort()).toEqual([...ids].sort());
  });

  it('goes on in the size that the batch has grown to', () => {
    const grown = bakeState(
      plan,
      readingsOf(weigh(flour.id, 561), {
        do: 'scale-rest',
        line: flour.id,
        times: 1.05,
        measures: {},
        stay: [],
      }),
    );
    const at = readingsOf(
      weigh(flour.id, 561),
      { do: 'scale-rest', line: flour.id, times: 1.05, measures: {}, stay: [] },
      {
        do: 'replan',
        plan: replan(grown, bakeOf(KNOTS, '21/20')),
        revision: 2,
      },
    );
    const after = bakeState(plan, at);
    expect(after.times).toBe(1);
    expect(after.revision).toBe(2);
    const line = after.lines.find(({ line: { id } }) => id === flour.id)!;
    expect(line.fullness).toBe('full');
    expect(line.wantedGrams).toBeCloseTo(flour.intendedGrams! * 1.05, 6);
  });
});

describe('as weighed', () => {
  const plan = bakeOf(KNOTS);
  const everything = (times: (id: string) => number): Act[] =>
    plan.lines.map(({ id, intendedGrams }) => weigh(id, intendedGrams! * times(id)));
  const flour = lineNamed(plan, 'bread flour');

  it('sets the real ratios beside those that were meant', () => {
    const exact = asWeighed(bakeState(plan, readingsOf(...everything(() => 1))), BUILT_IN_SHELF);
    expect(exact.base).toBe('flour');
    expect(exact.ratios.every(({ drift }) => Math.abs(drift) < 1e-9)).toBeTrue();
    const heavy = bakeState(plan, readingsOf(...everything((id) => (id === flour.id ? 1.25 : 1))));
    const { worst, ratios } = asWeighed(heavy, BUILT_IN_SHELF);
    const fat = ratios.find(({ part }) => part === 'fat')!;
    expect(fat.drift).toBeCloseTo(1 / 1.25 - 1, 9);
    expect(worst!.level).not.toBe('level');
  });

  it('takes for the dough what stands with the flour, not the filling', () => {
    const dough = plan.lines.filter(({ section }) => section === 'For the dough');
    const wanted = dough.reduce((sum, { intendedGrams }) => sum + intendedGrams!, 0);
    expect(doughGrams(bakeState(plan, []))).toBeCloseTo(wanted, 6);
    const heavy = bakeState(plan, readingsOf(weigh(flour.id, 600)));
    expect(doughGrams(heavy)).toBeCloseTo(wanted + 600 - flour.intendedGrams!, 6);
    const plain = bakeOf('200 g flour\n100 g butter');
    expect(doughGrams(bakeState(plain, []))).toBeCloseTo(300, 6);
  });

  it('makes the chance surer once it is known what is in, and lower once that is wrong', () => {
    const chanceOf = (...acts: readonly Act[]) =>
      simulate(knownLines(bakeState(plan, readingsOf(...acts))), {
        bakes: 4000,
        seed: 1,
        kind: plan.kind,
      }).good;
    const before = chanceOf();
    const weighed = chanceOf(...everything(() => 1));
    const wrong = chanceOf(...everything((id) => (id === flour.id ? 1.3 : 1)));
    expect(weighed).toBeGreaterThan(before);
    expect(weighed).toBeGreaterThan(0.97);
    expect(wrong).toBeLessThan(before);
  });
});
