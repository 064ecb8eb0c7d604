import { existsSync } from 'node:fs';
import { USUAL_KITCHEN } from '@ypsigram/contract';
import { UNKNOWN_AUTHOR, kitchenContext } from '../context/kitchen-context.js';
import type { CommandKitchen } from './command-kitchen.js';
import { kitchenFile } from './kitchen-files.js';

/** Which kitchen, as the options say. */
export interface KitchenOptions {
  readonly kitchen?: string;
  /** The usual tools and weights, whatever the person's own kitchen has. */
  readonly usual?: boolean;
}

const NOBODY_KNOWN =
  'There is no kitchen here yet, so nobody in it is known. Start it once: ypsigram';

const noRecipe = (): never => {
  throw new Error('Recipes are given as text here.');
};

function usualKitchen(): CommandKitchen {
  const context = kitchenContext(USUAL_KITCHEN, []);
  return {
    planning: {
      recipe: async () => noRecipe(),
      learned: async () => noRecipe(),
      kitchen: async () => context,
      author: async () => UNKNOWN_AUTHOR,
      hand: async () => [],
    },
    standard: USUAL_KITCHEN.standard,
    handCalled: () => {
      throw new Error(NOBODY_KNOWN);
    },
    close: async () => undefined,
  };
}

/** The person's own kitchen where there is one, else the usual tools and weights. */
export async function openKitchen({ kitchen, usual }: KitchenOptions): Promise<CommandKitchen> {
  const file = kitchenFile(kitchen === undefined ? {} : { kitchen });
  if (usual || (kitchen === undefined && !existsSync(file))) return usualKitchen();
  // The database and its libraries are loaded only for a kitchen that has one.
  const { savedKitchen } = await import('./saved-kitchen.js');
  return savedKitchen(file);
}
