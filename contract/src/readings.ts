import { z } from 'zod';
import type { Amount } from '@ypsigram/core/amount';
import type { Shelf } from '@ypsigram/core/catalogue';
import { intendedMass, questionsOf, type Intended } from '@ypsigram/core/conversion';
import type { KnownWeight } from '@ypsigram/core/measuring';
import {
  keepingOf,
  type Line,
  type Origin,
  type OtherReading,
  type PartOf,
  type Reading,
} from '@ypsigram/core/reading';
import { bakeSteps, STEP_KINDS, type BakeStep } from '@ypsigram/core/baking/steps';
import { lineKeys } from '@ypsigram/core/batch';
import { factsOf } from '@ypsigram/core/reading/facts';
import { lineAnswers, otherReading } from './answers.js';
import { amount, intended, lineKind, method, recipeText, standard, unit } from './parts.js';
import { choiceText, noteMessage, sourceText } from './wording/index.js';

export const readingRequest = z.strictObject({
  text: recipeText,
  standard: standard.optional(),
  authorId: z.uuid().optional(),
  answers: lineAnswers,
});

const choice = z.object({
  says: z.string(),
  reading: otherReading,
  grams: z.number().nullable(),
});

export const readingNote = z.object({
  code: z.string(),
  message: z.string(),
  gramsAtStake: z.number().meta({ description: 'The most that an answer moves the line by.' }),
  choices: z.array(choice).meta({
    description: 'What can be answered, the present reading first; empty where nothing can.',
  }),
});

const partOf = z.object({
  whole: z.string(),
  index: z.int(),
  count: z.int(),
});

export const readingLine = z.object({
  key: z.string().meta({
    description: 'By which decisions name it: its place, with ".1" for a second ingredient.',
  }),
  written: z.string().meta({ description: 'Of a line of several ingredients the words of one.' }),
  partOf: partOf.nullable().meta({
    description: 'The written line that names several ingredients, and which of them this is.',
  }),
  kind: lineKind,
  amount: amount.nullable(),
  unit: unit.nullable(),
  ingredientId: z.string().nullable(),
  form: z.string().nullable(),
  place: z.enum(['dough', 'pan', 'finish']).meta({
    description:
      'Into the dough, for the pan, or on top and to serve. Ratios count only the dough.',
  }),
  authorMethod: method.nullable(),
  stated: z.object({ grams: z.number() }).nullable(),
  intended: intended.nullable(),
  notes: z.array(readingNote).meta({ description: 'Those that move the most grams first.' }),
  answered: z.array(z.object({ note: z.string(), by: z.enum(['recipe', 'author', 'kitchen']) })),
});

const oven = z.object({
  line: z.int(),
  celsius: z.number(),
  fanCelsius: z.number().nullable(),
  gasMark: z.number().nullable(),
});
const time = z.object({
  line: z.int(),
  purpose: z.string(),
  minMinutes: z.number(),
  maxMinutes: z.number(),
});
const pan = z.object({
  line: z.int(),
  shape: z.string(),
  count: z.int(),
  lengthCm: z.number().nullable().meta({ description: 'The diameter, of a round pan or ring.' }),
  widthCm: z.number().nullable(),
  heightCm: z.number().nullable(),
});

const stage = z.object({
  kind: z.enum(STEP_KINDS),
  text: z.string().meta({ description: 'As written; empty where the text leaves it out.' }),
  minutesMin: z.number().nullable(),
  minutesMax: z.number().nullable(),
  celsius: z.number().nullable(),
  guessed: z.boolean().meta({
    description: 'A time or heat that is only said in words, such as “overnight” or “a hot oven”.',
  }),
});

