import { randomUUID } from 'node:crypto';
import { LRUCache } from 'lru-cache';
import { Op, literal } from 'sequelize';
import type { z } from 'zod';
import type {
  IngredientUse,
  Recipe,
  LastBake,
  RecipePage,
  RecipeQuery,
  RecipeVersion,
  recipeDraft,
  recipeReplacement,
} from '@ypsigram/contract';
import type { ProvenWeight } from '@ypsigram/core/batch';
import {
  UNKNOWN_AUTHOR,
  type AuthorKnowledge,
  type KitchenContext,
} from '../../context/kitchen-context.js';
import { takeTurns } from '../../context/turns.js';
import type { Database } from '../../database/database.js';
import type { BackupPart } from '../../database/part.js';
import { removable, type Removable } from '../removable.js';
import { isAlready } from '../../http/is-already.js';
import { ProblemError, notFound } from '../../http/problem.js';
import { recipeModel, type RecipeRow } from './model.js';
import { recipePart, type WholeRecipe } from './part.js';
import { indexText, summarise } from './summary.js';
import { usesOf } from './uses.js';
import { recipeVersions } from './versions.js';

type NewRecipe = z.output<typeof recipeDraft>;
type RecipeChange = z.output<typeof recipeReplacement>;

/** What the recipes area does. Every change happens whole or not at all. */
export interface RecipeService extends Removable<Recipe> {
  /** In a fixed number of statements, whatever the length. */
  list(query: RecipeQuery): Promise<RecipePage>;
  /** In how many recipes each of these ingredients is. */
  uses(ids?: readonly string[]): Promise<readonly IngredientUse[]>;
  create(draft: NewRecipe): Promise<Recipe>;
  read(id: string): Promise<Recipe>;
  /**
   * @throws ProblemError 409 with both versions when `revision` is not the newest and what is here
   *   says something else.
   */
  replace(id: string, replacement: RecipeChange): Promise<Recipe>;
  /** Earlier texts, the newest first; at most as many as anybody looks through. */
  versions(id: string): Promise<RecipeVersion[]>;
  all(): Promise<readonly Recipe[]>;
  /** Whose every recipe is that is somebody's, and how new it is; no texts. */
  byAuthor(): Promise<readonly RecipeRevision[]>;
  /** The recipes of these authors, with their texts. */
  textsOf(authorIds: readonly string[]): Promise<readonly AuthoredText[]>;
  createAll(drafts: readonly NewRecipe[]): Promise<readonly Recipe[]>;
  /** Null when `revision` is not the newest. */
  replaceIfNewest(id: string, replacement: RecipeChange): Promise<Recipe | null>;
  /** How many were removed. Those that were changed since `revision` stay. */
  removeAll(recipes: readonly Pick<Recipe, 'id' | 'revision'>[]): Promise<number>;
  /** All there is of them, with their earlier texts, out and in again. */
  readonly part: BackupPart<WholeRecipe>;
}

type RecipeRevision = Pick<Recipe, 'id' | 'revision'> & { readonly authorId: string };
type AuthoredText = RecipeRevision & Pick<Recipe, 'title' | 'text' | 'standard'>;

/** Rows that one statement takes. */
const AT_ONCE = 100;

const GONE = 'There is no such recipe. It may have been deleted.';

function toRecipe(row: RecipeRow): Recipe {
  const { id, title, text, standard, authorId, batch, methods, balance, answers, photos } = row;
  const { revision, createdAt, updatedAt } = row;
  return {
    id,
    title,
    text,
    standard,
    authorId,
    batch,
    methods,
    balance,
    answers,
    photos,
    revision,
    createdAt,
    updatedAt,
    deletedAt: null,
  };
}

/** Words of a search as FTS5 reads them: each must begin some word of title or ingredients. */
function matchExpression(query: string): string | null {
  const words = query.normalize('NFC').match(/[\p{L}\p{N}]+/gu) ?? [];
  return words.length === 0 ? null : words.map((word) => `"${word}"*`).join(' ');
}

/** What the bakes of recipes have told, by their ids. */
export interface LearnedByRecipe {
  readonly proven: ReadonlyMap<string, readonly ProvenWeight[]>;
  readonly lastBakes: ReadonlyMap<string, LastBake>;
}

/** What the area needs of the others. */
export interface RecipesContext {
  now(): Date;
  kitchen(): Promise<KitchenContext>;
  /** Told of what went wrong where something is answered all the same. */
  report(error: unknown): void;
  /** Whether there is, or ever was, an author of that id. */
  isAuthor(id: string): Promise<boolean>;
  /** What is known of every author that is here. */
  authors(): Promise<ReadonlyMap<string, AuthorKnowledge>>;
  /** By recipe, what its good bakes weighed, and its latest bake. */
  learned(): Promise<LearnedByRecipe>;
}

/** Pages of the list that are remembered until something changes. */
const PAGES_REMEMBERED = 50;

