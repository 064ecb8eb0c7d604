import { BUILT_IN_SHELF } from '../shelf/index.js';
import { inspectLine } from './index.js';

describe('looking into the reading of a line', () => {
  it('shows what every stage made of it', () => {
    const { clean, language, english, found, line } = inspectLine(
      '• 1½  EL gehackte Walnüsse, geröstet',
      'metric',
      BUILT_IN_SHELF,
    );
    expect(clean.text).toBe('1 1/2 EL gehackte Walnüsse, geröstet');
    expect(language).toBe('german');
    expect(english.text).toBe('1 1/2 tbsp chopped walnuts, toasted');
    expect(found?.quantity?.amount.min.valueOf()).toBe(1.5);
    expect(found?.quantity?.unit).toBe('tbsp');
    expect(found?.phrase.before).toEqual(['chopped']);
    expect(found?.phrase.tail).toBe(', toasted');
    expect(line.form).toBe('chopped');
    expect(line.notes.map(({ code }) => code)).toEqual(['order-before']);
  });

  it('shows where a line that is no ingredient stopped', () => {
    const { found, line } = inspectLine('Mix the flour and the salt.', 'metric', BUILT_IN_SHELF);
    expect(found).toBeNull();
    expect(line.kind).toBe('step');
  });
});
