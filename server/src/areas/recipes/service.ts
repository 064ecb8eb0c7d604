import { randomUUID } from 'node:crypto';
import { Op, QueryTypes, literal, type Sequelize, type Transaction } from 'sequelize';
import type { z } from 'zod';
import type {
  Backup,
  Recipe,
  RecipePage,
  RecipeQuery,
  RecipeSummary,
  RecipeVersion,
  recipeDraft,
  recipeReplacement,
} from '@ypsigram/contract';
import { ProblemError, notFound } from '../../http/problem.js';
import { recipeModel, type RecipeRow } from './model.js';
import type { AuthorKnowledge, OwnKitchen } from '../../own-kitchen.js';
import { describeText, summarise } from './summary.js';

type Draft = z.output<typeof recipeDraft>;
type Replacement = z.output<typeof recipeReplacement>;

/** What the recipes area does. Every change is one statement, so it happens whole or not at all. */
export interface RecipeService {
  list(query: RecipeQuery): Promise<RecipePage>;
  create(draft: Draft): Promise<Recipe>;
  read(id: string): Promise<Recipe>;
  /** @throws ProblemError 409 with both versions when `revision` is not the newest. */
  replace(id: string, replacement: Replacement): Promise<Recipe>;
  remove(id: string): Promise<void>;
  restore(id: string): Promise<Recipe>;
  /** Earlier texts, the newest first; at most as many as anybody looks through. */
  versions(id: string): Promise<RecipeVersion[]>;
  /** All recipes of an author; of everybody for null. */
  all(authorId?: string): Promise<readonly Recipe[]>;
  /** Many at once, as part of a larger change. */
  createAll(drafts: readonly Draft[], transaction: Transaction): Promise<readonly Recipe[]>;
  /** As part of a larger change; null when `revision` is not the newest. */
  replaceWithin(
    id: string,
    replacement: Replacement,
    transaction: Transaction,
  ): Promise<Recipe | null>;
  /** All there is of them, with their earlier texts. */
  dump(): Promise<Backup['recipes']>;
  /** Puts others in the place of all of them, as part of a larger change. */
  load(recipes: Backup['recipes'], transaction: Transaction): Promise<void>;
  /** As part of a larger change. Those that were changed since `revision` stay. */
  removeAll(
    recipes: readonly Pick<Recipe, 'id' | 'revision'>[],
    transaction: Transaction,
  ): Promise<number>;
}

/** Nobody looks further back than this. */
const MOST_VERSIONS = 200;

/** Rows that one statement takes. */
const AT_ONCE = 100;

const GONE = 'There is no such recipe. It may have been deleted.';

function toRecipe(row: RecipeRow): Recipe {
  const { id, title, text, standard, authorId, batch, methods, balance, answers } = row;
  const { revision, createdAt, updatedAt, deletedAt } = row;
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
    revision,
    createdAt,
    updatedAt,
    deletedAt,
  };
}

/** Words of a search as FTS5 reads them: each must begin some word of title or ingredients. */
function matchExpression(query: string): string | null {
  const words = query.normalize('NFC').match(/[\p{L}\p{N}]+/gu) ?? [];
  return words.length === 0 ? null : words.map((word) => `"${word}"*`).join(' ');
}

/** What the area needs from elsewhere. */
export interface Surroundings {
  now(): Date;
  kitchen(): Promise<OwnKitchen>;
  author(id: string | null): Promise<AuthorKnowledge>;
}

