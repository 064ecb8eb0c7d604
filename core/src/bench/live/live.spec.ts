import fc from 'fast-check';
import {
  barAt,
  countJump,
  inSpoons,
  isSteady,
  liveTarget,
  MARK,
  NO_JUMPS,
  steadyAt,
  weighingSlip,
  type ExpectedFill,
  type Jump,
  type JumpMemory,
  type SteadyAt,
  type WeighingSetting,
} from './index.js';

const settled = (grams: number, tareGrams = 312) =>
  ({ state: 'on', grams, isStable: true, tareGrams }) as const;
const moving = (grams: number) => ({ ...settled(grams), isStable: false });

describe('the bar', () => {
  it('is finer near the mark, and rises everywhere', () => {
    expect(barAt(0)).toBe(0);
    expect(barAt(1)).toBeCloseTo(MARK, 12);
    expect(barAt(0.95) - barAt(0.9)).toBeGreaterThan(3 * (barAt(0.5) - barAt(0.45)));
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1.04, noNaN: true }),
        fc.double({ min: 1e-6, max: 1, noNaN: true }),
        (share, more) => {
          expect(barAt(share + more)).toBeGreaterThanOrEqual(barAt(share));
          expect(barAt(share + more)).toBeLessThanOrEqual(1);
        },
      ),
    );
  });

  it('says what is still to come and when it is there', () => {
    const target = { wantedGrams: 500, tolerance: 0.01, gridGrams: 1 };
    expect(liveTarget(0, target).state).toBe('empty');
    expect(liveTarget(300, target).state).toBe('far');
    expect(liveTarget(470, target)).toEqual(
      jasmine.objectContaining({ state: 'near', leftGrams: 30 }),
    );
    expect(liveTarget(505, target).state).toBe('at');
    expect(liveTarget(506, target)).toEqual(
      jasmine.objectContaining({ state: 'over', leftGrams: -6 }),
    );
  });

  it('never asks for less than a step of the scale', () => {
    const pinch = { wantedGrams: 3, tolerance: 0.025, gridGrams: 0.1 };
    expect(liveTarget(3.1, pinch).state).toBe('at');
    expect(liveTarget(3.3, pinch).state).toBe('over');
  });

  it('is taken by itself after a second at the mark, and begins anew when it moves', () => {
    const target = { wantedGrams: 100, tolerance: 0.01, gridGrams: 1 };
    const after = (...grams: readonly (readonly [grams: number, now: number])[]): SteadyAt | null =>
      grams.reduce<SteadyAt | null>(
        (at, [value, now]) => steadyAt(at, { grams: value, isStable: true }, target, now),
        null,
      );
    expect(isSteady(after([100, 0], [101, 500]), 1000)).toBeTrue();
    expect(isSteady(after([100, 0]), 999)).toBeFalse();
    expect(isSteady(after([100, 0], [80, 400], [100, 600]), 1500)).toBeFalse();
    expect(steadyAt(after([100, 0]), { grams: 100, isStable: false }, target, 600)).toBeNull();
  });
});

describe('in spoons', () => {
  it('tells a mass as a baker would spoon it', () => {
    const told = (grams: number, each = 4): string => {
      const found = inSpoons(grams, each);
      return found ? `${found.amount.toFraction(true)} ${found.unit}` : 'nothing';
    };
    expect(told(0.2)).toBe('nothing');
    expect(told(1)).toBe('1/4 tsp');
    expect(told(6)).toBe('1 1/2 tsp');
    expect(told(12)).toBe('1 tbsp');
    expect(told(18)).toBe('1 1/2 tbsp');
    expect(told(96)).toBe('1/2 cup');
  });

  it('is never further off than half of what it is told in', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.6, max: 400, noNaN: true }), (grams) => {
        const found = inSpoons(grams, 4);
        const teaspoons = found!.amount.valueOf() * { tsp: 1, tbsp: 3, cup: 48 }[found!.unit];
        const step = { tsp: 0.25, tbsp: 1.5, cup: 12 }[found!.unit];
        expect(Math.abs(teaspoons - grams / 4)).toBeLessThanOrEqual(step / 2 + 1e-9);
      }),
    );
  });
});

