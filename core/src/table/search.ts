import { wordsOf } from '../catalogue/index.js';
import type { Food } from './food.js';

/** Heads of the table that sort foods and don't name them: "Spices, fenugreek seed". */
const SORTING = new Set(
  (
    'spices;nuts;seeds;cheese;beverages;alcoholic beverage;melons;mushrooms;seaweed;' +
    'leavening agents;sweeteners;sugars;desserts;fruit;snacks;snack'
  ).split(';'),
);

/**
 * Heads that make another food of what follows ("Crackers, cheese" is no cheese), and what says by
 * itself what it is all the same: "Cookies, vanilla wafers".
 */
const MAKING: Readonly<Record<string, ReadonlySet<string>>> = {
  cookies: new Set(wordsOf('wafers graham ladyfingers gingersnaps')),
  crackers: new Set(wordsOf('saltines')),
  candies: new Set(wordsOf('gumdrops caramels fudge taffy marshmallows toffee')),
  squash: new Set(wordsOf('zucchini butternut crookneck hubbard')),
  beans: new Set(wordsOf('kidney pinto navy adzuki')),
  peppers: new Set(wordsOf('jalapeno')),
};

/** Words that leave a food as it is bought: raw and dry are what recipes mean. */
const AS_BOUGHT = new Set(
  wordsOf(
    'raw dry dried uncooked fresh plain regular unprepared all type variety commercial commercially ' +
      'mature enriched unenriched without salt added no whole fluid vitamin a d c ascorbic acid ' +
      'and or year round average ready to bake eat unsalted table common from usda commodity made product ' +
      'ripe household salad cooking proof bottled unsweetened winter summer',
  ),
);

/** What was done to it, so that it weighs a little otherwise. */
const WORKED = new Set(
  wordsOf(
    'canned drained frozen toasted sweetened pack syrup juice solids liquids water concentrate home ' +
      'dehydrated low reduced fat free calorie light nonfat instant industrial sprouted salted',
  ),
);

/** What makes another food of it: never meant where it is not said. */
const OTHERWISE = new Set(
  wordsOf(
    'cooked boiled baked roasted fried stewed steamed microwaved prepared recipe blend mixed mixture mix',
  ),
);
const OTHER_COST = 1;
const WORKED_COST = 2;
/** A food that is further from what was asked is another. */
const FURTHEST = 3;
const TOO_FAR = 4;

/** Names by which recipes call what the table calls otherwise. */
const SYNONYMS: ReadonlyMap<string, string> = new Map([
  ['aubergine', 'eggplant'],
  ['courgette', 'zucchini'],
  ['rocket', 'arugula'],
  ['swede', 'rutabaga'],
  ['beetroot', 'beet'],
  ['garbanzo', 'chickpea'],
  ['linseed', 'flaxseed'],
  ['groundnut', 'peanut'],
  ['filbert', 'hazelnut'],
  ['kiwi', 'kiwifruit'],
  ['lychee', 'litchi'],
  ['pawpaw', 'papaya'],
  ['ketchup', 'catsup'],
  ['pearl', 'pearled'],
  ['chilli', 'chili'],
  ['chilly', 'chili'],
  ['broad', 'broadbean'],
  ['moong', 'mung'],
  ['urad', 'mungo'],
  ['chana', 'chickpea'],
  ['toor', 'pigeon pea'],
  ['masoor', 'lentil'],
  ['rajma', 'kidney bean'],
]);

/** Words about size and quality that no food of the table is told apart by. */
const PASSED_OVER = new Set(
  wordsOf(
    'fresh large medium small big ripe good quality organic of the a an extra fine best pulp dal daal',
  ),
);

interface Indexed {
  readonly food: Food;
  /** What its name can't do without. */
  readonly core: ReadonlySet<string>;
  /** Every word, those in brackets too. */
  readonly all: ReadonlySet<string>;
  /** What each word outside of brackets costs where nobody asked for it. */
  readonly costs: ReadonlyMap<string, number>;
}

const withoutBrackets = (name: string): string => name.replace(/\([^)]*\)/g, ' ');
/** What is in it is no name of it. */
const withoutContents = (name: string): string => name.replace(/\(includes[^)]*\)/g, ' ');

