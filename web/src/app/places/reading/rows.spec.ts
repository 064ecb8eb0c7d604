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
    expect(rows[3]?.line?.written).toBe('2 cups flour');
  });

  it('has no title row where there is no title', () => {
    const text = '2 cups flour';
    expect(rowsOf(text, readText(text)).map(({ index }) => index)).toEqual([0]);
  });
});
