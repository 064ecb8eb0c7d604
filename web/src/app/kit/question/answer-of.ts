import type { SentLineAnswer } from '@ypsigram/contract';
import {
  nameOfLine,
  wordOfNote,
  type Line,
  type OtherReading,
  type ReadingNote,
} from '@ypsigram/core/reading';

/** The answer that gives a note of this line another reading; null for the line as a whole. */
export function answerOf(
  line: Line,
  note: ReadingNote | null,
  reading: OtherReading,
): SentLineAnswer {
  const { amount, ...rest } = reading;
  return {
    note: (note?.code ?? 'correction') as SentLineAnswer['note'],
    name: note === null ? '' : nameOfLine(line),
    word: note && wordOfNote(note),
    written: line.written.trim(),
    reading: { ...rest, ...(amount && { amount: [amount[0], amount[1]] }) },
  };
}
