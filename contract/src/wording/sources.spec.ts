import { sourceText } from './sources.js';
import { scaleName } from './scale.js';

describe('where a figure comes from, in words', () => {
  it('names tables, people and how much they go by', () => {
    expect(sourceText({ from: 'table', rows: ['20081'] })).toBe('public food table, no. 20081');
    expect(sourceText({ from: 'bakes', bakes: 1 })).toBe('1 bake');
    expect(sourceText({ from: 'hand', hand: 'Grebe', trials: 3 })).toBe('Grebe, 3 trials');
    const author = 'Harbour notebook';
    expect(sourceText({ from: 'author-lines', author, lines: 5 })).toBe(
      'Harbour notebook, inferred from 5 lines',
    );
  });
});

describe('a scale that nobody has named', () => {
  it('is called by its step', () => {
    expect([0.1, 0.01, 1].map(scaleName)).toEqual(['0.1 g scale', '0.01 g scale', '1 g scale']);
  });
});
