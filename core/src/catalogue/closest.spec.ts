import { BUILT_IN_SHELF, closestIngredients } from './index.js';

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
});
