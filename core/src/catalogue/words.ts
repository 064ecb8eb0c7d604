const DIACRITICS = /[\u0300-\u036f]/g;
const POSSESSIVE = /['’]s?\b|['’]/g;
const NOT_A_WORD = /[^a-z0-9]+/;

/** One word in the singular, by rules that need only be the same on both sides of a match. */
export function singular(word: string): string {
  if (word.length < 4 || word.endsWith('ss') || word.endsWith('us')) return word;
  if (word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  if (/(?:ch|sh|x|o|ss)es$/.test(word)) return word.slice(0, -2);
  if (word.endsWith('lves')) return `${word.slice(0, -3)}f`;
  return word.endsWith('s') ? word.slice(0, -1) : word;
}

/**
 * The words of a name, ready to be compared: lower case, without accents, hyphens opened,
 * possessives and plurals taken off. "Confectioners' Sugar" gives `confectioner sugar`.
 */
export function wordsOf(text: string): string[] {
  const plain = /^[\x20-\x7e]*$/.test(text) ? text : text.normalize('NFD').replace(DIACRITICS, '');
  return plain
    .toLowerCase()
    .replace(POSSESSIVE, '')
    .split(NOT_A_WORD)
    .filter((word) => word !== '')
    .map(singular);
}
