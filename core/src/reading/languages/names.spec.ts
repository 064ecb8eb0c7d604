import type { Ingredient } from '../../catalogue/index.js';
import { BUILT_IN_SHELF, CATALOGUE } from '../../shelf/index.js';
import { wordsOf } from '../../catalogue/index.js';
import { ORDER_FORMS } from '../vocabulary/index.js';
import { readText } from '../../testing/usual.js';
import { LANGUAGES } from './translate.js';

/** Words around a line that leave no doubt about its language. */
const AMONG = {
  german: ['300 g Weizenmehl', '2 EL Zucker', '3 Eier, verquirlt'],
  french: ['300 g de farine', '2 cuillères à soupe de sucre', '3 œufs battus'],
} as const;

/** A word without accents, as it is compared. */
const bare = (word: string): string =>
  word
    .toLowerCase()
    .replace('ß', 'ss')
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '');

describe('names in other languages', () => {
  for (const { id, words } of LANGUAGES) {
    it(`are read: ${id}`, () => {
      const wrong = CATALOGUE.flatMap(({ id: ingredientId, otherNames }) =>
        (otherNames?.[id] ?? []).flatMap((name) => {
          const { lines } = readText(['Brot', ...AMONG[id], `250 g ${name}`].join('\n'), 'metric');
          const read = lines.at(-1)!.ingredientId;
          return read === ingredientId ? [] : [`${name}: ${read} instead of ${ingredientId}`];
        }),
      );
      expect(wrong).toEqual([]);
    });

    it(`are there for every ingredient: ${id}`, () => {
      const byTable = new Set(
        Object.values(words).map((name) => BUILT_IN_SHELF.findName(wordsOf(name))?.ingredientId),
      );
      const without = CATALOGUE.filter(
        (one: Ingredient) => !byTable.has(one.id) && !one.otherNames?.[id]?.length,
      );
      expect(without.map(({ name }) => name)).toEqual([]);
    });
  }

  it('hold no cut that the record weighs: the name would swallow it', () => {
    const swallowed = LANGUAGES.flatMap(({ id, words, endings }) => {
      const english = new Map(Object.entries(words).map(([word, is]) => [bare(word), is]));
      return CATALOGUE.flatMap(({ name, otherNames, weights }) =>
        (otherNames?.[id] ?? [])
          .filter((other) =>
            other.split(' ').some((word) => {
              const is = english.get(bare(word)) ?? english.get(bare(word).replace(endings, ''));
              const cut = is === undefined ? undefined : ORDER_FORMS[is];
              return cut !== undefined && weights.some(({ form }) => form === cut);
            }),
          )
          .map((other) => `${other} of ${name}`),
      );
    });
    expect(swallowed).toEqual([]);
  });
});
