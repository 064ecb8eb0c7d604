import { randomUUID } from 'node:crypto';
import { literal, type Sequelize, type Transaction } from 'sequelize';
import type { z } from 'zod';
import type { Author, Backup, Recipe, authorDraft, authorReplacement } from '@ypsigram/contract';
import {
  inferConventions,
  knownOfAuthor,
  type InferredConvention,
} from '@ypsigram/core/calibration';
import type { Shelf } from '@ypsigram/core/catalogue';
import { readRecipe } from '@ypsigram/core/reading';
import { notFound, staleChange } from '../../http/problem.js';
import { NOBODY, type AuthorKnowledge } from '../../own-kitchen.js';
import { authorModel, type AuthorRow } from './model.js';

type Draft = z.output<typeof authorDraft>;
type Replacement = z.output<typeof authorReplacement>;

/** Authors, and what is known of their cups. */
export interface AuthorService {
  list(): Promise<Author[]>;
  create(draft: Draft): Promise<Author>;
  read(id: string): Promise<Author>;
  /** @throws ProblemError 409 when `revision` is not the newest. */
  replace(id: string, replacement: Replacement): Promise<Author>;
  /** As part of a larger change: by name, in the order of the names. */
  createAll(drafts: readonly Draft[], transaction: Transaction): Promise<readonly string[]>;
  /** All there is of them but what can be inferred again. */
  dump(): Promise<Backup['authors']>;
  /** Puts others in the place of all of them, as part of a larger change. */
  load(authors: Backup['authors'], transaction: Transaction): Promise<void>;
  remove(id: string): Promise<void>;
  restore(id: string): Promise<Author>;
  /** What is known of an author; nothing of one that is not, or no longer, here. */
  known(id: string | null): Promise<AuthorKnowledge>;
}

/** A recipe of an author, as far as inferring needs it. */
export type AuthoredRecipe = Pick<Recipe, 'id' | 'title' | 'text' | 'standard' | 'revision'>;

/** What the area needs from elsewhere. */
export interface Surroundings {
  now(): Date;
  shelf(): Promise<Shelf>;
  recipesOf(authorId: string): Promise<readonly AuthoredRecipe[]>;
}

const GONE = 'There is no such author. It may have been deleted.';

const fresh = (draft: Draft) => ({ ...draft, id: randomUUID(), revision: 1, deletedAt: null });

export function authorService(sequelize: Sequelize, around: Surroundings): AuthorService {
  const rows = authorModel(sequelize);
  const live = { deletedAt: null };
  /** What was inferred lately, by author; reading all recipes again takes a while. */
  const inferredBefore = new Map<
    string,
    { readonly recipes: string; readonly shelf: Shelf; readonly found: InferredConvention[] }
  >();

  const find = async (id: string): Promise<AuthorRow> => {
    const row = await rows.findOne({ where: { id, ...live } });
    if (!row) throw notFound(GONE);
    return row;
  };

  const infer = async (id: string): Promise<{ found: InferredConvention[]; count: number }> => {
    const [shelf, authored] = await Promise.all([around.shelf(), around.recipesOf(id)]);
    const recipes = authored.map((recipe) => `${recipe.id} ${recipe.revision}`).join();
    const before = inferredBefore.get(id);
    if (before && before.recipes === recipes && before.shelf === shelf) {
      return { found: before.found, count: authored.length };
    }
    const found = [
      ...inferConventions(
        authored.map(({ title, text, standard }) => ({
          title,
          reading: readRecipe(text, standard, shelf),
        })),
      ),
    ];
    inferredBefore.set(id, { recipes, shelf, found });
    return { found, count: authored.length };
  };

  const toAuthor = async (row: AuthorRow): Promise<Author> => {
    const { id, name, kind, standard, note, conventions, answers, revision } = row;
    const { found, count } = await infer(id);
    const inferred = found.map((convention) => ({ ...convention, lines: [...convention.lines] }));
    return {
      id,
      name,
      kind,
      standard,
      note,
      conventions,
      answers,
      revision,
      inferred,
      recipeCount: count,
    };
  };

  return {
    async list() {
      const found = await rows.findAll({
        where: live,
        order: [literal('name COLLATE NOCASE'), 'number'],
      });
      return Promise.all(found.map(toAuthor));
    },

    async create(draft) {
      return toAuthor(await rows.create(fresh(draft)));
    },

    async createAll(drafts, transaction) {
      const created = drafts.map(fresh);
      await rows.bulkCreate(created, { transaction });
      return created.map(({ id }) => id);
    },

    async dump() {
      const found = await rows.findAll({ where: live, order: ['number'] });
      return found.map(({ id, name, kind, standard, note, conventions, answers, revision }) => ({
        id,
        name,
        kind,
        standard,
        note,
        conventions,
        answers,
        revision,
      }));
    },

    async load(authors, transaction) {
      await rows.destroy({ where: {}, transaction });
      await rows.bulkCreate(
        authors.map((author) => ({ ...author, deletedAt: null })),
        { transaction },
      );
    },

    async read(id) {
      return toAuthor(await find(id));
    },

    async replace(id, { revision, ...draft }) {
      const [changed] = await rows.update(
        { ...draft, revision: revision + 1 },
        { where: { id, revision, ...live } },
      );
      const current = await toAuthor(await find(id));
      if (changed > 0) return current;
      throw staleChange('author', current);
    },

    async remove(id) {
      const deletedAt = around.now().toISOString();
      const [changed] = await rows.update({ deletedAt }, { where: { id, ...live } });
      if (changed === 0) throw notFound(GONE);
    },

    async restore(id) {
      await rows.update({ deletedAt: null }, { where: { id } });
      return toAuthor(await find(id));
    },

    async known(id) {
      const row = id === null ? null : await rows.findOne({ where: { id, ...live } });
      if (!row) return NOBODY;
      const { name, conventions, answers, inferred } = await toAuthor(row);
      const cups = { name, given: conventions, inferred };
      return { weights: knownOfAuthor(cups, await around.shelf()), answers };
    },
  };
}
