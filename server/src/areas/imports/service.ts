import { randomUUID } from 'node:crypto';
import type { z } from 'zod';
import type {
  Author,
  ImportUndone,
  Recipe,
  RecipeImportReply,
  authorDraft,
  importedRecipe,
  recipeDraft,
  recipeReplacement,
} from '@ypsigram/contract';
import { USUAL_BALANCE } from '@ypsigram/core/batch';
import { intendedMass } from '@ypsigram/core/conversion';
import { readRecipe } from '@ypsigram/core/reading';
import type { Shelf } from '@ypsigram/core/catalogue';
import { USUAL_STANDARD } from '@ypsigram/core/units';
import { takeTurns } from '../../context/turns.js';
import type { Database } from '../../database/database.js';
import { notFound } from '../../http/problem.js';
import { importModel } from './model.js';

type Imported = z.output<typeof importedRecipe>;
type Draft = z.output<typeof recipeDraft>;

/** Recipes that come in from files, together or not at all. */
export interface ImportService {
  /** What would come in, and changes nothing. */
  preview(recipes: readonly Imported[]): Promise<RecipeImportReply>;
  importAll(recipes: readonly Imported[]): Promise<RecipeImportReply>;
  /** Takes a whole import back. @throws ProblemError 404 when there is none of that id. */
  undo(id: string): Promise<ImportUndone>;
}

/** What the area needs of the others. */
export interface ImportsContext {
  now(): Date;
  shelf(): Promise<Shelf>;
  recipes: {
    all(): Promise<readonly Recipe[]>;
    createAll(drafts: readonly Draft[]): Promise<readonly Recipe[]>;
    replaceIfNewest(
      id: string,
      replacement: z.output<typeof recipeReplacement>,
    ): Promise<Recipe | null>;
    removeAll(recipes: readonly Pick<Recipe, 'id' | 'revision'>[]): Promise<number>;
  };
  authors: {
    list(): Promise<readonly Author[]>;
    createAll(drafts: readonly z.output<typeof authorDraft>[]): Promise<readonly string[]>;
  };
}

const UNTITLED = 'Untitled recipe';
const keyOf = (name: string): string => name.trim().toLowerCase();

/** A recipe on its way in, and what it meets here. */
interface Coming {
  readonly imported: Imported;
  readonly title: string;
  readonly ingredientCount: number;
  readonly openCount: number;
  readonly here: Recipe | null;
  readonly status: 'new' | 'same' | 'changed';
}

/** Whether the file says anything that is not so already. What it leaves open is as it is. */
function saysTheSame(imported: Imported, here: Recipe, authorName: string | null): boolean {
  const { text, author, standard, factor, methods, balance, answers } = imported;
  const same = (said: unknown, is: unknown): boolean =>
    said === null || JSON.stringify(said) === JSON.stringify(is);
  return (
    text === here.text &&
    same(standard, here.standard) &&
    same(factor, here.batch.factor) &&
    same(methods, here.methods) &&
    same(balance, here.balance) &&
    same(answers, here.answers) &&
    (author === null || (authorName !== null && keyOf(author) === keyOf(authorName)))
  );
}