/** A food with something else in it is another food, unless it is salt or the like. */
const WITH_ANOTHER = /^with (?!salt|added|skin|peel)/;
/** How the table says that pulses are dry. */
const DRY_PULSE = 'mature seeds';

function costOf(word: string, part: string, isCore: boolean): number {
  if (OTHERWISE.has(word) || WITH_ANOTHER.test(part)) return TOO_FAR;
  if (isCore) return FURTHEST;
  return WORKED.has(word) ? WORKED_COST : OTHER_COST;
}

function indexed(food: Food): Indexed {
  const [head = '', ...rest] = withoutBrackets(food.name)
    .split(',')
    .map((part) => part.trim().toLowerCase());
  const itself = wordsOf(rest.join(' ')).filter((word) => MAKING[head]?.has(word));
  const ofHead = wordsOf(head).filter((word) => !AS_BOUGHT.has(word));
  const core = new Set(SORTING.has(head) ? [] : [...ofHead, ...itself]);
  const costs = new Map<string, number>();
  for (const part of SORTING.has(head) || itself.length > 0 ? rest : [head, ...rest]) {
    if (part === DRY_PULSE) continue;
    for (const word of wordsOf(part)) {
      if (!AS_BOUGHT.has(word)) costs.set(word, costOf(word, part, core.has(word)));
    }
  }
  return { food, core, all: new Set(wordsOf(withoutContents(food.name))), costs };
}

/** Finds foods of the table by the words of a name. */
export interface FoodFinder {
  /** Those that the words may mean, equally near, raw or dry where that is open; none where none is close. */
  closest(words: readonly string[]): readonly Food[];
  /** Those whose names hold all that was typed so far, the plainest first. */
  typed(text: string, most: number): readonly Food[];
}

/** How far a food is from a name, by the words that it has beyond it; Infinity where one is missing. */
function distance(
  { food, core, all, costs }: Indexed,
  asked: ReadonlySet<string>,
  isFresh: boolean,
): number {
  for (const word of asked) if (!all.has(word)) return Infinity;
  if (isFresh && food.group === 'spices' && !all.has('fresh')) return Infinity;
  if (core.size > 0 && ![...core].some((word) => asked.has(word))) return Infinity;
  // Who asks for something cooked does not mind how.
  const isWorked = [...asked].some((word) => OTHERWISE.has(word));
  let cost = 0;
  for (const [word, of] of costs) {
    if (!asked.has(word) && !(isWorked && OTHERWISE.has(word))) cost += of;
  }
  return cost;
}

const askedFor = (words: readonly string[]): string[] =>
  words
    .flatMap((word) => wordsOf(SYNONYMS.get(word) ?? word))
    .filter((word) => !PASSED_OVER.has(word));

/** A finder over these foods. */
export function foodFinder(foods: readonly Food[]): FoodFinder {
  const all = foods.map(indexed);
  const byWord = new Map<string, Indexed[]>();
  for (const one of all) {
    for (const word of one.all) {
      const same = byWord.get(word);
      if (same) same.push(one);
      else byWord.set(word, [one]);
    }
  }
  return {
    closest(words) {
      const asked = new Set(askedFor(words));
      const [first] = asked;
      // Spices are dry unless they say otherwise: fresh coriander is no seed.
      const isFresh = words.includes('fresh');
      let least = FURTHEST;
      let nearest: Food[] = [];
      for (const one of (first !== undefined && byWord.get(first)) || []) {
        const cost = distance(one, asked, isFresh);
        if (cost > least) continue;
        if (cost < least) nearest = [];
        least = cost;
        nearest.push(one.food);
      }
      return nearest;
    },
    typed(text, most) {
      const asked = wordsOf(text);
      if (asked.length === 0) return [];
      const holds = ({ all: words }: Indexed): boolean =>
        asked.every((part) => [...words].some((word) => word.startsWith(part)));
      const beyond = ({ costs }: Indexed): number =>
        [...costs.values()].reduce((sum, cost) => sum + cost, 0);
      return all
        .filter(holds)
        .sort((a, b) => beyond(a) - beyond(b))
        .slice(0, most)
        .map(({ food }) => food);
    },
  };
}
