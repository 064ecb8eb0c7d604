/**
 * Where something goes that is not mixed into the dough: `pan` greases or lines what it is baked in,
 * `finish` goes on top, on the work surface or to the table.
 */
export type Place = 'pan' | 'finish';

/**
 * The words for each, in the languages that are read. What joins them may be English already: lines are
 * looked at once their common words are translated.
 */
const PLACE_WORDS: readonly (readonly [place: Place, words: readonly string[]])[] = [
  [
    'pan',
    [
      String.raw`(?:for|to) (?:the |your |a )?(?:greas(?:e|ing)|oiling|lining|frying|fry|(?:baking |cake |loaf |muffin |pie |tart )?(?:tin|pan|tray|dish|mould|mold|sheet|griddle|bowl)s?(?!(?: |-)?(?:bakes?|cakes?|loaf|loaves|bread|pizza|pies?|sauce)(?!\p{L})))`,
      '(?:für|for) (?:die|das|den|the) (?:back|kuchen|spring|muffin|kasten)?(?:form|blech|pfanne)(?:en)?',
      '(?:zum|for the) (?:ein|aus)?(?:fetten|braten|frittieren)',
      '(?:pour|for) (?:le |la |les )?(?:moule|plat|plaque|poêle)s?',
      '(?:pour|for) (?:beurrer|graisser|huiler)',
    ],
  ],
  [
    'finish',
    [
      String.raw`(?:for|to) (?:the |a |an )?(?:dust|sprinkl|glaz|brush|finish|decorat|garnish|serv)(?:e|ing|ion)?|to roll|for rolling`,
      'for (?:the |an )?(?:egg ?wash|work ?(?:surface|top)|surface|counter|top|topping|kneading)',
      '(?:zum|for the) (?:be|ver|aus)?(?:stäuben|streuen|streichen|pinseln|garnieren|dekorieren|zieren|servieren|wälzen|rollen|arbeiten|kneten|glasieren)',
      '(?:für|for) (?:die )?(?:deko|dekoration|arbeitsfläche|garnitur)',
      '(?:pour|for) (?:saupoudrer|dorer|décorer|servir|napper|fleurer|parsemer|la décoration|la dorure|le plan de travail)',
    ],
  ],
];

const PATTERNS = PLACE_WORDS.map(
  ([place, words]) =>
    [place, new RegExp(String.raw`(?<!\p{L})(?:${words.join('|')})(?!\p{L})`, 'iu')] as const,
);

/** Where in some words a place outside the dough is named. */
export interface NamedPlace {
  readonly place: Place;
  /** Character offset at which it is named. */
  readonly at: number;
}

/** The first place outside the dough that some words name; null for none. */
export function placeNamed(words: string): NamedPlace | null {
  const named = PATTERNS.flatMap(([place, pattern]) => {
    const found = pattern.exec(words);
    return found ? [{ place, at: found.index }] : [];
  });
  return named.sort((a, b) => a.at - b.at)[0] ?? null;
}
