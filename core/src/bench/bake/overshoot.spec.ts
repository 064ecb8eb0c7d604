import fc from 'fast-check';
import { USUAL_SCALES } from '../../drawer/index.js';
import { bakeOf, KNOTS, lineNamed, readingsOf } from '../../testing/bake.js';
import {
  bakeState,
  labelAmounts,
  overshootOf,
  scaledMeasures,
  type Act,
  type BakeLine,
  type BakeMeasure,
} from './index.js';
import { filled } from '../../testing/filled.js';

const plan = bakeOf(KNOTS, '2', 'tare');
const sugar = lineNamed(plan, 'granulated sugar');
const flour = lineNamed(plan, 'bread flour');
const egg = lineNamed(plan, 'egg');
const weigh = (line: string, grams: number): Act => ({
  do: 'weigh',
  route: 'container',
  line,
  grams,
  scale: 's',
});
const at = (grams: number, ...acts: readonly Act[]) => {
  const state = bakeState(plan, readingsOf(...acts));
  return { state, overshoot: overshootOf(state, sugar.id, grams, USUAL_SCALES) };
};

describe('too much went in', () => {
  it('is none where no more is in than is wanted', () => {
    expect(at(sugar.intendedGrams!).overshoot).toBeNull();
  });

  it('says how much it is, in grams and in spoons, and whether the bake forgives it', () => {
    const { overshoot } = at(sugar.intendedGrams! + 13);
    expect(overshoot!.overGrams).toBeCloseTo(13, 9);
    expect(overshoot!.overSpoons?.unit).toBe('tbsp');
    expect(overshoot!.isForgiven).toBeTrue();
    expect(at(sugar.intendedGrams! * 1.6).overshoot!.isForgiven).toBeFalse();
  });

  it('can be taken out of its own container, but not out of the shared bowl', () => {
    expect(at(230).overshoot!.canTakeOut).toBeFalse();
    const apart: Act = { do: 'route', line: sugar.id, route: 'container' };
    expect(at(230, apart).overshoot!.canTakeOut).toBeTrue();
  });

  it('tells what is still to come, what needs more, and what can no longer follow', () => {
    const eggs: readonly Act[] = [1, 2].map(() => ({
      do: 'fill',
      line: egg.id,
      tool: egg.measure!.fills[0]!.tool,
      grams: null,
      scale: null,
    }));
    const { overshoot } = at(sugar.intendedGrams! * 1.1, weigh(flour.id, 1069), ...eggs);
    const how = (id: string) => overshoot!.rest.find(({ line }) => line.id === id)!;
    expect(how(flour.id).how).toBe('top-up');
    expect(how(flour.id).moreGrams).toBeCloseTo(flour.intendedGrams! * 1.1 - 1069, 6);
    expect(how(egg.id).how).toBe('stays');
    expect(how(egg.id).short).toBeCloseTo(1 - 1 / 1.1, 6);
    expect(how(lineNamed(plan, 'butter').id).how).toBe('to-come');
  });

  it('once scaled, a finished line is short until it is topped up, and what stays is left', () => {
    const before = [weigh(flour.id, 1069), weigh(sugar.id, 220)];
    const scaled: Act = {
      do: 'scale-rest',
      line: sugar.id,
      times: 1.1,
      measures: {},
      stay: [egg.id],
    };
    const after = bakeState(plan, readingsOf(...before, scaled));
    const of = (id: string) => after.lines.find(({ line }) => line.id === id)!;
    expect(of(flour.id).fullness).toBe('half');
    expect(of(sugar.id).fullness).toBe('full');
    expect(of(sugar.id).off).toBeNull();
    expect(of(egg.id).isLeft).toBeTrue();
    const more = bakeState(plan, readingsOf(...before, scaled, weigh(flour.id, 1176)));
    expect(more.lines.find(({ line }) => line.id === flour.id)!.fullness).toBe('full');
  });

  it('plans the rest of what was begun by cup, and keeps the cups that are in', () => {
    const cups = bakeState(
      plan,
      readingsOf(
        { do: 'route', line: flour.id, route: 'fill' },
        {
          do: 'fill',
          line: flour.id,
          tool: '1 cup',
          grams: null,
          scale: null,
        },
      ),
    );
    const overshoot = overshootOf(cups, sugar.id, sugar.intendedGrams! * 1.05, USUAL_SCALES)!;
    const asked: number[] = [];
    const measures = scaledMeasures(cups, overshoot, (line, grams) => {
      asked.push(grams);
      return { ...line.measure!, grams };
    });
    const now = cups.lines.find(({ line }) => line.id === flour.id)!;
    expect(asked).toContain(flour.intendedGrams! * 1.05 - now.grams!);
    expect(measures[flour.id]!.grams).toBeCloseTo(flour.intendedGrams! * 1.05, 6);
    expect(filled(measures[flour.id])).toContain(' × 1 cup');
    const planned = flour.measure!.fills.find(({ tool }) => tool === '1 cup')!;
    expect(measures[flour.id]!.fills.find(({ tool }) => tool === '1 cup')!.count).toBe(
      planned.count + 1,
    );
  });

  it('scaling the rest keeps every ratio to within half a step of its scale', () => {
    fc.assert(
      fc.property(fc.double({ min: 1.001, max: 1.5, noNaN: true }), (times) => {
        const grams = sugar.intendedGrams! * times;
        const { overshoot } = at(grams);
        for (const { line, weight, wantedGrams } of overshoot!.rest) {
          expect(wantedGrams / grams).toBeCloseTo(line.intendedGrams! / sugar.intendedGrams!, 9);
          expect(Math.abs(weight.grams - wantedGrams)).toBeLessThanOrEqual(weight.grid / 2 + 1e-9);
        }
      }),
    );
  });

  it('tops up what was left before the batch grew, and does not call it ready', () => {
    const left: readonly Act[] = [weigh(flour.id, 1084), { do: 'leave', line: flour.id }];
    const before = at(
      sugar.intendedGrams! * 1.15,
      ...left,
      weigh(sugar.id, sugar.intendedGrams! * 1.15),
    );
    expect(before.overshoot!.rest.find(({ line }) => line.id === flour.id)!.how).toBe('top-up');
    const after = bakeState(
      plan,
      readingsOf(...left, weigh(sugar.id, sugar.intendedGrams! * 1.15), {
        do: 'scale-rest',
        line: sugar.id,
        times: 1.15,
        measures: {},
        stay: [],
      }),
    );
    const now = after.lines.find(({ line }) => line.id === flour.id)!;
    expect([now.fullness, now.isTopUp, now.isLeft]).toEqual(['half', true, false]);
  });
});

