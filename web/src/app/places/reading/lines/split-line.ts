/** What joins two ingredients on one line. */
const LINK = String.raw`[\s,(]*(?:\bplus\b|\band\b|\bwith\b|\bin\b|[+&,])\s*`;

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/**
 * A line with two ingredients as two lines: the first as it was without the second, and the
 * second with what the two share ("juice of 1 orange", "1/2 tsp each nutmeg"). Null where the
 * second can't be told from the first.
 */
export function splitLine(written: string, words: string): readonly [string, string] | null {
  const found = new RegExp(`${LINK}${escaped(words)}`, 'i').exec(written);
  if (!found) return null;
  const before = written.slice(0, found.index);
  const after = written.slice(found.index + found[0].length);
  if (before.trim() === '') return null;
  const shared = /^ (?:of|from) /.test(after);
  const each = /^.*\beach\b(?: of\b)?/i.exec(before)?.[0];
  const first = shared ? `${before}${after}` : `${before}${after}`.replace(/\(\s*\)/, '');
  const second = each ? `${each} ${words}` : shared ? `${words}${after}` : words;
  return [first.trimEnd(), second.trim()];
}
