import type { AuthorDraft } from '@ypsigram/contract';

const US_CUP_MILLILITRES = 236.5882365;

/** One notebook that says what its cup weighs, and one binder whose recipes tell. */
export const DEMO_AUTHORS: readonly AuthorDraft[] = [
  {
    name: 'Harbour notebook',
    kind: 'notebook',
    standard: 'us-customary',
    note: 'Dips the cup and sweeps it level, by its own first page.',
    conventions: [
      {
        ingredientId: 'flour-wheat-all-purpose',
        form: null,
        method: 'spooned',
        gramsPerMillilitre: 140 / US_CUP_MILLILITRES,
      },
      {
        ingredientId: 'oats-rolled',
        form: null,
        method: 'level',
        gramsPerMillilitre: 90 / US_CUP_MILLILITRES,
      },
    ],
  },
  {
    name: 'The blue binder',
    kind: 'book',
    standard: 'us-customary',
    note: 'Gives weights here and there; what its cup weighs follows from them.',
  },
];