describe('whatever was done before the rest was scaled', () => {
  const ids = plan.lines.filter(({ intendedGrams }) => intendedGrams !== null).map(({ id }) => id);
  const anyLine = fc.constantFrom(...ids);
  const step = fc.oneof(
    fc.record({
      kind: fc.constant('weigh' as const),
      id: anyLine,
      share: fc.double({ min: 0.7, max: 1.4, noNaN: true }),
    }),
    fc.record({ kind: fc.constant('fill' as const), id: anyLine }),
    fc.record({ kind: fc.constant('finish' as const), id: anyLine }),
    fc.record({ kind: fc.constant('leave' as const), id: anyLine }),
    fc.record({ kind: fc.constant('empty' as const), id: anyLine }),
    fc.record({
      kind: fc.constant('scale' as const),
      id: anyLine,
      share: fc.double({ min: 1.001, max: 1.3, noNaN: true }),
    }),
  );

  type Step = typeof step extends fc.Arbitrary<infer One> ? One : never;

  /** So much of a line in as many fills as that takes, be they whole or not. */
  const asMany = ({ measure }: BakeLine, grams: number): BakeMeasure | null =>
    measure && {
      ...measure,
      grams,
      fills: measure.fills.map((fill) => ({
        ...fill,
        count: (fill.count * grams) / measure.grams,
      })),
    };

  /** Does a step as a baker would from how the bake stands; the last scaling is given back. */
  function walk(steps: readonly Step[]) {
    const acts: Act[] = [];
    let last: ReturnType<typeof overshootOf> = null;
    for (const one of steps) {
      const state = bakeState(plan, readingsOf(...acts));
      const line = state.lines.find((of) => of.line.id === one.id)!;
      last = null;
      switch (one.kind) {
        case 'weigh':
          acts.push(weigh(one.id, line.wantedGrams! * one.share));
          break;
        case 'fill': {
          const tool = line.measure?.fills[0]?.tool;
          if (tool) acts.push({ do: 'fill', line: one.id, tool, grams: null, scale: null });
          break;
        }
        case 'scale': {
          const grams = line.wantedGrams! * one.share;
          const overshoot = overshootOf(state, one.id, grams, USUAL_SCALES)!;
          const measures = scaledMeasures(state, overshoot, asMany);
          const stay = overshoot.rest.filter(({ how }) => how === 'stays').map((of) => of.line.id);
          acts.push(weigh(one.id, grams), {
            do: 'scale-rest',
            line: one.id,
            times: overshoot.times,
            measures,
            stay,
          });
          last = overshoot;
          break;
        }
        default:
          acts.push({ do: one.kind, line: one.id });
      }
    }
    return { last, state: bakeState(plan, readingsOf(...acts)) };
  }

  it('what is ready then is near the new target, or is one that was said to stay', () => {
    fc.assert(
      fc.property(
        fc.array(step, { maxLength: 14 }),
        anyLine,
        fc.double({ min: 1.001, max: 1.3, noNaN: true }),
        (before, id, share) => {
          const { last, state } = walk([...before, { kind: 'scale', id, share }]);
          for (const one of state.lines) {
            if (one.fullness !== 'full' || one.grams === null || one.line.id === id) continue;
            const told = last!.rest.find(({ line }) => line.id === one.line.id);
            if (!told) continue;
            const off = Math.abs(one.grams / one.wantedGrams! - 1);
            const grid = one.line.weight!.grid / one.wantedGrams!;
            const near = one.weighedGrams !== null ? grid : Math.max(one.line.tolerance ?? 0, grid);
            if (told.how === 'stays' && off > near + 1e-9) {
              // Too much can't be taken back here, and nobody adds a tenth of an egg.
              const isOver = one.grams > one.wantedGrams!;
              const isCounted = one.line.measure!.fills.every(
                ({ kind }) => kind === 'egg' || kind === 'piece',
              );
              expect(isOver || isCounted)
                .withContext(one.line.name)
                .toBeTrue();
            } else {
              expect(off)
                .withContext(one.line.name)
                .toBeLessThanOrEqual(near + 1e-9);
            }
          }
        },
      ),
      { numRuns: 300 },
    );
  });

  it('what was told to be topped up or to come is not ready', () => {
    fc.assert(
      fc.property(
        fc.array(step, { maxLength: 14 }),
        anyLine,
        fc.double({ min: 1.001, max: 1.3, noNaN: true }),
        (before, id, share) => {
          const { last, state } = walk([...before, { kind: 'scale', id, share }]);
          for (const { line, how } of last!.rest) {
            const now = state.lines.find((of) => of.line.id === line.id)!;
            expect(now.fullness === 'full')
              .withContext(`${line.name} ${how}`)
              .toBe(how === 'stays');
          }
        },
      ),
      { numRuns: 300 },
    );
  });

  it('a label says one mass in both figures', () => {
    fc.assert(
      fc.property(fc.array(step, { maxLength: 14 }), (steps) => {
        for (const one of walk(steps).state.lines) {
          const { grams, measure } = labelAmounts(one);
          if (grams === null || !measure) continue;
          const step = one.line.weight ? one.line.weight.grid / grams : 0;
          expect(Math.abs(measure.grams / grams - 1)).toBeLessThanOrEqual(
            Math.max(one.line.tolerance ?? 0, step) + 1e-9,
          );
        }
      }),
      { numRuns: 200 },
    );
  });
});
