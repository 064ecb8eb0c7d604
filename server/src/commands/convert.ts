import { planRequest, type PlanReply } from '@ypsigram/contract';
import { writeCsv } from '@ypsigram/core/formats';
import type { Shelf } from '@ypsigram/core/catalogue';
import { planFor } from '../areas/plans/service.js';
import { UNKNOWN_AUTHOR, readInKitchen } from '../context/kitchen-context.js';
import { ProblemError } from '../http/problem.js';
import { UsageError, readInputs, type Input } from './input.js';
import { paint } from './paint.js';
import type { CommandKitchen } from './command-kitchen.js';
import { openKitchen } from './planning-kitchen.js';
import { standardOf, type ReadingOptions } from './recipe-options.js';

/** Which column is wanted. */
const TO = ['weights', 'cups', 'both'] as const;
type To = (typeof TO)[number];

export interface ConvertOptions extends ReadingOptions {
  readonly to: string;
  readonly batch: string;
  readonly pieces?: string;
  /** The drawer to measure with, by whose cups it holds. */
  readonly myCups?: string;
  readonly hand?: string;
  readonly json?: boolean;
  readonly markdown?: boolean;
  readonly csv?: boolean;
}

/** A recipe with both columns. */
interface Converted {
  readonly name: string | null;
  readonly title: string | null;
  readonly plan: PlanReply;
  readonly shelf: Shelf;
}

const UNKNOWN = '?';

function requestFor({ text }: Input, kitchen: CommandKitchen, options: ConvertOptions) {
  const { batch, pieces, myCups, hand } = options;
  const asked = planRequest.safeParse({
    text,
    standard: standardOf(options.cups),
    batch:
      pieces === undefined
        ? { by: 'factor', factor: batch }
        : { by: 'pieces', pieces: Number(pieces) },
    ...(myCups !== undefined && { drawer: { standard: standardOf(myCups) } }),
    ...(hand !== undefined && { hand: kitchen.handCalled(hand) }),
  });
  if (asked.success) return asked.data;
  throw new UsageError(asked.error.issues[0]!.message);
}

async function convertOne(
  input: Input,
  kitchen: CommandKitchen,
  options: ConvertOptions,
): Promise<Converted> {
  const request = requestFor(input, kitchen, options);
  const context = await kitchen.planning.kitchen();
  const written = { text: input.text, standard: standardOf(options.cups), answers: [] };
  const { title } = readInKitchen(written, context, UNKNOWN_AUTHOR);
  try {
    const plan = await planFor(request, kitchen.planning);
    return { name: input.name, title, plan, shelf: context.shelf };
  } catch (error) {
    if (error instanceof ProblemError) throw new UsageError(error.message);
    throw error;
  }
}

type Line = PlanReply['lines'][number];

/** What a line has in the columns that are wanted; a line without an amount has none. */
function cellsOf({ kind, weight, measure, scaled }: Line, to: To): readonly string[] {
  if (kind !== 'ingredient') return [];
  const missing = scaled ? UNKNOWN : '';
  const weigh = weight?.shown ?? missing;
  const fill = measure?.shown ?? missing;
  return to === 'weights' ? [weigh] : to === 'cups' ? [fill] : [weigh, fill];
}

const HEADS: Readonly<Record<To, readonly string[]>> = {
  weights: ['Weigh', 'As written'],
  cups: ['Measure', 'As written'],
  both: ['Weigh', 'Measure', 'As written'],
};

/** "× 3/2", where the batch is another than the recipe. */
const timesText = ({ factor }: PlanReply): string =>
  factor.value === 1 ? '' : ` (× ${factor.exact})`;

const headingOf = ({ title, name, plan }: Converted): string =>
  `${title ?? name ?? 'Recipe'}${timesText(plan)}`;

/** The lines of a recipe as rows; what is no ingredient stands by itself. */
const rowsOf = ({ plan }: Converted, to: To) =>
  plan.lines.map((line) => ({
    isIngredient: line.kind === 'ingredient',
    cells: [...cellsOf(line, to), line.written.trim()],
  }));

