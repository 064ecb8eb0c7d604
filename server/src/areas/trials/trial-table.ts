import { z } from 'zod';
import type { Shelf } from '@ypsigram/core/catalogue';
import { writeCsv } from '@ypsigram/core/formats';
import { trialDraft, type KitchenHand, type TrialRecord } from '@ypsigram/contract';
import { figure, orNull, readTable, type Table } from '../../tables/read-table.js';

const NEEDED = ['hand', 'ingredient_id', 'method', 'tool', 'millilitres', 'grams', 'at'] as const;
const COLUMNS = [
  'hand',
  'ingredient_id',
  'ingredient',
  'form',
  'method',
  'tool',
  'millilitres',
  'grams',
  'at',
  'source',
  'conditions',
  'verdict',
] as const;

/** Trials as a CSV table. The column `ingredient` is for people and is not read back. */
export function trialTable(
  trials: readonly TrialRecord[],
  hands: readonly KitchenHand[],
  shelf: Shelf,
): string {
  const nameOf = new Map(hands.map(({ id, name }) => [id, name]));
  return writeCsv(
    COLUMNS,
    trials.map((trial) => ({
      hand: nameOf.get(trial.handId) ?? trial.handId,
      ingredient_id: trial.ingredientId,
      ingredient: shelf.ingredient(trial.ingredientId)?.name ?? '',
      form: trial.form ?? '',
      method: trial.method,
      tool: trial.tool,
      millilitres: String(trial.millilitres),
      grams: String(trial.grams),
      at: trial.at,
      source: trial.source,
      conditions: trial.conditions,
      verdict: trial.verdict ?? '',
    })),
  );
}

/** Reads trials from a CSV table, hands by their name or id, ingredients by their id. */
export function readTrialTable(
  text: string,
  hands: readonly KitchenHand[],
  shelf: Shelf,
): Table<z.output<typeof trialDraft>> {
  const handId = (cell: string | undefined): string | null => {
    const wanted = (cell ?? '').trim();
    return hands.find(({ id, name }) => id === wanted || name === wanted)?.id ?? null;
  };
  const schema = trialDraft.extend({
    handId: z.uuid('There is no hand of that name. Add the hand first.'),
    ingredientId: z
      .string()
      .refine(
        (id) => shelf.ingredient(id) !== undefined,
        'There is no ingredient with this id in Ingredients.',
      ),
  });
  return readTable(
    text,
    NEEDED,
    (cells) => ({
      handId: handId(cells['hand']),
      ingredientId: cells['ingredient_id']?.trim(),
      form: orNull(cells['form']),
      method: cells['method']?.trim(),
      tool: cells['tool'],
      millilitres: figure(cells['millilitres']),
      grams: figure(cells['grams']),
      at: cells['at']?.trim(),
      source: orNull(cells['source']) ?? 'typed',
      conditions: cells['conditions'] ?? '',
      verdict: orNull(cells['verdict']),
    }),
    schema,
  );
}
