import { decodeHTML } from 'entities/decode';
import { VULGAR_FRACTIONS } from '../amount/index.js';
import { CHAT_HEAD } from './vocabulary/index.js';

/**
 * A line made plain, and where each of its characters stood in the written text:
 * `text[i]` came from `written[origin[i]]`. `origin` may be longer than the text.
 */
export interface CleanLine {
  readonly text: string;
  readonly origin: readonly number[];
}

const DASHES = /[\u2010-\u2015\u2212]/;
const SPACES = /[\s\u00a0\u1680\u2000-\u200a\u202f\u205f\u3000]/;
/** Also marks of emphasis and of footnotes, which say nothing of the ingredient. */
const INVISIBLE = /[\u200b-\u200f\u2028-\u202e\u2060\ufeff\u00ad*_†‡]|\ufe0e|\ufe0f/;
/** Raised and lowered digits, in the order of what they stand for. */
const SMALL_DIGITS = '⁰¹²³⁴⁵⁶⁷⁸⁹₀₁₂₃₄₅₆₇₈₉';
/** Forms of ASCII as wide as an ideograph, as some keyboards type them. */
const FULL_WIDTH = /[\uff01-\uff5e]/;
/** Letters that are set as one: ff, fi, fl. */
const LIGATURE = /[\ufb00-\ufb06]/;
/** A link of Markdown: its text is read, its address is not. */
const LINK = /\[([^\]\n]{1,80})\]\([^()\s]{1,300}\)/y;
const BULLET =
  /^(?:[-*+–—=~>|¤·•‣»›\u2022\u25a0-\u25ff\u2600-\u27bf\u2b1a-\u2b55]\s*)+(?=\S)|^\(?(?:\d{1,2}|[a-z])[.)]\s+(?=\S)|^[oO] (?=\d)/;
/** Any other sign, or picture, at the head of a line. */
const SIGN =
  /^(?:(?:[\p{So}\p{Extended_Pictographic}]|[\u{1f3fb}-\u{1f3ff}]|\u200d|\ufe0f)+\s*)+(?=\S)/u;
/** A row of a table: its bars stand between the cells. */
const TABLE_ROW = /^\s*\|/;
const CHECK_BOX = /^\[[ xX]?\]\s*/;
const TAG = /<\/?[a-z][^<>]{0,200}>/iy;
/** An entity of HTML, with the semicolon that saved pages have. */
const ENTITY = /&(?:[a-z][a-z0-9]{1,30}|#\d{1,7}|#x[0-9a-f]{1,6});/iy;
/** What has to be looked at closely: entities, emphasis, links. */
const MARKED = /[&*_{}]|\]\(/;
const RAISED = /[⁰¹²³⁴⁵⁶⁷⁸⁹]/;
const PLAIN = /^[!-;=-~]+(?: [!-;=-~]+)*$/;

/** Written in capitals by whoever shouts: "&FRAC12;" is no entity, and meant as one. */
const entity = (written: string): string => {
  if (/^&half;$/i.test(written)) return '½';
  const decoded = decodeHTML(written);
  return decoded === written ? decodeHTML(written.toLowerCase()) : decoded;
};

/** Makes one character plain: what it stands for, or itself. */
function plain(character: string): string {
  if (SPACES.test(character)) return ' ';
  if (INVISIBLE.test(character)) return '';
  if (DASHES.test(character)) return '-';
  if (character === '{') return '(';
  if (character === '}') return ')';
  if (character === '\u2044' || character === '\u2215') return '/';
  const small = SMALL_DIGITS.indexOf(character);
  if (small >= 0) return String(small % 10);
  const isForm = FULL_WIDTH.test(character) || LIGATURE.test(character);
  return isForm ? character.normalize('NFKC') : character;
}

/** Origins of a text in which every character stands where it stood; longest usual line. */
const UNMOVED: readonly number[] = Array.from({ length: 400 }, (_, index) => index);

const PLAIN_HEADS = [BULLET, CHECK_BOX, CHAT_HEAD];
const HEADS = [SIGN, ...PLAIN_HEADS];

/** A text as it is put together. Only its last character is looked at: that keeps it linear. */
class PlainText {
  private readonly characters: string[] = [];
  readonly origin: number[] = [];

  push(piece: string, from: number): void {
    for (const character of piece) {
      // Runs of blanks count as one; none at the start.
      if (character === ' ' && (this.last === '' || this.last === ' ')) continue;
      this.characters.push(character);
      // One place for each unit of the text, of which a character can have two.
      for (let unit = 0; unit < character.length; unit++) this.origin.push(from);
    }
  }

  get last(): string {
    return this.characters.at(-1) ?? '';
  }

  get text(): string {
    return this.characters.join('');
  }
}

function makePlain(written: string): CleanLine {
  const result = new PlainText();
  let afterLink = -1;
  for (let at = 0; at < written.length;) {
    const character = written[at]!;
    if (character === '[') {
      LINK.lastIndex = at;
      const link = LINK.exec(written);
      if (link) {
        afterLink = at + link[0].length;
        at++;
        continue;
      }
    } else if (character === ']' && at < afterLink) {
      at = afterLink;
      continue;
    }
    if (character === '<' || character === '&') {
      const pattern = character === '<' ? TAG : ENTITY;
      pattern.lastIndex = at;
      const match = pattern.exec(written);
      if (match) {
        for (const one of character === '<' ? ' ' : entity(match[0]))
          pushCharacter(result, one, at);
        at += match[0].length;
        continue;
      }
    }
    pushCharacter(result, character, at);
    at++;
  }
  return { text: result.text, origin: result.origin };
}

function pushCharacter(result: PlainText, character: string, from: number): void {
  const vulgar = VULGAR_FRACTIONS[character];
  // "1¹⁄₂" is one and a half too.
  if (vulgar === undefined && RAISED.test(character) && /\d/.test(result.last)) {
    result.push(` ${plain(character)}`, from);
    return;
  }
  if (vulgar === undefined) {
    result.push(plain(character), from);
    return;
  }
  // "1½" is one and a half, never eleven halves.
  result.push(/\d/.test(result.last) ? ` ${vulgar}` : vulgar, from);
}

/**
 * Makes a line plain: one blank between words, ASCII digits and dashes, fractions with a
 * slash, no bullets, check boxes, numbering or HTML leftovers. Nothing is lost: the origin
 * of every character leads back to the written text.
 */
export function clean(written: string): CleanLine {
  if (TABLE_ROW.test(written)) return clean(written.replaceAll('|', ' '));
  const asIs = PLAIN.test(written) && written.length <= UNMOVED.length && !MARKED.test(written);
  let { text, origin }: CleanLine = asIs ? { text: written, origin: UNMOVED } : makePlain(written);
  if (text.endsWith(' ')) text = text.slice(0, -1);
  for (const pattern of asIs ? PLAIN_HEADS : HEADS) {
    const length = pattern.exec(text)?.[0].length ?? 0;
    if (length === 0) continue;
    text = text.slice(length);
    origin = origin.slice(length);
  }
  return { text, origin };
}
