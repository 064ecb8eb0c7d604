import {
  withoutVarieties,
  wordsOf,
  type Ingredient,
  type NameMatch,
  type Shelf,
} from '../../catalogue/index.js';
import { midpoint } from '../../amount/index.js';
import type { CleanLine } from '../clean.js';
import { deriveLine } from './derive-line.js';
import type { LineParts, ReadingContext } from './line-parts.js';
import { partOfWhole, takenFromWhole } from './fruit.js';
import { kindOfFat } from './kind-of-fat.js';
import { kindOfWeight } from './kind-of-weight.js';
import { bareLine, type Line, type Span } from '../line.js';
import type { ReadingNote } from '../note.js';
import { pieceByLength } from './piece-by-length.js';
import { isRemarkWord, readPhrase, remarkWords, type NamePhrase } from './phrase.js';
import { readQuantity, type Quantity, lessBehind } from '../amounts/index.js';
import { placeOf, remarkNotes, weightInBrackets } from './remarks.js';
import { sizeOfThing } from './size-of-thing.js';
import {
  ENGLISH_WORDS,
  FRESH_KINDS,
  FRESH_WORK,
  IMPERATIVE,
  STEP_VERBS,
  VAGUE_FOR_THE_TIN,
  VAGUE_WORDS,
  placeNamed,
} from '../vocabulary/index.js';

const vagueWith = (words: readonly string[]): RegExp =>
  new RegExp(
    `^(?:optional: ?)?(?:(?:(?:an? |\\d |two |three |few )?(?:good |big |small |large )?(?:${words.join('|')})s? (?:of )?(?:the )?)|extra |more |additional |as much |enough )+`,
    'i',
  );
const VAGUE = vagueWith(VAGUE_WORDS);
const VAGUE_IN_ALL = vagueWith([...VAGUE_WORDS, ...VAGUE_FOR_THE_TIN]);
/** Where words begin that say only roughly how much; null where the line gives an amount. */
const vagueAt = (text: string): RegExpExecArray | null =>
  (placeNamed(text) ? VAGUE_IN_ALL : VAGUE).exec(text);
