// The diagnosis, the oven and the learned limits, judged by made-up kitchens whose truth is known and
// whose likelihoods are not those of the table.
import { BAKE_KINDS, forgivenessOf, ovenOffset, realHeat } from '@ypsigram/core/baking';
import { randomFrom } from '@ypsigram/core/chance';
import {
  CAUSES,
  DOUBT_LOGITS,
  MOST_TICKED,
  NOTHING_WRONG,
  QUESTIONS,
  SOMETHING_ELSE,
  STATED,
  SYMPTOMS_OF,
  nextQuestion,
  rankCauses,
} from '@ypsigram/core/diagnosis';
import { chanceOfGood, learnForgiveness } from '@ypsigram/core/log';

const KITCHENS = 4000;
const HAS = {
  airy: ['egg', 'salt'],
  cake: ['leavening', 'egg', 'salt', 'fat'],
  quick: ['leavening', 'egg', 'salt', 'fat'],
  cookie: ['leavening', 'egg', 'salt', 'fat'],
  bar: ['leavening', 'salt', 'fat'],
  pastry: ['salt', 'fat'],
  'lean-dough': ['yeast', 'salt'],
  'rich-dough': ['yeast', 'egg', 'salt', 'fat'],
};
/** How often a symptom that is there is not ticked, and a question is answered "don't know". */
const MISSED = 0.25;
const DO_NOT_KNOW = 0.2;
/** How often there is a scale, a thermometer in the oven, a tap on a timer. */
const SCALE = 1 / 3;
const RECORDED = { heat: 0.3, minutes: 0.6, pan: 0.4 };
const ROLES = ['leavening', 'yeast', 'egg', 'salt', 'fat'];

const random = randomFrom(20261126);
const uniform = () => random.uniform();
const normal = () => random.normal();
const pick = (list) => list[Math.floor(uniform() * list.length)];
const logit = (p) => Math.log(p / (1 - p));
const chance = (x) => 1 / (1 + Math.exp(-x));

function pickCause(has) {
  const causes = [...CAUSES, SOMETHING_ELSE].filter(
    ({ needs }) => needs === undefined || has.includes(needs),
  );
  let at = uniform() * causes.reduce((sum, { weight }) => sum + weight, 0);
  return causes.find(({ weight }) => (at -= weight) < 0) ?? causes[0];
}

/** The likelihoods of one kitchen: each of the table's, off by so many logits. */
function likelihoodsOf(apart) {
  const shifts = new Map();
  const shifted = (key, p) => {
    if (!shifts.has(key)) shifts.set(key, apart * normal());
    return chance(logit(p) + shifts.get(key));
  };
  return {
    symptom: (cause, symptom) => shifted(`${cause.id} ${symptom}`, STATED.symptom(cause, symptom)),
    yes: (cause, question) => shifted(`${cause.id} ${question}`, STATED.yes(cause, question)),
  };
}

/** Three at most, any of them. */
function ticked(there) {
  const seen = there.filter(() => uniform() >= MISSED);
  while (seen.length > MOST_TICKED) seen.splice(Math.floor(uniform() * seen.length), 1);
  return seen;
}

/** One failed bake of a kitchen. */
function failure(apart) {
  const kind = pick(BAKE_KINDS);
  const has = HAS[kind];
  const cause = pickCause(has);
  const own = likelihoodsOf(apart);
  let symptoms = [];
  while (symptoms.length === 0) {
    symptoms = ticked(SYMPTOMS_OF[kind].filter((one) => uniform() < own.symptom(cause, one)));
  }
  const hasScale = uniform() < SCALE;
  const figures = {};
  for (const [figure, usual] of Object.entries(NOTHING_WRONG)) {
    const isKnown = figure in RECORDED ? uniform() < RECORDED[figure] : hasScale;
    if (!isKnown || (ROLES.includes(figure) && !has.includes(figure))) continue;
    const { mean, spread } = cause.expects[figure] ?? usual;
    const noise = figure === 'heat' ? 3 : figure === 'pan' ? 1 : 0.01;
    figures[figure] = { value: mean + spread * normal() + noise * normal(), spread: noise };
  }
  const answers = new Map(
    QUESTIONS.map((question) => {
      const isYes = uniform() < own.yes(cause, question);
      return [question, uniform() < DO_NOT_KNOW ? 'unknown' : isYes ? 'yes' : 'no'];
    }),
  );
  return { cause, own, answers, bake: { kind, symptoms, figures, answers: {}, has } };
}

const MOST_ASKED = 4;
/** Asks as the page does, and gives the ranking after it. */
function diagnose({ bake, answers }, likely) {
  let now = bake;
  let asked = 0;
  while (asked < MOST_ASKED) {
    const next = nextQuestion(rankCauses(now, [], [], likely), now, likely);
    if (!next) break;
    asked++;
    const answer = answers.get(next.question);
    now = { ...now, answers: { ...now.answers, [next.question]: answer } };
  }
  return { ranked: rankCauses(now, [], [], likely), asked };
}

const BANDS = [0, 0.2, 0.4, 0.6, 0.8, 1.0001];
const share = (n, of = KITCHENS) => (100 * n) / of;

