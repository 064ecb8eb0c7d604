import type { Shelf } from '@ypsigram/core/catalogue';
import { ingredientsFor, type Skill } from '@ypsigram/core/practice';

/** Where a skill is practised. */
export interface SkillLink {
  readonly link: string;
  readonly params: Readonly<Record<string, string>>;
}

export function skillLink(skill: Skill, shelf: Shelf): SkillLink {
  switch (skill.kind) {
    case 'fill': {
      const ingredient = ingredientsFor(skill, shelf)[0];
      const params: Record<string, string> = { method: skill.method };
      if (ingredient) params['ingredient'] = ingredient.id;
      return { link: '/practice/fill', params };
    }
    case 'jug':
      return { link: '/practice/jug', params: { kind: skill.task } };
    case 'question':
      return { link: '/practice/which', params: { topic: skill.topic } };
  }
}
