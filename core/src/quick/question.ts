/** A quick question in its two parts: what is asked about, and in what it is wanted. */
export interface QuestionParts {
  readonly of: string;
  /** A unit, or the other pan; null where the question does not say. */
  readonly into: string | null;
  /** "in a pint": it stands for one of what follows. */
  readonly isOfOne: boolean;
}

/** Words before the matter itself: "how much is", "convert". */
const OPENING =
  /^(?:please )?(?:convert|what(?:'s| is| are)|how (?:much|heavy) (?:is|are|does))\s+/i;
/** "how many grams are 2 cups of flour" */
const HOW_MANY =
  /^how (?:many|much) ([a-z .]+?) (?:is|are|in|do|does|make) (?:there in )?(.+?)(?: weigh| make)?$/i;
const INTO = /^(.+?)\s+(?:in|into|to|as|=|->|→|in die|en)\s+(?:an? )?([^\s].*)$/i;

const IN_A = / in an? \S+$/i;

/** "20 cm round to 23 cm" → what stands before and after; a question mark and openings go. */
export function partsOf(text: string): QuestionParts {
  const plain = text
    .replace(/\s+/g, ' ')
    .replace(/[?？]+\s*$/, '')
    .trim();
  const howMany = HOW_MANY.exec(plain);
  if (howMany) return { of: howMany[2]!, into: howMany[1]!, isOfOne: false };
  const asked = plain.replace(OPENING, '').replace(/ weigh$/i, '');
  const into = INTO.exec(asked);
  const isOfOne = IN_A.test(asked);
  return into
    ? { of: into[1]!.trim(), into: into[2]!.trim(), isOfOne }
    : { of: asked, into: null, isOfOne: false };
}
