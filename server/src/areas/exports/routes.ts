import { Router } from 'express';
import { exportQuery, RECIPE_WORDS, type Author, type Recipe } from '@ypsigram/contract';
import { USUAL_BALANCE } from '@ypsigram/core/batch';
import {
  FORMATS,
  writeRecipeFile,
  type ExportFormat,
  type RecipeFile,
} from '@ypsigram/core/formats';
import { notFound, onlyMethods } from '../../http/problem.js';
import { validate } from '../../http/validate.js';
import { bookRoutes, type BookContext } from './book/index.js';

/** What exporting needs of the areas. */
export interface ExportContext extends BookContext {
  recipes(): Promise<readonly Recipe[]>;
  authors(): Promise<readonly Pick<Author, 'id' | 'name'>[]>;
  /** By recipe, the lines that its good bakes proved, by their index, in grams at factor 1. */
  proven(recipe: Recipe): Promise<Readonly<Record<string, number>>>;
}

const LONGEST_NAME = 60;

/** A name that every system takes for a file. */
function fileName(recipes: readonly Recipe[], ending: string): string {
  const [only] = recipes;
  const name = recipes.length === 1 && only ? only.title : 'recipes';
  const plain = name
    .normalize('NFD')
    .replace(/[^A-Za-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, LONGEST_NAME);
  return `${plain.toLowerCase() || 'recipe'}.${ending}`;
}

const isUsual = (balance: Recipe['balance']): boolean =>
  JSON.stringify(balance) === JSON.stringify(USUAL_BALANCE);

const toFile = (
  { title, text, standard, authorId, batch, methods, balance, answers }: Recipe,
  names: ReadonlyMap<string, string>,
  proven: Readonly<Record<string, number>>,
): RecipeFile => ({
  title,
  text,
  author: authorId === null ? null : (names.get(authorId) ?? null),
  standard,
  factor: batch.factor,
  methods,
  balance: isUsual(balance) ? null : balance,
  answers,
  proven: Object.keys(proven).length > 0 ? proven : null,
});

/** Recipes as files in open formats, which come in again as they went out, and as a book. */
export function exportRoutes(context: ExportContext): Router {
  const router = Router();
  const chosen = async (ids: string | undefined): Promise<readonly Recipe[]> => {
    const wanted = ids === undefined ? null : new Set(ids.split(','));
    const all = await context.recipes();
    return wanted ? all.filter(({ id }) => wanted.has(id)) : all;
  };
  const authorNames = async (): Promise<ReadonlyMap<string, string>> =>
    new Map((await context.authors()).map(({ id, name }) => [id, name]));
  const write = async (format: ExportFormat, recipes: readonly Recipe[]): Promise<string> => {
    const names = await authorNames();
    const files: RecipeFile[] = [];
    for (const recipe of recipes) {
      files.push(toFile(recipe, names, await context.proven(recipe)));
    }
    return writeRecipeFile(format, files, await context.shelf(), RECIPE_WORDS);
  };
  router
    .route('/')
    .get(async (request, response) => {
      const { format, ids } = validate(exportQuery, request.query);
      const recipes = await chosen(ids);
      if (recipes.length === 0) throw notFound('There is no recipe to export.');
      const { endings, mediaType } = FORMATS[format];
      const name = fileName(recipes, endings[0]!);
      response.type(mediaType).set('Content-Disposition', `attachment; filename="${name}"`);
      response.send(await write(format, recipes));
    })
    .all(onlyMethods('GET'));
  router.use(
    '/book',
    bookRoutes(
      context,
      async (ids) => {
        const names = await authorNames();
        return (await chosen(ids)).map((recipe) => ({
          recipe,
          author: recipe.authorId === null ? null : (names.get(recipe.authorId) ?? null),
        }));
      },
      (recipes) => write('json-ld', recipes),
    ),
  );
  return router;
}
