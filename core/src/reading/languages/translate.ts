import { singular, wordsOf, type Ingredient, type Shelf } from '../../catalogue/index.js';
import type { CleanLine } from '../clean.js';
import { ENGLISH_WORDS, UNIT_WORDS } from '../vocabulary/index.js';
import { FRENCH } from './french.js';
import { GERMAN } from './german.js';
import type { Language } from './language.js';

/** The languages that are known beside English. */
export const LANGUAGES: readonly Language[] = [GERMAN, FRENCH];

const WORD = /\p{L}+/gu;
/** What may stand between the words of one phrase: "c. à s.", "d’olive", "Nelken, gemahlen". */
const WITHIN_PHRASE = /^[ ,.'’-]{1,2}$/;
/** Longer texts show their language early. */
const LONGEST_SEARCHED = 4000;
const LONGEST_PHRASE = 8;
/** A unit in capitals, or "c. à s.", counts for as many words. */
const SIGN_OF_UNITS = 2;

const ACCENTS = /[\u0300-\u036f]/g;
const ASCII = /^[\x20-\x7e]*$/;

function bare(word: string): string {
  const lower = word.toLowerCase();
  if (ASCII.test(lower)) return lower;
  return lower.replace('œ', 'oe').replace('ß', 'ss').normalize('NFD').replace(ACCENTS, '');
}

interface Dictionary {
  readonly language: Language;
  readonly phrases: ReadonlyMap<string, string>;
  /** The same without endings, where no two phrases fall together: "olives noires", "olive noire". */
  readonly stems: ReadonlyMap<string, string>;
  /** What a phrase begins with, word by word, without endings: nothing more has to be tried. */
  readonly beginnings: ReadonlySet<string>;
  /** Last parts of words that are put together, and the English for each. */
  readonly heads: readonly (readonly [string, string])[];
  /** Words that no English recipe would have. */
  readonly signs: ReadonlySet<string>;
}

/** Words that an English recipe has too, whatever they mean elsewhere. */
const ENGLISH: ReadonlySet<string> = new Set([
  ...ENGLISH_WORDS,
  ...Object.keys(UNIT_WORDS),
  ...wordsOf(`and or for the of with in plus oven bake cup add mix about polenta butter margarine
    orange ingredient ingredients semolina six four streusel cas pot gr gut d de des du un une ein eine bis el tl plus ca
    fur sel pour parts mit recipe pkg dose glass creme fraiche pate tasse pomme quark pot as with has was for makes`),
]);

/** A phrase as it is looked up: what stands between its words does not matter. */
const phraseOf = (written: string): string => (written.match(WORD) ?? []).map(bare).join(' ');

/**
 * How an ingredient is named to a reader of English recipes. Where its bare name is understood as
 * it, that is taken: "Nelken, gemahlen" are cloves, ground, and no whole cloves that are ground.
 */
function englishOf({ name, aliases }: Ingredient): string {
  const lower = name.toLowerCase();
  const bareName = lower.replace(/ \(.*\)$/, '');
  return aliases.some((alias) => alias.toLowerCase() === bareName)
    ? bareName
    : lower.replace(/^(.*) \((.*)\)$/, '$2 $1');
}

/** A word beside others shows a language only where it is no "de", "en" or "auf". */
const isLong = (word: string): boolean => word.length > 3;

/** Shorter words are told apart by their last letter alone. */
const SHORTEST_STEMMED = 5;

const withoutEnding = (word: string, { endings }: Language): string =>
  word.length < SHORTEST_STEMMED ? word : word.replace(endings, '');

const stemOf = (phrase: string, language: Language): string =>
  phrase
    .split(' ')
    .map((word) => withoutEnding(word, language))
    .join(' ');

function stemsOf(
  phrases: ReadonlyMap<string, string>,
  language: Language,
): Pick<Dictionary, 'stems' | 'beginnings'> {
  const stems = new Map<string, string>();
  const beginnings = new Set<string>();
  const shared = new Set<string>();
  for (const [phrase, english] of phrases) {
    const stem = stemOf(phrase, language);
    if (stems.has(stem) && stems.get(stem) !== english) shared.add(stem);
    stems.set(stem, english);
    for (let end = stem.indexOf(' '); end >= 0; end = stem.indexOf(' ', end + 1)) {
      beginnings.add(stem.slice(0, end));
    }
  }
  for (const stem of shared) stems.delete(stem);
  return { stems, beginnings };
}

function dictionaryOf(language: Language, { all }: Shelf): Dictionary {
  const phrases = new Map<string, string>();
  for (const ingredient of all) {
    for (const name of ingredient.otherNames?.[language.id] ?? []) {
      phrases.set(phraseOf(name), englishOf(ingredient));
    }
  }
  // What the language's own table says goes before: it knows the words that leave a kind open.
  for (const [phrase, english] of Object.entries(language.words)) {
    phrases.set(phraseOf(phrase), english);
  }
  const signs = [...phrases.keys()]
    .flatMap((phrase) => (phrase.includes(' ') ? phrase.split(' ').filter(isLong) : [phrase]))
    .filter((word) => !ENGLISH.has(word) && !ENGLISH.has(singular(word)));
  const stems = stemsOf(phrases, language);
  const heads = Object.entries(language.heads).map(
    ([head, english]) => [bare(head), english] as const,
  );
  return { language, phrases, ...stems, heads, signs: new Set(signs) };
}

const DICTIONARIES = new WeakMap<Shelf['all'], readonly Dictionary[]>();

function dictionariesOf(shelf: Shelf): readonly Dictionary[] {
  let found = DICTIONARIES.get(shelf.all);
  if (!found) {
    found = LANGUAGES.map((language) => dictionaryOf(language, shelf));
    DICTIONARIES.set(shelf.all, found);
  }
  return found;
}

/** Signs too short to count by themselves: units in capitals, or followed by a dot. */
const UNIT_SIGNS: Readonly<Record<Language['id'], RegExp>> = {
  german: /(?:^|[\s\d])(?:EL|TL|Pck\.?|Msp\.?)(?![A-Za-z])/,
  french:
    /\d ?cl (?=\p{L})|\bc(?:\.|uill[eè]res?) ?à ?(?:s|c|soupe|café)\b|\d ?(?:g|ml|cl|l) d(?:e |['’])/iu,
};

/** A shelf's names are many, and change seldom. */
const NAME_WORDS = new WeakMap<Shelf['all'], ReadonlySet<string>>();

function nameWordsOf({ all }: Shelf): ReadonlySet<string> {
  let words = NAME_WORDS.get(all);
  if (!words) {
    words = new Set(all.flatMap(({ name, aliases }) => [name, ...aliases].flatMap(wordsOf)));
    NAME_WORDS.set(all, words);
  }
  return words;
}

/** Tells the words of English recipes: those of every recipe, and the names on this shelf. */
function englishBy(shelf: Shelf): (word: string) => boolean {
  const names = nameWordsOf(shelf);
  const isWord = (word: string): boolean => ENGLISH.has(word) || names.has(word);
  return (word) => isWord(word) || isWord(singular(word));
}

/** A word of no English recipe, as the dictionary has it: as it is, or without its ending. */
function hasSign(
  { language, signs }: Dictionary,
  word: string,
  isEnglish: (word: string) => boolean,
): boolean {
  if (signs.has(word)) return true;
  const stem = word.replace(language.endings, '');
  return signs.has(stem) && !isEnglish(stem);
}

/**
 * The language that a text seems to be in: the one whose words outnumber the English ones. Null
 * for English, and for any other language. The names on the shelf are English.
 */
export function languageOf(text: string, shelf: Shelf): Language | null {
  const isEnglish = englishBy(shelf);
  const searched = text.slice(0, LONGEST_SEARCHED);
  const words = new Set(searched.match(WORD)?.map(bare));
  let english = 0;
  const dictionaries = dictionariesOf(shelf);
  const counts = dictionaries.map(({ language }): number =>
    UNIT_SIGNS[language.id].test(searched) ? SIGN_OF_UNITS : 0,
  );
  for (const word of words) {
    if (isEnglish(word)) {
      if (word.length > 2) english++;
      continue;
    }
    dictionaries.forEach((dictionary, at) => {
      if (hasSign(dictionary, word, isEnglish)) counts[at]!++;
    });
  }
  const most = Math.max(...counts);
  const best = most > 0 ? dictionaries[counts.indexOf(most)] : undefined;
  return best && most >= english ? best.language : null;
}

/** The words of a text by which its language shows, as written, each once. */
export function wordsIn(text: string, { id }: Language, shelf: Shelf): string[] {
  const isEnglish = englishBy(shelf);
  const dictionary = dictionariesOf(shelf).find(({ language }) => language.id === id)!;
  const words = text
    .match(WORD)
    ?.filter((word) => !isEnglish(bare(word)) && hasSign(dictionary, bare(word), isEnglish));
  return [...new Set(words)];
}

/** Letters that join the parts of a word: "Feige·n·marmelade", "Orange·n·saft". */
const JOINTS = /(?:en|n|s|e)$/;
const SHORTEST_PART = 4;

/** "Feigenmarmelade": a word put together of one that is known and one that it ends with; null else. */
function putTogether({ phrases, stems, heads }: Dictionary, word: string): string | null {
  for (const [head, english] of heads) {
    if (!word.endsWith(head)) continue;
    const part = word.slice(0, -head.length);
    if (part.length < SHORTEST_PART) continue;
    const known =
      phrases.get(part) ??
      stems.get(part) ??
      phrases.get(part.replace(JOINTS, '')) ??
      stems.get(part.replace(JOINTS, ''));
    if (known !== undefined) return `${known} ${english}`;
  }
  return null;
}

/** A word of a line: where it stands, and how it is looked up. */
interface LineWord {
  readonly start: number;
  readonly end: number;
  readonly bare: string;
  readonly stem: string;
}

/** A phrase of the dictionary at a place among the words of a line, and how many it takes. */
function phraseAt(
  dictionary: Dictionary,
  text: string,
  words: readonly LineWord[],
  at: number,
): { readonly english: string; readonly count: number } | null {
  const { phrases, stems, beginnings } = dictionary;
  let phrase = '';
  let stem = '';
  let found: { english: string; count: number } | null = null;
  for (let count = 1; count <= LONGEST_PHRASE && at + count <= words.length; count++) {
    const word = words[at + count - 1]!;
    if (count > 1) {
      const before = words[at + count - 2]!;
      if (!WITHIN_PHRASE.test(text.slice(before.end, word.start))) break;
      phrase += ' ';
      stem += ' ';
    }
    phrase += word.bare;
    stem += word.stem;
    const english =
      phrases.get(phrase) ?? (count === 1 ? phrases.get(stem) : undefined) ?? stems.get(stem);
    if (english) found = { english, count };
    if (!beginnings.has(stem)) break;
  }
  const first = words[at]!.bare;
  const joined = found ? null : putTogether(dictionary, first);
  return joined === null ? found : { english: joined, count: 1 };
}

/**
 * The line in English, as far as the language's table goes. Every character still leads back to
 * where it came from, so that marks in the written text stay true.
 */
export function translate(line: CleanLine, language: Language, shelf: Shelf): CleanLine {
  const dictionary = dictionariesOf(shelf).find((one) => one.language.id === language.id)!;
  const words = [...line.text.matchAll(WORD)].map((found): LineWord => {
    const word = bare(found[0]);
    const end = found.index + found[0].length;
    return { start: found.index, end, bare: word, stem: withoutEnding(word, language) };
  });
  let text = '';
  const origin: number[] = [];
  let done = 0;
  const copy = (until: number): void => {
    for (let at = done; at < until; at++) {
      text += line.text[at]!;
      origin.push(line.origin[at]!);
    }
    done = until;
  };
  for (let at = 0; at < words.length;) {
    const phrase = phraseAt(dictionary, line.text, words, at);
    if (!phrase) {
      at++;
      continue;
    }
    const { start } = words[at]!;
    const { end } = words[at + phrase.count - 1]!;
    copy(start);
    // "500g" and "250ml" stand without a blank; a word that replaces another must not.
    if (/\d$/.test(text)) push(' ', start);
    for (const [index, character] of [...phrase.english].entries()) {
      push(character, index === phrase.english.length - 1 ? end - 1 : start);
    }
    done = end;
    if (/['’]/.test(line.text[done] ?? '')) {
      push(' ', done);
      done++;
    }
    at += phrase.count;
  }
  copy(line.text.length);
  return { text, origin };

  function push(character: string, from: number): void {
    text += character;
    origin.push(line.origin[from]!);
  }
}
