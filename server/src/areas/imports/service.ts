import { randomUUID } from 'node:crypto';
import pLimit from 'p-limit';
import type { z } from 'zod';
import type {
  Author,
  ImportUndone,
  Recipe,
  RecipeImportReply,
  authorDraft,
  recipeReplacement,
} from '@ypsigram/contract';
import type { Shelf } from '@ypsigram/core/catalogue';
import { USUAL_STANDARD } from '@ypsigram/core/units';
import type { Database } from '../../database/database.js';
import { notFound } from '../../http/problem.js';
import {
  draftOf,
  keyOf,
  meet,
  type ComingRecipe,
  type ImportDraft,
  type Imported,
} from './coming.js';
import { importModels, type ImportedRow } from './model.js';

/** Recipes that come in from files, together or not at all. */
export interface ImportService {
  /** What would come in, and changes nothing. */
  preview(recipes: readonly Imported[]): Promise<RecipeImportReply>;
  importAll(recipes: readonly Imported[]): Promise<RecipeImportReply>;
  /** Takes a whole import back. @throws ProblemError 404 when there is none of that id. */
  undo(id: string): Promise<ImportUndone>;
  /** Takes back what a crash left half imported, or half taken back. */
  takeBackUnfinished(): Promise<void>;
}

/** What the area needs of the others. */
export interface ImportsContext {
  now(): Date;
  shelf(): Promise<Shelf>;
  recipes: {
    all(): Promise<readonly Recipe[]>;
    createAll(drafts: readonly ImportDraft[]): Promise<readonly Recipe[]>;
    replaceIfNewest(
      id: string,
      replacement: z.output<typeof recipeReplacement>,
    ): Promise<Recipe | null>;
    removeAll(recipes: readonly Pick<Recipe, 'id' | 'revision'>[]): Promise<number>;
  };
  authors: {
    names(): Promise<readonly Pick<Author, 'id' | 'name'>[]>;
    createAll(drafts: readonly z.output<typeof authorDraft>[]): Promise<readonly string[]>;
  };
}

/** Recipes that are written at once: a few milliseconds, after which others may write. */
const AT_ONCE = 20;

