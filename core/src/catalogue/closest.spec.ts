import { BUILT_IN_SHELF } from '../shelf/index.js';
import { closestIngredients } from './index.js';

describe('the closest names', () => {
  const closest = (written: string): string | undefined =>
    closestIngredients(written, BUILT_IN_SHELF, 3)[0];

  it('forgives typing errors', () => {
    expect(closest('bakign powder')).toBe('baking-powder');
    expect(closest('all-purpose flur')).toBe('flour-wheat-all-purpose');
    expect(closest('cinamon')).toBe('cinnamon');
    expect(closest('buttermlik')).toBe('buttermilk');
  });

  it('forgives another order of words', () => {
    expect(closest('powder baking')).toBe('baking-powder');
    expect(closest('yeast active dried')).toBe('yeast-active-dry');
  });

  it('knows abbreviations', () => {
    expect(closest('baking pwdr')).toBe('baking-powder');
    expect(closest('choc chips')).toBe('chocolate-chips');
  });

  it('offers nothing that is not like it at all', () => {
    expect(closestIngredients('xylophone', BUILT_IN_SHELF, 3)).toEqual([]);
    expect(closestIngredients('', BUILT_IN_SHELF, 3)).toEqual([]);
    expect(closestIngredients('cream', BUILT_IN_SHELF, 2).length).toBe(2);
  });

  it('never offers what the name says it is without', () => {
    const allergens = (written: string): readonly string[] =>
      closestIngredients(written, BUILT_IN_SHELF, 5).flatMap(
        (id) => BUILT_IN_SHELF.ingredient(id)!.allergens,
      );
    expect(closestIngredients('butter', BUILT_IN_SHELF, 3)).toContain('butter');
    for (const [written, without] of [
      ['gluten-free flour blend', 'wheat'],
      ['gluten free bread flour', 'wheat'],
      ['vegan butter', 'milk'],
      ['dairy-free cream cheese', 'milk'],
      ['egg-free whole egg', 'egg'],
      ['nut-free almond flour', 'tree nuts'],
    ] as const) {
      expect(allergens(written)).withContext(written).not.toContain(without);
    }
  });

  it('offers nothing absurd for a word that only looks like it', () => {
    expect(closestIngredients('nutmeats', BUILT_IN_SHELF, 3)).toEqual([]);
  });
});
