import { BUILT_IN_SHELF, knownIngredient } from '@ypsigram/core/shelf';
import { trialSets } from '@ypsigram/core/calibration';
import type { HandTrial } from '../../state/trials/trials.selectors';
import { cupRows } from './cup-rows';

const FLOUR = knownIngredient('flour-wheat-all-purpose');
const CUP = 236.5882365;

describe('everybody’s cup', () => {
  it('shows each method with its weight', () => {
    const rows = cupRows(FLOUR, CUP, [], []);
    expect(rows.map(({ label }) => label)).toEqual(['sifted', 'spooned', 'dipped', 'tamped']);
    expect(rows[1]?.mean).toBeCloseTo(125, 6);
    // A table weight is taken as it is, an estimate is not that sure.
    expect(rows[1]?.interval).toBeNull();
    expect(rows[3]?.interval).not.toBeNull();
  });

  it('shows authors and hands beside them, and only those who are known', () => {
    const known = {
      ingredientId: FLOUR.id,
      form: null,
      method: 'spooned',
      size: null,
      rung: 'author',
      gramsPerMillilitre: 140 / CUP,
      relativeSpread: 0,
      source: { from: 'author', author: 'Harbour notebook' },
    } as const;
    const trial = (grams: number): HandTrial => ({
      id: String(grams),
      handId: 'h',
      ingredientId: FLOUR.id,
      form: null,
      method: 'spooned',
      tool: '1 cup',
      millilitres: CUP,
      size: 'cup',
      grams,
      at: '2026-03-14T09:30:00Z',
      source: 'typed',
      conditions: '',
      verdict: null,
      importId: null,
      revision: 1,
    });
    const sets = (...grams: number[]) => trialSets(grams.map(trial), BUILT_IN_SHELF, []);
    const rows = cupRows(
      FLOUR,
      CUP,
      [
        { name: 'Harbour notebook', known: [known] },
        { name: 'The blue binder', known: [] },
      ],
      [
        { name: 'Grebe', sets: sets(130, 131, 132) },
        { name: 'Moorhen', sets: sets(140, 141) },
      ],
    );
    expect(rows.slice(4).map(({ label }) => label)).toEqual(['Harbour notebook', 'Grebe, spooned']);
    expect(rows[4]?.mean).toBeCloseTo(140, 6);
    expect(rows[5]?.mean).toBeCloseTo(131, 6);
  });
});
