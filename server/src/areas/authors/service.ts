import { randomUUID } from 'node:crypto';
import { literal } from 'sequelize';
import type { z } from 'zod';
import type { Author, Backup, Recipe, authorDraft, authorReplacement } from '@ypsigram/contract';
import {
  inferConventions,
  knownOfAuthor,
  type InferredConvention,
} from '@ypsigram/core/calibration';
import type { Shelf } from '@ypsigram/core/catalogue';
import { readRecipe } from '@ypsigram/core/reading';
import type { Database } from '../../database/database.js';
import { deletionIn, deletionOf, type BackupPart } from '../../database/part.js';
import { removable, type Removable } from '../removable.js';
import { UNKNOWN_AUTHOR, type AuthorKnowledge } from '../../context/kitchen-context.js';
import { notFound, staleChange } from '../../http/problem.js';
import { authorModel, type AuthorRow } from './model.js';

type NewAuthor = z.output<typeof authorDraft>;
type AuthorReplaced = z.output<typeof authorReplacement>;

/** Authors, and what is known of their cups. */
export interface AuthorService extends Removable<Author> {
  /** By name; in a fixed number of statements. */
  list(): Promise<Author[]>;
  /** What they are called, without what their recipes tell of them: reads no recipe. */
  names(): Promise<readonly Pick<Author, 'id' | 'name'>[]>;
  create(draft: NewAuthor): Promise<Author>;
  read(id: string): Promise<Author>;
  /** @throws ProblemError 409 when `revision` is not the newest. */
  replace(id: string, replacement: AuthorReplaced): Promise<Author>;
  /** The ids of new authors, in the order of the drafts. */
  createAll(drafts: readonly NewAuthor[]): Promise<readonly string[]>;
  /** Whether there is, or ever was, an author of that id. */
  isKnown(id: string): Promise<boolean>;
  /** All there is of them but what can be inferred again, out and in again. */
  readonly part: BackupPart<Backup['authors'][number]>;
  /** What is known of every author that is here; the same objects until something changes. */
  knowledge(): Promise<AuthorsKnowledge>;
  /** What is known of an author; nothing of one that is not, or no longer, here. */
  known(id: string | null): Promise<AuthorKnowledge>;
}

export type AuthorsKnowledge = ReadonlyMap<string, AuthorKnowledge>;

/** Whose a recipe is, and how new: enough to tell whether its text has to be looked at. */
export type AuthoredRevision = Pick<Recipe, 'id' | 'revision'> & { readonly authorId: string };

/** A recipe of an author, as far as inferring needs it. */
export type AuthoredRecipe = AuthoredRevision & Pick<Recipe, 'title' | 'text' | 'standard'>;

/** What the area needs of the others. */
export interface AuthorsContext {
  shelf(): Promise<Shelf>;
  recipesByAuthor(): Promise<readonly AuthoredRevision[]>;
  textsOf(authorIds: readonly string[]): Promise<readonly AuthoredRecipe[]>;
}

const GONE = 'There is no such author. It may have been deleted.';

/** What the recipes of an author tell of their cups, and of which recipes that was worked out. */
interface Inference {
  readonly revisions: string;
  readonly shelf: Shelf;
  readonly conventions: readonly InferredConvention[];
}

const newRow = (draft: NewAuthor) => ({ ...draft, id: randomUUID(), revision: 1 });

function byAuthor<T extends { readonly authorId: string }>(
  recipes: readonly T[],
): ReadonlyMap<string, readonly T[]> {
  const groups = new Map<string, T[]>();
  for (const recipe of recipes) {
    const group = groups.get(recipe.authorId);
    if (group) group.push(recipe);
    else groups.set(recipe.authorId, [recipe]);
  }
  return groups;
}

const revisionsOf = (recipes: readonly AuthoredRevision[]): string =>
  recipes.map(({ id, revision }) => `${id} ${revision}`).join();

