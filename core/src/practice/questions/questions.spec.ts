import { remember, scaleWarnings, EMPTY_SCALE } from '../../bench/index.js';
import type { Ingredient } from '../../catalogue/index.js';
import { randomFrom } from '../../chance/index.js';
import { intendedMass } from '../../conversion/index.js';
import { densityOf } from '../../measuring/index.js';
import { readLine } from '../../reading/index.js';
import { BUILT_IN_SHELF, shelfOf } from '../../shelf/index.js';
import { millilitresIn } from '../../units/index.js';
import {
  SCALE_SLIPS,
  TOPICS,
  drawQuestion,
  isRightAnswer,
  type PracticeQuestion,
  type ScaleQuestion,
} from './index.js';

const STANDARD = 'us-customary';
const CUP = millilitresIn('cup', STANDARD).valueOf();
const ingredient = (id: string): Ingredient => BUILT_IN_SHELF.ingredient(id)!;
const weighs = (
  id: string,
  method: Parameters<typeof densityOf>[0]['method'],
  form: string | null,
) => densityOf({ ingredient: ingredient(id), form, method, size: 'cup' })!.gramsPerMillilitre * CUP;

const draw = (topic: (typeof TOPICS)[number], seed: number): PracticeQuestion => {
  const question = drawQuestion(topic, {
    shelf: BUILT_IN_SHELF,
    standard: STANDARD,
    random: randomFrom(seed),
  });
  if (!question) throw new Error(`No question about ${topic} with ${seed}`);
  return question;
};

/** What the scale of the Bench would say of the drawn one. */
function warningsOf({
  unit,
  shown,
  bowlGrams,
  gridGrams,
  ingredientId,
  contentGrams,
}: ScaleQuestion) {
  const isTared = shown === String(Math.round(contentGrams));
  const setting = {
    containers: [{ name: 'bowl', grams: bowlGrams }],
    gridGrams,
    content: {
      gramsPerMillilitre: weighs(ingredientId, 'spooned', null) / CUP,
      isWater: false,
    },
  };
  const reading = {
    state: 'on',
    unit,
    shown,
    grams: unit === 'lb-oz' ? contentGrams : Number(shown),
    isStable: true,
    tareGrams: unit === 'lb-oz' || isTared ? bowlGrams : 0,
  } as const;
  const withBowl = remember(
    EMPTY_SCALE,
    { ...reading, grams: bowlGrams, tareGrams: reading.tareGrams },
    setting,
  );
  return scaleWarnings(reading, remember(withBowl, reading, setting), setting);
}

/** Whether a choice is true, told from the catalogue and the recipe reader alone. */
function truths(question: PracticeQuestion): readonly boolean[] {
  switch (question.topic) {
    case 'technique':
      return question.choices.map((of) => of === ingredient(question.ingredientId).class);
    case 'tool': {
      const isLiquid = ingredient(question.ingredientId).class === 'liquid';
      return [!isLiquid, isLiquid];
    }
    case 'heavier': {
      const [a, b] = question.cups.map(({ ingredientId, method, form }) =>
        weighs(ingredientId, method, form),
      ) as [number, number];
      return question.choices.map(
        ({ cup, grams }) => Math.abs((cup === 0 ? a - b : b - a) - grams) < 1e-6,
      );
    }
    case 'ounces': {
      const { asks, ingredientId, ounces } = question;
      const line = readLine(
        `${ounces} oz ${ingredient(ingredientId).name.toLowerCase()}`,
        STANDARD,
        BUILT_IN_SHELF,
      );
      if (asks === 'read-as') {
        const isOpen = line.notes.some(({ code }) => code === 'ounce-ambiguous');
        const isVolume = line.unit === 'fl-oz';
        return [!isOpen && !isVolume, !isOpen && isVolume, isOpen];
      }
      const { byWeight, byVolume } = question;
      return [byWeight > byVolume, byVolume > byWeight];
    }
    case 'tablespoons': {
      const whole = question.count * millilitresIn('tbsp', question.standard).valueOf();
      return question.choices.map((millilitres) => Math.abs(millilitres - whole) < 1e-9);
    }
    case 'wording': {
      const line = readLine(question.written, STANDARD, BUILT_IN_SHELF);
      const grams = intendedMass(line, STANDARD, BUILT_IN_SHELF)!.grams;
      return [question.before, question.after].map((weight) => Math.abs(weight - grams) < 1e-6);
    }
    case 'scale': {
      const codes = warningsOf(question).map(({ code }) => code as string);
      const first = codes.includes('not-tared')
        ? 'not-tared'
        : codes.includes('wrong-unit')
          ? 'ounces'
          : codes.includes('not-water')
            ? 'water'
            : codes.includes('too-little')
              ? 'too-little'
              : 'nothing';
      return SCALE_SLIPS.map((slip) => slip === first);
    }
    case 'order':
    case 'estimate':
      return [];
  }
}

