import type { z } from 'zod';
import {
  batchProblemMessage,
  toPlanReply,
  type PlanReply,
  type Recipe,
  type planRequest,
} from '@ypsigram/contract';
import {
  USUAL_BALANCE,
  adviceFor,
  assembleRecipe,
  forgivenessFor,
  planBatch,
  setBatch,
  type AssembledRecipe,
  type Batch,
  type LearnedOfRecipe,
  ratioDrift,
} from '@ypsigram/core/batch';
import type { BakeKind } from '@ypsigram/core/baking';
import { defaultDrawer } from '@ypsigram/core/drawer';
import { loadsFor, type Holds } from '@ypsigram/core/factor';
import { cautionsFor, cleanBatches } from '@ypsigram/core/formula';
import type { KnownWeight } from '@ypsigram/core/measuring';
import { USUAL_STANDARD } from '@ypsigram/core/units';
import {
  readInKitchen,
  type AuthorKnowledge,
  type KitchenContext,
} from '../../context/kitchen-context.js';
import { ProblemError } from '../../http/problem.js';
import { checkChoices, checkMethods } from './checks.js';

/** What a plan and the chances of a batch are both asked by. */
type Request = z.output<typeof planRequest>;

const AS_WRITTEN = { by: 'factor', factor: '1' } as const;

/** What planning needs of the areas. */
export interface PlanContext {
  /** @throws ProblemError 404 when there is no such recipe. */
  recipe(id: string): Promise<Recipe>;
  kitchen(): Promise<KitchenContext>;
  /** What is known of an author; nothing of one that is not here. */
  author(id: string | null): Promise<AuthorKnowledge>;
  /** What is known of a hand. @throws ProblemError 400 */
  hand(id: string | null): Promise<readonly KnownWeight[]>;
  /** What the log knows of a saved recipe. */
  learned(recipeId: string): Promise<LearnedOfRecipe>;
}

/** A batch with all that it is planned by. */
export interface RequestedBatch {
  readonly recipe: AssembledRecipe;
  readonly batch: Batch;
  readonly isKindGuessed: boolean;
  readonly limitedBy: string | null;
  readonly holds: Holds;
  /** How well the tools of this drawer are known, by name. */
  readonly toolSpreads: ReadonlyMap<string, number>;
}

/** Nothing is known of tools that are not this kitchen's. */
const UNKNOWN_TOOLS: ReadonlyMap<string, number> = new Map();

/** The kind of bake that somebody has said; null where it has to be guessed. */
const chosenKind = ({ kind }: Request, saved: Recipe | null): BakeKind | null =>
  kind === undefined ? (saved?.balance.kind ?? null) : kind;

/**
 * Puts together what a batch of a text or of a saved recipe is planned by.
 * @throws ProblemError with the field that is to blame.
 */
export async function requestedBatch(
  request: Request,
  context: PlanContext,
): Promise<RequestedBatch> {
  const saved = request.recipeId === undefined ? null : await context.recipe(request.recipeId);
  const kitchen = await context.kitchen();
  const authorId = request.authorId === undefined ? saved?.authorId : request.authorId;
  const author = await context.author(authorId ?? null);
  const written = {
    text: saved?.text ?? request.text ?? '',
    standard: request.standard ?? saved?.standard ?? USUAL_STANDARD,
    answers: request.answers ?? saved?.answers ?? [],
  };
  const reading = readInKitchen(written, kitchen, author);
  const drawer = request.drawer ? defaultDrawer(request.drawer.standard) : kitchen.drawer;
  if (request.methods) checkMethods(reading, request.methods, kitchen.shelf);
  if (request.choices) checkChoices(reading, request.choices, { ...kitchen, drawer });
  const { shelf, scales, weighedIn, habits } = kitchen;
  const recipe = assembleRecipe({
    reading,
    kitchen: { drawer, shelf, scales, weighedIn, habits },
    author: author.weights,
    hand: request.hand === undefined ? kitchen.hand : await context.hand(request.hand),
    methods: request.methods ?? saved?.methods ?? {},
    ...(saved && { learned: await context.learned(saved.id) }),
    balance: {
      lines: request.choices ?? saved?.balance.lines ?? {},
      strictness: request.strictness ?? saved?.balance.strictness ?? USUAL_BALANCE.strictness,
      kind: chosenKind(request, saved),
      ...((request.forKeeping ?? saved?.balance.forKeeping) !== undefined && {
        forKeeping: request.forKeeping ?? saved?.balance.forKeeping,
      }),
    },
  });
  const set = setBatch(recipe, request.batch ?? saved?.batch ?? AS_WRITTEN);
  if (!set.ok) {
    const { field } = set.problem;
    throw new ProblemError(422, batchProblemMessage(set.problem), { field: `batch.${field}` });
  }
  return {
    recipe,
    isKindGuessed: chosenKind(request, saved) === null,
    batch: set.batch,
    limitedBy: set.limitedBy,
    holds: request.holds ?? saved?.balance ?? USUAL_BALANCE,
    toolSpreads: request.drawer ? UNKNOWN_TOOLS : kitchen.toolSpreads,
  };
}

/** Plans a batch of a text or of a saved recipe. Saves nothing. */
export async function planFor(request: Request, context: PlanContext): Promise<PlanReply> {
  const { recipe, batch, isKindGuessed, limitedBy, holds } = await requestedBatch(request, context);
  const { reading, size } = recipe;
  const lines = planBatch(reading, batch);
  const times = batch.factor.valueOf();
  const pieces = size.pieces && size.pieces.valueOf() * times;
  return toPlanReply({
    batch,
    title: reading.title,
    isKindGuessed,
    factor: batch.factor,
    limitedBy,
    size,
    lines,
    drift: ratioDrift(lines, batch.shelf, forgivenessFor(batch)),
    loads: loadsFor(size.grams * times, pieces, holds),
    cautions: cautionsFor(reading, batch.factor, batch.shelf, recipe.keeping),
    advice: adviceFor(reading, lines, batch),
    clean: cleanBatches(recipe, batch.factor, lines),
  });
}
