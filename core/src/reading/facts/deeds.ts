/** What a recipe's words have one do, as far as time, heat and advice go by it. */
export type Deed =
  | 'bake'
  /** French *cuire*: in the oven or on the stove. */
  | 'bake-or-cook'
  | 'preheat'
  | 'turn-down'
  | 'chill'
  | 'rise'
  | 'cool'
  | 'rest'
  | 'knead'
  | 'cream'
  | 'combine'
  | 'cook'
  | 'fry'
  | 'sugar'
  | 'shape'
  | 'cut'
  | 'prepare';

/** Where a deed is named in a text. */
export interface NamedDeed {
  readonly deed: Deed;
  readonly at: number;
  readonly end: number;
}

const word = (...alternatives: readonly string[]): RegExp =>
  new RegExp(String.raw`(?<!\p{L})(?:${alternatives.join('|')})(?!\p{L})`, 'giu');

/** Words for each deed, in English, German and French. */
const DEEDS: readonly (readonly [Deed, RegExp])[] = [
  [
    'preheat',
    word(
      String.raw`pre-?heat(?:ing)?(?! (?:pan|skillet|griddle))`,
      String.raw`heat (?:up )?(?:the |your |an? )?oven`,
      String.raw`(?:turn|switch) (?:the |your )?oven on|(?:turn|switch) on (?:the |your )?oven`,
      String.raw`set (?:the |your )?oven`,
      String.raw`vorheizen|vorgeheizt werden|ofen auf \d+`,
      String.raw`préchauffe[rz]?|faire chauffer le four|allume[rz] le four|chauffe[rz] le four`,
    ),
  ],
  [
    'turn-down',
    word(
      String.raw`(?:reduce|lower|turn down|drop|decrease|raise|increase)(?! (?:the )?(?:speed|mixer))(?: (?:the )?(?:oven )?(?:heat|temperature))?`,
      String.raw`turn (?:the )?(?:oven|heat|temperature) (?:down|up)`,
      String.raw`(?:herunter|runter|zurück|hoch)(?:schalten|drehen|regeln)|reduzieren|(?:hitze|temperatur|ofen) (?:auf|senken)|senken|absenken|verringern`,
      String.raw`baisse[rz]?|réduire|réduisez|diminue[rz]|augmente[rz]`,
    ),
  ],
  [
    'bake',
    word(
      String.raw`bake|baking(?! (?:sheets?|trays?|powder|soda|paper|tins?|pans?|dish(?:es)?|parchment|stone|steel|beans))|roast`,
      String.raw`(?:in|into) (?:the |a )?(?:\p{L}+ )?oven`,
      String.raw`(?:fertig|weiter|blind|ver|an)?backen|gebacken|backzeit|in den (?:\p{L}+ )?(?:back)?ofen|im (?:\p{L}+ )?(?:back)?ofen`,
      String.raw`enfourne[rz]?|au four`,
      String.raw`put (?:the \p{L}+|it|them) in(?= at)`,
    ),
  ],
  ['bake-or-cook', word(String.raw`cuire|cuisson|cuisez`)],
  [
    'chill',
    word(
      String.raw`chill(?:ed|ing)?|refrigerat(?:e|ed|ing)|(?:in|into) (?:the |a )?(?:fridge|refrigerator|freezer)|freeze`,
      String.raw`kühl ?stellen|kalt ?stellen|kühlen|kalt stellen|kaltstellen|in den kühlschrank|im kühlschrank|einfrieren|kühl gestellt`,
      String.raw`réfrigére[rz]|au (?:réfrigérateur|frigo|frais|congélateur)|réserve[rz] au frais`,
    ),
  ],
  [
    'rise',
    word(
      String.raw`rise|rising|prove|proving|proof(?:ing)?|ferment|until (?:it has )?doubled|double[sd]? in`,
      String.raw`gehen(?! (?:sie|wir))|aufgehen|gehen lassen|stückgare|gare|gären`,
      String.raw`lever|levée|pousse[rz]?|pointer|pointage|apprêter|apprêt|doubler? de volume`,
    ),
  ],
  [
    'cool',
    word(
      String.raw`cool(?:ed|ing)?(?! (?:water|place|spot|butter|milk))|(?:turn|tip) (?:it |them |the \p{L}+ )?out (?:of|after|onto a (?:wire )?rack|on a|to cool)|turn out after|turned out|unmou?ld|wire rack|cooling rack`,
      String.raw`(?:ab|aus|er)kühlen|aus der form|stürzen|kuchengitter`,
      String.raw`refroidir|refroidisse|tiédir|démoule[rz]|sur une grille`,
    ),
  ],
  [
    'rest',
    word(
      String.raw`rest(?! of)|stand|soak|leave|set aside|autolyse`,
      String.raw`ruhen|quellen|stehen lassen|einweichen|ziehen lassen|entspannen`,
      String.raw`repose[rz]?|tremper|repos|gonfler`,
    ),
  ],
  [
    'knead',
    word(
      String.raw`knead(?:ed|ing)?`,
      String.raw`(?:ver|durch)?kneten|geknetet`,
      String.raw`pétri[rstez]*|pétrissage`,
    ),
  ],
  [
    'cream',
    word(
      String.raw`cream(?! (?:cheese|of|into|and|or|in|for|filling|mixture)|,)(?= (?:the |together|butter|soft|your|until)|ed)`,
      String.raw`beat (?:the |together )?(?:the )?(?:soft(?:ened)? )?(?:butter|fat|shortening|margarine)`,
      String.raw`schaumig (?:rühren|schlagen)|cremig (?:rühren|schlagen)`,
      String.raw`crémer|travaille[rz] le beurre|blanchir`,
    ),
  ],
  [
    'combine',
    word(
      String.raw`fold|stir|mix(?:ed|ing)?(?! of|ture)|whisk|combine|beat(?:en|ing)?|whip|add|rub|sift|blend|toss|process|pulse`,
      String.raw`(?:ver|ein|unter|um|glatt|an)?rühren|(?:ver|unter)?mischen|vermengen|unterheben|unterziehen|(?:steif|auf)?schlagen|aufschlagen|zugeben|hinzufügen|dazugeben|sieben|verquirlen`,
      String.raw`mélange[rz]?|ajoute[rz]?|incorpore[rz]?|fouette[rz]?|bat(?:tre|tez)|verse[rz] (?:la farine|le lait)|tamise[rz]?|monte[rz] les blancs`,
    ),
  ],
  [
    'fry',
    word(
      String.raw`(?:deep-?|pan-?)?fr(?:y|ied|ying)`,
      String.raw`frittieren|ausbacken|anbraten|braten`,
      String.raw`frire|friture|poêle[rz]?`,
    ),
  ],
  [
    'sugar',
    word(
      String.raw`caramell?i[sz]e|boil (?:the |until )?(?:the )?(?:sugar|syrup)[^.]{0,20}|(?:sugar|syrup)(?= (?:to|reaches) \d)|sugar(?= until (?:it )?(?:melt|amber|golden|caramel|dissolve))|syrup(?= until)|candy thermometer`,
      String.raw`karamellisieren|zucker schmelzen`,
      String.raw`caraméliser|sirop (?:à|atteint)`,
    ),
  ],
  [
    'cook',
    word(
      String.raw`cook(?:ed|ing)?(?! (?:in the oven))|simmer|boil|bring to (?:a|the) boil|melt|heat|warm|scald|toast|steam|poach`,
      String.raw`kochen|aufkochen|köcheln|erhitzen|erwärmen|schmelzen|rösten|simmern`,
      String.raw`bouillir|mijoter|faire fondre|fondre|chauffer|porter à ébullition|frémir|à feu (?:doux|moyen|vif)`,
    ),
  ],
  [
    'prepare',
    word(
      String.raw`(?:line|grease|butter|oil|flour|dust|spray)(?= (?:and (?:line|flour|grease) )?(?:the |a |an |two |your |and |\d|base|bottom|sides|with|baking|muffin|loaf|tin|pan|tray))`,
      String.raw`(?:ein)?fetten|ausfetten|einfetten|auslegen|ausbuttern|bemehlen`,
      String.raw`beurre[rz] (?:et|un|le|la|les|une)|chemise[rz]|graisse[rz]|tapisse[rz]|farine[rz] (?:un|le|la)`,
    ),
  ],
  [
    'shape',
    word(
      String.raw`roll(?:ed|ing)?(?! (?:oats|pin))|shape|knot|tie|twist|braid|plait|press|spread|divide|pat|form(?! (?:a|peaks|soft))|spoon|pour|scrape|drop|pipe|transfer|arrange|place`,
      String.raw`(?:aus|auf)?rollen|formen|flechten|verteilen|füllen|geben|setzen|spritzen|drücken|streichen|teilen`,
      String.raw`étale[rz]?|façonne[rz]?|verse[rz]?|abaisse[rz]?|divise[rz]?|dispose[rz]?|roule[rz]?|forme[rz]`,
    ),
  ],
  [
    'cut',
    word(
      String.raw`cut|slice|chop|peel|score|grate|trim`,
      String.raw`(?:zer|ein|auf|aus)?schneiden|hacken|schälen|reiben|ausstechen`,
      String.raw`coupe[rz]?|tranche[rz]?|hache[rz]?|épluche[rz]?|râpe[rz]?|détaille[rz]?`,
    ),
  ],
];

