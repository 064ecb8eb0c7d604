import { BUILT_IN_SHELF } from '../shelf/index.js';
import { readUsualLine } from '../testing/usual.js';
import type { KnownWeight } from '../measuring/index.js';
import { groundsOf } from './index.js';

const NOTEBOOK: KnownWeight = {
  ingredientId: 'flour-wheat-all-purpose',
  form: null,
  size: null,
  method: 'spooned',
  rung: 'author',
  gramsPerMillilitre: 140 / 236.5882365,
  relativeSpread: 0,
  source: { from: 'author', author: 'Harbour notebook' },
};
const grounds = (written: string, known: readonly KnownWeight[] = []): [string, number][] =>
  groundsOf(readUsualLine(written), 'us-customary', BUILT_IN_SHELF, known).map(
    ({ basis, grams }) => [basis.rung, Math.round(grams)],
  );

describe('the grounds of a line', () => {
  it('are told from the one gone by down the ladder', () => {
    expect(grounds('2 cups (260 g) flour', [NOTEBOOK])).toEqual([
      ['stated', 260],
      ['author', 280],
      ['reference', 250],
    ]);
  });

  it('are one where no other has anything to say', () => {
    expect(grounds('2 cups flour')).toEqual([['reference', 250]]);
    expect(grounds('260 g flour')).toEqual([['stated', 260]]);
    expect(grounds('2 cups dragonfruit powder')).toEqual([]);
  });
});
