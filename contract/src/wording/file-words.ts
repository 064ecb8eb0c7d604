import type { LogWords, RecipeWords } from '@ypsigram/core/formats';

/** Words that go into the text of a recipe that comes in from a file. */
export const RECIPE_WORDS: RecipeWords = {
  untitled: 'Untitled recipe',
  serves: (count) => `Serves ${count}`,
  makes: (what) => `Makes ${what}`,
};

/** Words over the columns of a log that goes out as a table. */
export const LOG_WORDS: LogWords = {
  heads: {
    date: 'date',
    recipe: 'recipe',
    hand: 'hand',
    factor: 'factor',
    rating: 'rating',
    good: 'kept as good',
    wasted: 'thrown away',
    symptoms: 'symptoms',
    minutes: 'minutes in the oven',
    dial: 'dial °C',
  },
  share: (part) => `${part} %`,
  off: (part) => `${part} off %`,
  yes: 'yes',
};