export function recipeService(database: Database, context: RecipesContext): RecipeService {
  const { sequelize } = database;
  const rows = recipeModel(sequelize);
  const versions = recipeVersions(sequelize);
  const instant = (): string => context.now().toISOString();
  const pages = new LRUCache<string, RecipePage>({ max: PAGES_REMEMBERED });

  const find = async (id: string): Promise<RecipeRow> => {
    const row = await rows.findOne({ where: { id } });
    if (!row) throw notFound(GONE);
    return row;
  };

  const newRow = async (draft: NewRecipe) => {
    const at = instant();
    const { title, ingredients } = indexText(draft, (await context.kitchen()).shelf);
    return {
      id: randomUUID(),
      ...draft,
      title,
      ingredients,
      revision: 1,
      createdAt: at,
      updatedAt: at,
    };
  };

  /** Null when `revision` is not the newest. */
  const replaceIfNewest = (id: string, { revision, ...draft }: RecipeChange) =>
    database.write(async (): Promise<Recipe | null> => {
      const row = await rows.findOne({ where: { id, revision } });
      if (!row) return null;
      const { title, ingredients } = indexText(draft, (await context.kitchen()).shelf);
      const written = await row.update({ ...draft, title, ingredients, updatedAt: instant() });
      await versions.thin(id, written.revision);
      return toRecipe(written);
    });

  const page = async ({ query, page, pageSize }: RecipeQuery): Promise<RecipePage> => {
    const match = matchExpression(query);
    if (match === null && query.trim() !== '') return { items: [], page, pageSize, total: 0 };
    const found = literal('(SELECT rowid FROM recipe_search WHERE recipe_search MATCH :match)');
    const { rows: items, count } = await rows.findAndCountAll({
      ...(match === null ? {} : { where: { number: { [Op.in]: found } }, replacements: { match } }),
      order: [literal('title COLLATE NOCASE'), 'number'],
      limit: pageSize,
      offset: (page - 1) * pageSize,
    });
    const [kitchen, authors] = [await context.kitchen(), await context.authors()];
    const { proven, lastBakes } = await context.learned();
    const knownOf = ({ authorId }: Recipe): AuthorKnowledge =>
      (authorId !== null && authors.get(authorId)) || UNKNOWN_AUTHOR;
    return {
      items: items.map(toRecipe).map((recipe) => ({
        ...summarise(recipe, kitchen, knownOf(recipe), context.report, proven.get(recipe.id)),
        lastBake: lastBakes.get(recipe.id) ?? null,
      })),
      page,
      pageSize,
      total: count,
    };
  };

  const part = recipePart(database, rows, {
    toRecipe,
    ingredientsOf: async (recipe) => indexText(recipe, (await context.kitchen()).shelf).ingredients,
    authorIds: async () => new Set((await context.authors()).keys()),
  });

  /** @throws ProblemError 422 when a recipe would belong to an author who was never here */
  const checkAuthor = async ({ authorId }: Pick<NewRecipe, 'authorId'>): Promise<void> => {
    if (!authorId || (await context.isAuthor(authorId))) return;
    throw new ProblemError(422, 'There is no such author. Add the author first.', {
      field: 'authorId',
    });
  };

  return {
    part,

    async list(query) {
      const key = JSON.stringify([await database.changes(), query]);
      const known = pages.get(key);
      if (known) return known;
      const listed = await page(query);
      pages.set(key, listed);
      return listed;
    },

    uses: async (ids) => usesOf(rows, ids, (await context.kitchen()).shelf),

    create: (draft) =>
      database.write(async () => {
        await checkAuthor(draft);
        return toRecipe(await rows.create(await newRow(draft)));
      }),

    createAll: (drafts) =>
      database.write(async () => {
        const created: Recipe[] = [];
        const turn = takeTurns();
        for (let at = 0; at < drafts.length; at += AT_ONCE) {
          const some = [];
          for (const draft of drafts.slice(at, at + AT_ONCE)) {
            some.push(await newRow(draft));
            await turn();
          }
          created.push(...(await rows.bulkCreate(some)).map(toRecipe));
        }
        return created;
      }),

    async read(id) {
      return toRecipe(await find(id));
    },

    replace: (id, replacement) =>
      database.write(async () => {
        await checkAuthor(replacement);
        const replaced = await replaceIfNewest(id, replacement);
        if (replaced) return replaced;
        const current = toRecipe(await find(id));
        const { revision: _, ...change } = replacement;
        if (isAlready(current, change)) return current;
        const { title } = indexText(replacement, (await context.kitchen()).shelf);
        throw new ProblemError(
          409,
          'This recipe was also changed elsewhere. Both versions are here; nothing is lost.',
          { field: 'revision', yours: { ...replacement, title }, theirs: current },
        );
      }),

    replaceIfNewest,

    removeAll: (recipes) =>
      database.write(async () => {
        let removed = 0;
        for (const { id, revision } of recipes) {
          removed += await rows.destroy({ where: { id, revision } });
        }
        return removed;
      }),

    ...removable(database, rows, { gone: GONE, read: async (id) => toRecipe(await find(id)) }),

    async versions(id) {
      await find(id);
      return versions.of(id);
    },

    async all() {
      return (await rows.findAll({ order: ['number'] })).map(toRecipe);
    },

    async byAuthor() {
      const found = await rows.findAll({
        attributes: ['id', 'revision', 'authorId'],
        where: { authorId: { [Op.not]: null } },
        order: ['number'],
      });
      return found.map(({ id, revision, authorId }) => ({ id, revision, authorId: authorId! }));
    },

    async textsOf(authorIds) {
      const found = await rows.findAll({
        attributes: ['id', 'revision', 'authorId', 'title', 'text', 'standard'],
        where: { authorId: [...authorIds] },
        order: ['number'],
      });
      return found.map(({ id, revision, authorId, title, text, standard }) => ({
        id,
        revision,
        authorId: authorId!,
        title,
        text,
        standard,
      }));
    },
  };
}
