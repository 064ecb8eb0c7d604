import { findName, knownIngredient, wordsOf } from '../catalogue/index.js';
import type { Standard } from '../units/index.js';
import { describe } from './describe.js';
import { bareLine, type Line, type Span } from './line.js';
import type { CleanLine } from './clean.js';
import type { ReadingNote } from './note.js';
import { readPhrase, remarkWords, type NamePhrase } from './phrase.js';
import { weightIn } from './beside.js';
import { readQuantity, type Quantity } from './quantity.js';
import { ENGLISH_WORDS } from './vocabulary/describing.js';

const PART_OF =
  /^(?:the )?(?:(?:finely|freshly) )?(?:grated |squeezed )?(juice|zest|rind|peel|whites?|yolks?)(?: only)?(?: and (?:grated |finely grated )?(juice|zest|rind|peel))? (?:of|from) /i;
const VAGUE =
  /^(?:optional: ?)?(?:(?:an? )?(?:little|few|some|bit|handful|splash|drizzle|drop|knob|sprinkling)s? (?:of )?(?:the )?|extra |more |additional )+/i;
const LABEL = /^[A-Za-z][A-Za-z' -]{0,40}: /;
const NAME_FIRST = /^(.{2,60}?[A-Za-z)])[:,]? ?-? (?=[\d.])/;
/** A whole line longer than this is prose. */
const LONGEST_UNKNOWN_WORDS = 6;
const LONGEST_SENTENCE_WORDS = 8;

/** What a line says, before its consequences are worked out. */
interface Found {
  readonly quantity: Quantity | null;
  readonly phrase: NamePhrase;
  /** Text that holds remarks, in brackets or after a comma. */
  readonly remarks: string;
  /** "juice of 1 lemon": measured by the fruit. */
  readonly byFruit: boolean;
}

/**
 * Reads a cleaned line as an ingredient. Null when it is not one: a heading, a sentence, a
 * title. A line in another language comes back as `unread`.
 */
export function readIngredientLine(
  written: string,
  line: CleanLine,
  standard: Standard,
): Line | null {
  const found =
    partOfWhole(line.text, standard) ??
    quantityFirst(line.text, 0, standard) ??
    nameFirst(line.text, standard) ??
    nameOnly(line.text);
  if (!found) return null;
  const { quantity, phrase } = found;
  if (!phrase.name) return unknownLine(written, line, found);
  const tail = `${quantity?.remark ?? ''} ${phrase.after.join(' ')} ${found.remarks}`;
  const stated = quantity?.statedGrams ?? weightInBrackets(found);
  const description = describe({
    name: phrase.name,
    ingredient: knownIngredient(phrase.name.ingredientId),
    quantity,
    stated,
    before: phrase.before,
    after: remarkWords(tail),
    byFruit: found.byFruit,
    standard,
  });
  // Spelled out: spreading objects together is ten times as slow, and this is every line.
  return {
    written,
    kind: 'ingredient',
    amount: quantity?.amount ?? null,
    unit: quantity ? (description.unit ?? quantity.unit ?? 'each') : null,
    fullness: description.fullness,
    ingredientId: phrase.name.ingredientId,
    form: description.form,
    authorMethod: description.method,
    stated: description.stated,
    notes: [...description.notes, ...remarkNotes(line.text, phrase)],
    spans: spansOf(line, quantity, phrase),
  };
}

/** "Juice of 1 lemon", "whites of 3 eggs": a part, counted by the whole it comes from. */
function partOfWhole(text: string, standard: Standard): Found | null {
  const part = PART_OF.exec(text);
  if (!part) return null;
  const quantity = readQuantity(text, part[0].length, standard);
  if (!quantity || (quantity.unit !== null && quantity.unit !== 'each')) return null;
  const phrase = readPhrase(text.slice(quantity.end), quantity.end);
  const whole = wordsOf(phrase.text);
  const word = part[1]!.toLowerCase();
  const name = findName([...whole.slice(-1), ...wordsOf(word)]);
  if (!name || name.end - name.start < 2) return null;
  return {
    quantity,
    phrase: { ...phrase, name, second: part[2] ?? null },
    remarks: phrase.tail,
    byFruit: !/white|yolk/.test(word),
  };
}

function quantityFirst(text: string, start: number, standard: Standard): Found | null {
  if (VAGUE.test(text.slice(start))) return null;
  const quantity = readQuantity(text, start, standard);
  if (!quantity) return null;
  const phrase = readPhrase(text.slice(quantity.end), quantity.end);
  if (phrase.text === '' && phrase.tail === '') return null;
  if (!phrase.name && !isUnknownIngredient(quantity, phrase, text)) return null;
  return { quantity, phrase, remarks: phrase.tail, byFruit: false };
}

