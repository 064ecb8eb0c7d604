/** Verbs that a step begins with. */
export const STEP_VERBS: ReadonlySet<string> = new Set(
  `add allow arrange bake beat blend boil bring brush chill chop combine cook cool cover cream crumble
  cut decorate dissolve divide drain drizzle drop dust fill flatten fold form freeze fry garnish
  glaze grate grease heat incorporate knead leave let lift line make melt mix pat pipe place pour
  preheat prepare press prick prove proof pull punch push put reduce refrigerate remove repeat rest
  return rinse rise roll rub scatter score scrape separate serve set shape sift simmer slice soak
  spoon spread sprinkle stack stir store strain stretch take taste tip top toss transfer trim turn
  twist use wait warm wash weigh whip whisk wrap work`.split(/\s+/),
);

/**
 * A short sentence that tells what to do, whatever its verb: "Mash the bananas.", "Core and slice
 * the pears.", "Drizzle with honey.". No ingredient is written with a full stop and one of these words
 * behind its first.
 */
export const IMPERATIVE =
  /^[A-Z][a-z]+ (?:(?:and|or|well and) [a-z]+ )?(?:the|with|in|into|over|on|onto|it|them|both|everything)\b.*[.!]$/;

/** Words that open a sentence in a step, before its verb. */
export const STEP_OPENERS: ReadonlySet<string> = new Set(
  'after before while when once meanwhile then next finally gently gradually slowly in using with'.split(
    ' ',
  ),
);

/** Headings that stand alone on a line, without a colon. */
export const HEADINGS: ReadonlySet<string> = new Set([
  'ingredients',
  'you will need',
  'dough',
  'the dough',
  'filling',
  'the filling',
  'topping',
  'the topping',
  'glaze',
  'icing',
  'frosting',
  'streusel',
  'crust',
  'base',
  'batter',
  'sponge',
  'to finish',
  'to serve',
  'to decorate',
]);

/** Last words of a line of a few words that heads a part: "streusel topping", "dry ingredients". */
export const PART_WORDS: ReadonlySet<string> = new Set(
  `ingredients filling topping dough glaze icing frosting streusel crust crumb crumble base batter
  sponge buttercream ganache custard caramel starter levain poolish biga preferment soaker scald
  garnish decoration coating marinade layer layers pastry meringue compote`.split(/\s+/),
);

/** Headings after which the lines are steps. */
export const METHOD_HEADINGS =
  /^(?:the )?(?:method|directions?|instructions?|steps?|preparation|procedure|how to make(?: it)?|to make|step \d+)$/i;

/** Measures of anything but an ingredient: minutes, degrees, the size of a tin. */
export const NOT_AN_AMOUNT =
  /^(?:-? ?(?:minutes?|mins?|hours?|hrs?|seconds?|days?)\b|°|º|degrees?\b|F\b|-? ?(?:inch(?:es)?|in\.|cm|mm)\b|"|%|for \d|:\d\d\b)/;