describe('counting from jumps', () => {
  const CUP: ExpectedFill = { tool: '1 cup', grams: 125, spread: 0.04 };
  const THIRD: ExpectedFill = { tool: '1/3 cup', grams: 41.7, spread: 0.04 };

  const jumps = (
    expected: readonly ExpectedFill[],
    ...readings: readonly ReturnType<typeof settled | typeof moving>[]
  ): Jump[] => {
    let memory: JumpMemory = NO_JUMPS;
    return readings.flatMap((reading) => {
      const next = countJump(memory, reading, expected, {
        gridGrams: 1,
        containers: [{ name: 'white enamel bowl', grams: 312 }],
      });
      memory = next.memory;
      return next.jump ?? [];
    });
  };

  it('counts a fill when it has settled, not while it falls', () => {
    const seen = jumps([CUP, THIRD], settled(0), moving(60), moving(120), settled(126));
    expect(seen).toEqual([{ is: 'fills', tool: '1 cup', grams: [126], unlike: null }]);
  });

  it('tells cups from thirds, and two at once from one', () => {
    const seen = jumps([CUP, THIRD], settled(0), settled(42), settled(292));
    expect(
      seen.map((jump) => (jump.is === 'fills' ? [jump.tool, jump.grams.length] : jump.is)),
    ).toEqual([
      ['1/3 cup', 1],
      ['1 cup', 2],
    ]);
  });

  it('says when a fill was unlike the others', () => {
    const [jump] = jumps([CUP], settled(0), settled(155));
    expect(jump).toEqual({ is: 'fills', tool: '1 cup', grams: [155], unlike: jasmine.any(Number) });
    expect(jump!.is === 'fills' && jump!.unlike).toBeCloseTo(0.24, 9);
  });

  it('notices what is taken out, and what is no fill at all', () => {
    expect(jumps([CUP], settled(250), settled(122))).toEqual([{ is: 'taken-out', grams: 128 }]);
    expect(jumps([CUP], settled(0), settled(900))).toEqual([{ is: 'unknown', grams: 900 }]);
    expect(jumps([CUP], settled(0, 0), settled(312, 0))).toEqual([{ is: 'unknown', grams: 312 }]);
  });

  it('takes zeroing for no fill and for nothing taken out', () => {
    expect(jumps([CUP], settled(125, 0), settled(0, 125), settled(125, 125)).length).toBe(1);
  });

  it('is not misled by drift, and adds up what trickles in', () => {
    const drifting = Array.from({ length: 40 }, (_, at) => settled(Math.round(at / 4)));
    expect(jumps([CUP], ...drifting)).toEqual([]);
    // A cup that is poured in three goes is one cup.
    expect(jumps([CUP], settled(0), settled(20), settled(40), settled(124)).length).toBe(1);
    const two = jumps([CUP], settled(0), settled(123), settled(124), settled(249));
    expect(two.flatMap((jump) => (jump.is === 'fills' ? jump.grams : []))).toEqual([123, 126]);
  });

  it('counts a made-up baker right: fills of 4 % scatter, in any order', () => {
    const off = fc.double({ min: -0.1, max: 0.1, noNaN: true });
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(CUP, THIRD), off), { minLength: 1, maxLength: 12 }),
        (fills) => {
          let grams = 0;
          const readings = fills.map(([{ grams: each }, share]) =>
            settled(Math.round((grams += each * (1 + share)))),
          );
          const seen = jumps([CUP, THIRD], settled(0), ...readings);
          expect(seen.map((jump) => jump.is === 'fills' && jump.tool)).toEqual(
            fills.map(([{ tool }]) => tool),
          );
          const counted = seen.flatMap((jump) => (jump.is === 'fills' ? jump.grams : []));
          expect(counted.reduce((sum, one) => sum + one, 0)).toBeCloseTo(readings.at(-1)!.grams, 6);
        },
      ),
    );
  });
});

describe('slips while weighing', () => {
  const SETTING: WeighingSetting = {
    containers: [{ name: 'white enamel bowl', grams: 312 }],
    gridGrams: 1,
    mostGrams: 300,
    startGrams: null,
    settled: [],
    lastGrams: null,
  };
  const slip = (grams: number, setting: Partial<WeighingSetting> = {}, tareGrams = 0) =>
    weighingSlip(settled(grams, tareGrams), { ...SETTING, ...setting })?.code ?? null;

  it('notices a lifted container and a minus', () => {
    expect(slip(-312, {}, 312)).toBe('lifted');
    expect(slip(-40, {}, 312)).toBe('negative');
    expect(slip(380, { startGrams: 540 })).toBe('lifted');
    expect(slip(-1)).toBeNull();
  });

  it('notices a container that was put on in the middle', () => {
    expect(slip(512, { settled: [200] })).toBe('container-added');
    expect(slip(480, { settled: [200] })).toBeNull();
    // Poured in two goes it may weigh as much as a bowl, and is wanted.
    expect(slip(512, { settled: [200], mostGrams: 515 })).toBeNull();
    const paper = [{ name: 'sheet of paper', grams: 5 }];
    expect(slip(305, { settled: [300], containers: paper })).toBeNull();
  });

  it('notices that nothing was zeroed after the last ingredient', () => {
    expect(slip(534, { lastGrams: 534, mostGrams: 600 })).toBe('not-zeroed');
    expect(slip(534, { lastGrams: 534, settled: [100] })).toBeNull();
  });

  it('says nothing while it moves', () => {
    expect(weighingSlip(moving(-312), SETTING)).toBeNull();
  });
});
