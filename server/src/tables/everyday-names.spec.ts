import { readRecipe } from '@ypsigram/core/reading';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { withTable } from '@ypsigram/core/table';
import type { Standard } from '@ypsigram/core/units';
import { PUBLIC_TABLE } from './public-table.js';
import { EVERYDAY_NAMES } from './testing/everyday-names/index.js';

const SHELF = withTable(BUILT_IN_SHELF, PUBLIC_TABLE);

/** How a line begins where these names are used, and whose cups it means. */
const CUPS: Readonly<Record<string, readonly [string, Standard]>> = {
  british: ['1 cup', 'british'],
  'australian and new zealand': ['1 cup', 'australian'],
  indian: ['1 cup', 'metric'],
  german: ['1 Tasse', 'metric'],
  french: ['1 tasse de', 'metric'],
};
/** So many of all names are on the shelf or behind it. */
const WANTED = 0.97;

describe('what people call what they bake with', () => {
  let found = 0;
  let all = 0;

  for (const [country, names] of Object.entries(EVERYDAY_NAMES)) {
    it(`is never taken for something else: ${country}`, () => {
      const [cup, standard] = CUPS[country] ?? ['1 cup', 'us-customary'];
      const text = ['A title', '', ...names.map(({ name }) => `${cup} ${name}`)].join('\n');
      const lines = readRecipe(text, standard, SHELF).lines.slice(-names.length);
      const wrong = lines.flatMap(({ ingredientId, form }, at) => {
        const { name, expected } = names[at]!;
        const read = ingredientId === null ? '?' : `${ingredientId}${form ? ` (${form})` : ''}`;
        all++;
        if (ingredientId !== null) found++;
        return read === expected ? [] : [`${name}: ${read} instead of ${expected}`];
      });
      expect(wrong).toEqual([]);
    });
  }

  afterAll(() => {
    if (all > 0) expect(found / all).toBeGreaterThan(WANTED);
  });
});
