import { randomBytes } from 'node:crypto';
import { Router } from 'express';
import helmet from 'helmet';
import {
  bookQuery,
  BOOK_WORDS,
  LONGEST_BOOK,
  type BookQuery,
  type PlanReply,
  type Recipe,
} from '@ypsigram/contract';
import type { Shelf } from '@ypsigram/core/catalogue';
import { defaultDrawer } from '@ypsigram/core/drawer';
import type { ChartKitchen } from '@ypsigram/core/quick';
import type { Standard } from '@ypsigram/core/units';
import { notFound, onlyMethods, ProblemError } from '../../../http/problem.js';
import { validate } from '../../../http/validate.js';
import { bookBody } from './book.js';
import type { BookRecipe } from './book-recipe.js';
import { bookDocument } from './document.js';

/** What a book needs of the areas. */
export interface BookContext {
  shelf(): Promise<Shelf>;
  /** @throws ProblemError where a batch can't be made of it */
  plan(recipeId: string, factor: string, cups: Standard | undefined): Promise<PlanReply>;
  /** What the conversion chart of this kitchen goes by. */
  chart(): Promise<ChartKitchen>;
  now(): Date;
}

/** A recipe of a book, and whose it is by name. */
interface Chosen {
  readonly recipe: Recipe;
  readonly author: string | null;
}

/** The batches that every recipe of a book can be turned to, beside its own. */
const FACTORS = ['1/2', '1', '3/2', '2', '3'];
const NONCE_BYTES = 18;

/** The page that a book is: nothing runs in it but its own script, and nothing is fetched. */
const bookPolicy = (nonce: string) =>
  helmet.contentSecurityPolicy({
    useDefaults: false,
    directives: {
      defaultSrc: ["'none'"],
      styleSrc: [`'nonce-${nonce}'`],
      scriptSrc: [`'nonce-${nonce}'`],
      frameAncestors: ["'none'"],
    },
  });

async function plannedRecipe(
  { recipe, author }: Chosen,
  context: BookContext,
  cups: Standard | undefined,
): Promise<BookRecipe> {
  const own = recipe.batch.factor;
  const plans: PlanReply[] = [];
  for (const factor of new Set([own, ...FACTORS])) {
    try {
      plans.push(await context.plan(recipe.id, factor, cups));
    } catch (error) {
      // A preserve is not scaled: it stands in the book as it is written.
      if (!(error instanceof ProblemError) || factor === own) throw error;
    }
  }
  const [first] = plans;
  plans.sort((a, b) => a.factor.value - b.factor.value);
  return { title: recipe.title, author, plans, at: plans.indexOf(first!) };
}

/**
 * A book of recipes to print, or as a file.
 *
 * @param chosen the recipes that were named, with their authors
 * @param linkedData the same recipes as linked data
 */
export function bookRoutes(
  context: BookContext,
  chosen: (ids: string | undefined) => Promise<readonly Chosen[]>,
  linkedData: (recipes: readonly Recipe[]) => Promise<string>,
): Router {
  const router = Router();
  router
    .route('/')
    .get(async (request, response) => {
      const query = validate(bookQuery, request.query);
      const recipes = await chosen(query.ids);
      if (recipes.length === 0) throw notFound('There is no recipe for a book yet.');
      if (recipes.length > LONGEST_BOOK) {
        throw new ProblemError(
          400,
          `A book holds at most ${LONGEST_BOOK} recipes. Choose fewer, and make two.`,
        );
      }
      const planned: BookRecipe[] = [];
      for (const one of recipes) planned.push(await plannedRecipe(one, context, query.cups));
      const title = query.title || BOOK_WORDS.untitled;
      const nonce = randomBytes(NONCE_BYTES).toString('base64');
      const isFile = query.download === '1';
      const page = bookDocument({
        title,
        paper: query.paper,
        nonce,
        linkedData: await linkedData(recipes.map(({ recipe }) => recipe)),
        elsewhere: isFile ? null : (change) => `/api/exports/book?${addressOf(query, change)}`,
        body: bookBody({
          title,
          date: new Intl.DateTimeFormat('en-GB', { dateStyle: 'long' }).format(context.now()),
          recipes: planned,
          shelf: await context.shelf(),
          chart: query.chart === '1' ? await chartFor(query.cups, context) : null,
        }),
      });
      if (isFile) response.attachment('recipe-book.html');
      bookPolicy(nonce)(request, response, () => response.type('html').send(page));
    })
    .all(onlyMethods('GET'));
  return router;
}

async function chartFor(cups: Standard | undefined, context: BookContext): Promise<ChartKitchen> {
  const own = await context.chart();
  if (cups === undefined) return own;
  return { ...own, standard: cups, drawer: defaultDrawer(cups), toolSpreads: new Map() };
}

/** The same book, changed in something. */
function addressOf(query: BookQuery, change: Readonly<Record<string, string>>): string {
  const wanted = Object.entries({ ...query, ...change }).filter(
    (entry): entry is [string, string] => entry[1] !== undefined,
  );
  return new URLSearchParams(wanted).toString();
}
