import { BUILT_IN_SHELF } from '../shelf/index.js';
import { knownOfHand, trialSets, type Trial } from './index.js';

const CUP = 236.5882365;
const BOWL = { name: 'white bowl', grams: 312 };
const trial = (grams: number, of: Partial<Trial> = {}): Trial => ({
  ingredientId: 'flour-wheat-all-purpose',
  form: null,
  method: 'dipped',
  tool: '1 cup',
  grams,
  millilitres: CUP,
  size: 'cup',
  verdict: null,
  ...of,
});
const sets = (trials: readonly Trial[]) => trialSets(trials, BUILT_IN_SHELF, [BOWL]);
const known = (trials: readonly Trial[]) => knownOfHand(sets(trials), 'Grebe');

describe('the trials of a hand', () => {
  it('are judged among their own kind', () => {
    const both = sets([
      trial(145),
      trial(120, { method: 'spooned' }),
      trial(147),
      trial(70, { tool: '1/2 cup', millilitres: CUP / 2 }),
    ]);
    expect(both.map(({ trials }) => trials.length)).toEqual([2, 1, 1]);
    expect(both[0]?.reference?.gramsPerMillilitre).toBeGreaterThan(
      both[1]!.reference!.gramsPerMillilitre,
    );
  });

  it('count unless they are doubted, and then as the baker decides', () => {
    const odd = 146 + 312;
    const counted = (verdict: Trial['verdict']): number =>
      sets([trial(145), trial(147), trial(144), trial(odd, { verdict })])[0]!.calibration!.trials;
    expect(counted(null)).toBe(3);
    expect(counted('aside')).toBe(3);
    expect(counted('kept')).toBe(4);
    expect(sets([trial(odd), trial(145), trial(147)])[0]!.trials[0]!.slip?.code).toBe('untared');
  });

  it('set aside do not pull the others along', () => {
    const heavy = [460, 461, 459, 462].map((grams) => trial(grams, { verdict: 'aside' }));
    const [set] = sets([...heavy, trial(145), trial(147), trial(144)]);
    expect(set!.trials.slice(4).every(({ slip }) => slip === null)).toBeTrue();
  });

  it('make a hand known from the third on', () => {
    expect(known([trial(145), trial(147)])).toEqual([]);
    const [weight] = known([trial(145), trial(147), trial(149)]);
    expect(weight?.rung).toBe('hand');
    expect(weight!.gramsPerMillilitre * CUP).toBeCloseTo(147, 9);
    expect(weight?.source).toEqual({ from: 'hand', hand: 'Grebe', trials: 3 });
  });

  it('with a cup and with a half cup are one hand', () => {
    const [weight, ...more] = known([
      trial(145),
      trial(147),
      trial(74, { tool: '1/2 cup', millilitres: CUP / 2 }),
    ]);
    expect(more).toEqual([]);
    expect(weight!.gramsPerMillilitre * CUP).toBeCloseTo((145 + 147 + 148) / 3, 9);
  });
});
