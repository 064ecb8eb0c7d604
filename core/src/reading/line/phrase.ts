import { singular, wordsOf, type NameFinder, type NameMatch } from '../../catalogue/index.js';
import {
  DESCRIBING_WORDS,
  ENGLISH_WORDS,
  NAMES_IN_LY,
  ORDER_FORMS,
  ORDER_METHODS,
  OTHER_THING_WORDS,
  TAKEN_FROM_FRUIT,
  TRAILING_WORDS,
} from '../vocabulary/index.js';

/** A word of a phrase, made comparable, and where it stands in the text. */
export interface PlacedWord {
  readonly word: string;
  readonly start: number;
  readonly end: number;
}

/** What names the ingredient, the words around the name, and what follows it. */
export interface NamePhrase {
  readonly name: NameMatch | null;
  /** Words before and after the name within the noun phrase. */
  readonly before: readonly string[];
  readonly after: readonly string[];
  /** The text after the noun phrase: preparation, remarks. */
  readonly tail: string;
  /** Of the name, or of the noun phrase where no name is known. */
  readonly nameAt: readonly [number, number] | null;
  readonly tailAt: readonly [number, number] | null;
  /** The noun phrase as written. */
  readonly text: string;
  /** "butter or margarine": what comes after "or". */
  readonly alternative: string | null;
  /** "salt and pepper": what comes after "and". */
  readonly second: string | null;
}

