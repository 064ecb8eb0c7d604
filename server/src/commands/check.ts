import {
  choiceText,
  choiceWeight,
  doubtMessage,
  openLineMessage,
  planRequest,
  questionText,
  weightText,
} from '@ypsigram/contract';
import { openLines, planBatch, type OpenLine, type PlanLine } from '@ypsigram/core/batch';
import type { Shelf } from '@ypsigram/core/catalogue';
import type { Question } from '@ypsigram/core/conversion';
import { onScaleGrid } from '@ypsigram/core/fills';
import { doubtfulAmounts } from '@ypsigram/core/formula';
import type { Line, Reading } from '@ypsigram/core/reading';
import { requestedBatch } from '../areas/plans/service.js';
import { UsageError, readInputs, type Input } from './input.js';
import { paint } from './paint.js';
import type { CommandKitchen } from './command-kitchen.js';
import { openKitchen } from './planning-kitchen.js';
import { standardOf, type ReadingOptions } from './recipe-options.js';

/** Something in a recipe that needs a look. */
interface Doubt {
  /** Where it stands in the text, counted from 1. */
  readonly line: number;
  readonly written: string;
  readonly says: string;
  /** What hangs on it, in grams; null where that is not known. */
  readonly grams: number | null;
  readonly answers: readonly { readonly says: string; readonly weighs: string | null }[];
}

const UNREAD = 'This line is not understood, so it counts for nothing.';

/** Where each line of a reading stands in its text, counted from 1. */
function rowsOf({ lines }: Reading, text: string): readonly number[] {
  const rows = text.split('\n');
  let at = 0;
  return lines.map(({ written, partOf }) => {
    const whole = (partOf?.whole ?? written).trim();
    const found = rows.findIndex((row, index) => index >= at && row.trim() === whole);
    // What the reader has divided or joined stands where the line before it does.
    if (found >= 0) at = found;
    return at + 1;
  });
}

const ofQuestion = (
  question: Question,
  line: Line,
  shelf: Shelf,
): Omit<Doubt, 'line' | 'written'> => ({
  says: questionText(question.note) ?? UNREAD,
  grams: question.gramsAtStake,
  answers: question.choices.map((choice) => ({
    says: choiceText(question.note, choice, line, shelf),
    weighs: choiceWeight(choice),
  })),
});

function ofOpenLine(open: OpenLine, line: Line, shelf: Shelf): Omit<Doubt, 'line' | 'written'>[] {
  if (open.is === 'question') return open.questions.map((one) => ofQuestion(one, line, shelf));
  return [{ says: openLineMessage(open), grams: null, answers: [] }];
}

const gramsOf = (line: PlanLine | undefined): number | null => line?.intended?.grams ?? null;

async function doubtsIn(
  { text }: Input,
  kitchen: CommandKitchen,
  options: ReadingOptions,
): Promise<readonly Doubt[]> {
  const asked = planRequest.safeParse({
    text,
    standard: standardOf(options.cups),
    batch: { by: 'factor', factor: '1' },
  });
  if (!asked.success) throw new UsageError(asked.error.issues[0]!.message);
  const { recipe, batch } = await requestedBatch(asked.data, kitchen.planning);
  const { reading } = recipe;
  const { shelf, author = [] } = batch;
  const lines = planBatch(reading, batch);
  const rows = rowsOf(reading, text);
  const at = (index: number) => ({
    line: rows[index]!,
    written: reading.lines[index]!.written.trim(),
  });
  const unread = reading.lines.flatMap(({ kind }, index): Doubt[] =>
    kind === 'unread' ? [{ ...at(index), says: UNREAD, grams: null, answers: [] }] : [],
  );
  const open = openLines(reading, lines, { shelf, author }).flatMap((one): Doubt[] =>
    ofOpenLine(one, reading.lines[one.line]!, shelf).map((doubt) => ({
      ...at(one.line),
      ...doubt,
    })),
  );
  const amounts = doubtfulAmounts(lines, shelf, reading.title).map((one): Doubt => ({
    ...at(one.line),
    says: doubtMessage(one),
    grams: gramsOf(lines[one.line]),
    answers: [],
  }));
  return [...unread, ...open, ...amounts].sort((a, b) => a.line - b.line);
}

const inGrams = (grams: number): string => weightText(onScaleGrid(grams));

function print(input: Input, doubts: readonly Doubt[], isOneOfMany: boolean): void {
  if (isOneOfMany) console.log(paint.bold(input.name ?? 'Standard input'));
  if (doubts.length === 0) console.log('Nothing to ask: every line has a weight.');
  for (const { line, written, says, grams, answers } of doubts) {
    console.log(`${paint.bold(String(line).padStart(3))}  ${written}`);
    const stake = grams === null || grams === 0 ? '' : ` (${inGrams(grams)})`;
    console.log(`     ${says}${stake}`);
    for (const { says: answer, weighs } of answers) {
      console.log(`     - ${answer}${weighs === null ? '' : `: ${weighs}`}`);
    }
  }
}

/** Says what in recipes is open, and how many grams hang on it; 1 where something is. */
export async function check(
  files: readonly string[],
  options: ReadingOptions & { readonly json?: boolean },
): Promise<number> {
  standardOf(options.cups);
  const inputs = await readInputs(files);
  const kitchen = await openKitchen(options);
  try {
    const found: { readonly input: Input; readonly doubts: readonly Doubt[] }[] = [];
    for (const input of inputs) {
      found.push({ input, doubts: await doubtsIn(input, kitchen, options) });
    }
    if (options.json) {
      const replies = found.map(({ input, doubts }) => ({ file: input.name, doubts }));
      console.log(JSON.stringify(replies, null, 2));
    } else {
      for (const { input, doubts } of found) print(input, doubts, inputs.length > 1);
    }
    return found.some(({ doubts }) => doubts.length > 0) ? 1 : 0;
  } finally {
    await kitchen.close();
  }
}
