import fc from 'fast-check';
import { BAKE_KINDS } from '../baking/index.js';
import { bakeState, type Act } from '../bench/index.js';
import { BUILT_IN_SHELF } from '../shelf/index.js';
import { outcomeOf, type BakeOutcome } from '../log/index.js';
import { bakeOf, readingsOf } from '../testing/bake.js';
import {
  CAUSES,
  dialNextTime,
  earlierFailures,
  failedBake,
  DOUBTED,
  isBelievable,
  MOST_QUESTIONS,
  nextQuestion,
  STATED,
  NOTHING_WRONG,
  QUESTIONS,
  rankCauses,
  SYMPTOMS,
  SYMPTOMS_OF,
  triedBefore,
  type FailedBake,
} from './index.js';

const CAKE: FailedBake = {
  kind: 'cake',
  symptoms: ['dense', 'dry'],
  figures: {},
  answers: {},
  has: ['leavening', 'egg', 'salt', 'fat'],
};
const first = (
  bake: Partial<FailedBake>,
  ...rest: [FailedBake[]?, { causeId: string; verdict: 'better' | 'same' | 'worse' }[]?]
) => rankCauses({ ...CAKE, ...bake }, ...rest)[0]!.cause.id;
const chanceOf = (id: string, ranked = rankCauses(CAKE)): number =>
  ranked.find(({ cause }) => cause.id === id)?.chance ?? 0;

describe('the table of causes', () => {
  it('has chances for chances, and each cause once', () => {
    expect(new Set(CAUSES.map(({ id }) => id)).size).toBe(CAUSES.length);
    for (const { id, shows, asks, expects } of CAUSES) {
      for (const [what, chance] of Object.entries({ ...shows, ...asks })) {
        expect(chance).withContext(`${id} ${what}`).toBeGreaterThan(0);
        expect(chance).withContext(`${id} ${what}`).toBeLessThan(1);
      }
      for (const expected of Object.values(expects)) expect(expected.spread).toBeGreaterThan(0);
    }
  });

  it('has a cause for every symptom and every question', () => {
    for (const symptom of SYMPTOMS) {
      expect(CAUSES.some(({ shows }) => (shows[symptom] ?? 0) >= 0.3))
        .withContext(symptom)
        .toBeTrue();
    }
    for (const question of QUESTIONS) {
      expect(CAUSES.some(({ asks }) => asks[question]))
        .withContext(question)
        .toBeTrue();
    }
    for (const kind of BAKE_KINDS) expect(SYMPTOMS_OF[kind].length).toBeGreaterThan(8);
  });
});

