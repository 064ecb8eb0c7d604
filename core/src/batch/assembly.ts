import type { Fraction } from '../amount/index.js';
import type { Method, Shelf } from '../catalogue/index.js';
import type { KnownWeight } from '../measuring/index.js';
import { keepingOf, type Keeping, type Reading } from '../reading/index.js';
import { guessKind, type BakeKind, type Forgiveness } from '../baking/index.js';
import type { Balance } from './balance/index.js';
import {
  batchFactor,
  recipeSize,
  type BatchProblem,
  type BatchSetting,
  type RecipeSize,
} from '../factor/index.js';
import type { Drawer, ScaleDescription } from '../drawer/index.js';
import { byIndex } from './line-keys.js';
import { lineMass } from './line-mass.js';
import { provenLines, type ProvenWeight } from './proven.js';
import type { Batch, Habits } from './plan-line.js';
import type { WeighedIn } from '../fills/index.js';

/** What a kitchen plans with: its tools, its ingredients, and its usual ways. */
export interface PlanningKitchen {
  readonly drawer: Drawer;
  readonly shelf: Shelf;
  readonly scales: readonly ScaleDescription[];
  readonly weighedIn: WeighedIn;
  readonly habits: Habits;
}

/** All that decides a batch but its size. */
export interface RecipeParts {
  readonly reading: Reading;
  readonly kitchen: PlanningKitchen;
  /** What is known of the author's cups: decides what was meant. */
  readonly author: readonly KnownWeight[];
  /** What is known of the hand that measures: decides what to fill. */
  readonly hand: readonly KnownWeight[];
  /** Your method for a line, by its key: see `lineKeys`. */
  readonly methods: Readonly<Record<string, Method>>;
  readonly balance: Pick<Balance, 'lines' | 'strictness' | 'kind' | 'forKeeping'>;
  /** What its own bakes have told; nothing where there are none. */
  readonly learned?: LearnedOfRecipe;
}

/** What the log knows of a recipe. */
export interface LearnedOfRecipe {
  readonly proven: readonly ProvenWeight[];
  /** What it forgives, learned as a bake of this kind; null where nothing is. */
  readonly forgives: { readonly kind: BakeKind; readonly limits: Partial<Forgiveness> } | null;
}

/** A recipe in its kitchen, ready to be planned in any size. */
export interface AssembledRecipe {
  readonly reading: Reading;
  /** What it makes at factor 1. */
  readonly size: RecipeSize;
  /** The kind of bake that it looks like, whatever its baker has chosen. */
  readonly guessedKind: BakeKind;
  /** Whether it is made to keep, and whether that is sure. */
  readonly keeping: Keeping;
  /** What every batch of it is planned by. */
  readonly basis: Omit<Batch, 'factor'>;
}

/** A batch of a recipe, or why it can't be set. */
export type BatchAssembly =
  | {
      readonly ok: true;
      readonly batch: Batch;
      /** The ingredient that there is least of, where the batch is limited. */
      readonly limitedBy: string | null;
    }
  | { readonly ok: false; readonly problem: BatchProblem };

/**
 * Puts together what a recipe is planned by: the one place where reading, kitchen, author, hand
 * and decisions meet. Page, server, the Book's summaries and the simulation all come by here.
 */
export function assembleRecipe(recipe: RecipeParts): AssembledRecipe {
  const { reading, kitchen, author, hand, balance, learned } = recipe;
  const proven = provenLines(reading, learned?.proven);
  const { strictness, kind } = balance;
  const methods = byIndex(reading, recipe.methods);
  const choices = byIndex(reading, balance.lines);
  const masses = reading.lines.map((line, index) => {
    const choice = choices[index] ?? {};
    const found = lineMass(
      line,
      reading.standard,
      kitchen.shelf,
      author,
      choice,
      proven.get(index),
    );
    const { intended, substitute } = found;
    return (
      intended && {
        ingredientId: substitute?.ingredientId ?? line.ingredientId,
        grams: intended.grams,
      }
    );
  });
  const parts = masses.flatMap((mass, index) =>
    mass && !reading.lines[index]!.place ? [mass] : [],
  );
  const keeping = keepingOf(reading, kitchen.shelf, balance.forKeeping ?? null);
  const guessedKind = guessKind(reading, parts, kitchen.shelf);
  const unweighed = reading.lines.filter(
    ({ kind: is, place, amount }, index) =>
      is === 'ingredient' && !place && amount !== null && !masses[index],
  ).length;
  return {
    reading,
    size: { ...recipeSize(reading, masses), unweighed },
    guessedKind,
    keeping,
    basis: {
      methods,
      choices,
      strictness,
      kind: kind ?? guessedKind,
      isPreserving: keeping === 'preserve',
      author,
      hand,
      ...(learned && { proven: learned.proven }),
      // As another kind of bake it starts from the figures of that kind.
      ...(learned?.forgives?.kind === (kind ?? guessedKind) && {
        learned: learned.forgives.limits,
      }),
      ...kitchen,
    },
  };
}

/** The batch of a recipe that is set so. A setting that can't be read or met is refused. */
export function setBatch(recipe: AssembledRecipe, setting: BatchSetting): BatchAssembly {
  const found = batchFactor(setting, recipe.size);
  if (!found.ok) return found;
  const { keeping } = recipe;
  if ((keeping === 'preserve' || keeping === 'asked') && !found.factor.equals(1)) {
    const code = keeping === 'preserve' ? 'preserving' : 'maybe-preserving';
    return { ok: false, problem: { code, field: setting.by === 'factor' ? 'factor' : 'by' } };
  }
  return { ok: true, batch: setFactor(recipe, found.factor), limitedBy: found.limitedBy };
}

/** The batch of a recipe at an exact factor. */
export const setFactor = ({ basis }: AssembledRecipe, factor: Fraction): Batch => ({
  ...basis,
  factor,
});
