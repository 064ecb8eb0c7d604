/** What is done at a step, in the order that decides where a sentence names several. */
export const STEP_KINDS = [
  'bake',
  'heat',
  'chill',
  'rise',
  'cool',
  'rest',
  'knead',
  'cream',
  'combine',
  'fry',
  'sugar',
  'shape',
  'cut',
  'other',
] as const;
/** One of `STEP_KINDS`. */
export type StepKind = (typeof STEP_KINDS)[number];

/** Words of a sentence that say what it is about, in the languages that are read. */
const WORDS: readonly (readonly [StepKind, RegExp])[] = [
  [
    'heat',
    /\b(?:pre-?heat|heat (?:the |your |an )?oven|turn (?:the )?oven on|ofen .{0,20}vorheizen|vorheizen|préchauffe\w*)/i,
  ],
  [
    'bake',
    /\b(?:bake[ds]?|baking (?!sheet|tray|powder|soda|paper|tin|pan|dish|parchment)|into the (?:hot )?oven|backen|cuire|enfourne\w*)/i,
  ],
  [
    'chill',
    /\b(?:chill(?:ed)?|refrigerat\w+|fridge|freez\w+|kühl stellen|kalt stellen|réfrigér\w+|au frais)/i,
  ],
  [
    'rise',
    /\b(?:rise[sn]?|rising|prov(?:e|ing)|proof(?:ing)?|until doubled|double in|gehen lassen|lever)/i,
  ],
  ['cool', /\b(?:cool|turn (?:it |them )?out|unmould|wire rack|abkühlen|auskühlen|refroidir)/i],
  ['knead', /\b(?:knead\w*|kneten|pétri\w*)/i],
  [
    'cream',
    /\b(?:cream (?!cheese|into|and|of)|beat (?:the )?(?:butter|fat)|light and fluffy|schaumig|crémer)/i,
  ],
  ['sugar', /\b(?:caramel|boil .{0,30}(?:sugar|syrup)|melt .{0,40}(?:syrup|sugar)|karamell)/i],
  ['fry', /\b(?:deep-?fry|fry|frittieren|frire)/i],
  ['rest', /\b(?:rest|stand|soak|leave .{0,30}(?:minutes|hour)|ruhen|reposer)/i],
  [
    'combine',
    /\b(?:fold|stir|mix|whisk|combine|beat|add|rub|sift|blend|rühren|mischen|unterheben|mélang\w+|ajout\w+|incorpor\w+)/i,
  ],
  [
    'shape',
    /\b(?:roll|shape|knot|tie|twist|press|spread|divide|pat |form|line|spoon|pour|scrape|drop|rollen|formen|étal\w+|façonn\w+|vers\w+)/i,
  ],
  ['cut', /\b(?:cut|slice|chop|peel|score|schneiden|coup\w+|tranch\w+)/i],
];

/** Work by hand: of these the one that a sentence begins with is meant ("roll out, fold in three, cut"). */
const BY_HAND: ReadonlySet<StepKind> = new Set(['combine', 'shape', 'cut']);

/** What a sentence of a recipe is about: the heaviest of what it names, of work by hand the first. */
export function stepKind(sentence: string): StepKind {
  const named = WORDS.flatMap(([kind, words]) => {
    const at = sentence.search(words);
    return at < 0 ? [] : [{ kind, at }];
  });
  const heaviest = STEP_KINDS.find((kind) => named.some((one) => one.kind === kind)) ?? 'other';
  if (!BY_HAND.has(heaviest)) return heaviest;
  return named
    .filter(({ kind }) => BY_HAND.has(kind))
    .reduce((first, one) => (one.at < first.at ? one : first)).kind;
}