describe('a diagnosis', () => {
  it('names flour for what is dense and dry, and salt for what is bland', () => {
    expect(first({})).toBe('flour-over');
    expect(first({ symptoms: ['bland'] })).toBe('salt-under');
    expect(first({ symptoms: ['salty'] })).toBe('salt-over');
    expect(first({ symptoms: ['dark-outside', 'peaked', 'cracked'] })).toBe('oven-hot');
    expect(first({ symptoms: ['tough', 'tunnels'] })).toBe('overmixed');
    expect(first({ symptoms: ['soapy', 'sunken'] })).toBe('leavening-over');
    expect(first({ symptoms: ['greasy', 'spread'], answers: { 'fat-melting': 'yes' } })).toBe(
      'fat-warm',
    );
  });

  it('drops the usual suspect once a scale says otherwise', () => {
    const exact = rankCauses({ ...CAKE, figures: { flour: { value: 0.002, spread: 0.005 } } });
    expect(chanceOf('flour-over', exact)).toBeLessThan(0.05);
    const over = rankCauses({ ...CAKE, figures: { flour: { value: 0.15, spread: 0.005 } } });
    expect(chanceOf('flour-over', over)).toBeGreaterThan(0.85);
  });

  it('goes by a thermometer rather than by what one thinks of the oven', () => {
    const hot = { heat: { value: 14, spread: 2 } };
    expect(first({ symptoms: ['dark-outside', 'cracked'], figures: hot })).toBe('oven-hot');
    const right = rankCauses({
      ...CAKE,
      symptoms: ['dark-outside', 'cracked'],
      figures: { heat: { value: 0, spread: 2 } },
    });
    expect(chanceOf('oven-hot', right)).toBeLessThan(0.2);
  });

  it('never blames what a recipe does not have', () => {
    const ids = rankCauses({ ...CAKE, has: [] }).map(({ cause }) => cause.id);
    for (const id of ['yeast-short', 'salt-under', 'egg-small', 'leavening-weak'] as const) {
      expect(ids).not.toContain(id);
    }
  });

  it('says what speaks for and against each cause, the strongest first', () => {
    const [flour] = rankCauses({ ...CAKE, figures: { flour: { value: 0.14, spread: 0.005 } } });
    expect(flour!.speaksFor[0]!.about).toEqual(
      jasmine.objectContaining({ is: 'figure', figure: 'flour' }),
    );
    for (const list of [flour!.speaksFor, flour!.speaksAgainst]) {
      const weights = list.map(({ weight }) => Math.abs(weight));
      expect(weights).toEqual([...weights].sort((a, b) => b - a));
    }
  });

  it('is surer with a second bake that failed alike, and with a change that helped', () => {
    const alone = chanceOf('flour-over');
    expect(chanceOf('flour-over', rankCauses(CAKE, [CAKE]))).toBeGreaterThan(alone);
    expect(
      chanceOf('flour-over', rankCauses(CAKE, [], [{ causeId: 'flour-over', verdict: 'better' }])),
    ).toBeGreaterThan(alone);
    expect(
      chanceOf('flour-over', rankCauses(CAKE, [], [{ causeId: 'flour-over', verdict: 'worse' }])),
    ).toBeLessThan(alone);
  });

  it('adds up to one, whatever is known', () => {
    const figure = fc.record({
      value: fc.oneof(
        fc.double({ min: -1, max: 1, noNaN: true }),
        fc.double({ min: -1e5, max: 1e5, noNaN: true }),
      ),
      spread: fc.double({ min: 0, max: 0.2, noNaN: true }),
    });
    const bake = fc.record({
      kind: fc.constantFrom(...BAKE_KINDS),
      symptoms: fc.subarray([...SYMPTOMS]),
      figures: fc.dictionary(fc.constantFrom(...Object.keys(NOTHING_WRONG)), figure),
      answers: fc.dictionary(
        fc.constantFrom(...QUESTIONS),
        fc.constantFrom('yes', 'no', 'unknown'),
      ),
      has: fc.subarray(['leavening', 'yeast', 'egg', 'salt', 'fat'] as const),
    }) as fc.Arbitrary<FailedBake>;
    fc.assert(
      fc.property(bake, fc.array(bake, { maxLength: 3 }), (now, earlier) => {
        const ranked = rankCauses(now, earlier);
        const total = ranked.reduce((sum, { chance }) => sum + chance, 0);
        expect(total).toBeCloseTo(1, 9);
        for (const [at, { chance }] of ranked.slice(1).entries()) {
          expect(chance).toBeLessThanOrEqual(ranked[at]!.chance);
        }
      }),
    );
  });
});

describe('the next question', () => {
  it('is the one that tells most, and none that a scale has answered', () => {
    expect(nextQuestion(rankCauses(CAKE), CAKE)!.question).toBe('flour-dipped');
    const weighed = { ...CAKE, figures: { flour: { value: 0, spread: 0.005 } } };
    expect(nextQuestion(rankCauses(weighed), weighed)?.question).not.toBe('flour-dipped');
  });

  it('is never asked twice, and they come to an end', () => {
    let bake = CAKE;
    const asked = new Set<string>();
    for (;;) {
      const next = nextQuestion(rankCauses(bake), bake);
      if (!next) break;
      expect(asked.has(next.question)).toBeFalse();
      asked.add(next.question);
      bake = { ...bake, answers: { ...bake.answers, [next.question]: 'unknown' } };
    }
    expect(asked.size).toBeGreaterThan(0);
    expect(asked.size).toBeLessThanOrEqual(QUESTIONS.length);
  });

  it('is not asked where the cause is clear', () => {
    const clear = { ...CAKE, figures: { flour: { value: 0.17, spread: 0.005 } } };
    expect(nextQuestion(rankCauses(clear), clear)).toBeNull();
  });
});

