import { BUILT_IN_SHELF, shelfOf } from '@ypsigram/core/shelf';
import { shelfSearch } from './shelf-search';

const searchShelf = shelfSearch(BUILT_IN_SHELF);

describe('searching the Shelf', () => {
  const first = (query: string): string | undefined => searchShelf(query)[0]?.id;

  it('finds by name, by other names, and by beginnings', () => {
    expect(first('bread flour')).toBe('flour-wheat-bread');
    expect(first('confect')).toBe('sugar-powdered');
    expect(first('bicarb')).toBe('baking-soda');
    expect(first('porrid')).toBe('oats-rolled');
  });

  it('forgives a typing error', () => {
    expect(searchShelf('cinamon').map(({ id }) => id)).toContain('cinnamon');
    expect(searchShelf('buttermlik').map(({ id }) => id)).toContain('buttermilk');
  });

  it('finds what holds an allergen', () => {
    expect(searchShelf('sesame').map(({ id }) => id)).toContain('tahini');
  });

  it('shows everything for nothing, by name', () => {
    const names = searchShelf('  ').map(({ name }) => name);
    expect(names.length).toBeGreaterThan(120);
    expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b)));
  });

  it('finds nothing for nonsense', () => {
    expect(searchShelf('xyzzyq')).toEqual([]);
  });

  it('finds what a baker has added', () => {
    const moss = {
      id: 'own-moss',
      name: 'Moss powder',
      class: 'powder',
      role: 'flavour',
      waterPercent: 4,
      allergens: [],
      aliases: ['marsh lace'],
    } as const;
    const search = shelfSearch(shelfOf([], [moss]));
    expect(search('moss powdr')[0]?.id).toBe('own-moss');
    expect(search('marsh')[0]?.id).toBe('own-moss');
  });

  it('puts what goes by just that name first', () => {
    const search = shelfSearch(BUILT_IN_SHELF);
    const first = (query: string) => search(query)[0]?.id;
    expect(first('flour')).toBe('flour-wheat-all-purpose');
    expect(first('sugar')).toBe('sugar-granulated');
    expect(first('plain fl')).toBe('flour-wheat-all-purpose');
    expect(first('salt')).toBe('salt-table');
  });
});