const NO_WORDS: readonly string[] = [];
const NO_NOTES: readonly ReadingNote[] = [];
const LABEL = /^[A-Za-z][A-Za-z' -]{0,40}: /;
const NAME_FIRST =
  /^(.{2,60}?[A-Za-z)])(?: ?[:,;=|]? ?-?| ?[._…]{3,}| ?\(| x) ?(?=\d|\.\d|\b(?:an? )?(?:pinch|dash|smidgen)\b|\b(?:one|two|three|four|five|six|eight|ten|twelve|half|a) )/i;
/** A whole line longer than this is prose. */
const LONGEST_UNKNOWN_WORDS = 6;
const LONGEST_SENTENCE_WORDS = 8;
const MOST_NAME_WORDS = 3;

/**
 * Reads a cleaned line as an ingredient. Null when it is not one: a heading, a sentence, a
 * title. A line in another language comes back as `unread`.
 */
export function readIngredientLine(
  written: string,
  line: CleanLine,
  context: ReadingContext,
): Line | null {
  const { standard, shelf, language, describesBehind } = context;
  const found = findIngredient(line.text, context);
  if (!found) return null;
  const { phrase } = found;
  const left = found.quantity && lessBehind(phrase.tail, found.quantity, standard);
  const quantity = left && found.quantity ? { ...found.quantity, amount: left } : found.quantity;
  // "Ground gin-", broken at the end of a printed line: what it names is not known.
  const isCut = /\p{L}-$/u.test(line.text);
  const sold = phrase.name && !isCut && kindSoldAs(quantity?.pieceWord ?? null, phrase.name, shelf);
  const stated = quantity?.statedGrams ?? weightInBrackets(found);
  const graded = sold && kindOfFat(line.text, sold, shelf);
  const fresh = graded && kindWorkedFresh(line.text, graded);
  const name = fresh && kindOfWeight(fresh, quantity, stated, context);
  const ingredient = name && shelf.ingredient(name.ingredientId);
  if (!name || !ingredient) {
    return (
      behindTheShelf(written, line, found, context) ?? unknownLine(written, line, found, context)
    );
  }
  const place = phrase.tail === '' && !line.text.includes(':') ? null : placeOf(line.text, phrase);
  const behind = describesBehind ? '' : phrase.after.join(' ');
  const tail = `${quantity?.remark ?? ''} ${behind} ${found.remarks}`.trim();
  const derived = deriveLine({
    name,
    ingredient,
    quantity,
    stated: wholePacketOr(stated, quantity, ingredient),
    before: describesBehind ? [...phrase.before, ...phrase.after] : phrase.before,
    after: tail === '' ? NO_WORDS : remarkWords(tail),
    byFruit: found.byFruit,
    standard,
    language,
  });
  // Spelled out: spreading objects together is ten times as slow, and this is every line.
  return {
    written,
    kind: 'ingredient',
    amount: derived.amount ?? quantity?.amount ?? null,
    unit: quantity ? (derived.unit ?? quantity.unit ?? 'each') : null,
    heap: derived.heap,
    ingredientId: name.ingredientId,
    form: derived.form,
    authorMethod: derived.method,
    stated: derived.stated,
    ...(place && { place }),
    notes: [
      ...(place ? [{ code: 'place', place } as const] : NO_NOTES),
      ...derived.notes,
      ...remarkNotes(line.text, phrase, context).filter((note) => !left || note.code !== 'extra'),
    ],
    spans: spansOf(line, quantity, phrase),
  };
}

/**
 * "1/2 packet (5 g)" gives the weight of the half where a whole one weighs twice that, and not that of
 * the whole. The stated weight that comes closer to the packets that are sold.
 */
function wholePacketOr(
  stated: number | null,
  quantity: Quantity | null,
  { weights }: Ingredient,
): number | null {
  const packets = quantity && midpoint(quantity.amount).valueOf();
  if (stated === null || !packets || packets >= 1 || quantity.unit !== 'packet') return stated;
  const sold = weights.find(({ unit }) => unit === 'packet');
  if (!sold) return stated;
  const usual = (sold.grams / sold.amount) * packets;
  const asWritten = stated / packets;
  return Math.abs(asWritten - usual) < Math.abs(stated - usual) ? asWritten : stated;
}

/** What the shelf lacks, as it stands in the table behind it; null where that has nothing close. */
function behindTheShelf(
  written: string,
  line: CleanLine,
  { quantity, phrase, remarks, byFruit }: LineParts,
  context: ReadingContext,
): Line | null {
  const { standard, shelf, language } = context;
  const food = quantity && language === null ? foodBehind(phrase.text, shelf) : null;
  if (!food) return null;
  const words = remarkWords(phrase.text);
  const name = {
    ingredientId: food.id,
    assumedKind: false,
    otherKinds: [],
    hasVarieties: false,
    ofAnyFruit: false,
    isFruit: false,
    isPureed: false,
    start: 0,
    end: words.length,
  };
  const stated = quantity?.statedGrams ?? weightInBrackets({ quantity, remarks });
  const tail = `${quantity?.remark ?? ''} ${remarks}`.trim();
  const derived = deriveLine({
    name,
    ingredient: food,
    quantity,
    stated,
    before: words,
    after: tail === '' ? NO_WORDS : remarkWords(tail),
    byFruit,
    standard,
    language,
  });
  const notes: ReadingNote[] = [
    { code: 'from-table', food: food.name, words: namingWords(phrase.text) },
  ];
  return {
    ...bareLine(written, 'ingredient'),
    amount: derived.amount ?? quantity?.amount ?? null,
    unit: derived.unit ?? quantity?.unit ?? 'each',
    heap: derived.heap,
    ingredientId: food.id,
    form: derived.form,
    authorMethod: derived.method,
    stated: derived.stated,
    notes: [...notes, ...derived.notes, ...remarkNotes(line.text, phrase, context)],
    spans: spansOf(line, quantity, { ...phrase, name }),
  };
}

const isNaming = (word: string): boolean => !isRemarkWord(word);

/** What of a name names: "taro" of "thinly sliced taro"; all of it where no word does. */
function namingWords(text: string): string {
  const naming = text.split(' ').filter((word) => remarkWords(word).every(isNaming));
  return naming.length > 0 ? naming.join(' ') : text;
}

/** By all words first, then without those that only describe ("finely chopped"). */
function foodBehind(text: string, shelf: Shelf): Ingredient | null {
  if (!shelf.behind) return null;
  const words = remarkWords(text.split(/ (?:or|and|&) /i)[0]!);
  const naming = words.filter(isNaming);
  return shelf.behind(words) ?? (naming.length > 0 ? shelf.behind(naming) : null);
}

/** "1 cake yeast": of the kinds that the name may mean, the one that is sold in such pieces. */
function kindSoldAs(pieceWord: string | null, name: NameMatch, shelf: Shelf): NameMatch {
  if (pieceWord === null || name.otherKinds.length === 0) return name;
  const [piece] = wordsOf(pieceWord);
  const kind = [name.ingredientId, ...name.otherKinds].find((id) =>
    shelf.ingredient(id)?.weights.some(({ unit, form }) => unit === 'each' && form === piece),
  );
  return kind === undefined
    ? name
    : { ...name, ingredientId: kind, assumedKind: false, otherKinds: [] };
}

/** "Ginger, grated", "a knob of ginger": what is worked like that is fresh and no powder. */
function kindWorkedFresh(text: string, name: NameMatch): NameMatch {
  const fresh = name.assumedKind ? FRESH_KINDS[name.ingredientId] : undefined;
  const isFresh = fresh !== undefined && wordsOf(text).some((word) => FRESH_WORK.has(word));
  return isFresh ? { ...name, ingredientId: fresh, assumedKind: false } : name;
}

/** What a cleaned line says of an ingredient, by whichever order of words it is written in. */
export function findIngredient(text: string, context: ReadingContext): LineParts | null {
  return (
    (/^\d/.test(text) ? null : partOfWhole(text, context)) ??
    sizeOfThing(text, context) ??
    pieceByLength(text, context) ??
    quantityFirst(text, 0, context) ??
    nameFirst(text, context) ??
    nameOnly(text, context)
  );
}

function quantityFirst(text: string, start: number, context: ReadingContext): LineParts | null {
  if (vagueAt(text.slice(start))) return null;
  const quantity = readQuantity(text, start, context.standard);
  if (!quantity) return null;
  const { shelf, listsKindBehind } = context;
  const phrase = readPhrase(
    text.slice(quantity.end),
    quantity.end,
    shelf.findName,
    listsKindBehind,
  );
  if (phrase.text === '' && phrase.tail === '') return null;
  const found = takenFromWhole({ quantity, phrase, remarks: phrase.tail, byFruit: false }, context);
  return found.phrase.name || isUnknownIngredient(quantity, phrase, text) ? found : null;
}

/** Whether words that name nothing known still read as an ingredient rather than as prose. */
function isUnknownIngredient(quantity: Quantity, phrase: NamePhrase, text: string): boolean {
  const words = remarkWords(phrase.text);
  if (words.length === 0) return false;
  if (/[.!?]$/.test(text) && wordsOf(text).length >= LONGEST_SENTENCE_WORDS) return false;
  if (quantity.unit !== null) return true;
  if (quantity.byArticle || STEP_VERBS.has(words[0]!)) return false;
  return words.length <= LONGEST_UNKNOWN_WORDS;
}

/** "Butter 100 g", "Flour: 2 cups", "flour (3 cups)", "Glaze: 1 cup icing sugar". */
function nameFirst(text: string, context: ReadingContext): LineParts | null {
  const label = LABEL.exec(text);
  const labelled = label && quantityFirst(text, label[0].length, context);
  if (labelled?.phrase.name) return labelled;
  const first = NAME_FIRST.exec(text);
  if (!first) return null;
  const phrase = readPhrase(first[1]!, 0, context.shelf.findName);
  const quantity = readQuantity(text, first[0].length, context.standard);
  if (!quantity) return null;
  if (!phrase.name && !isUnknownName(first[1]!, quantity)) return null;
  const rest = text.slice(quantity.end);
  if (
    !/^ ?(?:$|[,;()]|\d+(?:[.,]\d+)? ?%$)/.test(rest) &&
    !isSize(rest) &&
    !remarkWords(rest).every(isRemarkWord) &&
    !/^ ?[,;()]/.test(text.slice(quantity.unitAt?.[1] ?? 0))
  ) {
    return null;
  }
  // "Eggs x 3" counts pieces; "flour 00" does not.
  const ingredient = phrase.name && context.shelf.ingredient(phrase.name.ingredientId);
  const isCounted = ingredient?.weights.some(({ unit }) => unit === 'each') ?? false;
  if (quantity.unit === null && !(isCounted && (/^ ?\)?$/.test(rest) || isSize(rest)))) return null;
  return { quantity, phrase, remarks: `${phrase.tail} ${rest}`, byFruit: false };
}

