import { BUILT_IN_SHELF } from '../shelf/index.js';
import { readText, usualBatch } from '../testing/usual.js';
import { openLines, planBatch } from './index.js';

const openIn = (text: string): string[] => {
  const reading = readText(text);
  const plan = planBatch(reading, usualBatch());
  return openLines(reading, plan, { shelf: BUILT_IN_SHELF, author: [] }).map(
    ({ line, is }) => `${reading.lines[line]!.written}: ${is}`,
  );
};

describe('what is open in a recipe', () => {
  it('is an amount of something without a weight', () => {
    expect(openIn('Tin\n200 g flour\n1 cup moon dust\nsalt to taste')).toEqual([
      '1 cup moon dust: no-weight',
    ]);
  });

  it('is a question whose answers move more than matters', () => {
    expect(openIn('Tin\n1 cup (60 g) flour')).toEqual(['1 cup (60 g) flour: question']);
  });

  it('is nothing in an ordinary recipe', () => {
    expect(openIn('Tin\n2 cups all-purpose flour\n200 g sugar\n2 eggs')).toEqual([]);
  });
});
