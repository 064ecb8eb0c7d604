import { withItsLines } from './rich-text.js';

const LIST = '<h2>Oat slabs</h2><ul><li>3&nbsp;cups oats</li><li>1 cup flour</li></ul>';

describe('what is pasted from a page', () => {
  it('has the lines of its list where its plain text has none', () => {
    expect(withItsLines('Oat slabs 3 cups oats 1 cup flour', LIST)).toBe(
      'Oat slabs\n3 cups oats\n1 cup flour',
    );
    const table = '<table><tr><td>3 cups</td><td>oats</td></tr><tr><td>1 egg</td></tr></table>';
    expect(withItsLines('3 cups oats 1 egg', table)).toBe('3 cups oats\n1 egg');
  });

  it('is its plain text where that has its lines, or says something else', () => {
    const plain = 'Oat slabs\n\n- 3 cups oats\n- 1 cup flour';
    expect(withItsLines(plain, LIST)).toBe(plain);
    expect(withItsLines('Oat slabs, for Sunday', LIST)).toBe('Oat slabs, for Sunday');
    expect(withItsLines('3 cups oats', '<script>alert(1)</script>')).toBe('3 cups oats');
  });
});
