/** What a book can be printed on; the last one on sheets of A4, to be folded. */
export const PAPERS = ['a4', 'letter', 'a5', 'a5-folded'] as const;

export type Paper = (typeof PAPERS)[number];