/** Said of when, before a noun or what is done by then: no deed of its own. */
const ASIDE =
  /(?<!\p{L})(?:before|after|once|when|while|for|ready to|until ready to|nach dem|vor dem|zum|beim|avant (?:de|la)|après(?: la)?|pendant(?: la)?|pour(?: la)?)\s+(?:the )?$/iu;

/** The deeds that a text names, in its order; one inside another counts once, the longer one. */
export function deedsIn(text: string): NamedDeed[] {
  const all = DEEDS.flatMap(([deed, words]) =>
    [...text.matchAll(words)].map((found): NamedDeed => {
      const end = found.index + found[0].length;
      return { deed, at: found.index, end };
    }),
  )
    .filter(({ deed, at, end }) => !isAside(text, deed, at, end))
    .sort((a, b) => a.at - b.at || b.end - a.end);
  return all.filter((one, index) => !all.slice(0, index).some(({ end }) => one.at < end));
}

/** "Before baking", "beim Gehen": words that can stand as nouns are no deeds there. */
const isAside = (text: string, deed: Deed, at: number, end: number): boolean =>
  (deed === 'bake' || deed === 'cool' || deed === 'rise') &&
  !/four|ofen|oven|rack|grille|gitter/i.test(text.slice(at, end)) &&
  ASIDE.test(text.slice(0, at));
