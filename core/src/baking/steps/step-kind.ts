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

/** What a sentence of a recipe is about; the heaviest of what it names. */
export function stepKind(sentence: string): StepKind {
  const named = new Set(WORDS.flatMap(([kind, words]) => (words.test(sentence) ? [kind] : [])));
  return STEP_KINDS.find((kind) => named.has(kind)) ?? 'other';
}
