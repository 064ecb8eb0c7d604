import { randomUUID } from 'node:crypto';

/** A task as classes in specs have it: a cup of flour, spooned. */
export const TASK = {
  id: randomUUID(),
  ingredientId: 'flour-wheat-all-purpose',
  form: null,
  method: 'spooned',
  tool: '1 cup',
  millilitres: 236.5882365,
  grams: 125,
  tolerance: 0.06,
} as const;
