import { deedsIn, type NamedDeed } from './deeds.js';
import { durationsIn, type Duration } from './durations.js';
import { heatsIn, type Heat } from './heats.js';

/** A part of a sentence that says one thing to do, with the times and heats that stand in it. */
export interface Clause {
  readonly text: string;
  /** Offset into the sentence. */
  readonly start: number;
  /** What parts it from the clause before; empty for the first. */
  readonly joint: string;
  readonly deeds: readonly NamedDeed[];
  /** Offsets are into the sentence. */
  readonly times: readonly Duration[];
  readonly heats: readonly Heat[];
}

/** Between the parts of a sentence. */
const BETWEEN =
  /;\s+|,\s+(?:(?:and|then|und|dann|danach|anschließend|et|puis|ensuite)\s+)*|\s+(?:and then|and|then|und dann|und|dann|danach|anschließend|et puis|et|puis|ensuite)\s+|\s+-\s+/giu;

/** The clauses of a sentence. What stands within a time or a heat parts nothing. */
export function clausesOf(written: string): Clause[] {
  // One character for one, so that every offset holds for what was written.
  const sentence = written
    .replace(/[\u2010-\u2015\u2212]/g, '-')
    .replace(/[\u00a0\u2007\u202f]/g, ' ');
  const times = durationsIn(sentence);
  const heats = heatsIn(sentence);
  const isInside = (at: number): boolean =>
    [...times, ...heats].some(({ start, end }) => at > start && at < end);
  const cuts: { readonly end: number; readonly next: number }[] = [];
  for (const found of sentence.matchAll(BETWEEN)) {
    if (!isInside(found.index) && !isInside(found.index + found[0].length)) {
      cuts.push({ end: found.index, next: found.index + found[0].length });
    }
  }
  const starts = [0, ...cuts.map(({ next }) => next)];
  const ends = [...cuts.map(({ end }) => end), sentence.length];
  return starts.map((start, index): Clause => {
    const end = ends[index]!;
    const isHere = (one: { readonly start: number }): boolean =>
      one.start >= start && one.start < end;
    const text = sentence.slice(start, end);
    return {
      text,
      start,
      joint: index === 0 ? '' : sentence.slice(ends[index - 1], start),
      deeds: deedsIn(text).map((one) => ({ ...one, at: one.at + start, end: one.end + start })),
      times: times.filter(isHere),
      heats: heats.filter(isHere),
    };
  });
}

/** The deed nearest to a place in a clause: before it, else behind it. */
export function deedAt({ deeds }: Clause, at: number): NamedDeed | null {
  return deeds.findLast((one) => one.at <= at) ?? deeds[0] ?? null;
}

/** Words by which a heat is what something else reaches, in the languages that are read. */
const REACHED =
  /(?<!\p{L})(?:read(?:s|ing)?|register(?:s|ing)?|reach(?:es|ing)?|thermometer|internal|probe|kerntemperatur|erreich\p{L}*|sonde|à cœur|atteint|atteigne)(?!\p{L})/iu;
const OF_THE_OVEN =
  /(?<!\p{L})(?:oven|gas mark|fan|convection|(?:back)?ofen|backrohr|umluft|heißluft|ober-? ?(?:\/|und) ?-?unterhitze|four|chaleur tournante|th\.?|thermostat)(?!\p{L})/iu;

/** An oven colder or hotter than this is something else. */
const COOLEST = 70;
const HOTTEST = 300;

/**
 * Whether a heat of a clause is what the oven is set to: it is not the crumb's, the water's, the
 * sugar's or the butter's, and the clause speaks of an oven or of what is done in one.
 */
export function isOvenHeat(clause: Clause, { celsius, gasMark, start, end }: Heat): boolean {
  if (celsius < COOLEST || celsius > HOTTEST) return false;
  const before = clause.text.slice(0, start - clause.start);
  const behind = clause.text.slice(end - clause.start);
  if (
    REACHED.test(before) ||
    /^ ?(?:in the (?:middle|cent)|inside|kerntemperatur|à cœur)/i.test(behind)
  ) {
    return false;
  }
  if (gasMark !== null || OF_THE_OVEN.test(clause.text)) return true;
  const deed = deedAt(clause, start)?.deed;
  return deed === 'bake' || deed === 'bake-or-cook' || deed === 'preheat' || deed === 'turn-down';
}
