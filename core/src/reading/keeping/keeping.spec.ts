import { BUILT_IN_SHELF } from '../../shelf/index.js';
import { readText } from '../../testing/usual.js';
import { keepingOf, type Keeping } from './index.js';
import { ASKED, NO_PRESERVES, PRESERVES } from './keeping-cases.js';

const recipes = (list: string): string[] =>
  list
    .trim()
    .split('\n')
    .map((one) => one.split(' | ').join('\n'));

const keeping = (text: string): Keeping => {
  // A title by itself is followed by something that says nothing.
  const whole = text.includes('\n') ? text : `${text}\n\nIngredients\n2 packets of this and that`;
  return keepingOf(readText(whole), BUILT_IN_SHELF);
};

describe('what is made to keep', () => {
  it('is known in at least 120 cases, half of them no preserves', () => {
    expect(recipes(PRESERVES).length).toBeGreaterThanOrEqual(60);
    expect(recipes(NO_PRESERVES).length).toBeGreaterThanOrEqual(60);
  });

  it('is found by what it is, by its steps or its make-up', () => {
    for (const text of recipes(PRESERVES)) expect(keeping(text)).withContext(text).toBe('preserve');
  });

  it('is nothing that is baked, cooked or kept cold', () => {
    for (const text of recipes(NO_PRESERVES)) {
      expect(['fresh', 'chilled']).withContext(text).toContain(keeping(text));
    }
  });

  it('is asked about where only the make-up says it, until its baker tells', () => {
    for (const text of recipes(ASKED)) {
      expect(keeping(text)).withContext(text).toBe('asked');
      expect(keepingOf(readText(text), BUILT_IN_SHELF, true)).toBe('preserve');
      expect(keepingOf(readText(text), BUILT_IN_SHELF, false)).toBe('fresh');
    }
  });
});
