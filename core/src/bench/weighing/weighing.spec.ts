import fc from 'fast-check';
import { bakeOf, readingsOf } from '../../testing/bake.js';
import { bakeState, type Act, type BakeState, type BenchRoute } from '../bake/index.js';
import type { ScaleReading } from '../scale/index.js';
import {
  followWeighing,
  NO_WEIGHING,
  weighingOf,
  type Weighing,
  type WeighingMemory,
} from './index.js';

const TEXT = '400 g flour\n200 g sugar';

const shows = (grams: number | null, more: Partial<ScaleReading> = {}): ScaleReading => ({
  state: 'on',
  unit: 'g',
  shown: String(grams ?? ''),
  grams,
  isStable: true,
  tareGrams: 300,
  ...more,
});

/** A bake of flour and sugar by one route, after these acts at its lines. */
function bake(route: BenchRoute, act: (ids: readonly string[]) => readonly Act[] = () => []) {
  const plan = bakeOf(TEXT);
  const ids = plan.lines.map(({ id }) => id);
  const routes = ids.map((line): Act => ({ do: 'route', line, route }));
  return { ids, state: bakeState(plan, readingsOf(...routes, ...act(ids))) };
}

interface Seen {
  readonly now: Weighing;
  readonly memory: WeighingMemory;
}

/** A line weighed while the scale shows these, one after another. */
function weigh(
  { ids, state }: { readonly ids: readonly string[]; readonly state: BakeState },
  at: number,
  readings: readonly ScaleReading[],
  gridGrams = 1,
  isMisused = false,
): Seen {
  const id = ids[at]!;
  let memory = NO_WEIGHING;
  for (const reading of readings) memory = followWeighing(memory, id, { reading, gridGrams });
  const line = state.lines.find((one) => one.line.id === id)!;
  const scale = { reading: readings.at(-1) ?? null, gridGrams, isMisused };
  const containers = [{ name: 'white bowl', grams: 312 }];
  return { memory, now: weighingOf(line, state, scale, memory, containers) };
}

describe('a weighing', () => {
  it('is taken only after a tare, settled, and with something in', () => {
    const flour = bake('container');
    expect(weigh(flour, 0, [shows(400, { tareGrams: 0 })]).now.needsTare).toBeTrue();
    const { now } = weigh(flour, 0, [shows(0), shows(400)]);
    expect([now.needsTare, now.takeable, now.live?.state]).toEqual([false, 400, 'at']);
    expect(weigh(flour, 0, [shows(0), shows(400, { isStable: false })]).now.takeable).toBeNull();
    expect(weigh(flour, 0, [shows(0)]).now.takeable).toBeNull();
    expect(weigh(flour, 0, [shows(0), shows(400)], 1, true).now.takeable).toBeNull();
    expect(weigh(flour, 0, []).now.live).toBeNull();
  });

  it('is not tared by a scale that shows nothing because nothing is on it', () => {
    const { memory } = weigh(bake('container'), 0, [shows(0, { tareGrams: 0 })]);
    expect(memory.isTared).toBeFalse();
    // One that does not tell what was tared away may be.
    expect(weigh(bake('container'), 0, [shows(0, { tareGrams: null })]).memory.isTared).toBeTrue();
  });

  it('begins anew with the next line: what was tared for one is not for another', () => {
    const { ids } = bake('tare');
    const tared = followWeighing(NO_WEIGHING, ids[0]!, { reading: shows(0), gridGrams: 1 });
    expect(tared.isTared).toBeTrue();
    const next = followWeighing(tared, ids[1]!, { reading: shows(5), gridGrams: 1 });
    expect([next.isTared, next.settled]).toEqual([false, [5]]);
    const { state } = bake('tare');
    const scale = { reading: shows(5), gridGrams: 1, isMisused: false };
    const line = state.lines.find(({ line: { id } }) => id === ids[1])!;
    expect(weighingOf(line, state, scale, tared, []).needsTare).toBeTrue();
  });

  it('goes on from what the bowl holds, by the running total', () => {
    const done = bake('total', ([flour]) => [
      { do: 'weigh', line: flour!, route: 'total', grams: 402, scale: 'kitchen' },
    ]);
    const { now } = weigh(done, 1, [shows(402), shows(602)]);
    expect(now.baseGrams).toBe(402);
    expect([now.grams, now.takeable, now.markGrams]).toEqual([200, 200, 602]);
    expect(now.needsTare).toBeFalse();
  });

  it('tells what went wrong, and takes nothing meanwhile', () => {
    const { now } = weigh(bake('tare'), 1, [shows(0), shows(150), shows(462)]);
    expect(now.slip).toEqual({ code: 'container-added', container: 'white bowl', grams: 312 });
    expect(now.takeable).toBeNull();
    expect(weigh(bake('tare'), 1, [shows(0), shows(150), shows(-300)]).now.slip?.code).toBe(
      'lifted',
    );
  });

  it('wants the finer scale for what needs a finer step', () => {
    const salt = bakeOf('400 g flour\n2 g salt');
    const state = bakeState(
      salt,
      readingsOf(...salt.lines.map(({ id }): Act => ({ do: 'route', line: id, route: 'tare' }))),
    );
    const of = { ids: salt.lines.map(({ id }) => id), state };
    expect(weigh(of, 1, [shows(0)]).now.wantsFiner).toBeTrue();
    expect(weigh(of, 0, [shows(0)]).now.wantsFiner).toBeFalse();
    expect(weigh(of, 1, [shows(0)], 0.1).now.wantsFiner).toBeFalse();
  });

  it('never takes what moves or is not there, whatever the scale showed before', () => {
    const flour = bake('tare');
    const readings = fc.array(
      fc.record({
        grams: fc.option(fc.integer({ min: -400, max: 900 })),
        isStable: fc.boolean(),
        tareGrams: fc.option(fc.constantFrom(0, 300)),
      }),
      { minLength: 1, maxLength: 12 },
    );
    fc.assert(
      fc.property(readings, (all) => {
        const { now, memory } = weigh(
          flour,
          0,
          all.map(({ grams, ...more }) => shows(grams, more)),
        );
        const last = all.at(-1)!;
        if (!last.isStable || last.grams === null || last.grams <= 0) {
          expect(now.takeable).toBeNull();
        } else if (now.takeable !== null) {
          expect(now.takeable).toBe(last.grams);
          expect(memory.isTared).toBeTrue();
        }
        expect(memory.settled.length).toBeLessThanOrEqual(8);
      }),
    );
  });
});
