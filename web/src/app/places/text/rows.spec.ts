import { readText } from '../../testing/read';
import { rowsOf } from './rows';

describe('rowsOf', () => {
  it('lays the reading out along the text, blank lines and title included', () => {
    const text = '\nBuns\n\n2 cups flour\r\n\n1 egg\n';
    const rows = rowsOf(text, readText(text));
    expect(rows.map(({ title, index }) => (title ? 'title' : index))).toEqual([
      -1,
      'title',
      -1,
      0,
      -1,
      1,
      -1,
    ]);
    expect(rows[3]?.lines[0]?.written).toBe('2 cups flour');
  });

  it('keeps the ingredients of one line in its row', () => {
    const text = 'Buns\n3/4 c. butter, 1 c. brown sugar\n\n2 eggs';
    const rows = rowsOf(text, readText(text));
    expect(rows.map(({ index, lines }) => [index, lines.map(({ written }) => written)])).toEqual([
      [-1, []],
      [0, ['3/4 c. butter', '1 c. brown sugar']],
      [-1, []],
      [2, ['2 eggs']],
    ]);
  });

  it('knows the title below what is said of the page', () => {
    const text = 'Home » Cakes » Buns\nBuns\n2 cups flour';
    expect(
      rowsOf(text, readText(text)).map(({ title, index }) => (title ? 'title' : index)),
    ).toEqual([0, 'title', 1]);
  });

  it('has no title row where there is no title', () => {
    const text = '2 cups flour';
    expect(rowsOf(text, readText(text)).map(({ index }) => index)).toEqual([0]);
  });
});
