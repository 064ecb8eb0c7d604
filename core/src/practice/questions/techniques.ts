import type { IngredientClass } from '../../catalogue/index.js';
import { defaultMethod, methodsFor } from '../../measuring/index.js';
import { pick } from '../pick.js';
import { ofClasses, shuffled, withRightFirst } from './pool.js';
import type { TechniqueQuestion, ToolQuestion } from './question.js';
import type { Draw } from './draw.js';

const CLASSES: readonly IngredientClass[] = [
  'powder',
  'granular',
  'moist',
  'chunk',
  'liquid',
  'syrup',
  'paste',
];

/** Ways that would do as well for a class: they are not offered beside its own. */
const AS_GOOD: Readonly<Partial<Record<IngredientClass, readonly IngredientClass[]>>> = {
  // What does not compress can be spooned too.
  granular: ['powder', 'paste'],
  liquid: ['syrup'],
  syrup: ['liquid'],
  paste: ['moist', 'granular'],
  moist: ['paste'],
};
const CHOICES = 4;

/** How a cup of something is filled well. */
export function drawTechnique({ shelf, random }: Draw): TechniqueQuestion {
  const ingredient = pick(
    ofClasses(shelf, ...CLASSES).filter(
      // Some are only ever measured another way than their class: a spice by the level spoon.
      (one) => methodsFor(one).length > 0 && usualOfClass(one.class).includes(defaultMethod(one)),
    ),
    random,
  );
  const others = CLASSES.filter(
    (of) => of !== ingredient.class && !AS_GOOD[ingredient.class]?.includes(of),
  );
  const wrong = shuffled(others, random).slice(0, CHOICES - 1);
  return {
    topic: 'technique',
    ingredientId: ingredient.id,
    ...withRightFirst([ingredient.class, ...wrong], random),
  };
}

function usualOfClass(of: IngredientClass): readonly string[] {
  switch (of) {
    case 'powder':
      return ['spooned'];
    case 'moist':
      return ['packed'];
    case 'liquid':
    case 'syrup':
      return ['poured'];
    case 'paste':
      return ['pressed'];
    default:
      return ['level'];
  }
}

/** Dry cup or jug: what must be levelled goes in a cup, what levels itself in a jug. */
export function drawTool({ shelf, random }: Draw): ToolQuestion {
  const isLiquid = random.uniform() < 0.5;
  const ingredient = isLiquid
    ? pick(ofClasses(shelf, 'liquid'), random)
    : pick(ofClasses(shelf, 'powder', 'granular', 'moist', 'chunk', 'paste'), random);
  return {
    topic: 'tool',
    ingredientId: ingredient.id,
    choices: ['dry-cup', 'jug'],
    right: isLiquid ? 1 : 0,
  };
}
