import type { CleanLine } from './clean.js';
import type { PartWords } from './line/index.js';
import { bareLine, type Line, type Span } from './line.js';

/** The words of one part, put beside each other, and where each letter of them stands in the line. */
interface OwnWords {
  readonly written: string;
  readonly clean: CleanLine;
  readonly at: readonly number[];
}

interface PlacedStretch {
  readonly start: number;
  readonly end: number;
  /** Where it stands in the written line. */
  readonly from: number;
  readonly to: number;
}

/** Whether all of one stretch is written within another: both are words of one translated phrase. */
const isWithin = (one: PlacedStretch, other: PlacedStretch): boolean =>
  one !== other &&
  other.from <= one.from &&
  one.to <= other.to &&
  other.to - other.from > one.to - one.from;

function ownWords(written: string, line: CleanLine, words: PartWords): OwnWords {
  const stretches = words.map(([start, end]): PlacedStretch => {
    const origins = line.origin.slice(start, end);
    return { start, end, from: Math.min(...origins), to: Math.max(...origins) + 1 };
  });
  const own = { written: '', at: [] as number[] };
  const bases = new Map<PlacedStretch, number>();
  for (const one of stretches) {
    // "Saft und Schale einer" stands for three of the words: it is written once.
    if (stretches.some((other) => isWithin(one, other))) continue;
    if (own.written !== '') {
      own.at.push(one.from);
      own.written += ' ';
    }
    bases.set(one, own.written.length);
    own.written += written.slice(one.from, one.to);
    for (let at = one.from; at < one.to; at++) own.at.push(at);
  }
  const clean = { text: '', origin: [] as number[] };
  for (const one of stretches) {
    const holder = stretches.find((other) => isWithin(one, other)) ?? one;
    const base = bases.get(holder) ?? 0;
    const place = (origin: number): number => base + origin - holder.from;
    if (clean.text !== '') {
      clean.origin.push(Math.max(0, place(one.from) - 1));
      clean.text += ' ';
    }
    clean.text += line.text.slice(one.start, one.end);
    for (const origin of line.origin.slice(one.start, one.end)) clean.origin.push(place(origin));
  }
  return { written: own.written, clean, at: own.at };
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
  read: (written: string, line: CleanLine, index: number) => Line | null,
): readonly Line[] {
  return parts.map((words, index): Line => {
    const own = ownWords(written, line, words);
    const part = read(own.written, own.clean, index) ?? bareLine(own.written, 'unread');
    const marks = part.spans.flatMap((span) => inWhole(span, own.at));
    return { ...part, partOf: { whole: written, index, count: parts.length, marks } };
  });
}
