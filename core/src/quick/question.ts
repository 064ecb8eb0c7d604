/** A quick question in its two parts: what is asked about, and in what it is wanted. */
export interface QuestionParts {
  readonly of: string;
  /** A unit, or the other pan; null where the question does not say. */
  readonly into: string | null;
  /** What joins the two, which may belong to a name: "sucre en poudre". */
  readonly link?: string;
  /** "in a pint": it stands for one of what follows. */
  readonly isOfOne: boolean;
}

/** Words before the matter itself: "how much is", "convert". */
const OPENING =
  /^(?:please )?(?:convert|what(?:'?s| is| are)|how (?:much|heavy) (?:is|are|does)|weight of)\s+/i;
/** "how many grams are 2 cups of flour" */
const HOW_MANY =
  /^how (?:many|much) ([a-z .]+?) (?:is|are|in|do|does|make) (?:there in )?(.+?)(?: weigh| make)?$/i;
const INTO = /^(.+?)\s+(in|into|to|as|vs\.?|versus|=|->|→|in die|en)\s+(?:an? )?([^\s].*)$/i;

/** "1 cup mashed banana, how many bananas" */
const HOW_MANY_BEHIND = /^(.+?),? (?:is )?how (?:many|much) ([a-z ]+?)(?: is (?:it|that))?$/i;
/** "1 kg potatoes how many", "500 g Äpfel Stück" */
const PIECES_BEHIND = /^(.*\d.*?),? (?:in |en )?(how many|pieces?|stück|pièces)$/i;
/** "cups and tablespoons": by what the kitchen has, which is the answer where no unit is asked for. */
const BY_TOOLS = String.raw`cups? (?:and|&|\+|or) (?:tbsps?|tablespoons?|tsps?|teaspoons?|spoons?)`;
const INTO_TOOLS = new RegExp(`^(.+?) (?:in|into|to|as) ${BY_TOOLS}$`, 'i');
const TOOLS_OF = new RegExp(`^(?:how many )?${BY_TOOLS} (?:of|for|in|is|are) (.+)$`, 'i');

/** "3/4 cup split in half": what stands behind "in" is no unit. */
const SHARED =
  /(?:split|divided?|shared?|cut) (?:in|into|between|by) (?:\d+|half|halves|thirds|quarters)$/i;

const IN_A = / in an? \S/i;

/** "honey vs sugar 1 cup": the amount stands for both. */
const BESIDE = /^(.+?) (?:vs\.?|versus) (.+?)$/i;
/** An amount and its unit, before what is measured or behind it. */
const AMOUNT_BEFORE = /^((?:an? |\d|[½¼¾⅓⅔⅛])\S*(?: \d\/\d)? ?[a-z]*\.?) (.+)$/i;
const AMOUNT_BEHIND = /^(.+?) ((?:an? |\d|[½¼¾⅓⅔⅛]).*)$/i;

/**
 * The questions in a text, each to be asked alone: its lines, and the two sides of "honey vs sugar
 * 1 cup". One question is itself.
 */
export function questionsIn(text: string): readonly string[] {
  const lines = text
    .split(/\r\n|\r|\n/)
    .map((line) => line.trim())
    .filter((line) => line !== '');
  return lines.flatMap(sidesOf);
}

function sidesOf(line: string): readonly string[] {
  const [, first, second] = BESIDE.exec(line.replace(/[?？]+\s*$/, '')) ?? [];
  if (!first || !second) return [line];
  const [, amountFirst, nameFirst] = AMOUNT_BEFORE.exec(first) ?? [];
  const [, amountLast] = AMOUNT_BEFORE.exec(second) ?? [];
  if (amountFirst && nameFirst) return [first, amountLast ? second : `${amountFirst} ${second}`];
  const [, nameSecond, amountBehind] = AMOUNT_BEHIND.exec(second) ?? [];
  if (amountLast) return [line];
  return nameSecond && amountBehind
    ? [`${amountBehind} ${first}`, `${amountBehind} ${nameSecond}`]
    : [first, second];
}

/** "20 cm round to 23 cm" → what stands before and after; a question mark and openings go. */
export function partsOf(text: string): QuestionParts {
  const plain = text
    .replace(/\s+/g, ' ')
    .replace(/[?？]+\s*$/, '')
    .trim();
  const byTools = INTO_TOOLS.exec(plain) ?? TOOLS_OF.exec(plain);
  if (byTools) return { of: byTools[1]!.replace(OPENING, ''), into: null, isOfOne: false };
  const pieces = PIECES_BEHIND.exec(plain);
  if (pieces) return { of: pieces[1]!, into: pieces[2]!, isOfOne: false };
  const behind = HOW_MANY_BEHIND.exec(plain);
  if (behind) return { of: behind[1]!, into: behind[2]!, isOfOne: false };
  const howMany = HOW_MANY.exec(plain);
  if (howMany) return { of: howMany[2]!, into: howMany[1]!, isOfOne: false };
  if (SHARED.test(plain)) return { of: plain, into: null, isOfOne: false };
  const asked = plain.replace(OPENING, '').replace(/ weigh(?:t|s)?$/i, '');
  const into = INTO.exec(asked);
  const isOfOne = IN_A.test(asked);
  return into
    ? { of: into[1]!.trim(), into: into[3]!.replace(/^\? ?/, '').trim(), link: into[2]!, isOfOne }
    : { of: asked, into: null, isOfOne: false };
}