/** Whether words that name nothing known still read as an ingredient rather than as prose. */
function isUnknownIngredient(quantity: Quantity, phrase: NamePhrase, text: string): boolean {
  const words = phrase.before.length;
  if (words === 0) return false;
  if (/[.!?]$/.test(text) && wordsOf(text).length >= LONGEST_SENTENCE_WORDS) return false;
  if (quantity.unit !== null) return true;
  return !quantity.byArticle && words <= LONGEST_UNKNOWN_WORDS;
}

/** "Butter 100 g", "Flour: 2 cups", "Glaze: 1 cup icing sugar". */
function nameFirst(text: string, standard: Standard): Found | null {
  const label = LABEL.exec(text);
  const labelled = label && quantityFirst(text, label[0].length, standard);
  if (labelled?.phrase.name) return labelled;
  const first = NAME_FIRST.exec(text);
  if (!first) return null;
  const phrase = readPhrase(first[1]!, 0);
  if (!phrase.name) return null;
  const quantity = readQuantity(text, first[0].length, standard);
  if (!quantity?.unit) return null;
  const rest = text.slice(quantity.end);
  if (rest !== '' && !/^[,;(]/.test(text.slice(quantity.end).trim()) && !/^[,;(]/.test(rest))
    return null;
  return { quantity, phrase, remarks: `${phrase.tail} ${rest}`, byFruit: false };
}

/** "Salt to taste": an ingredient without an amount. Every word must be known. */
function nameOnly(text: string): Found | null {
  const start = VAGUE.exec(text)?.[0].length ?? 0;
  const phrase = readPhrase(text.slice(start).replace(/\.$/, ''), start);
  if (!phrase.name || wordsOf(text).length > LONGEST_SENTENCE_WORDS) return null;
  // "Salt and pepper" are two ingredients; "polenta and pear tin" is what comes out of them.
  if (phrase.second !== null && !readPhrase(phrase.second, 0).name) return null;
  return { quantity: null, phrase, remarks: phrase.tail, byFruit: false };
}

function unknownLine(written: string, line: CleanLine, { quantity, phrase, remarks }: Found): Line {
  const english = phrase.before.some((word) => ENGLISH_WORDS.has(word));
  const foreign = quantity?.unit === 'dl' || /\d,\d{1,2}(?!\d)/.test(line.text);
  if (foreign && !english) return bareLine(written, 'unread', [{ code: 'other-language' }]);
  const stated = quantity?.statedGrams ?? weightInBrackets({ quantity, remarks });
  const notes: ReadingNote[] = [{ code: 'unknown-ingredient', words: phrase.text }];
  if (quantity?.unit === 'oz') notes.push({ code: 'ounce-read-as', as: 'mass' });
  return {
    ...bareLine(written, 'ingredient'),
    amount: quantity?.amount ?? null,
    unit: quantity ? (quantity.unit ?? 'each') : null,
    fullness: quantity?.fullness ?? 1,
    stated: stated === null ? null : { grams: stated },
    notes: [...notes, ...remarkNotes(line.text, phrase)],
    spans: spansOf(line, quantity, phrase),
  };
}

/** A weight in brackets behind the name. Of containers it is the weight of each. */
function weightInBrackets({
  quantity,
  remarks,
}: Pick<Found, 'quantity' | 'remarks'>): number | null {
  if (!/[([]/.test(remarks)) return null;
  for (const bracket of remarks.matchAll(/[([]([^)\]]{1,40})[)\]]/g)) {
    const weight = weightIn(bracket[1]!);
    if (!weight) continue;
    const pieces = weight.each || quantity?.container ? (quantity?.amount.min.valueOf() ?? 1) : 1;
    return weight.grams * pieces;
  }
  return null;
}

function remarkNotes(text: string, phrase: NamePhrase): ReadingNote[] {
  const notes: ReadingNote[] = [];
  if (phrase.alternative) notes.push({ code: 'alternative', words: phrase.alternative.trim() });
  if (phrase.second) notes.push({ code: 'second-ingredient', words: phrase.second.trim() });
  const extra = /\b(?:plus|and|with) (?:a little |some )?(?:extra|more)\b.*/i.exec(text);
  if (extra) notes.push({ code: 'extra', words: extra[0] });
  if (/\b(?:optional|if you like|if liked|if desired)\b/i.test(text))
    notes.push({ code: 'optional' });
  return notes;
}

function spansOf(line: CleanLine, quantity: Quantity | null, phrase: NamePhrase): Span[] {
  const spans: Span[] = [];
  const add = (part: Span['part'], at: readonly [number, number] | null): void => {
    if (!at || at[0] >= at[1]) return;
    spans.push({ part, start: line.origin[at[0]]!, end: line.origin[at[1] - 1]! + 1 });
  };
  add('amount', quantity?.amountAt ?? null);
  add('unit', quantity?.unitAt ?? null);
  add('ingredient', phrase.nameAt);
  add('preparation', phrase.tailAt);
  return spans.sort((a, b) => a.start - b.start);
}
