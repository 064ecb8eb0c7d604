import type { RecipeSummary } from '@ypsigram/contract';
import { bookActions as actions, bookFeature, type BookState } from './book.feature';

const recipe = (title: string): RecipeSummary => ({
  id: title,
  title,
  batch: { by: 'factor', factor: '1' },
  revision: 1,
  updatedAt: '2026-01-01T00:00:00.000Z',
  authorId: null,
  yield: null,
  kind: null,
  lastBake: null,
  provenLines: 0,
  ingredientCount: 1,
  openCount: 0,
  totalGrams: 1,
  measuredGrams: 1,
  weighedGrams: 1,
  problem: null,
});

const page = (...titles: string[]) => ({
  items: titles.map(recipe),
  page: 1,
  pageSize: 50,
  total: titles.length,
});

const titles = (state: BookState): string[] =>
  bookFeature.selectAll({ book: state }).map(({ title }) => title);

describe('the Book', () => {
  const loaded = bookFeature.reducer(
    undefined,
    actions.pageLoaded({ page: page('buns', 'Apple tin', 'Éclairs'), query: '' }),
  );

  it('is in the order of the alphabet, whatever the case', () => {
    expect(titles(loaded)).toEqual(['Apple tin', 'buns', 'Éclairs']);
  });

  it('takes a deleted recipe out and can put it back', () => {
    const deleted = bookFeature.reducer(loaded, actions.recipeDeleted({ recipe: recipe('buns') }));
    expect(titles(deleted)).toEqual(['Apple tin', 'Éclairs']);
    expect(deleted.total).toBe(2);
    expect(deleted.undoable.map(({ id }) => id)).toEqual(['buns']);
    const back = bookFeature.reducer(deleted, actions.recipeRestored({ recipe: recipe('buns') }));
    expect(titles(back)).toEqual(titles(loaded));
    expect(back.undoable).toEqual([]);
  });

  it('does not show the answer to a search that is no longer asked', () => {
    const typed = bookFeature.reducer(loaded, actions.searchTyped({ query: 'oats' }));
    const late = bookFeature.reducer(typed, actions.pageLoaded({ page: page('buns'), query: 'o' }));
    expect(late).toBe(typed);
  });

  it('keeps what it shows when something fails, and says why', () => {
    const failed = bookFeature.reducer(loaded, actions.pageNotLoaded({ problem: 'No server.' }));
    expect(failed.problem).toBe('No server.');
    expect(titles(failed).length).toBe(3);
  });
});
