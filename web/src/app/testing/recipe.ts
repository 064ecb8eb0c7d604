import type { Recipe } from '@ypsigram/contract';
import { EMPTY_DRAFT } from '../state/recipe/draft';

/** A recipe as the server has it, changed as a spec wants it. */
export const savedRecipe = (change: Partial<Recipe> = {}): Recipe => ({
  id: '00000000-0000-4000-8000-000000000000',
  title: 'Buns',
  text: '2 cups flour',
  standard: 'us-customary',
  authorId: null,
  batch: { by: 'factor', factor: '1' },
  methods: {},
  balance: EMPTY_DRAFT.balance,
  answers: [],
  photos: [],
  revision: 1,
  createdAt: '2026-01-01T00:00:00.000Z',
  updatedAt: '2026-01-01T00:00:00.000Z',
  deletedAt: null,
  ...change,
});
