import { LRUCache } from 'lru-cache';
import type { Kitchen, Recipe } from '@ypsigram/contract';
import type { PlanningKitchen } from '@ypsigram/core/batch';
import { calibratedDrawer, toolSpreadsOf } from '@ypsigram/core/calibration';
import type { Shelf } from '@ypsigram/core/catalogue';
import { shelfOf } from '@ypsigram/core/shelf';
import type { KnownWeight } from '@ypsigram/core/measuring';
import { answerReading, readRecipe, type Answer, type Reading } from '@ypsigram/core/reading';
import { withTable } from '@ypsigram/core/table';
import type { Standard } from '@ypsigram/core/units';
import { PUBLIC_TABLE } from '../tables/public-table.js';

/**
 * What this kitchen reads and plans with, worked out of what its owner said. The same object as
 * long as nothing in it has changed.
 */
export interface KitchenContext extends PlanningKitchen {
  /** How well calibrated tools are known: relative standard deviations, by name. */
  readonly toolSpreads: ReadonlyMap<string, number>;
  /** What is known of who measures now. */
  readonly hand: readonly KnownWeight[];
  /** What words mean in all recipes here. */
  readonly answers: readonly Answer[];
}

/** The context of a kitchen in which this hand measures. */
export function kitchenContext(kitchen: Kitchen, hand: readonly KnownWeight[]): KitchenContext {
  const { scales, weighedIn, habits, answers, weights, ingredients, block } = kitchen;
  return {
    drawer: calibratedDrawer(kitchen, block),
    shelf: withTable(shelfOf(weights, ingredients), PUBLIC_TABLE),
    toolSpreads: toolSpreadsOf(kitchen),
    scales,
    weighedIn,
    habits,
    answers,
    hand,
  };
}

/** What is known of an author: what the cups weigh, and what the words mean. */
export interface AuthorKnowledge {
  readonly weights: readonly KnownWeight[];
  readonly answers: readonly Answer[];
}

/** An author of whom nothing is known. */
export const UNKNOWN_AUTHOR: AuthorKnowledge = { weights: [], answers: [] };

/** Texts that are remembered as they were read: a batch is changed more often than its recipe. */
const READINGS_REMEMBERED = 200;

const READINGS = new WeakMap<Shelf, LRUCache<string, Reading>>();

function readText(text: string, standard: Standard, shelf: Shelf): Reading {
  let known = READINGS.get(shelf);
  if (!known) READINGS.set(shelf, (known = new LRUCache({ max: READINGS_REMEMBERED })));
  const key = `${standard}\n${text}`;
  let reading = known.get(key);
  if (!reading) known.set(key, (reading = readRecipe(text, standard, shelf)));
  return reading;
}

/** A text as this kitchen reads it, with everything that was answered put in its place. */
export function readInKitchen(
  { text, standard, answers }: Pick<Recipe, 'text' | 'standard' | 'answers'>,
  kitchen: Pick<KitchenContext, 'shelf' | 'answers'>,
  author: AuthorKnowledge,
): Reading {
  return answerReading(
    readText(text, standard, kitchen.shelf),
    { recipe: answers, author: author.answers, kitchen: kitchen.answers },
    kitchen.shelf,
  );
}
