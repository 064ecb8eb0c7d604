import type { Reading } from '../reading/index.js';

/** Words for those of a year or less; "baby spinach" and a "baby shower" are for others. */
const BABY =
  /(?<!\p{L})(?:bab(?:y|ies)(?:['’]?s)?(?![ -]?(?:spin|carrot|potato|back|leaf|leaves|greens|marrow|corn|kale|beet|shower|pink|blue|ananas|karott|mais))(?:brei|keks|waffel|muffin|brot|kuchen|breze)?\p{L}{0,2}|infants?|weaning|smash cake|first (?:birthday|cake)|1st birthday|beikost|säuglinge?n?|(?:1\.|erste[rn]?) geburtstag|bébés?|nourrissons?|diversification|premier anniversaire)(?!\p{L})/iu;

/** An age in months, said of who may eat it. */
const MONTHS =
  /\b(?:from|age|aged|over|for)\s+(\d{1,2})\s*\+?\s*months?\b|\b(\d{1,2})\s*\+\s*months?\b|\b(\d{1,2})\s*months?\s*(?:\+|and (?:up|over)|old)|\bab (?:dem )?(\d{1,2})\.? monat\w*|\b(?:dès|à partir de)\s+(\d{1,2})\s+mois\b/i;
const YEAR_OF_MONTHS = 12;

function isForMonths(text: string): boolean {
  const found = MONTHS.exec(text)
    ?.slice(1)
    .find((age) => age !== undefined);
  return found !== undefined && Number(found) <= YEAR_OF_MONTHS;
}

/** Whether a recipe is for children of about a year or younger, by its title and headings. */
export const isForBabies = ({ title, lines }: Reading): boolean =>
  [
    title ?? '',
    ...lines.flatMap(({ kind, written }) => (kind === 'ingredient' ? [] : [written])),
  ].some((text) => BABY.test(text) || isForMonths(text));
