import type { z } from 'zod';
import {
  FACTOR_PROBLEMS,
  METHOD_NAMES,
  toPlanReply,
  type PlanReply,
  type Recipe,
  type planRequest,
} from '@ypsigram/contract';
import {
  defaultDrawer,
  methodsForLine,
  type Drawer,
  planBatch,
  readFactor,
} from '@ypsigram/core/batch';
import { readRecipe, type Reading } from '@ypsigram/core/reading';
import type { Method, Shelf } from '@ypsigram/core/catalogue';
import { ProblemError } from '../../http/problem.js';

type Request = z.output<typeof planRequest>;

function checkMethods(reading: Reading, methods: Readonly<Record<string, Method>>): void {
  for (const [index, method] of Object.entries(methods)) {
    const line = reading.lines[Number(index)];
    const field = `methods.${index}`;
    if (!line) {
      throw new ProblemError(422, `There is no line ${index}: lines are counted from 0.`, {
        field,
      });
    }
    const possible = methodsForLine(line);
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

/** Finds a saved recipe. @throws ProblemError 404 when there is none. */
export type SavedRecipe = (id: string) => Promise<Recipe>;

/** What this kitchen measures with and by, as it is now. */
export type OwnKitchen = () => Promise<{ readonly drawer: Drawer; readonly shelf: Shelf }>;

/** Plans a batch of a text or of a saved recipe. Saves nothing. */
export async function planFor(
  request: Request,
  savedRecipe: SavedRecipe,
  ownKitchen: OwnKitchen,
): Promise<PlanReply> {
  const saved = request.recipeId === undefined ? null : await savedRecipe(request.recipeId);
  const text = saved?.text ?? request.text ?? '';
  const reading = readRecipe(text, request.standard ?? saved?.standard);
  const factor = readFactor(request.batch.factor);
  if (!factor.ok) {
    throw new ProblemError(400, FACTOR_PROBLEMS[factor.problem], { field: 'batch.factor' });
  }
  const own = await ownKitchen();
  const methods = request.methods ?? saved?.methods ?? {};
  if (request.methods) checkMethods(reading, request.methods);
  const lines = planBatch(reading, {
    factor: factor.factor,
    methods,
    ...(request.strictness ? { strictness: request.strictness } : {}),
    drawer: request.drawer ? defaultDrawer(request.drawer.standard) : own.drawer,
    shelf: own.shelf,
  });
  return toPlanReply(factor.factor, lines);
}
