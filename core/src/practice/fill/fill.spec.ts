import fc from 'fast-check';
import { randomFrom, type Random } from '../../chance/index.js';
import { BUILT_IN_SHELF } from '../../shelf/index.js';
import {
  bladeWedge,
  densityIn,
  explainFill,
  fillBy,
  fillTolerance,
  gramsIn,
  looksLike,
  practisedMethods,
  scoreFill,
  startFilling,
  targetGrams,
  volumeIn,
  type FillAct,
  type FillTask,
  type PractisedFilling,
} from './index.js';

const CUP = 236.5882365;
const task = (ingredientId: string, method: FillTask['method']): FillTask => ({
  ingredient: BUILT_IN_SHELF.ingredient(ingredientId)!,
  form: null,
  method,
  millilitres: CUP,
  size: 'cup',
});
const FLOUR = task('flour-wheat-all-purpose', 'spooned');
const SUGAR = task('sugar-granulated', 'level');
const BROWN = task('sugar-brown', 'packed');

/** Nothing is left to chance: each fill is done alike. */
const steady: Random = { ...randomFrom(1), normal: () => 0 };
const HEAP: FillAct = { do: 'spoon', millilitres: 1.3 * CUP };
const LEVEL: FillAct = { do: 'sweep', degrees: 0 };
const after = (of: FillTask, ...acts: readonly FillAct[]): PractisedFilling =>
  acts.reduce(fillBy, startFilling(of, steady)!);
const grams = (of: FillTask, ...acts: readonly FillAct[]): number => gramsIn(after(of, ...acts));

