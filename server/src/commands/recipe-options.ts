import { STANDARDS, USUAL_STANDARD, type Standard } from '@ypsigram/core/units';
import { UsageError } from './input.js';
import type { KitchenOptions } from './planning-kitchen.js';

/** How a recipe is read. */
export interface ReadingOptions extends KitchenOptions {
  /** Whose cups and spoons it is written in. */
  readonly cups?: string;
}

/** Everyday words for whose cups are meant, beside the names of `STANDARDS`. */
const EVERYDAY: Readonly<Record<string, Standard>> = {
  us: 'us-customary',
  uk: 'british',
  au: 'australian',
};

const isStandard = (name: string): name is Standard =>
  (STANDARDS as readonly string[]).includes(name);

/** @throws UsageError in a sentence that names them all */
export function standardOf(name: string | undefined): Standard {
  if (name === undefined) return USUAL_STANDARD;
  const wanted = name.toLowerCase();
  const found = EVERYDAY[wanted] ?? wanted;
  if (isStandard(found)) return found;
  throw new UsageError(
    `Nobody’s cups are called “${name}”. Choose one of: ${STANDARDS.join(', ')}.`,
  );
}
