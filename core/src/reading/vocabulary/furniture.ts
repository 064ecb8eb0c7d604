/*
 * What stands around a recipe on a page, and is none of it: said of it, or of the page.
 */

/** A remark by its opening word, with what it says behind a colon. */
export const REMARK_LABEL =
  /^(?:(?:chef['’]?s |cook['’]?s |baker['’]?s |recipe )?(?:notes?|tips?)|storage|to store|nutrition(?:al)?(?: (?:information|facts))?|per serving|variations?|source|authors?|photos?(?: by)?|equipment|tools|difficulty|course|cuisine|categor(?:y|ies)|keywords?|tags?|calories|contains|allergens?|cost|ratings?|skill level|last updated|nährwerte(?: pro .{2,20})?|bewertung|schwierigkeit|kosten|quelle|autor|allergene|valeurs nutritionnelles|difficulté|coût|auteur|allergènes) ?:/i;

/** A remark by what it begins with, which no step or ingredient does. */
export const REMARK =
  /^(?:recipe (?:by|from)|adapted from|from the kitchen of|jump to|print (?:this )?recipe|save (?:this )?recipe|share this recipe|rate this|leave a (?:comment|review|reply)|did you (?:make|try)|tag me|follow (?:me|us) on|subscribe|sign up|advertisement|sponsored|read more|see also|you may also like|published|updated (?:on )?[\p{L}\d]|posted (?:on|by)|us customary ?[-–|/] ?metric|rezept drucken|noch keine bewertungen)(?!\p{L})/iu;

/** Who wrote it, and nothing else or a date: "By Wren · 3 March". "By hand, mix" is a step. */
export const BYLINE = /^[Bb]y \p{Lu}[\p{L}.'’]*(?: \p{Lu}[\p{L}.'’]*){0,3} ?(?:[·|]|$)/u;

/** A row of buttons and nothing else: each of these words alone may begin a step. */
export const BUTTONS =
  /^(?:(?:share|print|pin(?: it)?|save|tweet|like|quote|report|reply|log in|sign in|j['’]aime|partager|imprimer|enregistrer|teilen|drucken|merken)(?: ?\(\d+\))?[ |·,/]*)+$/i;

/** What is counted on a page: votes, likes; and what a cup is, once more. */
export const COUNTED_ON_PAGE =
  /\d[\d.,]* ?(?:k )?(?:votes?|ratings?|reviews?|likes?|comments?|shares?|views?|followers?|stimmen|bewertungen|kommentare|avis|commentaires)(?!\p{L})|\d ?stars?$|^(?:\d(?:\/\d)?x ?){2,}$|^total(?: weight| dough| flour)?:? ?[\d.,]+ ?(?:g|kg|oz|lb)\b|^(?:1|one|a) ?(?:cup|tbsp|tablespoon|tsp|teaspoon|stick|tasse|el|tl)\b.{0,20} ?= ?\d|(?:^| )#\p{L}{3,}.*#\p{L}{3,}|[»›].*[»›]/iu;

/** Somebody telling of themselves. */
export const STORY = /\b(?:I|I['’](?:m|ve|d|ll)|we|we['’](?:re|ve)|my|our)\b/;

/** What a step of a recipe says in prose: for how long, how hot. */
export const TELLS_STEP = /\d ?(?:min|hour|hrs?\b|°|º|degrees|[CF]\b)|\bovens?\b/i;

/** A heading over what is none of the recipe. */
export const ASIDE_HEADINGS =
  /^(?:(?:recipe |cook['’]?s |chef['’]?s )?(?:notes?|tips?)(?: (?:and|&) (?:notes?|tips?|tricks))?|storage|nutrition(?:al)?(?: (?:information|facts))?|comments?|reviews?|repl(?:y|ies)|leave a (?:comment|reply)|equipment|tools|you may also like|related(?: recipes)?|more recipes|frequently asked questions|faqs?|variations?|substitutions?|nährwerte|kommentare|bewertungen|notizen|tipps?|hinweise?|zubehör|valeurs nutritionnelles|commentaires|remarques?|astuces?|conseils?|matériel|ustensiles?)$/i;

/** Who wrote a line of a chat, and when: "[12:05, 3/5/2026] Teal:", "03.05.26, 12:05 - Teal:". */
export const CHAT_HEAD =
  /^(?:\[?\d{1,2}[:.]\d{2}(?:[:.]\d{2})?(?: ?[ap]m)?,? ?(?:\d{1,4}[/.-]\d{1,2}[/.-]\d{1,4})?\]?|\[?\d{1,4}[/.-]\d{1,2}[/.-]\d{1,4},? \d{1,2}[:.]\d{2}(?:[:.]\d{2})?(?: ?[ap]m)?\]?) ?-? ?\p{Lu}[\p{L}'’. ]{0,24}: (?=\S)/iu;
