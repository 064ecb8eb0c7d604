import { z } from 'zod';
import type { Amount } from '@ypsigram/core/amount';
import { BUILT_IN_SHELF, type Shelf } from '@ypsigram/core/catalogue';
import { intendedMass, type Intended } from '@ypsigram/core/conversion';
import type { Line, Reading } from '@ypsigram/core/reading';
import { amount, intended, lineKind, method, recipeText, standard, unit } from './parts.js';
import { noteMessage } from './wording/index.js';

export const readingRequest = z.strictObject({
  text: recipeText,
  standard: standard.optional(),
});

export const readingNote = z.object({ code: z.string(), message: z.string() });

export const readingLine = z.object({
  written: z.string(),
  kind: lineKind,
  amount: amount.nullable(),
  unit: unit.nullable(),
  ingredientId: z.string().nullable(),
  form: z.string().nullable(),
  authorMethod: method.nullable(),
  stated: z.object({ grams: z.number() }).nullable(),
  intended: intended.nullable(),
  notes: z.array(readingNote),
});

export const readingReply = z.object({
  title: z.string().nullable(),
  yield: z.object({ written: z.string(), count: amount.nullable(), noun: z.string() }).nullable(),
  standard,
  lines: z.array(readingLine),
});

export type ReadingRequest = z.infer<typeof readingRequest>;
export type ReadingReply = z.infer<typeof readingReply>;

/** An amount as it crosses the wire. */
export function toAmountReply({ min, max }: Amount): z.infer<typeof amount> {
  return {
    min: min.valueOf(),
    max: max.valueOf(),
    exact: min.toFraction(),
    exactMax: max.toFraction(),
  };
}

/** An intended mass as it crosses the wire, unrounded. */
export function toIntendedReply({ grams, low, high, basis }: Intended): z.infer<typeof intended> {
  const { rung, source, derivedFrom } = basis;
  return { grams, low, high, basis: rung, source, derivedFrom };
}

function toLineReply(line: Line, reading: Reading, shelf: Shelf): z.infer<typeof readingLine> {
  const mass = intendedMass(line, reading.standard, shelf);
  return {
    written: line.written,
    kind: line.kind,
    amount: line.amount && toAmountReply(line.amount),
    unit: line.unit,
    ingredientId: line.ingredientId,
    form: line.form,
    authorMethod: line.authorMethod,
    stated: line.stated,
    intended: mass && toIntendedReply(mass),
    notes: line.notes.map((note) => ({
      code: note.code,
      message: noteMessage(note, line, reading.standard, shelf),
    })),
  };
}

/** A reading as it crosses the wire, with its notes in words. */
export function toReadingReply(reading: Reading, shelf: Shelf = BUILT_IN_SHELF): ReadingReply {
  return {
    title: reading.title,
    yield: reading.yield && {
      ...reading.yield,
      count: reading.yield.count && toAmountReply(reading.yield.count),
    },
    standard: reading.standard,
    lines: reading.lines.map((line) => toLineReply(line, reading, shelf)),
  };
}