/** "Eggs - 2 large": their size may stand last. */
const isSize = (rest: string): boolean => /^ ?(?:extra[- ])?(?:large|medium|small|xl)$/i.test(rest);

/** "Sumac 1 tbsp": few words, and a unit that leaves no doubt. */
function isUnknownName(text: string, { unit }: Quantity): boolean {
  const words = remarkWords(text);
  return (
    unit !== null && words.length <= MOST_NAME_WORDS && !words.some((word) => STEP_VERBS.has(word))
  );
}

/** "Optional: coarse sugar", "For dusting: flour": how long what stands before the name is. */
function labelOf(text: string): number | null {
  const label = LABEL.exec(text)?.[0];
  return label && (/^optional/i.test(label) || placeNamed(label)) ? label.length : null;
}

/** "Salt to taste": an ingredient without an amount. Every word must be known. */
function nameOnly(text: string, { shelf }: ReadingContext): LineParts | null {
  if (IMPERATIVE.test(text)) return null;
  const start = labelOf(text) ?? vagueAt(text)?.[0].length ?? 0;
  const findName = withoutVarieties(shelf.findName);
  const phrase = readPhrase(text.slice(start).replace(/\.$/, ''), start, findName);
  if (!phrase.name || wordsOf(text).length > LONGEST_SENTENCE_WORDS) return null;
  // "Salt and pepper" are two ingredients; "polenta and pear tin" is what comes out of them.
  if (phrase.second !== null && !readPhrase(phrase.second, 0, shelf.findName).name) return null;
  return { quantity: null, phrase, remarks: phrase.tail, byFruit: false };
}

