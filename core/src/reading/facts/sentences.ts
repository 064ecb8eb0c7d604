/** A full stop behind one of these ends no sentence. */
const SHORT = String.raw`(?<!(?:^|[^\p{L}])(?:ca|approx|z\.B|bzw|evtl|inkl|No|St)\.)`;
/** Behind these it ends none where a number follows: "1 Std. 15 Min.". */
const UNITS = String.raw`(?<!(?:Std|Min|Sek|hr|min|hrs|mins|th|EL|TL|Pck)\.)`;
const SENTENCE = new RegExp(
  String.raw`(?<=[.!;])${SHORT}\s+(?=\p{Lu})|(?<=[.!;])${SHORT}${UNITS}\s+(?=\d)`,
  'u',
);

/** The sentences of a text, trimmed. */
export const sentencesOf = (text: string): string[] =>
  text
    .split(SENTENCE)
    .map((one) => one.trim())
    .filter((one) => one !== '');
