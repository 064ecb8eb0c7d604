import { lineChanges } from './line-changes';

describe('what became of a text', () => {
  it('is told line by line', () => {
    expect(lineChanges('Buns\n2 cups flour\n1 egg', 'Buns\n3 cups flour\n1 egg\n')).toEqual([
      { kind: 'same', text: 'Buns' },
      { kind: 'gone', text: '2 cups flour' },
      { kind: 'new', text: '3 cups flour' },
      { kind: 'same', text: '1 egg' },
    ]);
  });

  it('does not count line ends', () => {
    expect(lineChanges('a\r\nb\r\n', 'a\nb').every(({ kind }) => kind === 'same')).toBeTrue();
  });
});
