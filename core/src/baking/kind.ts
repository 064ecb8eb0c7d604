/** Kinds of bake that differ in what they forgive. */
export const BAKE_KINDS = [
  'airy',
  'cake',
  'quick',
  'cookie',
  'bar',
  'pastry',
  'lean-dough',
  'rich-dough',
] as const;
/** One of `BAKE_KINDS`: airy is a sponge, meringue or soufflé; quick a muffin, scone or pancake. */
export type BakeKind = (typeof BAKE_KINDS)[number];

/** What a batch is taken for where nothing tells. */
export const USUAL_KIND: BakeKind = 'cake';