describe('the record of a bake', () => {
  const plan = bakeOf(
    'Lock cake\n200 g flour\n100 g butter\n100 g sugar\n2 eggs\n100 g milk\n2 tsp baking powder\n1/2 tsp salt',
  );
  const weigh = (times: number): Act[] =>
    plan.lines.flatMap(({ id, role, intendedGrams }): Act[] => [
      {
        do: 'weigh',
        line: id,
        route: 'container',
        grams: intendedGrams! * (role === 'flour' ? times : 1),
        scale: 'kitchen scale',
      },
    ]);
  const HEAT: Act = {
    do: 'heat',
    oven: 'lock oven',
    isFan: false,
    wantedCelsius: 180,
    dialCelsius: 180,
    rack: 'middle',
    pan: 'as-written',
    trays: 1,
  };
  const RESULT: Act = { do: 'result', rating: 2, symptoms: ['dense'], note: '', isWasted: false };
  const AROUND = {
    ovenReadings: [{ setCelsius: 180, readCelsius: 194, isFan: false }],
    steps: [
      { id: 'b', kind: 'bake' as const, text: '', minutes: { min: 30, max: 40 }, heat: null },
      { id: 'pan', kind: 'cool' as const, text: '', minutes: { min: 10, max: 10 }, heat: null },
    ],
  };
  const at = (minute: number, act: Act) => ({
    ...readingsOf(act)[0]!,
    id: `minute-${minute}`,
    at: new Date(Date.UTC(2026, 2, 14, 10, minute)).toISOString(),
  });

  it('tells masses, heat and times as far as they were recorded', () => {
    const state = bakeState(plan, [
      ...readingsOf(...weigh(1.12), HEAT, RESULT),
      at(0, { do: 'tray', tray: 1, to: 'oven' }),
      at(42, { do: 'tray', tray: 1, to: 'pan' }),
      at(62, { do: 'tray', tray: 1, to: 'rack' }),
    ]);
    const { figures, has, symptoms } = failedBake(state, AROUND);
    expect(figures.flour!.value).toBeCloseTo(0.12, 6);
    expect(figures.water!.value).toBeCloseTo(0, 6);
    expect(figures.heat!.value).toBeCloseTo(12.6, 1);
    expect(figures.minutes!.value).toBeCloseTo(0.2, 2);
    expect(figures.pan!.value).toBeCloseTo(10, 1);
    expect([...has].sort()).toEqual(['egg', 'fat', 'leavening', 'salt']);
    expect(symptoms).toEqual(['dense']);
    expect(dialNextTime(state, AROUND.ovenReadings)!).toBeCloseTo(167.4, 1);
  });

  it('takes a time that nobody can have meant for a tap that was forgotten', () => {
    const state = bakeState(plan, [
      at(0, { do: 'tray', tray: 1, to: 'oven' }),
      at(35, { do: 'tray', tray: 1, to: 'pan' }),
      at(35 + 24 * 60, { do: 'tray', tray: 1, to: 'rack' }),
    ]);
    const { figures } = failedBake(state, AROUND);
    expect(figures.minutes!.value).toBeCloseTo(0, 6);
    expect(figures.pan).toBeUndefined();
    const overnight = bakeState(plan, [
      at(0, { do: 'tray', tray: 1, to: 'oven' }),
      at(600, { do: 'tray', tray: 1, to: 'pan' }),
    ]);
    expect(failedBake(overnight, AROUND).figures.minutes).toBeUndefined();
  });

  it('is silent on what was filled, and on an oven that nobody measured', () => {
    const state = bakeState(plan, readingsOf({ do: 'finish', line: plan.lines[0]!.id }, HEAT));
    const { figures } = failedBake(state, { ovenReadings: [], steps: [] });
    expect(figures).toEqual({});
    expect(dialNextTime(state, [])).toBeNull();
  });

  it('is joined by failed bakes before it, back to the last good one', () => {
    const told = (id: string, acts: readonly Act[]): BakeOutcome =>
      outcomeOf(
        { id, recipeId: 'recipe', begunAt: '2026-03-14T07:00:00.000Z', handId: null },
        bakeState(plan, readingsOf(...acts)),
        BUILT_IN_SHELF,
      );
    const failed = [...weigh(1.1), RESULT];
    const outcomes = [
      told('old', failed),
      told('good', [...weigh(1), { ...RESULT, rating: 5, symptoms: [] }]),
      told('a', failed),
      told('b', failed),
      told('c', failed),
      told('now', failed),
    ];
    const earlier = earlierFailures(outcomes, 'now', ['fat'], BUILT_IN_SHELF);
    expect(earlier.length).toBe(2);
    expect(earlier[0]!.figures.flour!.value).toBeCloseTo(0.1, 6);
    expect(earlierFailures(outcomes, 'a', ['fat'], BUILT_IN_SHELF)).toEqual([]);
    const tried = { causeId: 'flour-over', verdict: 'better' };
    expect(
      triedBefore(
        [
          { ...outcomes[0]!, tried },
          { ...outcomes[1]!, tried: { causeId: 'x', verdict: null } },
        ],
        'now',
      ),
    ).toEqual([{ causeId: 'flour-over', verdict: 'better' }]);
  });
});