export const readingReply = z.object({
  title: z.string().nullable(),
  yield: z.object({ written: z.string(), count: amount.nullable(), noun: z.string() }).nullable(),
  standard,
  language: z.enum(['english', 'german', 'french']),
  origin: z
    .object({ standard, signs: z.array(z.string()) })
    .nullable()
    .meta({ description: 'Where the words seem to come from; the standard is not changed by it.' }),
  isPreserving: z.boolean().meta({
    description: 'A recipe for keeping (jam, pickles, curing): nothing of it is converted.',
  }),
  keeping: z.enum(['preserve', 'asked', 'chilled', 'fresh']).meta({
    description:
      'How it keeps; `asked` where only its make-up says that it may be made to keep: tell by `forKeeping`.',
  }),
  lines: z.array(readingLine),
  facts: z
    .object({
      ovens: z.array(oven),
      times: z.array(time),
      pans: z.array(pan),
    })
    .meta({
      description: 'What steps and yield say of heat, time and pans; `line` counts from 0.',
    }),
  stages: z.array(stage).meta({
    description:
      'What there is to do, in order; the oven is heated also where the text leaves it out.',
  }),
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
  const sourceShown = sourceText(source);
  return { grams, low, high, basis: rung, source, sourceShown, derivedFrom };
}

const partReply = ({ whole, index, count }: PartOf): z.infer<typeof partOf> => ({
  whole,
  index,
  count,
});

function toLineReply(
  line: Line,
  key: string,
  reading: Reading,
  shelf: Shelf,
  known: readonly KnownWeight[],
): z.infer<typeof readingLine> {
  // What is made to keep is shown as it is written.
  const isKept = keepingOf(reading, shelf) === 'preserve';
  const mass = isKept ? null : intendedMass(line, reading.standard, shelf, known);
  const questions = isKept ? [] : questionsOf(line, reading.standard, shelf, known);
  return {
    key,
    written: line.written,
    partOf: line.partOf ? partReply(line.partOf) : null,
    kind: line.kind,
    amount: line.amount && toAmountReply(line.amount),
    unit: line.unit,
    ingredientId: line.ingredientId,
    form: line.form,
    place: line.place ?? 'dough',
    authorMethod: line.authorMethod,
    stated: line.stated,
    intended: mass && toIntendedReply(mass),
    notes: questions.map((question) => ({
      code: question.note.code,
      message: noteMessage(question, line, reading.standard, shelf),
      gramsAtStake: question.gramsAtStake,
      choices: question.choices.map((one) => ({
        says: choiceText(question.note, one, line, shelf),
        reading: toOtherReading(one.reading),
        grams: one.intended?.grams ?? null,
      })),
    })),
    answered: (line.answered?.given ?? []).map(({ note, by }) => ({
      note: note?.code ?? 'correction',
      by,
    })),
  };
}

function toOtherReading({ amount: ends, ...rest }: OtherReading): z.infer<typeof otherReading> {
  return { ...rest, ...(ends && { amount: [ends[0], ends[1]] }) };
}

function toFactsReply({ lines }: Reading): ReadingReply['facts'] {
  const { ovens, times, pans } = factsOf(lines);
  return {
    ovens: ovens.map(({ written: _, isGuess: __, ...said }) => said),
    times: times.map(({ written: _, ...said }) => said),
    pans: pans.map(({ written: _, ...said }) => said),
  };
}

const toStageReply = ({ kind, text, minutes, heat }: BakeStep): z.infer<typeof stage> => ({
  kind,
  text,
  minutesMin: minutes?.min ?? null,
  minutesMax: minutes?.max ?? null,
  celsius: heat?.celsius ?? null,
  guessed: minutes?.isGuess === true || heat?.isGuess === true,
});

/** A reading as it crosses the wire, with its notes in words. */
export function toReadingReply(
  reading: Reading,
  shelf: Shelf,
  known: readonly KnownWeight[] = [],
  origin: Origin | null = null,
): ReadingReply {
  return {
    title: reading.title,
    yield: reading.yield && {
      ...reading.yield,
      count: reading.yield.count && toAmountReply(reading.yield.count),
    },
    standard: reading.standard,
    language: reading.language,
    isPreserving: keepingOf(reading, shelf) === 'preserve',
    keeping: keepingOf(reading, shelf),
    origin: origin && { standard: origin.standard, signs: [...origin.signs] },
    lines: reading.lines.map((line, index) =>
      toLineReply(line, lineKeys(reading)[index]!, reading, shelf, known),
    ),
    facts: toFactsReply(reading),
    stages: bakeSteps(reading).steps.map(toStageReply),
  };
}