const SIMPLE_WORD = /^[A-Za-z]+$/;
const WORDS = /[\p{L}\p{N}'’]+/gu;
const END_OF_NOUN =
  /[,;([|]| - |: | \+ | (?:plus|minus|less(?= \d)|for|to(?! \d)|as|if|according|about|at|enough|(?<!(?:juice|zest|rind|peel) )from|in|with|which|that|such|then|until|preferably|see)(?: |$)/i;

/** Words of plain letters, found by hand: most lines hold no others, and this is every line. */
function placedLetters(text: string, offset: number): PlacedWord[] | null {
  const placed: PlacedWord[] = [];
  let start = -1;
  for (let at = 0; at <= text.length; at++) {
    const code = at < text.length ? text.charCodeAt(at) : 32;
    const isLetter = (code >= 97 && code <= 122) || (code >= 65 && code <= 90);
    if (isLetter) {
      if (start < 0) start = at;
      continue;
    }
    // Accents, digits and apostrophes are for the careful way.
    if (code > 126 || code === 39 || (code >= 48 && code <= 57)) return null;
    if (start < 0) continue;
    const word = singular(text.slice(start, at).toLowerCase());
    placed.push({ word, start: offset + start, end: offset + at });
    start = -1;
  }
  return placed;
}

function placedWords(text: string, offset: number): PlacedWord[] {
  const letters = placedLetters(text, offset);
  if (letters) return letters;
  const placed: PlacedWord[] = [];
  for (const found of text.matchAll(WORDS)) {
    const words = SIMPLE_WORD.test(found[0])
      ? [singular(found[0].toLowerCase())]
      : wordsOf(found[0]);
    for (const word of words) {
      placed.push({
        word,
        start: offset + found.index,
        end: offset + found.index + found[0].length,
      });
    }
  }
  return placed;
}

/** The comparable words of a remark. */
export function remarkWords(text: string): string[] {
  return placedWords(text, 0).map(({ word }) => word);
}

/** Whether a word only says what a thing is like, or what is done to it. */
export const isRemarkWord = (word: string): boolean =>
  DESCRIBING_WORDS.has(word) || Boolean(ORDER_FORMS[word] ?? ORDER_METHODS[word]);

const nameIn = (text: string, findName: NameFinder): NameMatch | null =>
  findName(remarkWords(text));

/** Where the noun phrase ends. A comma inside it ("ripe, mashed bananas") is read over. */
function nounEnd(text: string, findName: NameFinder): number {
  let from = 0;
  for (;;) {
    const end = END_OF_NOUN.exec(text.slice(from));
    if (!end) return text.length;
    const at = from + end.index;
    if (nameIn(text.slice(0, at), findName) || from > 0 || end[0] !== ',') {
      // "water or as required": what follows "or" is no ingredient.
      return / (?:or|and)$/i.test(text.slice(0, at)) ? text.lastIndexOf(' ', at - 1) : at;
    }
    if (!remarkWords(text.slice(0, at)).every((word) => DESCRIBING_WORDS.has(word))) return at;
    from = at + 1;
  }
}

/** "light or dark brown sugar": the noun behind the second word belongs to the first too. */
function sharedNoun(first: string, rest: string, findName: NameFinder): string | null {
  const left = placedWords(first, 0);
  const right = placedWords(rest, 0);
  for (let from = 1; from < right.length; from++) {
    const joined = [...left, ...right.slice(from)].map(({ word }) => word);
    const name = findName(joined);
    if (name && name.start < left.length && name.end > left.length) {
      return `${first} ${rest.slice(right[from]!.start)}`;
    }
  }
  return null;
}

interface Split {
  readonly first: string;
  readonly rest: string | null;
}

/** Splits off what follows "or" or "and", where both sides name something of their own. */
function splitAt(noun: string, link: RegExp, findName: NameFinder): Split {
  const found = link.exec(noun);
  if (!found) return { first: noun, rest: null };
  const first = noun.slice(0, found.index);
  const rest = noun.slice(found.index + found[0].length);
  const isOr = /or/i.test(found[0]);
  const whole = nameIn(noun, findName);
  // "half and half" is one name that happens to hold the link.
  const leftWords = remarkWords(first).length;
  if (whole && whole.start < leftWords && whole.end > leftWords) return { first: noun, rest: null };
  if (nameIn(first, findName)) {
    return isOr || nameIn(rest, findName) ? { first, rest } : { first: noun, rest: null };
  }
  if (!isOr) return { first: noun, rest: null };
  const shared = sharedNoun(first, rest, findName);
  if (shared !== null) return { first: shared, rest };
  // "fine or medium cornmeal": neither word matters to the name.
  const describes = remarkWords(first).every((word) => DESCRIBING_WORDS.has(word));
  return describes ? { first: rest, rest: null } : { first: noun, rest };
}

const OR = / (?:and\/)?or | ?\/ ?(?=[a-z])/i;
const AND = / (?:and|&) /i;

/**
 * The name of a pantry list, "sugar, brown": its kind stands behind the comma. A word for
 * something done afterwards ("almonds, ground") is not a kind, unless it can't be done to what
 * the name alone means: nobody grates mashed sweet potato, so "sweet potato, grated" was raw.
 */
function turnedName(
  noun: string,
  tail: string,
  { isPureed }: NameMatch,
  findName: NameFinder,
): NameMatch | null {
  const kind = /^ ?[,(] ?([^,;()[\]]{2,30})/.exec(tail)?.[1];
  if (kind === undefined) return null;
  const kindWords = remarkWords(kind);
  const isDone = kindWords.some((word) => ORDER_FORMS[word] ?? ORDER_METHODS[word]);
  if ((isDone && !isPureed) || kindWords.length > 3) return null;
  const name = findName([...kindWords, ...remarkWords(noun)]);
  return name && name.start < kindWords.length && name.end > kindWords.length ? name : null;
}

/** A local name is a word or two that are in no table. */
const MOST_LOCAL_WORDS = 2;

/**
 * A known name behind a local one: "sooji (semolina)". It is taken for what is meant, and that is
 * told. Not where the words outside are English: "pie (apple)" is no apple.
 */
function nameInBracket(noun: string, tail: string, findName: NameFinder): NameMatch | null {
  const inside = /^ ?\(([^()]{2,40})\)/.exec(tail)?.[1];
  const local = remarkWords(noun).filter((word) => !DESCRIBING_WORDS.has(word));
  if (inside === undefined || local.length === 0 || local.length > MOST_LOCAL_WORDS) return null;
  if (local.some((word) => ENGLISH_WORDS.has(word))) return null;
  const words = remarkWords(inside);
  const name = findName(words);
  const isAll =
    name &&
    words.slice(0, name.start).every(isDescribing) &&
    words.slice(name.end).every(isTrailing);
  return isAll ? { ...name, assumedKind: true, otherKinds: [] } : null;
}

/** "Mandeln, blanchiert und gemahlen": the words behind the comma, and the text without them. */
function kindBehind(tail: string): { readonly kind: readonly string[]; readonly rest: string } {
  const found = /^ ?, ?(\p{L}+(?: and \p{L}+)?)(?=[ ]?(?:[,;(]|$))/u.exec(tail);
  const kind = found ? remarkWords(found[1]!).filter((word) => word !== 'and') : [];
  const isKind = kind.some((word) => ORDER_FORMS[word] ?? BOUGHT_AS.has(word));
  return isKind ? { kind, rest: tail.slice(found![0].length) } : { kind: [], rest: tail };
}
const BOUGHT_AS: ReadonlySet<string> = new Set(['dried', 'candied', 'canned']);

/**
 * Finds the ingredient in the text that follows a quantity. A word beside the name that no
 * table knows makes the ingredient unknown rather than wrong.
 *
 * @param listsKindBehind whether a word behind a comma tells how it was bought
 */
export function readPhrase(
  text: string,
  offset: number,
  findName: NameFinder,
  listsKindBehind = false,
): NamePhrase {
  const end = nounEnd(text, findName);
  const noun = text.slice(0, end);
  const behind = listsKindBehind ? kindBehind(text.slice(end)) : null;
  const tail = behind?.rest ?? text.slice(end);
  const kind = behind?.kind ?? [];
  const alternatives = splitAt(noun, OR, findName);
  const pair = splitAt(alternatives.first, AND, findName);
  const isDried = kind.includes('dried');
  // "Aprikosen" are fresh ones, "Aprikosen, getrocknet" are not.
  const words = placedWords(pair.first, offset).filter(({ word }) => !isDried || word !== 'fresh');
  const all = pair.first === noun ? words : placedWords(noun, offset);
  const comparable = [...kind, ...words.map(({ word }) => word)];
  const found = findName(comparable);
  const before = found ? comparable.slice(0, found.start) : comparable;
  const after = found ? comparable.slice(found.end) : [];
  const isNamed = found !== null && untilDone(after).every(isTrailing);
  const isOfVariety = isNamed && found.hasVarieties && isVariety(before, findName);
  const isMadeOf = isNamed && found.ofAnyFruit && isOneFruit(before, findName);
  const isNamedTwice = isNamed && findName(before)?.ingredientId === found.ingredientId;
  const made = madeOf(comparable, findName) ?? takenOf(comparable, findName);
  const known = isNamed && (before.every(isDescribing) || isOfVariety || isMadeOf || isNamedTwice);
  const turned = known ? turnedName(pair.first, tail, found, findName) : null;
  const bracketed = known ? null : nameInBracket(pair.first, tail, findName);
  // A name put together from two sides of "or" has no one place in the text.
  const isWhole = noun.startsWith(pair.first);
  return {
    name:
      made ??
      (known ? (turned ?? (isOfVariety ? { ...found, assumedKind: true } : found)) : bracketed),
    before,
    after,
    tail,
    nameAt:
      known && found && isWhole
        ? spanOf(words.slice(Math.max(0, found.start - kind.length), found.end - kind.length))
        : spanOf(all),
    tailAt: tail.trim() === '' ? null : [offset + end, offset + text.length],
    text: noun.trim(),
    alternative: alternatives.rest,
    second: pair.rest,
  };
}

/** From the first of some words to the last; null without any. */
function spanOf(words: readonly PlacedWord[]): [number, number] | null {
  return words.length === 0 ? null : [words[0]!.start, words.at(-1)!.end];
}

function isDescribing(word: string): boolean {
  return (
    DESCRIBING_WORDS.has(word) ||
    /^t?\d+$/.test(word) ||
    (word.endsWith('ly') && word.length > 4 && !NAMES_IN_LY.has(word))
  );
}

/** "Puree of raspberries", "confiture de cerises": what is made of a fruit, with the fruit behind it. */
function madeOf(words: readonly string[], findName: NameFinder): NameMatch | null {
  const of = words.indexOf('of');
  if (of < 1) return null;
  const name = findName(words.slice(0, of));
  const isWhole = name && words.slice(0, name.start).every(isDescribing) && name.end === of;
  if (!isWhole || !name.ofAnyFruit) return null;
  const rest = words.slice(of + 1);
  const fruit = findName(rest);
  // "Confiture de cerises noires": which cherries does not matter.
  const isFruit = fruit?.isFruit && rest.length - fruit.end <= MOST_VARIETY_WORDS;
  return isFruit && rest.slice(0, fruit.start).every(isDescribing) ? name : null;
}

/** "Juice of lemon", "finely grated rind of an orange": what is taken from a fruit that stands behind. */
function takenOf(words: readonly string[], findName: NameFinder): NameMatch | null {
  const link = words.findIndex((word) => word === 'of' || word === 'from');
  const taken = link < 1 ? undefined : TAKEN_FROM_FRUIT[words[link - 1]!];
  if (taken === undefined || !words.slice(0, link - 1).every(isDescribing)) return null;
  const fruit = words.slice(link + 1).filter((word) => !isDescribing(word));
  const name = fruit.length === 1 ? findName([fruit[0]!, taken]) : null;
  return name && name.end - name.start === 2 ? name : null;
}

/** "seedless raspberry": a fruit, and words that change nothing. */
function isOneFruit(before: readonly string[], findName: NameFinder): boolean {
  const fruit = findName(before);
  return (
    fruit !== null &&
    fruit.isFruit &&
    before.every((word, at) => (at >= fruit.start && at < fruit.end) || isDescribing(word))
  );
}

/** "Pink Lady", "Alphonso": a word or two that name nothing else and make nothing else of it. */
const MOST_VARIETY_WORDS = 2;
function isVariety(before: readonly string[], findName: NameFinder): boolean {
  const naming = before.filter((word) => !isDescribing(word));
  return (
    naming.length > 0 &&
    naming.length <= MOST_VARIETY_WORDS &&
    findName(before) === null &&
    naming.every((word) => !OTHER_THING_WORDS.has(word) && /^\p{L}{3,}$/u.test(word))
  );
}

const isTrailing = (word: string): boolean => isDescribing(word) || TRAILING_WORDS.has(word);

/** Words behind the name up to one that tells what was done: "raisins soaked in rum". */
function untilDone(words: readonly string[]): readonly string[] {
  const done = words.findIndex((word) => word.length > 4 && word.endsWith('ed'));
  return done < 0 ? words : words.slice(0, done);
}
