/** Counting words that recipes use, with the number each stands for. */
export const NUMBER_WORDS: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
  dozen: 12,
};

/** Words for tens, which take a unit behind them: "thirty-five". */
export const TENS_WORDS: Readonly<Record<string, number>> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
};

/** Words for parts, as numerator and denominator. */
export const PART_WORDS: Readonly<Record<string, readonly [number, number]>> = {
  half: [1, 2],
  'one half': [1, 2],
  third: [1, 3],
  'one third': [1, 3],
  'two thirds': [2, 3],
  quarter: [1, 4],
  'one quarter': [1, 4],
  'three quarters': [3, 4],
  'one fourth': [1, 4],
  'three fourths': [3, 4],
  eighth: [1, 8],
  'one eighth': [1, 8],
};
