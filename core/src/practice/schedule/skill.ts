import type { Ingredient, IngredientClass, Method, Shelf } from '../../catalogue/index.js';
import { practisedMethods } from '../fill/index.js';
import { JUG_KINDS, type JugKind } from '../jug/index.js';
import { TOPICS, type Topic } from '../questions/index.js';

/** Something that is practised, and comes back until it stays. */
export type Skill =
  | { readonly kind: 'fill'; readonly class: IngredientClass; readonly method: Method }
  | { readonly kind: 'jug'; readonly task: JugKind }
  | { readonly kind: 'question'; readonly topic: Topic };

const FILLS: readonly (readonly [IngredientClass, Method])[] = [
  ['powder', 'spooned'],
  ['granular', 'level'],
  ['moist', 'packed'],
  ['powder', 'dipped'],
  ['powder', 'sifted'],
  ['chunk', 'level'],
  ['paste', 'pressed'],
  ['solid-fat', 'pressed'],
  ['powder', 'tamped'],
  ['moist', 'loose'],
  ['chunk', 'packed'],
];

/** All that can be practised, in the order in which it is best learned: a little of each kind first. */
export const SKILLS: readonly Skill[] = inTurn(
  FILLS.map(([of, method]): Skill => ({ kind: 'fill', class: of, method })),
  JUG_KINDS.map((task): Skill => ({ kind: 'jug', task })),
  TOPICS.map((topic): Skill => ({ kind: 'question', topic })),
);

/** One of each list in turn, until all are used up. */
function inTurn<T>(...lists: readonly (readonly T[])[]): readonly T[] {
  const most = Math.max(...lists.map(({ length }) => length));
  return Array.from({ length: most }, (_, at) =>
    lists.flatMap((list) => (at < list.length ? [list[at]!] : [])),
  ).flat();
}

/** Whether two skills are the same. */
export function sameSkill(a: Skill, b: Skill): boolean {
  if (a.kind === 'fill') return b.kind === 'fill' && a.class === b.class && a.method === b.method;
  if (a.kind === 'jug') return b.kind === 'jug' && a.task === b.task;
  return b.kind === 'question' && a.topic === b.topic;
}

/** What each class is practised with first: what every kitchen has. */
const FIRST: Readonly<Partial<Record<IngredientClass, string>>> = {
  powder: 'flour-wheat-all-purpose',
  granular: 'sugar-granulated',
  moist: 'sugar-brown',
  chunk: 'oats-rolled',
  paste: 'yogurt-plain',
  'solid-fat': 'butter',
};

/**
 * The ingredients by which a fill is practised: those of its class that a table gives by the cup,
 * the most usual one first.
 */
export function ingredientsFor(
  skill: Extract<Skill, { kind: 'fill' }>,
  shelf: Shelf,
): readonly Ingredient[] {
  const found = shelf.all.filter(
    (ingredient) =>
      ingredient.class === skill.class &&
      ingredient.weights.some(({ unit, form }) => unit === 'cup' && form === null) &&
      practisedMethods(ingredient).includes(skill.method),
  );
  const first = FIRST[skill.class];
  return [...found].sort((a, b) => Number(b.id === first) - Number(a.id === first));
}
