import { randomUUID } from 'node:crypto';
import type { PracticeTryDraft } from '@ypsigram/contract/practice';
import { practiceTryDraft } from '@ypsigram/contract/practice';
import { randomFrom, type Random } from '@ypsigram/core/chance';
import { millilitresIn } from '@ypsigram/core/units';
import type { Areas } from '../areas/all-areas.js';
import { GREBE, MOORHEN } from './kitchen.js';

const DAY = 24 * 60 * 60 * 1000;
const MINUTE = 60 * 1000;

/** How somebody came along with one skill: where they began, and how much of it is left. */
interface Story {
  readonly hand: string;
  readonly skill: PracticeTryDraft['skill'];
  readonly ingredientId?: string;
  readonly tolerance: number;
  /** How far off at first, on average, and how much single tries scatter; relative. */
  readonly began: number;
  readonly scatter: number;
  /** Days before today, each with so many tries. */
  readonly days: readonly (readonly [ago: number, tries: number])[];
}

const fill = (of: 'powder' | 'granular' | 'moist', method: 'spooned' | 'level' | 'packed') =>
  ({ kind: 'fill', class: of, method }) as const;

const STORIES: readonly Story[] = [
  {
    hand: GREBE,
    skill: fill('powder', 'spooned'),
    ingredientId: 'flour-wheat-all-purpose',
    tolerance: 0.06,
    began: 0.17,
    scatter: 0.035,
    days: [
      [26, 5],
      [22, 4],
      [12, 3],
    ],
  },
  {
    hand: GREBE,
    skill: fill('moist', 'packed'),
    ingredientId: 'sugar-brown',
    tolerance: 0.06,
    began: -0.14,
    scatter: 0.04,
    days: [
      [20, 4],
      [6, 3],
    ],
  },
  {
    hand: GREBE,
    skill: fill('granular', 'level'),
    ingredientId: 'sugar-granulated',
    tolerance: 0.03,
    began: 0.05,
    scatter: 0.012,
    days: [[19, 5]],
  },
  {
    hand: GREBE,
    skill: { kind: 'jug', task: 'pour' },
    tolerance: 0.03,
    began: -0.12,
    scatter: 0.02,
    days: [
      [18, 4],
      [5, 3],
    ],
  },
  {
    hand: GREBE,
    skill: { kind: 'jug', task: 'tilted' },
    tolerance: 0.03,
    began: 0.06,
    scatter: 0.03,
    days: [[5, 2]],
  },
  {
    hand: GREBE,
    skill: { kind: 'question', topic: 'estimate' },
    tolerance: 0.1,
    began: 0.2,
    scatter: 0.09,
    days: [[4, 6]],
  },
  {
    hand: MOORHEN,
    skill: fill('powder', 'spooned'),
    ingredientId: 'flour-wheat-all-purpose',
    tolerance: 0.06,
    began: 0.09,
    scatter: 0.05,
    days: [
      [25, 4],
      [9, 4],
    ],
  },
];

/** What is left of the first mistake with every try. */
const LEFT = 0.72;

function triesOf(story: Story, now: Date, random: Random): PracticeTryDraft[] {
  const { hand, skill, ingredientId = null, tolerance, began, scatter, days } = story;
  let bias = began;
  return days.flatMap(([ago, count]) =>
    Array.from({ length: count }, (_, at): PracticeTryDraft => {
      const off = bias + scatter * random.normal();
      bias *= LEFT;
      return {
        handId: hand,
        skill,
        ingredientId,
        at: new Date(now.getTime() - ago * DAY + 2 * at * MINUTE).toISOString(),
        off,
        tolerance,
        isGood: Math.abs(off) <= tolerance,
      };
    }),
  );
}

/** What the morning class weighed: one had the scale on ounces, one left the bowl on. */
const MORNING: readonly (readonly [name: string, flour: number, sugar: number | null])[] = [
  ['Teal', 131, 216],
  ['Wigeon', 122, 224],
  ['Coot', 146, 208],
  ['Dabchick', 4.5, 219],
  ['Heron', 127, 171],
  ['Plover', 342, 222],
  ['Sandpiper', 119, null],
];

/** Weeks of practice of both hands, and a class of helpers. */
export async function fillPractice({ practice, classes }: Areas, now: Date): Promise<void> {
  const random = randomFrom(15);
  for (const draft of STORIES.flatMap((story) => triesOf(story, now, random))) {
    await practice.add(randomUUID(), practiceTryDraft.parse(draft));
  }
  const cup = {
    form: null,
    tool: '1 cup',
    millilitres: millilitresIn('cup', 'us-customary').valueOf(),
  };
  const flour = {
    ...cup,
    id: randomUUID(),
    ingredientId: 'flour-wheat-all-purpose',
    method: 'spooned',
    grams: 125,
    tolerance: 0.06,
  } as const;
  const sugar = {
    ...cup,
    id: randomUUID(),
    ingredientId: 'sugar-brown',
    method: 'packed',
    grams: 220,
    tolerance: 0.06,
  } as const;
  const { id } = await classes.keep(randomUUID(), {
    name: 'Stall helpers, Saturday',
    tasks: [flour, sugar],
  });
  for (const [at, [name, ofFlour, ofSugar]] of MORNING.entries()) {
    const moment = (minutes: number): string =>
      new Date(now.getTime() - 5 * DAY + (3 * at + minutes) * MINUTE).toISOString();
    const add = (taskId: string, grams: number, minutes: number) =>
      classes.addResult(id, randomUUID(), { taskId, name, grams, at: moment(minutes) });
    await add(flour.id, ofFlour, 0);
    if (ofSugar !== null) await add(sugar.id, ofSugar, 1);
  }
}
