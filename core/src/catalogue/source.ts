/** Where a figure comes from: a code and its facts, of which words are made elsewhere. */
export type SourceRef =
  /** Rows of the public food table, by their numbers; where several, all of them say so. */
  | { readonly from: 'table'; readonly rows: readonly string[] }
  /** Rows of another release of it, which the table that comes with the program does not hold. */
  | { readonly from: 'other-release'; readonly rows: readonly string[] }
  /** What it is made of: the density of a liquid or a solution, or of what its packet holds. */
  | { readonly from: 'physics' }
  /** Rows of the public table of what is like it in a cup; where several, their mean. */
  | { readonly from: 'kin'; readonly rows: readonly string[] }
  /** The handbook of household weights that the public table took over. */
  | { readonly from: 'handbook' }
  /** The weight of a serving as it stands on packages. */
  | { readonly from: 'packages' }
  /** The weight grades of eggs by law, less the shell. */
  | { readonly from: 'egg-grades' }
  /** A nominal mass: printed on a wrapper or laid down by law. */
  | { readonly from: 'nominal' }
  /** What no table backs: general knowledge. */
  | { readonly from: 'knowledge' }
  /** Weighed in this kitchen. */
  | { readonly from: 'kitchen' }
  /** The weight that stands on the line itself. */
  | { readonly from: 'line' }
  /** The baker set the weight of this line. */
  | { readonly from: 'pinned' }
  /** So many bakes that came out well. */
  | { readonly from: 'bakes'; readonly bakes: number }
  /** What an author says; or so many lines of theirs that agree; or their all-purpose flour. */
  | { readonly from: 'author'; readonly author: string }
  | { readonly from: 'author-lines'; readonly author: string; readonly lines: number }
  | { readonly from: 'author-flour'; readonly author: string }
  /** A hand, by so many trials. */
  | { readonly from: 'hand'; readonly hand: string; readonly trials: number }
  /** The same matter in other grains: weight for weight. */
  | { readonly from: 'same-by-weight' };

/** The source of a figure that no table backs. */
export const ESTIMATE: SourceRef = { from: 'knowledge' };

/** The source of a weight that a baker set over the table's. */
export const THIS_KITCHEN: SourceRef = { from: 'kitchen' };

/** The source of what is printed on a wrapper or in a law. */
export const NOMINAL: SourceRef = { from: 'nominal' };

/** Rows of the public food table, by their five-figure numbers. */
export const sr = (...rows: readonly string[]): SourceRef => ({ from: 'table', rows });

/** Rows of another release of the public food table than the one that comes with the program. */
export const otherSr = (...rows: readonly string[]): SourceRef => ({ from: 'other-release', rows });

/** What follows from what it is made of. */
export const PHYSICS: SourceRef = { from: 'physics' };

/** What is like it, by its rows in the public food table. */
export const likeSr = (...rows: readonly string[]): SourceRef => ({ from: 'kin', rows });

/** Whether two sources are one and the same. */
export const isSameSource = (a: SourceRef, b: SourceRef): boolean =>
  a === b || (a.from === b.from && JSON.stringify(a) === JSON.stringify(b));
