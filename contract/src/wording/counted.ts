import pluralize from 'pluralize';

/** Bakes that end in -ie; the package takes them for words in -y. */
const ENDS_IN_IE = /(cook|brown|blond)ies$/i;

const inNumber = (noun: string, isSeveral: boolean): string =>
  !isSeveral && ENDS_IN_IE.test(noun) ? noun.slice(0, -1) : pluralize(noun, isSeveral ? 2 : 1);

/** The thing that is counted, before what is said of it: "pieces" of "pieces of shortbread". */
const COUNTED = /^[a-z][a-z' -]*?(?= (?:of|in|with|for|from|each)\b| ?[,;(]|$)/i;

/**
 * A noun in the number that goes with a count: 2 "loaf" gives "loaves", 1 "large buns" gives "large
 * bun". Half of one and one itself are singular, as bakers say it. What follows the counted thing
 * stays ("pieces of shortbread"), and so does a noun that begins with a figure ("23 cm tin").
 */
export function nounFor(count: number, noun: string): string {
  return noun.replace(COUNTED, (counted) => inNumber(counted, count > 1));
}

/**
 * So many of something, the figure as it is to be shown: "2 loaves", "27 knots", "2 × 23 cm tin";
 * the figure alone where the noun is empty. A noun is left as it is written while one stays one and
 * many stay many, and where `written` is null: "2 Brot" of a German recipe has no English plural.
 */
export function counted(
  figure: string,
  count: number,
  noun: string,
  written: number | null,
): string {
  const isAsWritten = written === null || count > 1 === written > 1;
  const named = isAsWritten ? noun : nounFor(count, noun);
  // Two figures side by side need something between them.
  return /^\d/.test(named) ? `${figure} × ${named}` : `${figure} ${named}`.trim();
}