export function recipeService(sequelize: Sequelize, around: Surroundings): RecipeService {
  const rows = recipeModel(sequelize);
  const live = { deletedAt: null };
  const instant = (): string => around.now().toISOString();

  const find = async (id: string): Promise<RecipeRow> => {
    const row = await rows.findOne({ where: { id, ...live } });
    if (!row) throw notFound(GONE);
    return row;
  };

  const fresh = async (draft: Draft) => {
    const at = instant();
    const described = describeText(draft.text, draft.standard, (await around.kitchen()).shelf);
    return {
      id: randomUUID(),
      ...draft,
      title: draft.title ?? described.title,
      ingredients: described.ingredients,
      revision: 1,
      createdAt: at,
      updatedAt: at,
      deletedAt: null,
    };
  };

  const write = async (
    id: string,
    { revision, ...draft }: Replacement,
    transaction: Transaction | null = null,
  ): Promise<{ changed: number; title: string }> => {
    const described = describeText(draft.text, draft.standard, (await around.kitchen()).shelf);
    const title = draft.title ?? described.title;
    const [changed] = await rows.update(
      {
        ...draft,
        title,
        ingredients: described.ingredients,
        revision: revision + 1,
        updatedAt: instant(),
      },
      { where: { id, revision, ...live }, transaction },
    );
    return { changed, title };
  };

  return {
    async list({ query, page, pageSize }) {
      const match = matchExpression(query);
      if (match === null && query.trim() !== '') return { items: [], page, pageSize, total: 0 };
      const found = literal('(SELECT rowid FROM recipe_search WHERE recipe_search MATCH :match)');
      const { rows: items, count } = await rows.findAndCountAll({
        where: match === null ? live : { ...live, number: { [Op.in]: found } },
        ...(match === null ? {} : { replacements: { match } }),
        order: [literal('title COLLATE NOCASE'), 'number'],
        limit: pageSize,
        offset: (page - 1) * pageSize,
      });
      const kitchen = await around.kitchen();
      const summaries: RecipeSummary[] = [];
      for (const row of items) {
        const recipe = toRecipe(row);
        summaries.push(summarise(recipe, kitchen, await around.author(recipe.authorId)));
      }
      return {
        items: summaries,
        page,
        pageSize,
        total: count,
      };
    },

    async create(draft) {
      return toRecipe(await rows.create(await fresh(draft)));
    },

    async createAll(drafts, transaction) {
      const created: Recipe[] = [];
      for (let at = 0; at < drafts.length; at += AT_ONCE) {
        const part = await Promise.all(drafts.slice(at, at + AT_ONCE).map(fresh));
        created.push(...(await rows.bulkCreate(part, { transaction })).map(toRecipe));
      }
      return created;
    },

    async read(id) {
      return toRecipe(await find(id));
    },

    async replace(id, replacement) {
      const { changed, title } = await write(id, replacement);
      const current = toRecipe(await find(id));
      if (changed === 0) {
        throw new ProblemError(
          409,
          'This recipe was changed elsewhere meanwhile. Both versions are here; nothing is lost.',
          { field: 'revision', yours: { ...replacement, title }, theirs: current },
        );
      }
      return current;
    },

    async replaceWithin(id, replacement, transaction) {
      const { changed } = await write(id, replacement, transaction);
      if (changed === 0) return null;
      const row = await rows.findOne({ where: { id, ...live }, transaction });
      return row && toRecipe(row);
    },

    async removeAll(recipes, transaction) {
      let removed = 0;
      for (const { id, revision } of recipes) {
        const [changed] = await rows.update(
          { deletedAt: instant() },
          { where: { id, revision, ...live }, transaction },
        );
        removed += changed;
      }
      return removed;
    },

    async remove(id) {
      const [changed] = await rows.update({ deletedAt: instant() }, { where: { id, ...live } });
      if (changed === 0) throw notFound(GONE);
    },

    async restore(id) {
      await rows.update({ deletedAt: null }, { where: { id } });
      return toRecipe(await find(id));
    },

    async dump() {
      const versions = await sequelize.query<RecipeVersion & { recipeId: string }>(
        `SELECT recipe_id AS recipeId, revision, title, text, standard, saved_at AS savedAt
          FROM recipe_versions ORDER BY recipe_id, revision`,
        { type: QueryTypes.SELECT },
      );
      const byRecipe = new Map<string, RecipeVersion[]>();
      for (const { recipeId, ...version } of versions) {
        const known = byRecipe.get(recipeId);
        if (known) known.push(version);
        else byRecipe.set(recipeId, [version]);
      }
      const found = await rows.findAll({ where: live, order: ['number'] });
      return found.map(toRecipe).map(({ deletedAt: _gone, ...recipe }) => ({
        ...recipe,
        versions: byRecipe.get(recipe.id) ?? [],
      }));
    },

    async load(recipes, transaction) {
      await rows.destroy({ where: {}, transaction });
      for (const table of ['recipe_search', 'recipe_versions']) {
        await sequelize.query(`DELETE FROM ${table}`, { transaction });
      }
      const { shelf } = await around.kitchen();
      for (let at = 0; at < recipes.length; at += AT_ONCE) {
        const part = recipes.slice(at, at + AT_ONCE).map(({ versions: _earlier, ...recipe }) => ({
          ...recipe,
          ingredients: describeText(recipe.text, recipe.standard, shelf).ingredients,
          deletedAt: null,
        }));
        await rows.bulkCreate(part, { transaction });
      }
      for (const { id, versions } of recipes) {
        for (const version of versions) {
          await sequelize.query(
            `INSERT INTO recipe_versions (recipe_id, revision, title, text, standard, saved_at)
              VALUES (:id, :revision, :title, :text, :standard, :savedAt)`,
            { replacements: { id, ...version }, transaction },
          );
        }
      }
    },

    async versions(id) {
      await find(id);
      return sequelize.query<RecipeVersion>(
        `SELECT revision, title, text, standard, saved_at AS savedAt FROM recipe_versions
          WHERE recipe_id = :id ORDER BY revision DESC LIMIT :most`,
        { type: QueryTypes.SELECT, replacements: { id, most: MOST_VERSIONS } },
      );
    },

    async all(authorId) {
      const where = authorId === undefined ? live : { authorId, ...live };
      const found = await rows.findAll({ where, order: ['number'] });
      return found.map(toRecipe);
    },
  };
}