function asText(recipe: Converted, to: To): string {
  const rows = rowsOf(recipe, to);
  const table = [HEADS[to], ...rows.filter((row) => row.isIngredient).map(({ cells }) => cells)];
  const widths = HEADS[to].map((_, at) => Math.max(...table.map((cells) => cells[at]!.length)));
  const line = (cells: readonly string[]): string =>
    cells
      .map((cell, at) => cell.padEnd(widths[at]!))
      .join('  ')
      .trimEnd();
  const body = rows.map(({ isIngredient, cells }) => (isIngredient ? line(cells) : cells[0]!));
  // The heads stand where the first ingredient does.
  const first = rows.findIndex((row) => row.isIngredient);
  if (first >= 0) body.splice(first, 0, paint.faint(line(HEADS[to])));
  return [paint.bold(headingOf(recipe)), '', ...body].join('\n');
}

function asMarkdown(recipe: Converted, to: To): string {
  const row = (cells: readonly string[]): string =>
    `| ${cells.map((cell) => cell.replaceAll('|', '\\|')).join(' | ')} |`;
  const rows = rowsOf(recipe, to);
  const ingredients = rows.filter((one) => one.isIngredient).map(({ cells }) => row(cells));
  const others = rows.flatMap(({ isIngredient, cells }) =>
    isIngredient || cells[0] === '' ? [] : [cells[0]!],
  );
  const table = [row(HEADS[to]), row(HEADS[to].map(() => '---')), ...ingredients].join('\n');
  return [`# ${headingOf(recipe)}`, table, ...others].join('\n\n');
}

const CSV_HEADS = ['recipe', 'ingredient', 'grams', 'weigh', 'measure', 'source', 'written'];

function asCsv(recipes: readonly Converted[]): string {
  const rows = recipes.flatMap(({ title, name, plan, shelf }) =>
    plan.lines
      .filter(({ kind }) => kind === 'ingredient')
      .map(({ ingredientId, intended, weight, measure, written }) => ({
        recipe: title ?? name ?? '',
        ingredient:
          (ingredientId !== null && shelf.ingredient(ingredientId)?.name) || written.trim(),
        grams: intended ? String(Number(intended.grams.toFixed(2))) : '',
        weigh: weight?.shown ?? '',
        measure: measure?.shown ?? '',
        source: intended?.sourceShown ?? '',
        written: written.trim(),
      })),
  );
  return writeCsv(CSV_HEADS, rows);
}

/** What stands in no column: what to watch out for, and what no total counts. */
function remarks({ plan }: Converted): void {
  for (const { message } of plan.cautions) console.error(`Watch out for: ${message}`);
  const count = plan.unweighed.length;
  if (count === 0) return;
  const lines = count === 1 ? '1 line has' : `${count} lines have`;
  console.error(`${lines} no weight (${UNKNOWN}). Ask why: ypsigram check`);
}

const isTo = (to: string): to is To => (TO as readonly string[]).includes(to);

/** Converts recipes and scales their batch; 1 where a line has no weight. */
export async function convert(files: readonly string[], options: ConvertOptions): Promise<number> {
  const { to } = options;
  if (!isTo(to)) throw new UsageError(`--to takes ${TO.join(', ')}.`);
  const inputs = await readInputs(files);
  const kitchen = await openKitchen(options);
  try {
    const recipes: Converted[] = [];
    for (const input of inputs) recipes.push(await convertOne(input, kitchen, options));
    if (options.json) {
      const replies = recipes.map(({ name, title, plan }) => ({ file: name, title, ...plan }));
      console.log(JSON.stringify(replies.length === 1 ? replies[0] : replies, null, 2));
    } else if (options.csv) {
      process.stdout.write(asCsv(recipes));
    } else {
      const write = options.markdown ? asMarkdown : asText;
      console.log(recipes.map((recipe) => write(recipe, to)).join('\n\n'));
    }
    recipes.forEach(remarks);
    return recipes.some(({ plan }) => plan.unweighed.length > 0) ? 1 : 0;
  } finally {
    await kitchen.close();
  }
}
