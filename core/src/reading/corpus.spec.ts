import { CORPUS, wrongFields } from './testing/corpus/index.js';

describe('reading lines of all manners', () => {
  for (const [manner, lines] of Object.entries(CORPUS)) {
    it(`reads all of ${manner} rightly`, () => {
      expect(lines.length).toBeGreaterThan(40);
      const wrong = lines.flatMap((line) => {
        const fields = wrongFields(line);
        return fields.length === 0 ? [] : [`${line.written}: ${fields.join(', ')}`];
      });
      expect(wrong).toEqual([]);
    });
  }
});