export function authorService(database: Database, context: AuthorsContext): AuthorService {
  const rows = authorModel(database.sequelize);
  /** Reading all recipes of an author again takes a while. */
  const inferences = new Map<string, Inference>();

  const find = async (id: string): Promise<AuthorRow> => {
    const row = await rows.findOne({ where: { id } });
    if (!row) throw notFound(GONE);
    return row;
  };

  /** Brings what is inferred of these authors up to date: two statements, however many they are. */
  const infer = async (ids: readonly string[]): Promise<ReadonlyMap<string, number>> => {
    const shelf = await context.shelf();
    const authored = byAuthor(await context.recipesByAuthor());
    const isOutdated = (id: string): boolean => {
      const known = inferences.get(id);
      return known?.shelf !== shelf || known.revisions !== revisionsOf(authored.get(id) ?? []);
    };
    const outdated = ids.filter(isOutdated);
    const texts = byAuthor(outdated.length > 0 ? await context.textsOf(outdated) : []);
    for (const id of outdated) {
      const recipes = texts.get(id) ?? [];
      const conventions = inferConventions(
        recipes.map(({ title, text, standard }) => ({
          title,
          reading: readRecipe(text, standard, shelf),
        })),
      );
      inferences.set(id, { revisions: revisionsOf(recipes), shelf, conventions });
    }
    return new Map(ids.map((id) => [id, authored.get(id)?.length ?? 0]));
  };

  const toAuthors = async (found: readonly AuthorRow[]): Promise<Author[]> => {
    const counts = await infer(found.map(({ id }) => id));
    return found.map(({ id, name, kind, standard, note, conventions, answers, revision }) => ({
      id,
      name,
      kind,
      standard,
      note,
      conventions,
      answers,
      revision,
      inferred: inferences.get(id)!.conventions.map(({ lines, ...convention }) => ({
        ...convention,
        lines: [...lines],
      })),
      recipeCount: counts.get(id)!,
    }));
  };
  const toAuthor = async (row: AuthorRow): Promise<Author> => (await toAuthors([row]))[0]!;

  const inOrder = (): Promise<AuthorRow[]> =>
    rows.findAll({ order: [literal('name COLLATE NOCASE'), 'number'] });

  let latest: { readonly changes: string; readonly knowledge: AuthorsKnowledge } | null = null;
  const knowledge = async (): Promise<AuthorsKnowledge> => {
    const changed = await database.changes();
    const changes = `${changed.kitchen} ${changed.authors} ${changed.recipes}`;
    if (latest?.changes === changes) return latest.knowledge;
    const [shelf, authors] = [await context.shelf(), await toAuthors(await inOrder())];
    const before = latest?.knowledge;
    const all = authors.map(({ id, name, conventions, answers, inferred }) => {
      const cups = { name, given: conventions, inferred };
      const now = { weights: knownOfAuthor(cups, shelf), answers };
      const known = before?.get(id);
      // Whatever was worked out with the same knowledge still holds.
      return [id, known && JSON.stringify(known) === JSON.stringify(now) ? known : now] as const;
    });
    latest = { changes, knowledge: new Map(all) };
    return latest.knowledge;
  };

  return {
    async list() {
      return toAuthors(await inOrder());
    },

    names: async () => (await inOrder()).map(({ id, name }) => ({ id, name })),

    create: (draft) => database.write(async () => toAuthor(await rows.create(newRow(draft)))),

    async createAll(drafts) {
      const created = drafts.map(newRow);
      await database.write(() => rows.bulkCreate(created));
      return created.map(({ id }) => id);
    },

    isKnown: async (id) => (await rows.count({ where: { id }, paranoid: false })) > 0,

    part: {
      async *dump(withDeleted) {
        const found = await rows.findAll({ order: ['number'], paranoid: !withDeleted });
        yield found.map((row) => {
          const { id, name, kind, standard, note, conventions, answers, revision } = row;
          const author = { id, name, kind, standard, note, conventions, answers, revision };
          return withDeleted ? { ...author, ...deletionOf(row) } : author;
        });
      },
      async clear() {
        await rows.destroy({ where: {}, force: true });
      },
      async load(authors) {
        await rows.bulkCreate(authors.map((author) => ({ ...author, ...deletionIn(author) })));
      },
      count: () => rows.count(),
    },

    async read(id) {
      return toAuthor(await find(id));
    },

    replace: (id, { revision, ...draft }) =>
      database.write(async () => {
        const row = await find(id);
        if (row.revision !== revision) throw staleChange('author', await toAuthor(row));
        return toAuthor(await row.update(draft));
      }),

    ...removable(database, rows, { gone: GONE, read: async (id) => toAuthor(await find(id)) }),

    knowledge,

    async known(id) {
      return (id !== null && (await knowledge()).get(id)) || UNKNOWN_AUTHOR;
    },
  };
}
