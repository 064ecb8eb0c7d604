import { isDeepStrictEqual } from 'node:util';
import type { z } from 'zod';
import {
  RECIPE_WORDS,
  type Author,
  type Recipe,
  type importedRecipe,
  type recipeDraft,
} from '@ypsigram/contract';
import { USUAL_BALANCE } from '@ypsigram/core/batch';
import { intendedMass } from '@ypsigram/core/conversion';
import { readRecipe } from '@ypsigram/core/reading';
import type { Shelf } from '@ypsigram/core/catalogue';
import { USUAL_STANDARD } from '@ypsigram/core/units';
import { takeTurns } from '../../context/turns.js';

export type Imported = z.output<typeof importedRecipe>;
export type ImportDraft = z.output<typeof recipeDraft>;

/** A recipe on its way in, and what it meets here. */
export interface ComingRecipe {
  readonly imported: Imported;
  readonly title: string;
  readonly ingredientCount: number;
  readonly openCount: number;
  readonly here: Recipe | null;
  readonly status: 'new' | 'same' | 'changed';
}

/** What stands here already. */
interface RecipeHere {
  readonly shelf: Shelf;
  readonly recipes: readonly Recipe[];
  readonly authors: readonly Pick<Author, 'id' | 'name'>[];
}

const { untitled: UNTITLED } = RECIPE_WORDS;

/** Names that differ only in case and blanks are the same. */
export const keyOf = (name: string): string => name.trim().toLowerCase();

/** Whether the file says anything that is not so already. What it leaves open is as it is. */
function saysTheSame(imported: Imported, here: Recipe, authorName: string | null): boolean {
  const { text, author, standard, factor, methods, balance, answers, photos } = imported;
  const same = (said: unknown, is: unknown): boolean =>
    said === null || isDeepStrictEqual(said, is);
  return (
    text === here.text &&
    same(standard, here.standard) &&
    same(factor, here.batch.factor) &&
    same(methods, here.methods) &&
    same(balance, here.balance) &&
    same(answers, here.answers) &&
    same(photos, here.photos) &&
    (author === null || (authorName !== null && keyOf(author) === keyOf(authorName)))
  );
}

/** Finds the recipe here that one of a file is, by its title and who it is by. */
function finderOf({ recipes, authors }: RecipeHere) {
  const names = new Map(authors.map(({ id, name }) => [id, name]));
  const nameOf = ({ authorId }: Recipe): string | null =>
    authorId === null ? null : (names.get(authorId) ?? null);
  const byTitle = new Map<string, Recipe[]>();
  for (const recipe of recipes) {
    const key = keyOf(recipe.title);
    const others = byTitle.get(key);
    if (others) others.push(recipe);
    else byTitle.set(key, [recipe]);
  }
  const untitled = new Map(
    recipes.filter(({ title }) => title === UNTITLED).map((recipe) => [recipe.text, recipe]),
  );
  const find = (title: string, { text, author }: Imported): Recipe | null => {
    // What has no name is known by its text alone: two of them are two recipes.
    if (title === UNTITLED) return untitled.get(text) ?? null;
    const found = byTitle.get(keyOf(title))?.find((recipe) => {
      const by = nameOf(recipe);
      return author === null || by === null || keyOf(by) === keyOf(author);
    });
    return found ?? null;
  };
  return { find, nameOf };
}

/** Reads the recipes of a file and finds what each of them meets here. Lets others in between. */
export async function meet(
  recipes: readonly Imported[],
  here: RecipeHere,
): Promise<ComingRecipe[]> {
  const { find, nameOf } = finderOf(here);
  const coming: ComingRecipe[] = [];
  const turn = takeTurns();
  for (const imported of recipes) {
    await turn();
    const standard = imported.standard ?? USUAL_STANDARD;
    const reading = readRecipe(imported.text, standard, here.shelf);
    const title = imported.title ?? reading.title ?? UNTITLED;
    const lines = reading.lines.filter(({ kind }) => kind === 'ingredient');
    const open = lines.filter(
      (line) => line.amount !== null && intendedMass(line, standard, here.shelf) === null,
    );
    const met = find(title, imported);
    const isSame = met !== null && saysTheSame(imported, met, nameOf(met));
    coming.push({
      imported,
      title,
      ingredientCount: lines.length,
      openCount: open.length,
      here: met,
      status: met === null ? 'new' : isSame ? 'same' : 'changed',
    });
  }
  return coming;
}

function withPinned(balance: ImportDraft['balance'], proven: NonNullable<Imported['proven']>) {
  const pinned = Object.entries(proven).map(([index, grams]) => [
    index,
    { grams, ...balance.lines[index] },
  ]);
  return { ...balance, lines: { ...balance.lines, ...Object.fromEntries(pinned) } };
}

/** What is written: what the file says, and for the rest what is here, else what is usual. */
export function draftOf(
  { imported, title, here }: ComingRecipe,
  authorId: string | null,
): ImportDraft {
  const { text, standard, factor, methods, balance, answers, photos, proven } = imported;
  const decided = balance ?? here?.balance ?? { ...USUAL_BALANCE, lines: {} };
  return {
    title,
    text,
    standard: standard ?? here?.standard ?? USUAL_STANDARD,
    authorId: authorId ?? here?.authorId ?? null,
    batch:
      factor === null ? (here?.batch ?? { by: 'factor', factor: '1' }) : { by: 'factor', factor },
    methods: methods ?? here?.methods ?? {},
    // Where it was never baked, the weights that others proved are pinned.
    balance: here === null && proven ? withPinned(decided, proven) : decided,
    answers: answers ?? here?.answers ?? [],
    photos: photos ?? here?.photos ?? [],
  };
}
