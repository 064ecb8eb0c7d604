import fc from 'fast-check';
import { USUAL_SCALES } from '../../drawer/index.js';
import { bakeOf, KNOTS, lineNamed, readingsOf } from '../../testing/bake.js';
import { bakeState, overshootOf, scaledMeasures, type Act } from './index.js';

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
    expect(measures[flour.id]!.shown).toContain(' × 1 cup');
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
});
