import type { z } from 'zod';
import type { Shelf } from '@ypsigram/core/catalogue';
import type { OwnWeight } from '@ypsigram/core/shelf';
import { writeCsv } from '@ypsigram/core/formats';
import { fillingWeight } from '@ypsigram/contract';
import { figure, orNull, readTable, type Table } from '../../tables/read-table.js';

const NEEDED = ['ingredient_id', 'method', 'grams_per_ml'] as const;
const COLUMNS = ['ingredient_id', 'ingredient', 'form', 'method', 'grams_per_ml'] as const;

/** Own weights as a CSV table. The column `ingredient` is for people and is not read back. */
export function weightTable(weights: readonly OwnWeight[], shelf: Shelf): string {
  return writeCsv(
    COLUMNS,
    weights.map(({ ingredientId, form, method, gramsPerMillilitre }) => ({
      ingredient_id: ingredientId,
      ingredient: shelf.ingredient(ingredientId)?.name ?? '',
      form: form ?? '',
      method,
      grams_per_ml: String(gramsPerMillilitre),
    })),
  );
}

/** Reads own weights from a CSV table. */
export function readWeightTable(text: string, shelf: Shelf): Table<z.output<typeof fillingWeight>> {
  const schema = fillingWeight.refine(({ ingredientId }) => shelf.ingredient(ingredientId), {
    path: ['ingredientId'],
    error: 'There is no ingredient with this id in Ingredients.',
  });
  return readTable(
    text,
    NEEDED,
    (cells) => ({
      ingredientId: cells['ingredient_id']?.trim(),
      form: orNull(cells['form']),
      method: cells['method']?.trim(),
      gramsPerMillilitre: figure(cells['grams_per_ml']),
    }),
    schema,
  );
}