describe('a measure filled by a pretended filler', () => {
  it('weighs what the table says when it is filled as the technique has it', () => {
    expect(grams(FLOUR, { do: 'stir' }, HEAP, LEVEL)).toBeCloseTo(targetGrams(FLOUR)!, 6);
    expect(grams(SUGAR, HEAP, LEVEL)).toBeCloseTo(targetGrams(SUGAR)!, 6);
    const dipped = task('flour-wheat-all-purpose', 'dipped');
    expect(grams(dipped, { do: 'stir' }, { do: 'dip' }, LEVEL)).toBeCloseTo(
      targetGrams(dipped)!,
      6,
    );
    const sifted = task('flour-wheat-all-purpose', 'sifted');
    expect(grams(sifted, { do: 'sift' }, HEAP, LEVEL)).toBeCloseTo(targetGrams(sifted)!, 6);
  });

  it('weighs a tenth more out of a bin that nobody stirred', () => {
    expect(grams(FLOUR, HEAP, LEVEL) / targetGrams(FLOUR)!).toBeCloseTo(1.1, 9);
  });

  it('weighs more with every press that is filled up again, and never more than tamped', () => {
    const tamped = targetGrams(task('flour-wheat-all-purpose', 'tamped'))!;
    const press: FillAct[] = [{ do: 'press' }, HEAP];
    let before = grams(FLOUR, { do: 'stir' }, HEAP, LEVEL);
    for (let presses = 1; presses <= 6; presses++) {
      const all = Array.from({ length: presses }, () => press).flat();
      const now = grams(FLOUR, { do: 'stir' }, HEAP, ...all, LEVEL);
      expect(now).toBeGreaterThan(before);
      before = now;
    }
    const often = Array.from({ length: 60 }, (): FillAct => ({ do: 'press' }));
    expect(grams(FLOUR, HEAP, ...often, HEAP, ...often, LEVEL)).toBeLessThanOrEqual(tamped + 1e-9);
  });

  it('does not change by pressing what does not compress', () => {
    const presses: FillAct[] = [{ do: 'press' }, { do: 'tap' }, { do: 'stir' }, { do: 'sift' }];
    expect(grams(SUGAR, HEAP, ...presses, LEVEL)).toBeCloseTo(targetGrams(SUGAR)!, 6);
  });

  it('of brown sugar is a third lighter loose, and comes up to packed by pressing', () => {
    const loose = grams(BROWN, HEAP, LEVEL) / targetGrams(BROWN)!;
    expect(loose).toBeLessThan(0.75);
    const press: FillAct[] = [{ do: 'press' }, { do: 'press' }, { do: 'press' }, HEAP];
    const all = [...press, ...press, ...press, ...press, LEVEL];
    expect(grams(BROWN, HEAP, ...all) / targetGrams(BROWN)!).toBeGreaterThan(0.95);
  });

  it('keeps a wedge under a blade with one end lifted: π r³ tan', () => {
    // r = (236.588 cm³ / 2π)^(1/3) = 3.352 cm; π · 37.65 · tan 5° = 10.35 cm³, by hand.
    expect(bladeWedge(CUP, 5)).toBeCloseTo(10.35, 1);
    const lifted = after(FLOUR, { do: 'stir' }, HEAP, { do: 'sweep', degrees: 5 });
    expect(volumeIn(lifted) - CUP).toBeCloseTo(bladeWedge(CUP, 5), 6);
    const dug = after(FLOUR, { do: 'stir' }, HEAP, { do: 'sweep', degrees: -5 });
    expect(CUP - volumeIn(dug)).toBeCloseTo(bladeWedge(CUP, 5), 6);
  });

  it('holds no more than a heap, and nothing once it was tipped out', () => {
    expect(volumeIn(after(FLOUR, HEAP, HEAP, HEAP))).toBeCloseTo(1.25 * CUP, 6);
    expect(grams(FLOUR, HEAP, { do: 'empty' })).toBe(0);
  });

  it('says why: each habit by name, with the grams that it made', () => {
    const first = (...acts: readonly FillAct[]) =>
      explainFill(after(FLOUR, ...acts), targetGrams(FLOUR)!)[0]!;
    const stir: FillAct = { do: 'stir' };
    expect(first(HEAP, LEVEL).cause).toBe('settled');
    expect(first(HEAP, LEVEL).grams).toBeCloseTo(0.1 * targetGrams(FLOUR)!, 6);
    expect(first(stir, { do: 'dip' }, LEVEL).cause).toBe('dipped');
    expect(first({ do: 'sift' }, HEAP, LEVEL).cause).toBe('sifted');
    expect(first(stir, HEAP, { do: 'press' }, { do: 'press' }, HEAP, LEVEL).cause).toBe('pressed');
    expect(first(stir, HEAP, { do: 'tap' }, { do: 'tap' }, HEAP, LEVEL).cause).toBe('tapped');
    expect(first(stir, HEAP).cause).toBe('heaped');
    expect(first(stir, HEAP, { do: 'sweep', degrees: 8 }).cause).toBe('blade-lifted');
    expect(first(stir, HEAP, { do: 'sweep', degrees: -8 }).cause).toBe('blade-dug-in');
    expect(first(stir, { do: 'spoon', millilitres: 180 }, LEVEL).cause).toBe('not-full');
    expect(explainFill(after(BROWN, HEAP, LEVEL), targetGrams(BROWN)!)[0]!.cause).toBe('too-loose');
    expect(explainFill(after(FLOUR), 125)).toEqual([{ cause: 'not-full', grams: -125 }]);
  });

  const acts = fc.array(
    fc.oneof(
      fc.constantFrom<FillAct>(
        { do: 'stir' },
        { do: 'sift' },
        { do: 'dip' },
        { do: 'press' },
        { do: 'tap' },
        { do: 'empty' },
      ),
      fc
        .integer({ min: 0, max: 400 })
        .map((millilitres): FillAct => ({ do: 'spoon', millilitres })),
      fc.integer({ min: -40, max: 40 }).map((degrees): FillAct => ({ do: 'sweep', degrees })),
    ),
    { maxLength: 25 },
  );
  const tasks = BUILT_IN_SHELF.all.flatMap((ingredient) =>
    practisedMethods(ingredient).map((method) => ({ ...FLOUR, ingredient, method })),
  );

  it('stays possible whatever is done, and its reasons add up to what it is off by', () => {
    fc.assert(
      fc.property(fc.constantFrom(...tasks), acts, fc.integer(), (of, done, seed) => {
        const filled = done.reduce(fillBy, startFilling(of, randomFrom(seed))!);
        const target = targetGrams(of)!;
        const sum = explainFill(filled, target).reduce((all, { grams: part }) => all + part, 0);
        expect(sum).toBeCloseTo(gramsIn(filled) - target, 6);
        expect(gramsIn(filled)).toBeGreaterThanOrEqual(0);
        expect(volumeIn(filled)).toBeLessThanOrEqual(1.25 * CUP + 1e-6);
        expect(densityIn(filled)).toBeLessThan(3);
      }),
      { numRuns: 2000 },
    );
  });
});

