import type { CleanLine } from './clean.js';
import type { PartWords } from './line/index.js';
import { bareLine, type Line, type Span } from './line.js';

/** The words of one part, put beside each other, and where each letter of them stands in the line. */
interface OwnWords {
  readonly written: string;
  readonly clean: CleanLine;
  readonly at: readonly number[];
}

function ownWords(written: string, line: CleanLine, words: PartWords): OwnWords {
  const own = { written: '', text: '', origin: [] as number[], at: [] as number[] };
  for (const [start, end] of words) {
    const origins = line.origin.slice(start, end);
    const from = Math.min(...origins);
    const to = Math.max(...origins) + 1;
    if (own.written !== '') {
      own.origin.push(own.written.length);
      own.at.push(from);
      own.written += ' ';
      own.text += ' ';
    }
    const base = own.written.length;
    own.written += written.slice(from, to);
    own.text += line.text.slice(start, end);
    for (const origin of origins) own.origin.push(base + origin - from);
    for (let at = from; at < to; at++) own.at.push(at);
  }
  return { written: own.written, clean: { text: own.text, origin: own.origin }, at: own.at };
}

/** A stretch of a part where it stands in the line; none where its words stand apart there. */
function inWhole({ part, start, end }: Span, at: readonly number[]): readonly Span[] {
  const [from, to] = [at[start]!, at[end - 1]! + 1];
  return to - from === end - start ? [{ part, start: from, end: to }] : [];
}

/**
 * The parts of a line that names several ingredients, each read by itself. A part that can't be
 * read is kept as it is written, and counts for nothing.
 */
export function readParts(
  written: string,
  line: CleanLine,
  parts: readonly PartWords[],
  read: (written: string, line: CleanLine) => Line | null,
): readonly Line[] {
  return parts.map((words, index): Line => {
    const own = ownWords(written, line, words);
    const part = read(own.written, own.clean) ?? bareLine(own.written, 'unread');
    const marks = part.spans.flatMap((span) => inWhole(span, own.at));
    return { ...part, partOf: { whole: written, index, count: parts.length, marks } };
  });
}