export function importService(database: Database, context: ImportsContext): ImportService {
  const rows = importModel(database.sequelize);

  const meet = async (recipes: readonly Imported[]): Promise<Coming[]> => {
    const [shelf, here, authors] = await Promise.all([
      context.shelf(),
      context.recipes.all(),
      context.authors.list(),
    ]);
    const names = new Map(authors.map(({ id, name }) => [id, name]));
    const nameOf = ({ authorId }: Recipe): string | null =>
      authorId === null ? null : (names.get(authorId) ?? null);
    const byTitle = new Map<string, Recipe[]>();
    for (const recipe of here) {
      const key = keyOf(recipe.title);
      byTitle.set(key, [...(byTitle.get(key) ?? []), recipe]);
    }
    const untitled = new Map(
      here.filter(({ title }) => title === UNTITLED).map((recipe) => [recipe.text, recipe]),
    );
    /** The recipe of that name here: by the same author, where both say who it is by. */
    const known = (title: string, author: string | null): Recipe | null =>
      byTitle.get(keyOf(title))?.find((recipe) => {
        const by = nameOf(recipe);
        return author === null || by === null || keyOf(by) === keyOf(author);
      }) ?? null;
    const coming: Coming[] = [];
    const turn = takeTurns();
    for (const imported of recipes) {
      await turn();
      const standard = imported.standard ?? USUAL_STANDARD;
      const reading = readRecipe(imported.text, standard, shelf);
      const title = imported.title ?? reading.title ?? UNTITLED;
      const lines = reading.lines.filter(({ kind }) => kind === 'ingredient');
      // What has no name is known by its text alone: two of them are two recipes.
      const met =
        title === UNTITLED ? (untitled.get(imported.text) ?? null) : known(title, imported.author);
      const isSame = met !== null && saysTheSame(imported, met, nameOf(met));
      const status = met === null ? 'new' : isSame ? 'same' : 'changed';
      const open = lines.filter(
        (line) => line.amount !== null && intendedMass(line, standard, shelf) === null,
      );
      coming.push({
        imported,
        title,
        ingredientCount: lines.length,
        openCount: open.length,
        here: met,
        status,
      });
    }
    return coming;
  };

  /** The ids of all authors that are named, the missing ones made. */
  const authorIds = async (coming: readonly Coming[]): Promise<ReadonlyMap<string, string>> => {
    const authors = await context.authors.list();
    const ids = new Map(authors.map(({ id, name }) => [keyOf(name), id]));
    const missing = new Map<string, z.output<typeof authorDraft>>();
    for (const { imported } of coming) {
      const { author, standard } = imported;
      if (author === null || ids.has(keyOf(author)) || missing.has(keyOf(author))) continue;
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

  const draftOf = (
    { imported, title, here }: Coming,
    authors: ReadonlyMap<string, string>,
  ): Draft => {
    const { text, author, standard, factor, methods, balance, answers } = imported;
    const named = author === null ? null : (authors.get(keyOf(author)) ?? null);
    return {
      title,
      text,
      standard: standard ?? here?.standard ?? USUAL_STANDARD,
      authorId: named ?? here?.authorId ?? null,
      batch:
        factor === null ? (here?.batch ?? { by: 'factor', factor: '1' }) : { by: 'factor', factor },
      methods: methods ?? here?.methods ?? {},
      balance: balance ?? here?.balance ?? { ...USUAL_BALANCE, lines: {} },
      answers: answers ?? here?.answers ?? [],
    };
  };

  const shown = (
    { title, status, ingredientCount, openCount }: Coming,
    recipeId: string | null,
  ) => ({
    title,
    status,
    ingredientCount,
    openCount,
    recipeId,
  });

  return {
    async preview(recipes) {
      const coming = await meet(recipes);
      return { items: coming.map((one) => shown(one, one.here?.id ?? null)), importId: null };
    },

    importAll: (recipes) =>
      database.write(async () => {
        const coming = await meet(recipes);
        const authors = await authorIds(coming);
        const id = randomUUID();
        const ids = new Map<Coming, string>();
        const added = coming.filter(({ status }) => status === 'new');
        const created = await context.recipes.createAll(added.map((one) => draftOf(one, authors)));
        added.forEach((one, at) => ids.set(one, created[at]!.id));
        const replaced: { before: Recipe; revision: number }[] = [];
        // Of two of the same name the later one stays; the text before is an earlier version.
        const revisions = new Map<string, number>();
        for (const one of coming) {
          if (one.status !== 'changed' || !one.here) continue;
          const revision = revisions.get(one.here.id) ?? one.here.revision;
          const draft = { ...draftOf(one, authors), revision };
          const written = await context.recipes.replaceIfNewest(one.here.id, draft);
          if (!written) continue;
          ids.set(one, written.id);
          revisions.set(written.id, written.revision);
          const first = replaced.find(({ before }) => before.id === written.id);
          if (first) first.revision = written.revision;
          else replaced.push({ before: one.here, revision: written.revision });
        }
        if (created.length + replaced.length > 0) {
          const revisionsOf = created.map((recipe) => ({
            id: recipe.id,
            revision: recipe.revision,
          }));
          await rows.create({
            id,
            at: context.now().toISOString(),
            created: revisionsOf,
            replaced,
          });
        }
        return {
          items: coming.map((one) => shown(one, ids.get(one) ?? one.here?.id ?? null)),
          importId: ids.size > 0 ? id : null,
        };
      }),

    undo: (id) =>
      database.write(async () => {
        const row = await rows.findOne({ where: { id } });
        if (!row) throw notFound('There is no such import, or it was undone already.');
        const removed = await context.recipes.removeAll(row.created);
        let restored = 0;
        for (const { before, revision } of row.replaced) {
          const { title, text, standard, authorId, batch, methods, balance, answers } = before;
          const draft = { title, text, standard, authorId, batch, methods, balance, answers };
          const written = await context.recipes.replaceIfNewest(before.id, { ...draft, revision });
          if (written) restored++;
        }
        await row.destroy();
        return {
          removed,
          restored,
          kept: row.created.length + row.replaced.length - removed - restored,
        };
      }),
  };
}
