import { METHODS, type Method } from '../catalogue/index.js';
import type { Balance } from '../batch/index.js';
import type { LineAnswer } from '../reading/index.js';
import { STANDARDS, type Standard } from '../units/index.js';
import type { RecipeFile } from './recipe-file.js';

/** What a recipe has beside its text, by the names that all formats write it under. */
export const SETTINGS = [
  'title',
  'author',
  'standard',
  'factor',
  'methods',
  'balance',
  'answers',
  'proven',
] as const;
export type Setting = (typeof SETTINGS)[number];

/** The settings of a recipe as text; those that are not set are left out. */
export function settingsOf(recipe: RecipeFile): Partial<Record<Setting, string>> {
  const { title, author, standard, factor, methods, balance, answers, proven } = recipe;
  return {
    ...(title !== null && { title }),
    ...(author !== null && { author }),
    ...(standard !== null && { standard }),
    ...(factor !== null && { factor }),
    ...(methods && Object.keys(methods).length > 0 && { methods: JSON.stringify(methods) }),
    ...(balance && { balance: JSON.stringify(balance) }),
    ...(answers && answers.length > 0 && { answers: JSON.stringify(answers) }),
    ...(proven && Object.keys(proven).length > 0 && { proven: JSON.stringify(proven) }),
  };
}

function parsed(text: string | undefined): unknown {
  if (text === undefined || text.trim() === '') return null;
  try {
    return JSON.parse(text);
  } catch {
    // Written by hand and not understood: as good as not there, the text itself is what counts.
    return null;
  }
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const isMethod = (value: unknown): value is Method => METHODS.includes(value as Method);

function methodsIn(value: unknown): Record<string, Method> | null {
  if (!isRecord(value)) return null;
  const methods = Object.entries(value).filter(
    (entry): entry is [string, Method] =>
      /^\d{1,5}(?:\.\d{1,2})?$/.test(entry[0]) && isMethod(entry[1]),
  );
  return methods.length > 0 ? Object.fromEntries(methods) : null;
}

const filled = (text: string | undefined): string | null => text?.trim() || null;

/** A recipe of a text and of settings as `settingsOf` writes them; what is no setting is null. */
export function withSettings(
  text: string,
  settings: Readonly<Record<string, string | undefined>>,
): RecipeFile {
  const standard = filled(settings['standard']);
  const answers = parsed(settings['answers']);
  const balance = parsed(settings['balance']);
  const proven = parsed(settings['proven']);
  return {
    title: filled(settings['title']),
    text,
    author: filled(settings['author']),
    standard: STANDARDS.includes(standard as Standard) ? (standard as Standard) : null,
    factor: filled(settings['factor']),
    methods: methodsIn(parsed(settings['methods'])),
    // These two are checked in full where the recipe is taken in.
    balance: isRecord(balance) ? (balance as unknown as Balance) : null,
    answers: Array.isArray(answers) ? (answers as LineAnswer[]) : null,
    proven: isRecord(proven) ? (proven as Record<string, number>) : null,
  };
}
