import type { z } from 'zod';
import {
  METHOD_NAMES,
  batchProblemMessage,
  toPlanReply,
  type PlanReply,
  type Recipe,
  type planRequest,
} from '@ypsigram/contract';
import {
  USUAL_BALANCE,
  adviceFor,
  batchFactor,
  cautionsFor,
  cleanBatches,
  defaultDrawer,
  loadsFor,
  methodsForLine,
  planBatch,
  ratioDrift,
  recipeSize,
  substitutesFor,
  type Batch,
  type Holds,
  type LineChoice,
  type RecipeSize,
  type Strictness,
} from '@ypsigram/core/batch';
import type { Reading } from '@ypsigram/core/reading';
import type { Method, Shelf } from '@ypsigram/core/catalogue';
import type { KnownWeight } from '@ypsigram/core/measuring';
import { ProblemError } from '../../http/problem.js';
import { readOwn, type AuthorKnowledge, type OwnKitchen } from '../../own-kitchen.js';

/** What a plan and the chances of a batch are both asked by. */
type Request = z.output<typeof planRequest>;

const DEFAULT_STANDARD = 'us-customary';
const AS_WRITTEN = { by: 'factor', factor: '1' } as const;

function checkMethods(
  reading: Reading,
  methods: Readonly<Record<string, Method>>,
  shelf: Shelf,
): void {
  for (const [index, method] of Object.entries(methods)) {
    const line = reading.lines[Number(index)];
    const field = `methods.${index}`;
    if (!line) {
      throw new ProblemError(422, `There is no line ${index}: lines are counted from 0.`, {
        field,
      });
    }
    const possible = methodsForLine(line, shelf);
    if (possible.includes(method)) continue;
    const detail =
      possible.length === 0
        ? `“${line.written.trim()}” can not be measured by volume here, so it has no method.`
        : `“${line.written.trim()}” can't be ${METHOD_NAMES[method]}. Choose ${possible
            .map((name) => METHOD_NAMES[name])
            .join(', ')}.`;
    throw new ProblemError(422, detail, { field });
  }
}

/** What was decided of a line must be possible there: nothing is passed over in silence. */
function checkChoices(
  reading: Reading,
  choices: Readonly<Record<string, LineChoice>>,
  { shelf, drawer }: Pick<OwnKitchen, 'shelf' | 'drawer'>,
): void {
  for (const [index, { method, instead, tools }] of Object.entries(choices)) {
    const field = `choices.${index}`;
    const line = reading.lines[Number(index)];
    if (!line) {
      throw new ProblemError(422, `There is no line ${index}: lines are counted from 0.`, {
        field,
      });
    }
    if (method) checkMethods(reading, { [index]: method }, shelf);
    const isOffered = substitutesFor(line, shelf).some(
      ({ ingredientId, form }) => ingredientId === instead?.ingredientId && form === instead.form,
    );
    if (instead && !isOffered) {
      throw new ProblemError(422, `“${line.written.trim()}” has no such other kind.`, {
        field: `${field}.instead`,
      });
    }
    const here = [...drawer.dry, ...drawer.wet];
    const missing = tools?.find(
      (name) => !here.some(({ id, wash }) => id === name || wash === name),
    );
    if (missing !== undefined) {
      throw new ProblemError(422, `There is no “${missing}” in this drawer, or it is put aside.`, {
        field: `${field}.tools`,
      });
    }
  }
}

/** What planning needs from elsewhere. */
export interface Surroundings {
  /** @throws ProblemError 404 when there is no such recipe. */
  recipe(id: string): Promise<Recipe>;
  kitchen(): Promise<OwnKitchen>;
  /** What is known of an author; nothing of one that is not here. */
  author(id: string | null): Promise<AuthorKnowledge>;
  /** What is known of a hand; undefined is who measures now. @throws ProblemError 400 */
  hand(id: string | null | undefined): Promise<readonly KnownWeight[]>;
}

/** A batch with all that it is planned by. */
export interface Prepared {
  readonly reading: Reading;
  readonly size: RecipeSize;
  readonly limitedBy: string | null;
  readonly batch: Batch & { readonly shelf: Shelf; readonly strictness: Strictness };
  readonly holds: Holds;
}

/**
 * Puts together what a batch of a text or of a saved recipe is planned by.
 * @throws ProblemError with the field that is to blame.
 */
export async function prepare(request: Request, around: Surroundings): Promise<Prepared> {
  const saved = request.recipeId === undefined ? null : await around.recipe(request.recipeId);
  const own = await around.kitchen();
  const authorId = request.authorId === undefined ? saved?.authorId : request.authorId;
  const author = await around.author(authorId ?? null);
  const written = {
    text: saved?.text ?? request.text ?? '',
    standard: request.standard ?? saved?.standard ?? DEFAULT_STANDARD,
    answers: request.answers ?? saved?.answers ?? [],
  };
  const reading = readOwn(written, own, author);
  const choices = request.choices ?? saved?.balance.lines ?? {};
  const size = recipeSize(reading, own.shelf, author.weights, choices);
  const set = batchFactor(request.batch ?? saved?.batch ?? AS_WRITTEN, size);
  if (!set.ok) {
    const { field } = set.problem;
    throw new ProblemError(422, batchProblemMessage(set.problem), { field: `batch.${field}` });
  }
  const methods = request.methods ?? saved?.methods ?? {};
  if (request.methods) checkMethods(reading, request.methods, own.shelf);
  const drawer = request.drawer ? defaultDrawer(request.drawer.standard) : own.drawer;
  if (request.choices) checkChoices(reading, request.choices, { ...own, drawer });
  const strictness = request.strictness ?? saved?.balance.strictness ?? 'normal';
  const holds = request.holds ?? saved?.balance ?? USUAL_BALANCE;
  const batch = {
    factor: set.factor,
    methods,
    choices,
    strictness,
    drawer,
    shelf: own.shelf,
    scales: own.scales,
    weighedIn: own.weighedIn,
    habits: own.habits,
    author: author.weights,
    hand: await around.hand(request.hand),
  };
  return { reading, size, limitedBy: set.limitedBy, batch, holds };
}

/** Plans a batch of a text or of a saved recipe. Saves nothing. */
export async function planFor(request: Request, around: Surroundings): Promise<PlanReply> {
  const { reading, size, limitedBy, batch, holds } = await prepare(request, around);
  const lines = planBatch(reading, batch);
  const times = batch.factor.valueOf();
  const pieces = size.pieces && size.pieces.valueOf() * times;
  return toPlanReply({
    factor: batch.factor,
    limitedBy,
    size,
    lines,
    drift: ratioDrift(lines, batch.shelf, batch.strictness),
    loads: loadsFor(size.grams * times, pieces, holds),
    cautions: cautionsFor(reading, batch.factor, batch.shelf),
    advice: adviceFor(reading, lines, batch),
    clean: cleanBatches(reading, batch.factor, size, batch),
  });
}
