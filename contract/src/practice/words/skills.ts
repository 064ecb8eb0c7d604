import type { IngredientClass, Method } from '@ypsigram/core/catalogue';
import type { JugKind, Skill, Topic } from '@ypsigram/core/practice';
import { METHOD_NAMES } from '../../wording/names.js';

/** Each class by what people think of first. */
const CLASS_EXAMPLES: Readonly<Record<IngredientClass, string>> = {
  powder: 'Flour',
  granular: 'Sugar and salt',
  moist: 'Brown sugar',
  chunk: 'Nuts and oats',
  liquid: 'Water and milk',
  syrup: 'Honey',
  paste: 'Yoghurt and purée',
  'solid-fat': 'Butter',
  egg: 'Eggs',
};

const METHOD_TITLES: Readonly<Partial<Record<Method, string>>> = {
  packed: 'packed',
  pressed: 'pressed in',
  level: 'swept level',
};

export const JUG_NAMES: Readonly<Record<JugKind, string>> = {
  pour: 'Pour to a mark',
  read: 'Read a jug',
  slanted: 'Slanted scale inside',
  tilted: 'Jug on a tilted board',
  dome: 'A full spoon',
};

export const TOPIC_NAMES: Readonly<Record<Topic, string>> = {
  technique: 'How to fill',
  tool: 'Cup or jug',
  heavier: 'Which is heavier',
  ounces: 'Which ounce',
  tablespoons: 'Whose spoon',
  wording: 'Wording',
  scale: 'At the scale',
  order: 'Order by weight',
  estimate: 'How many grams',
};

/** What a skill is called: "Flour, spooned", "Pour to a mark". */
export function skillName(skill: Skill): string {
  switch (skill.kind) {
    case 'fill': {
      const way = METHOD_TITLES[skill.method] ?? METHOD_NAMES[skill.method];
      // What lies loose over the brim is settled by hand, not swept.
      const how = skill.class === 'chunk' && skill.method === 'level' ? 'level with the brim' : way;
      return `${CLASS_EXAMPLES[skill.class]}, ${how}`;
    }
    case 'jug':
      return JUG_NAMES[skill.task];
    case 'question':
      return TOPIC_NAMES[skill.topic];
  }
}
