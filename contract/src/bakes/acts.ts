import { z } from 'zod';
import { PANS, TESTER_FINDS } from '@ypsigram/core/baking/steps';
import { RACKS, REMEMBERED_AS, STAGES, TRAY_PLACES, TRY_VERDICTS } from '@ypsigram/core/bench';
import { QUESTIONS, SYMPTOMS } from '@ypsigram/core/diagnosis';
import { ovenCelsius } from '../balance.js';
import { HEAVIEST_PACK_GRAMS } from '../limits.js';
import { instant, nameText } from '../parts.js';
import { bakeMeasure, benchRoute, bowl, lineId } from './plan.js';

const MOST_LINES_NAMED = 1000;

const line = lineId.meta({ description: 'The id of a line of the plan.' });
const tool = z.string().min(1).max(120);
const scale = nameText(40, 'Say which scale it was.').nullable();
const grams = z
  .number('Write the weight in grams.')
  .min(0, 'A weight is nothing or more.')
  .max(HEAVIEST_PACK_GRAMS, 'That is more than a kitchen scale carries.');
const lines = z.array(line).max(MOST_LINES_NAMED).readonly();

const MOST_TRAYS = 40;
const LONGEST_NOTE = 4000;
const MOST_STEP_MINUTES = 2880;
const tray = z.int().min(1).max(MOST_TRAYS);
const stepId = z.string().min(1).max(40);

/** What is done after the bench: in the oven, and in the log. */
const AFTER_BENCH = [
  z.strictObject({ do: z.literal('step'), step: stepId, isDone: z.boolean() }),
  z.strictObject({
    do: z.literal('heat'),
    oven: nameText(40, 'Say which oven it was.').nullable(),
    isFan: z.boolean(),
    wantedCelsius: ovenCelsius,
    dialCelsius: ovenCelsius,
    rack: z.enum(RACKS),
    pan: z.enum(PANS),
    trays: tray,
  }),
  z.strictObject({ do: z.literal('tray'), tray, to: z.enum(TRAY_PLACES) }),
  z.strictObject({
    do: z.literal('tray-minutes'),
    tray,
    minutes: z.number('Write how many minutes.').positive().max(MOST_STEP_MINUTES),
  }),
  z.strictObject({ do: z.literal('look'), tray, found: z.enum(TESTER_FINDS) }),
  z.strictObject({
    do: z.literal('ready-by'),
    readyAt: instant.nullable(),
    minutes: z.record(stepId, z.number().min(0).max(MOST_STEP_MINUTES)),
  }),
  z.strictObject({
    do: z.literal('result'),
    rating: z.int().min(1, 'Rate it from 1 to 5.').max(5, 'Rate it from 1 to 5.').nullable(),
    symptoms: z.array(z.enum(SYMPTOMS)).max(SYMPTOMS.length).readonly(),
    note: z.string().max(LONGEST_NOTE, 'That is too long for a note.'),
    isWasted: z.boolean(),
  }),
  z.strictObject({ do: z.literal('good'), isGood: z.boolean() }),
  z.strictObject({ do: z.literal('photo'), photo: z.uuid(), isKept: z.boolean() }),
  z.strictObject({
    do: z.literal('answer'),
    question: z.enum(QUESTIONS),
    answer: z.enum(REMEMBERED_AS),
  }),
  z.strictObject({ do: z.literal('judge'), verdict: z.enum(TRY_VERDICTS) }),
] as const;

/** What a person can do; a new plan after a new text is made by the server alone. */
const PERSONAL = [
  z.strictObject({ do: z.literal('fill'), line, tool, grams: grams.nullable(), scale }),
  z.strictObject({
    do: z.literal('weigh'),
    line,
    route: benchRoute,
    grams,
    scale: scale.unwrap(),
  }),
  z.strictObject({ do: z.literal('finish'), line }),
  z.strictObject({ do: z.literal('empty'), line }),
  z.strictObject({ do: z.literal('route'), line, route: benchRoute }),
  z.strictObject({
    do: z.literal('arrange'),
    bowls: z.array(bowl).max(MOST_LINES_NAMED).readonly(),
  }),
  z.strictObject({
    do: z.literal('scale-rest'),
    line,
    times: z.number().gt(0).max(100).meta({ description: 'How many times everything else.' }),
    measures: z.record(lineId, bakeMeasure),
    stay: lines,
  }),
  z.strictObject({ do: z.literal('leave'), line }),
  z.strictObject({ do: z.literal('tonight'), lines, startAt: instant.nullable() }),
  z.strictObject({ do: z.literal('cover'), line, isCovered: z.boolean() }),
  z.strictObject({ do: z.literal('check'), line }),
  z.strictObject({ do: z.literal('dough'), grams }),
  z.strictObject({
    do: z.literal('divide'),
    pieces: z.int().positive().max(10_000).nullable(),
    gramsEach: z.number().positive().max(HEAVIEST_PACK_GRAMS).nullable(),
  }),
  z.strictObject({ do: z.literal('piece'), grams, scale }),
  z.strictObject({ do: z.literal('stage'), stage: z.enum(STAGES) }),
  ...AFTER_BENCH,
  z.strictObject({
    do: z.literal('undo'),
    reading: z.uuid().meta({ description: 'The reading that is taken back.' }),
  }),
] as const;

export const personalAct = z.discriminatedUnion('do', PERSONAL, {
  error: 'This is nothing that can be done at the bench.',
});
