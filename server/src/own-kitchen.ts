import type { Recipe } from '@ypsigram/contract';
import type { Drawer, Habits, ScaleDescription, WeighedIn } from '@ypsigram/core/batch';
import type { Shelf } from '@ypsigram/core/catalogue';
import type { KnownWeight } from '@ypsigram/core/measuring';
import { answerReading, readRecipe, type Answer, type Reading } from '@ypsigram/core/reading';

/**
 * What this kitchen bakes with, worked out of what its owner said. The same object as long as
 * nothing in it has changed.
 */
export interface OwnKitchen {
  readonly drawer: Drawer;
  readonly shelf: Shelf;
  readonly scales: readonly ScaleDescription[];
  readonly weighedIn: WeighedIn;
  readonly habits: Habits;
  /** How well calibrated tools are known. */
  readonly toolSpreads: ReadonlyMap<string, number>;
  /** What is known of who measures now. */
  readonly hand: readonly KnownWeight[];
  /** What words mean in all recipes here. */
  readonly answers: readonly Answer[];
}

/** What is known of an author: what the cups weigh, and what the words mean. */
export interface AuthorKnowledge {
  readonly weights: readonly KnownWeight[];
  readonly answers: readonly Answer[];
}

/** Nobody in particular. */
export const NOBODY: AuthorKnowledge = { weights: [], answers: [] };

/** A text as this kitchen reads it, with everything that was answered put in its place. */
export function readOwn(
  { text, standard, answers }: Pick<Recipe, 'text' | 'standard' | 'answers'>,
  kitchen: Pick<OwnKitchen, 'shelf' | 'answers'>,
  author: AuthorKnowledge,
): Reading {
  return answerReading(
    readRecipe(text, standard, kitchen.shelf),
    { recipe: answers, author: author.answers, kitchen: kitchen.answers },
    kitchen.shelf,
  );
}
