import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { questionsOf } from '@ypsigram/core/conversion';
import { readLine } from '@ypsigram/core/reading';
import { noteMessage } from './notes.js';

const messages = (text: string): string[] => {
  const line = readLine(text, 'us-customary', BUILT_IN_SHELF);
  return questionsOf(line, 'us-customary', BUILT_IN_SHELF).map((question) =>
    noteMessage(question, line, 'us-customary', BUILT_IN_SHELF),
  );
};

describe('reading notes in words', () => {
  it('say what hangs on the order of words', () => {
    expect(messages('1 1/2 cups cake flour, sifted')).toEqual([
      '“sifted” comes after the name, so do it after measuring: 164 g. If done before: 144 g.',
    ]);
    expect(messages('1 1/2 cups sifted cake flour')).toEqual([
      '“sifted” comes before the name, so do it before measuring: 144 g. If done after: 164 g.',
    ]);
  });

  it('make no fuss where nothing hangs on it', () => {
    expect(messages('1 cup lard, melted')).toEqual([
      '“melted” comes after the name, so measure first. The weight does not change.',
    ]);
  });

  it('name all kinds that are possible, with what they weigh', () => {
    expect(messages('1 tbsp kosher salt')).toEqual([
      'Which kind? Read as coarse salt (light hollow flake), 8.4 g; could also be coarse salt (dense grain) 14.4 g.',
    ]);
  });

  it('say what to do about what is not known', () => {
    expect(messages('1 tbsp sea buckthorn')[0]).toContain('Write the grams on the line');
  });

  it('are whole sentences, every one of them', () => {
    const lines = [
      '8 oz sour cream',
      '8 oz milk',
      '8 oz flour',
      '2 cups (90 g) flour',
      'a pinch of salt',
      '1 heaping tsp salt',
      'juice of 1 lemon',
      'salt and pepper to taste',
      '100 g icing sugar, plus extra for dusting',
      '1 cup walnuts or pecans (optional)',
      '1 egg',
      '3/4 cup brown sugar',
      '1,5 dl melk',
      '200 g carob drops',
    ];
    for (const text of lines) {
      expect(messages(text).length).withContext(text).toBeGreaterThan(0);
      for (const message of messages(text)) expect(message).toMatch(/^[A-Z“0-9].*[.”]$/s);
    }
  });
});