describe('somebody who listens to what they are told', () => {
  /** Starts with a habit, and halves after each fill what was the largest reason. */
  function learner(seed: number): number[] {
    const random = randomFrom(seed);
    let settles = random.uniform() < 0.5;
    let presses = Math.floor(random.uniform() * 5);
    let degrees = 24 * random.uniform() - 12;
    let dips = random.uniform() < 0.3;
    return Array.from({ length: 10 }, () => {
      const habit: FillAct[] = [
        ...(settles ? [] : [{ do: 'stir' } as const]),
        ...(dips ? [{ do: 'dip' } as const] : [HEAP]),
        ...Array.from({ length: presses }, (): FillAct => ({ do: 'press' })),
        HEAP,
        { do: 'sweep', degrees },
      ];
      const filled = habit.reduce(fillBy, startFilling(FLOUR, random)!);
      const target = targetGrams(FLOUR)!;
      switch (explainFill(filled, target)[0]?.cause) {
        case 'settled':
          settles = false;
          break;
        case 'dipped':
          dips = false;
          break;
        case 'pressed':
          presses = Math.floor(presses / 2);
          break;
        case 'blade-lifted':
        case 'blade-dug-in':
          degrees /= 2;
          break;
        default:
      }
      return Math.abs(gramsIn(filled) / target - 1);
    });
  }
  const meanOf = (offs: readonly number[]): number => offs.reduce((a, b) => a + b, 0) / offs.length;

  it('is nearer in the second series than in the first', () => {
    let nearer = 0;
    let first = 0;
    let second = 0;
    for (let seed = 1; seed <= 200; seed++) {
      const offs = learner(seed);
      const [early, late] = [meanOf(offs.slice(0, 5)), meanOf(offs.slice(5))];
      if (late < early) nearer += 1;
      first += early / 200;
      second += late / 200;
    }
    expect(nearer).toBeGreaterThan(180);
    expect(second).toBeLessThan(first / 2);
    expect(second).toBeLessThan(fillTolerance(FLOUR));
  });
});

describe('what a real fill looks like', () => {
  const looks = (weighed: number, of = FLOUR) => looksLike(weighed, of)!.code;

  it('is as asked, another way of filling, or a slip at the scale', () => {
    const target = targetGrams(FLOUR)!;
    expect(looks(target * 1.05)).toBe('as-asked');
    expect(looksLike(targetGrams(task('flour-wheat-all-purpose', 'dipped'))!, FLOUR)).toEqual(
      jasmine.objectContaining({ code: 'like-method', method: 'dipped' }),
    );
    expect(looks(target / 28.35)).toBe('ounces');
    expect(looks(2 * target)).toBe('several-fills');
    expect(looks(target + 312)).toBe('too-heavy');
    expect(looks(target * 0.7)).toBe('not-full');
    expect(looks(target * 0.3)).toBe('too-light');
    expect(looks(1.2 * targetGrams(SUGAR)!, SUGAR)).toBe('heaped');
  });

  it('is not guessed where nobody knows the target', () => {
    const unknown = { ...FLOUR, ingredient: { ...FLOUR.ingredient, id: 'own', weights: [] } };
    expect(looksLike(100, unknown)).toBeNull();
    expect(startFilling(unknown, steady)).toBeNull();
  });

  it('is scored by its class, or by the tolerance of whoever sets one', () => {
    const target = targetGrams(FLOUR)!;
    expect(scoreFill(1.08 * target, FLOUR)!.isGood).toBe(false);
    expect(scoreFill(1.08 * target, FLOUR, 0.1)).toEqual({
      off: jasmine.any(Number) as unknown as number,
      tolerance: 0.1,
      isGood: true,
    });
    expect(scoreFill(0.9 * target, FLOUR)!.off).toBeCloseTo(-0.1, 9);
  });

  it('has a tolerance by class and method: nobody is asked for closer than 3 %', () => {
    expect(fillTolerance(FLOUR)).toBeCloseTo(0.06, 9);
    expect(fillTolerance(SUGAR)).toBe(0.03);
    expect(fillTolerance(task('flour-wheat-all-purpose', 'dipped'))).toBeCloseTo(0.105, 9);
  });
});
