import { readText } from '../testing/usual.js';
import { PASTED_PAGES } from './testing/pages.js';

const found = (text: string): string[] =>
  readText(text)
    .lines.filter(({ kind }) => kind === 'ingredient')
    .map(({ amount, unit, ingredientId }) =>
      [amount?.min.toFraction(true), amount && unit, ingredientId ?? '?'].filter(Boolean).join(' '),
    );

describe('a page as it is pasted', () => {
  for (const { name, text, ingredients } of PASTED_PAGES) {
    it(`gives its ingredients and no others: ${name}`, () => {
      expect(found(text)).toEqual([...ingredients]);
    });
  }

  it('is named by its first line that is not about the page', () => {
    const text = 'Home » Cakes » Slabs\n★★★★★ 4.8 from 132 votes\nSpice slabs\n2 cups flour';
    expect(readText(text).title).toBe('Spice slabs');
  });

  it('has no steps in what is said of it', () => {
    const { lines } = readText(
      'Slabs\n2 cups flour\n\nMethod\nBake 20 minutes at 180 °C.\n\nNotes\nBake it again for 5 minutes.\nCalories: 210',
    );
    expect(lines.map(({ kind }) => kind)).toEqual([
      'ingredient',
      'heading',
      'step',
      'remark',
      'remark',
      'remark',
    ]);
  });

  it('keeps what only looks like the page: ingredients and steps that begin with such a word', () => {
    const kindOf = (line: string): string | undefined =>
      readText(`Slabs\n2 cups flour\n${line}`).lines.at(-1)?.kind;
    for (const line of ['3 star anise', '2 star anise, ground']) {
      expect(kindOf(line)).withContext(line).toBe('ingredient');
    }
    for (const line of [
      'Share the dough between two tins.',
      'Print a pattern on top with a fork.',
      'By hand, mix the flour and the butter until it looks like crumbs.',
      'When it has doubled I knock it back, shape our loaf and bake it at 220 °C for 30 minutes.',
    ]) {
      expect(kindOf(line)).withContext(line).not.toBe('remark');
    }
    const german = readText('Brot\n500 g Mehl\n300 ml Wasser\nTeilen Sie den Teig in zwei Stücke.');
    expect(german.lines.at(-1)?.kind).toBe('step');
    for (const line of [
      'Share  Print  Save',
      'J’aime (12)  Partager  Imprimer',
      'By Wren · 3 March',
    ]) {
      expect(kindOf(line)).withContext(line).toBe('remark');
    }
  });

  it('leaves a word broken at the end of a printed line unknown', () => {
    const { lines } = readText('Parkin\n2 tsp ground gin-\nger');
    expect(lines[0]!.ingredientId).toBeNull();
  });
});