export function importService(database: Database, context: ImportsContext): ImportService {
  const { imports, imported } = importModels(database.sequelize);
  /** Imports follow one another: two of the same file are not both new. */
  const oneAtATime = pLimit(1);

  const look = async (recipes: readonly Imported[]): Promise<ComingRecipe[]> => {
    const [shelf, here, authors] = await Promise.all([
      context.shelf(),
      context.recipes.all(),
      context.authors.names(),
    ]);
    return meet(recipes, { shelf, recipes: here, authors });
  };

  /** The ids of all authors that are named, the missing ones made. */
  const authorIds = async (
    coming: readonly ComingRecipe[],
  ): Promise<ReadonlyMap<string, string>> => {
    const named = coming.flatMap(({ imported: { author, standard } }) =>
      author === null ? [] : [{ author, standard }],
    );
    if (named.length === 0) return new Map();
    const authors = await context.authors.names();
    const ids = new Map(authors.map(({ id, name }) => [keyOf(name), id]));
    const missing = new Map<string, z.output<typeof authorDraft>>();
    for (const { author, standard } of named) {
      if (ids.has(keyOf(author)) || missing.has(keyOf(author))) continue;
      missing.set(keyOf(author), {
        name: author,
        kind: 'book',
        standard: standard ?? USUAL_STANDARD,
        note: '',
        conventions: [],
        answers: [],
      });
    }
    const made = await context.authors.createAll([...missing.values()]);
    [...missing.keys()].forEach((key, at) => ids.set(key, made[at]!));
    return ids;
  };

  /**
   * Writes some recipes of an import, and lists them as part of it. Of two of the same name the
   * later one stays; the text before is an earlier version. One that somebody changed since it was
   * looked at is left alone.
   */
  const bringIn = async (
    importId: string,
    some: readonly ComingRecipe[],
    revisions: Map<string, number>,
  ): Promise<ReadonlyMap<ComingRecipe, string>> => {
    const authors = await authorIds(some);
    const draft = (one: ComingRecipe): ImportDraft => {
      const { author } = one.imported;
      return draftOf(one, author === null ? null : (authors.get(keyOf(author)) ?? null));
    };
    const ids = new Map<ComingRecipe, string>();
    const added = some.filter(({ status }) => status === 'new');
    const created = await context.recipes.createAll(added.map(draft));
    await imported.bulkCreate(
      created.map(({ id: recipeId, revision }) => ({ importId, recipeId, revision, before: null })),
    );
    added.forEach((one, at) => ids.set(one, created[at]!.id));
    for (const one of some) {
      if (one.status !== 'changed' || !one.here) continue;
      const before = one.here;
      const revision = revisions.get(before.id) ?? before.revision;
      const written = await context.recipes.replaceIfNewest(before.id, { ...draft(one), revision });
      if (!written) continue;
      ids.set(one, written.id);
      revisions.set(written.id, written.revision);
      const where = { importId, recipeId: written.id };
      const [listed] = await imported.update({ revision: written.revision }, { where });
      if (listed === 0) await imported.create({ ...where, revision: written.revision, before });
    }
    return ids;
  };

  /** Takes back one listed recipe: whether it went, came back as it was, or was left alone. */
  const takeBackOne = async ({
    recipeId,
    revision,
    before,
  }: ImportedRow): Promise<keyof ImportUndone> => {
    if (before === null) {
      const removed = await context.recipes.removeAll([{ id: recipeId, revision }]);
      return removed === 1 ? 'removed' : 'kept';
    }
    const { id, title, text, standard, authorId, batch, methods, balance, answers } = before;
    const draft = { title, text, standard, authorId, batch, methods, balance, answers };
    // One that was listed before recipes had photos says nothing of them.
    const photos = before.photos && { photos: before.photos };
    const written = await context.recipes.replaceIfNewest(id, { ...draft, ...photos, revision });
    return written ? 'restored' : 'kept';
  };

  /** Takes an import back in parts; one that a crash interrupts is gone on with at the next start. */
  const takeBack = async (importId: string): Promise<ImportUndone> => {
    const counts = { removed: 0, restored: 0, kept: 0 };
    await database.write(() => imports.update({ isWhole: false }, { where: { id: importId } }));
    for (let isMore = true; isMore;) {
      isMore = await database.write(async () => {
        const rows = await imported.findAll({
          where: { importId },
          order: [['number', 'DESC']],
          limit: AT_ONCE,
        });
        for (const row of rows) {
          counts[await takeBackOne(row)]++;
          await row.destroy();
        }
        return rows.length > 0;
      });
    }
    await database.write(() => imports.destroy({ where: { id: importId } }));
    return counts;
  };

  const takeBackUnfinished = async (): Promise<void> => {
    for (const { id } of await imports.findAll({ where: { isWhole: false } })) await takeBack(id);
  };

  const shown = (
    { title, status, ingredientCount, openCount }: ComingRecipe,
    recipeId: string | null,
  ) => ({ title, status, ingredientCount, openCount, recipeId });

  const importAll = async (recipes: readonly Imported[]): Promise<RecipeImportReply> => {
    await takeBackUnfinished();
    const coming = await look(recipes);
    const news = coming.filter(({ status }) => status !== 'same');
    const ids = new Map<ComingRecipe, string>();
    const id = randomUUID();
    const at = context.now().toISOString();
    try {
      await database.write(() => imports.create({ id, at, isWhole: false }));
      const revisions = new Map<string, number>();
      for (let from = 0; from < news.length; from += AT_ONCE) {
        const some = news.slice(from, from + AT_ONCE);
        const written = await database.write(() => bringIn(id, some, revisions));
        for (const [one, recipeId] of written) ids.set(one, recipeId);
      }
      await database.write(async () => {
        const where = { id };
        if (ids.size > 0) await imports.update({ isWhole: true }, { where });
        else await imports.destroy({ where });
      });
    } catch (error) {
      await takeBack(id);
      throw error;
    }
    return {
      items: coming.map((one) => shown(one, ids.get(one) ?? one.here?.id ?? null)),
      importId: ids.size > 0 ? id : null,
    };
  };

  return {
    async preview(recipes) {
      const coming = await look(recipes);
      return { items: coming.map((one) => shown(one, one.here?.id ?? null)), importId: null };
    },

    importAll: (recipes) => oneAtATime(() => importAll(recipes)),

    undo: (id) =>
      oneAtATime(async () => {
        const found = await imports.count({ where: { id, isWhole: true } });
        if (found === 0) throw notFound('There is no such import, or it was undone already.');
        return takeBack(id);
      }),

    takeBackUnfinished: () => oneAtATime(takeBackUnfinished),
  };
}
