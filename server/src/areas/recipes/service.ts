import { randomUUID } from 'node:crypto';
import { Op, literal, type Sequelize } from 'sequelize';
import type { z } from 'zod';
import type {
  Kitchen,
  Recipe,
  RecipePage,
  RecipeQuery,
  recipeDraft,
  recipeReplacement,
} from '@ypsigram/contract';
import { ProblemError, notFound } from '../../http/problem.js';
import { recipeModel, type RecipeRow } from './model.js';
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
}

const GONE = 'There is no such recipe. It may have been deleted.';

function toRecipe(row: RecipeRow): Recipe {
  const { id, title, text, standard, batch, methods, revision } = row;
  const { createdAt, updatedAt, deletedAt } = row;
  return { id, title, text, standard, batch, methods, revision, createdAt, updatedAt, deletedAt };
}

/** Words of a search as FTS5 reads them: each must begin some word of title or ingredients. */
function matchExpression(query: string): string | null {
  const words = query.normalize('NFC').match(/[\p{L}\p{N}]+/gu) ?? [];
  return words.length === 0 ? null : words.map((word) => `"${word}"*`).join(' ');
}

/** What the area needs from elsewhere. */
export interface Surroundings {
  now(): Date;
  kitchen(): Promise<Kitchen>;
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
      return {
        items: items.map((row) => summarise(toRecipe(row), kitchen)),
        page,
        pageSize,
        total: count,
      };
    },

    async create(draft) {
      const at = instant();
      const described = describeText(draft.text, draft.standard);
      const row = await rows.create({
        id: randomUUID(),
        ...draft,
        title: draft.title ?? described.title,
        ingredients: described.ingredients,
        revision: 1,
        createdAt: at,
        updatedAt: at,
        deletedAt: null,
      });
      return toRecipe(row);
    },

    async read(id) {
      return toRecipe(await find(id));
    },

    async replace(id, { revision, ...draft }) {
      const described = describeText(draft.text, draft.standard);
      const title = draft.title ?? described.title;
      const [changed] = await rows.update(
        {
          ...draft,
          title,
          ingredients: described.ingredients,
          revision: revision + 1,
          updatedAt: instant(),
        },
        { where: { id, revision, ...live } },
      );
      const current = toRecipe(await find(id));
      if (changed === 0) {
        throw new ProblemError(
          409,
          'This recipe was changed elsewhere meanwhile. Both versions are here; nothing is lost.',
          { field: 'revision', yours: { ...draft, title, revision }, theirs: current },
        );
      }
      return current;
    },

    async remove(id) {
      const [changed] = await rows.update({ deletedAt: instant() }, { where: { id, ...live } });
      if (changed === 0) throw notFound(GONE);
    },

    async restore(id) {
      await rows.update({ deletedAt: null }, { where: { id } });
      return toRecipe(await find(id));
    },
  };
}
