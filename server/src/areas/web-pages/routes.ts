import { Router } from 'express';
import {
  RECIPE_WORDS,
  webPageRequest,
  type WebPageReply,
  type WebPagesState,
} from '@ypsigram/contract';
import type { Shelf } from '@ypsigram/core/catalogue';
import { readRecipeFile } from '@ypsigram/core/formats';
import { onlyMethods, ProblemError } from '../../http/problem.js';
import { validBody } from '../../http/validate.js';
import { pageProblem } from './problem.js';

/** A web that stands in for the real one. */
export interface StandIn {
  readonly origin: string;
  readonly pages: readonly { readonly title: string; readonly path: string }[];
}

/** What getting pages needs. */
export interface WebPagesContext {
  /** Whether this kitchen gets pages at all. */
  isOn(): Promise<boolean>;
  shelf(): Promise<Shelf>;
  /** The one place outside the web that pages are got from. */
  readonly standIn: StandIn | null;
}

const OFF =
  'Getting recipes from the web is switched off. Switch it on under Kitchen, Settings, or paste the text of the page.';
const NO_RECIPE =
  'There is no recipe on that page that can be read. Copy the text of the recipe and paste that here.';

/** Gets the recipes of a web page. Saves nothing. */
export function webPageRoutes({ isOn, shelf, standIn }: WebPagesContext): Router {
  const router = Router();
  router
    .route('/')
    .get(async (_request, response) => {
      const state: WebPagesState = {
        isOn: await isOn(),
        samples: (standIn?.pages ?? []).map(({ title, path }) => ({
          title,
          address: `${standIn!.origin}${path}`,
        })),
      };
      response.json(state);
    })
    .post(async (request, response) => {
      const { address } = validBody(webPageRequest, request);
      if (!(await isOn())) throw new ProblemError(403, OFF);
      // The client is large, and most kitchens never ask for a page.
      const { fetchPage, PageError } = await import('./fetch-page.js');
      const page = await fetchPage(address, { letIn: standIn?.origin ?? null }).catch(
        (error: unknown) => {
          throw error instanceof PageError ? pageProblem(error.problem) : error;
        },
      );
      const { recipes } = readRecipeFile('page.html', page.html, RECIPE_WORDS, await shelf());
      if (recipes.length === 0) throw new ProblemError(422, NO_RECIPE);
      const reply: WebPageReply = {
        address: page.address,
        recipes: recipes.map((recipe) => ({ ...recipe })),
      };
      response.json(reply);
    })
    .all(onlyMethods('GET', 'POST'));
  return router;
}