describe('questions', () => {
  it('have exactly one right answer each, and none contradicts the catalogue: 10,000 of them', () => {
    for (let seed = 0; seed < 10_000; seed++) {
      const question = draw(TOPICS[seed % TOPICS.length]!, seed);
      const told = () => JSON.stringify(question);
      if (question.topic === 'order') {
        const weights = question.cups.map(({ ingredientId, method, form }) =>
          weighs(ingredientId, method, form),
        );
        const inOrder = question.right.map((cup) => weights[cup]!);
        for (const [at, grams] of inOrder.entries()) {
          if (at > 0 && !(grams > 1.1 * inOrder[at - 1]!)) fail(told());
        }
        if (new Set(question.right).size !== 4) fail(told());
        continue;
      }
      if (question.topic === 'estimate') {
        const { ingredientId, method, form } = question.cup;
        const each = densityOf({
          ingredient: ingredient(ingredientId),
          form,
          method,
          size: question.unit,
        })!;
        const millilitres = millilitresIn(question.unit, STANDARD).valueOf();
        const grams = each.gramsPerMillilitre * millilitres * question.count;
        if (Math.abs(question.right - grams) > 1e-6) fail(told());
        continue;
      }
      const right = truths(question);
      if (right.length !== question.choices.length) fail(told());
      if (right.filter(Boolean).length !== 1 || !right[question.right]) fail(told());
    }
    expect(true).toBe(true);
  });

  it('are the same for the same random figures, and others for others', () => {
    for (const topic of TOPICS) {
      expect(draw(topic, 7)).toEqual(draw(topic, 7));
      const many = Array.from({ length: 40 }, (_, seed) => JSON.stringify(draw(topic, seed)));
      expect(new Set(many).size).withContext(topic).toBeGreaterThan(10);
    }
  });

  it('follow the weights of the kitchen', () => {
    const shelf = shelfOf([
      {
        ingredientId: 'sugar-granulated',
        form: null,
        method: 'level',
        gramsPerMillilitre: 1,
      },
    ]);
    for (let seed = 0; seed < 3000; seed++) {
      const question = drawQuestion('estimate', {
        shelf,
        standard: 'metric',
        random: randomFrom(seed),
      });
      if (question?.topic !== 'estimate' || question.cup.ingredientId !== 'sugar-granulated')
        continue;
      expect(question.cup.grams).toBeCloseTo(question.unit === 'cup' ? 250 : 15, 9);
      return;
    }
    fail('Sugar was never asked about.');
  });

  it('say so where the shelf has too little to ask about', () => {
    const bare = { ...BUILT_IN_SHELF, all: BUILT_IN_SHELF.all.slice(0, 1) };
    const empty = { shelf: bare, standard: STANDARD, random: randomFrom(1) } as const;
    expect(drawQuestion('order', empty)).toBeNull();
  });
});

describe('answers', () => {
  it('are right by choice, by order, or within a tenth', () => {
    const order = draw('order', 1);
    if (order.topic !== 'order') throw new Error('order');
    expect(isRightAnswer(order, { order: order.right })).toBe(true);
    expect(isRightAnswer(order, { order: [...order.right].reverse() })).toBe(false);
    expect(isRightAnswer(order, { order: order.right.slice(1) })).toBe(false);
    const estimate = draw('estimate', 1);
    if (estimate.topic !== 'estimate') throw new Error('estimate');
    expect(isRightAnswer(estimate, { grams: estimate.right * 1.09 })).toBe(true);
    expect(isRightAnswer(estimate, { grams: estimate.right * 1.11 })).toBe(false);
    expect(isRightAnswer(estimate, { choice: 0 })).toBe(false);
  });
});