function unknownLine(
  written: string,
  line: CleanLine,
  { quantity, phrase, remarks }: LineParts,
  context: ReadingContext,
): Line {
  const english = remarkWords(phrase.text).some((word) => ENGLISH_WORDS.has(word));
  const foreign = quantity?.unit === 'dl' || /\d,\d{1,2}(?!\d)/.test(line.text);
  if (foreign && !english) return bareLine(written, 'unread', [{ code: 'other-language' }]);
  const stated = quantity?.statedGrams ?? weightInBrackets({ quantity, remarks });
  const notes: ReadingNote[] = [{ code: 'unknown-ingredient', words: phrase.text }];
  if (quantity?.unit === 'oz') notes.push({ code: 'ounce-read-as', as: 'mass' });
  return {
    ...bareLine(written, 'ingredient'),
    amount: quantity?.amount ?? null,
    unit: quantity ? (quantity.unit ?? 'each') : null,
    heap: null,
    stated: stated === null ? null : { grams: stated },
    notes: [...notes, ...remarkNotes(line.text, phrase, context)],
    spans: spansOf(line, quantity, phrase),
  };
}

function spansOf(line: CleanLine, quantity: Quantity | null, phrase: NamePhrase): Span[] {
  const spans: Span[] = [];
  const add = (part: Span['part'], at: readonly [number, number] | null): void => {
    if (!at || at[0] >= at[1]) return;
    spans.push({ part, start: line.origin[at[0]]!, end: line.origin[at[1] - 1]! + 1 });
  };
  add('amount', quantity?.amountAt ?? null);
  add('unit', quantity?.unitAt ?? null);
  add(phrase.name ? 'ingredient' : 'unknown', phrase.nameAt);
  add('preparation', phrase.tailAt);
  return spans.sort((a, b) => a.start - b.start);
}