describe('a diagnosis by opinions that may be off', () => {
  it('takes every likelihood nearer to a half than it is stated', () => {
    const cause = CAUSES.find(({ id }) => id === 'salt-under')!;
    const [stated, doubted] = [STATED.symptom(cause, 'bland'), DOUBTED.symptom(cause, 'bland')];
    expect(doubted).toBeLessThan(stated);
    expect(doubted).toBeGreaterThan(0.8);
    expect(DOUBTED.yes(cause, 'mixed-long')).toBeGreaterThan(STATED.yes(cause, 'mixed-long'));
  });

  it('ties a jug read from above to too little liquid, and to nothing else', () => {
    const asked = CAUSES.filter(({ asks }) => asks['jug-from-above']).map(({ id }) => id);
    expect(asked).toEqual(['water-under']);
    const dry: FailedBake = { ...CAKE, symptoms: ['dry', 'cracked'] };
    const yes = rankCauses({ ...dry, answers: { 'jug-from-above': 'yes' } });
    expect(chanceOf('water-under', yes)).toBeGreaterThan(
      2 * chanceOf('water-under', rankCauses(dry)),
    );
    expect(chanceOf('water-over', yes)).toBeLessThan(chanceOf('water-over', rankCauses(dry)));
  });

  it('is not carried away by a record that nobody believes', () => {
    const odd = rankCauses({
      ...CAKE,
      symptoms: ['dense'],
      figures: { minutes: { value: -0.98, spread: 0.02 } },
    });
    expect(odd[0]!.chance).toBeLessThan(0.5);
  });

  it('holds no sign of a cause against it', () => {
    for (const kind of BAKE_KINDS) {
      for (const symptom of SYMPTOMS_OF[kind]) {
        for (const { cause, speaksAgainst } of rankCauses({ ...CAKE, kind, symptoms: [symptom] })) {
          const isAgainst = speaksAgainst.some(
            ({ about }) => about.is === 'symptom' && about.isThere && about.symptom === symptom,
          );
          expect(isAgainst && cause.shows[symptom] !== undefined)
            .withContext(`${cause.id} ${symptom}`)
            .toBeFalse();
        }
      }
    }
  });

  it('asks four questions at most', () => {
    let bake: FailedBake = CAKE;
    let asked = 0;
    for (let next = nextQuestion(rankCauses(bake), bake); next; asked++) {
      bake = { ...bake, answers: { ...bake.answers, [next.question]: 'unknown' } };
      next = nextQuestion(rankCauses(bake), bake);
    }
    expect(asked).toBe(MOST_QUESTIONS);
  });

  it('believes a time in the oven only where it can be one', () => {
    const range = { min: 25, max: 30 };
    expect(isBelievable(0.7, range)).toBeFalse();
    expect(isBelievable(20, range)).toBeTrue();
    expect(isBelievable(95, range)).toBeFalse();
  });
});