/** How a ranker does in kitchens whose likelihoods are apart from the table's. */
function judge(failures, likelyOf) {
  let [first, three, asked] = [0, 0, 0];
  const bands = BANDS.slice(1).map(() => ({ count: 0, said: 0, right: 0 }));
  for (const one of failures) {
    const { ranked, asked: count } = diagnose(one, likelyOf(one));
    asked += count;
    const place = ranked.findIndex(({ cause }) => cause.id === one.cause.id);
    if (place === 0) first++;
    if (place < 3) three++;
    for (const [at, { cause, chance: said }] of ranked.slice(0, 3).entries()) {
      const band = bands[BANDS.findIndex((end) => said < end) - 1];
      band.count++;
      band.said += said;
      if (cause.id === one.cause.id && at === place) band.right++;
    }
  }
  return { first: share(first), three: share(three), asked: asked / failures.length, bands };
}

const one = (x) => x.toFixed(1);
const kept = (isKept) => (isKept ? 'kept' : 'MISSED');
for (const [world, apart] of [
  ['as the table states them', 0],
  ['each redrawn with a deviation of one logit', DOUBT_LOGITS],
]) {
  const failures = Array.from({ length: KITCHENS }, () => failure(apart));
  const ours = judge(failures, () => undefined);
  const ceiling = judge(failures, ({ own }) => own);
  console.log(
    `${KITCHENS} kitchens, one failed bake, likelihoods ${world}: the cause first in ${one(ours.first)} %, ` +
      `in the first three ${one(ours.three)} % (${one(ours.asked)} questions asked)`,
  );
  console.log(
    `  a ranker that knows each kitchen's own likelihoods: ${one(ceiling.first)} % and ${one(ceiling.three)} %; ` +
      `ours within three points: ${kept(ceiling.first - ours.first <= 3 && ceiling.three - ours.three <= 3)}`,
  );
  for (const { count, said, right } of ours.bands) {
    if (count < 50) continue;
    const [stated, true_] = [share(said, count), share(right, count)];
    // In the table's own kitchens doubt is more than is needed; it is there for all others.
    const held = apart > 0 ? `: within six points: ${kept(Math.abs(stated - true_) <= 6)}` : '';
    console.log(
      `  called ${one(stated)} % on average: true in ${one(true_)} % (${count} causes)${held}`,
    );
  }
}

// The oven: some glances at random moments of its swing, with a thermometer that is off itself.
const OVENS = 4000;
const SWING = 12;
const THERMOMETER = 3;
for (const glances of [3, 5, 10]) {
  let [held, width] = [0, 0];
  for (let at = 0; at < OVENS; at++) {
    const offset = 15 * normal();
    const off = THERMOMETER * normal();
    const readings = Array.from({ length: glances }, () => {
      const setCelsius = pick([150, 160, 170, 180, 190, 200, 220]);
      const swing = SWING * Math.sin(2 * Math.PI * uniform());
      return {
        setCelsius,
        readCelsius: Math.round(setCelsius + offset + swing + off),
        isFan: false,
      };
    });
    const { low, high } = realHeat(ovenOffset(readings, false), 180);
    if (low <= 180 + offset && 180 + offset <= high) held++;
    width += (high - low) / 2;
  }
  const percent = share(held, OVENS);
  console.log(
    `oven, ${glances} glances at a swing of ± ${SWING} °C: its nineteen of twenty hold the truth in ${one(percent)} % ` +
      `(± ${one(width / OVENS)} °C; wanted 90 to 98: ${kept(percent >= 90 && percent <= 98)})`,
  );
}

// What a recipe forgives, learned from bakes of a kitchen that varies one thing much.
const LEARNERS = 2000;
for (const spread of [0.3, 0.6]) {
  for (const count of [3, 12]) {
    let [near, covered, usualNear] = [0, 0, 0];
    for (let at = 0; at < LEARNERS; at++) {
      const kind = pick(BAKE_KINDS);
      const usual = forgivenessOf(kind);
      const parts = ['water', 'sugar', 'salt'];
      const truth = Object.fromEntries(
        parts.map((p) => [p, usual[p] * Math.exp(spread * normal())]),
      );
      const bakes = Array.from({ length: count }, () => {
        const deviations = Object.fromEntries(
          parts.map((p) => [p, usual[p] * (p === 'water' ? 1.3 : 0.25) * normal()]),
        );
        const isGood = uniform() < chanceOfGood(deviations, truth);
        const rating = isGood ? (uniform() < 0.5 ? 5 : 4) : uniform() < 0.5 ? 2 : 1;
        return { deviations, rating, isGood: false };
      });
      const water = learnForgiveness(kind, bakes, []).find(({ part }) => part === 'water');
      const isNear = (limit) => Math.abs(limit / truth.water - 1) <= 0.25;
      if (isNear(water.limit)) near++;
      if (isNear(usual.water)) usualNear++;
      if (water.low <= truth.water && truth.water <= water.high) covered++;
    }
    const percent = share(covered, LEARNERS);
    console.log(
      `what is forgiven, learned from ${count} bakes where the truth spreads by ${spread}: ` +
        `its nine tenths hold the truth in ${one(percent)} % (wanted 85 to 95: ${kept(percent >= 85 && percent <= 95)}); ` +
        `within a quarter in ${one(share(near, LEARNERS))} % (by the table alone ${one(share(usualNear, LEARNERS))} %)`,
    );
  }
}
