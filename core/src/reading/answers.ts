import { wordsOf, type Shelf } from '../catalogue/index.js';
import type { Answered, AnsweredBy, Line, LineKind, Reading } from './line.js';
import type { Answer, Answers, LineAnswer } from './answer/index.js';
import type { NoteCode, ReadingNote } from './note.js';
import { readOtherwise } from './read-otherwise.js';

/** The ingredient of a line by its comparable words, as an answer remembers it. */
export function nameOfLine({ written, spans }: Line): string {
  const span = spans.find(({ part }) => part === 'ingredient' || part === 'unknown');
  return span ? wordsOf(written.slice(span.start, span.end)).join(' ') : '';
}

/** What a note is about, beside the name: a word, what was assumed, the other ingredient. */
export function wordOfNote(note: ReadingNote): string | null {
  switch (note.code) {
    case 'order-before':
    case 'order-after':
      return note.word;
    case 'assumed-kind':
      return note.assumed;
    case 'alternative':
      return note.words;
    default:
      return null;
  }
}

/** Whether an answer can go for other lines too: one about words can, one about a weight can't. */
export const canBeKept = ({ code }: ReadingNote): boolean =>
  code !== 'implausible-weight' && code !== 'volumes-disagree';

/** What was said of a line when it was read as one ingredient, its first, still goes for that. */
const isOfLine = (answer: LineAnswer, { written, partOf }: Line): boolean =>
  answer.written === written.trim() ||
  (partOf?.index === 0 && answer.written === partOf.whole.trim());

function answerTo(
  note: ReadingNote,
  line: Line,
  name: string,
  { recipe, author, kitchen }: Answers,
): { readonly answer: Answer; readonly by: AnsweredBy } | null {
  // What was answered while nobody knew it still goes before the table.
  const code = note.code === 'from-table' ? 'unknown-ingredient' : note.code;
  const fits = (answer: Answer): boolean =>
    answer.note === code && answer.name === name && answer.word === wordOfNote(note);
  const own = recipe.find((answer) => isOfLine(answer, line) && fits(answer));
  if (own) return { answer: own, by: 'recipe' };
  if (!canBeKept(note)) return null;
  const ofAuthor = author.find(fits);
  if (ofAuthor) return { answer: ofAuthor, by: 'author' };
  const ofKitchen = kitchen.find(fits);
  return ofKitchen ? { answer: ofKitchen, by: 'kitchen' } : null;
}

const OF_THE_MEASURE: ReadonlySet<NoteCode> = new Set([
  'ounce-read-as',
  'ounce-ambiguous',
  'implausible-weight',
  'volumes-disagree',
  'borrowed-unit',
]);
const setsMeasure = ({ reading: { unit, amount, statedGrams } }: Answer): boolean =>
  unit !== undefined || amount !== undefined || statedGrams !== undefined;

/** What a baker may say is an ingredient. */
const CAN_BE_MEANT: ReadonlySet<LineKind> = new Set(['ingredient', 'unread', 'remark']);

function answerLine(line: Line, answers: Answers, reading: Reading, shelf: Shelf): Line {
  if (!CAN_BE_MEANT.has(line.kind)) return line;
  const name = nameOfLine(line);
  let settled = line;
  const given: Answered['given'][number][] = [];
  for (const note of line.notes) {
    const found = answerTo(note, line, name, answers);
    if (!found) continue;
    settled = readOtherwise(settled, found.answer.reading, reading.standard, shelf);
    given.push({ note, by: found.by, reading: found.answer.reading });
  }
  const correction = answers.recipe.find(
    (answer) => answer.note === 'correction' && isOfLine(answer, line),
  );
  if (correction) {
    settled = readOtherwise(settled, correction.reading, reading.standard, shelf);
    given.push({ note: null, by: 'recipe', reading: correction.reading });
  }
  if (given.length === 0) return line;
  const isKnown = settled.ingredientId !== null;
  const isAnswered = (note: ReadingNote): boolean =>
    given.some((one) => one.note?.code === note.code && wordOfNote(one.note) === wordOfNote(note));
  const open = settled.notes.filter(
    (note) =>
      !isAnswered(note) &&
      !(isKnown && note.code === 'unknown-ingredient') &&
      // Said of the measure that was read, and now another one stands there.
      !(correction && setsMeasure(correction) && OF_THE_MEASURE.has(note.code)),
  );
  const kind = isKnown ? 'ingredient' : settled.kind;
  return { ...settled, kind, notes: open, answered: { asRead: line, given } };
}

/**
 * The reading with what the baker answered put in its place. Lines keep what was read from the
 * text alone beside it, so that an answer can be changed or taken back. The same reading comes
 * back where nothing was answered.
 */
export function answerReading(reading: Reading, answers: Answers, shelf: Shelf): Reading {
  const { recipe, author, kitchen } = answers;
  if (recipe.length + author.length + kitchen.length === 0) return reading;
  const lines = reading.lines.map((line) => answerLine(line, answers, reading, shelf));
  const isSame = lines.every((line, at) => line === reading.lines[at]);
  return isSame ? reading : { ...reading, lines };
}
