import { wordsOf } from '../../catalogue/index.js';

/** Something a step may name: the words of an ingredient, and the heading it stands under. */
export interface Mentionable {
  readonly words: readonly string[];
  readonly section: string | null;
}

/** What one clause of the steps puts together: places in the list, in the order they are named. */
export type Together = readonly number[];

const CLAUSE = /[.;!?]\s+|[.;!?]$|,?\s+\bthen\b\s+/i;
const EVERYTHING_ELSE =
  /\b(?:everything else|all (?:the )?(?:other |remaining )?ingredients|the rest|remaining ingredients|alles andere|alle (?:übrigen )?zutaten|tous les (?:autres )?ingrédients|le reste)\b/i;
const DRY_ONES = /\bdry ingredients|trockenen? zutaten|ingrédients secs\b/i;
const WET_ONES = /\bwet ingredients|liquid ingredients|flüssigen? zutaten|ingrédients liquides\b/i;

/** Words of a name that tell nothing of what it is. */
const EMPTY_WORDS = new Set(
  'fine fresh ground large small medium light dark plain cold warm dry whole packed soft softened melted level rounded heaped active instant the for and with some more'.split(
    ' ',
  ),
);

/** The words of a name by which a step can call it. */
export const callingWords = (name: string): string[] =>
  wordsOf(name).filter((word) => word.length >= 3 && !EMPTY_WORDS.has(word));

/** Words of a heading by which a step can call a section: "dough" of "For the dough:". */
const sectionWords = (section: string | null): string[] =>
  section === null ? [] : callingWords(section);

/**
 * What the steps of a recipe put together, clause by clause: each thing stands where it is named
 * first. "Everything else for the dough" is all of that section that was not named before. Texts
 * that name nothing give nothing.
 *
 * @example
 * // "Stir yeast and milk together, then add everything else for the dough."
 * // yeast and milk in the first clause, the rest of the dough in the second
 */
export function mentionedTogether(
  steps: readonly string[],
  things: readonly Mentionable[],
  isDry: (place: number) => boolean,
): readonly Together[] {
  const open = new Set(things.map((_, place) => place));
  const claim = (places: readonly number[]): Together => {
    for (const place of places) open.delete(place);
    return places;
  };
  return steps
    .flatMap((step) => step.split(CLAUSE))
    .flatMap((clause) => {
      const together = claim(namedIn(clause, things, open));
      const rest = claim(restIn(clause, things, open, isDry));
      // Things are put together in one clause, whether by name or as the rest of it.
      const all = [...together, ...rest];
      return all.length > 0 ? [all] : [];
    });
}

/** A name has no more words than this after its first. */
const LONGEST_NAME = 2;

/** The open things that a clause calls by name, in its order. */
function namedIn(
  clause: string,
  things: readonly Mentionable[],
  open: ReadonlySet<number>,
): number[] {
  const said = wordsOf(clause);
  const named: { readonly place: number; readonly at: number }[] = [];
  for (const at of said.keys()) {
    const word = said[at]!;
    // "Brown sugar" is named by its first word: its second calls no other sugar.
    const isSameName = named.some(
      (one) => at - one.at <= LONGEST_NAME && things[one.place]!.words.includes(word),
    );
    if (isSameName) continue;
    const called = [...open].filter(
      (place) =>
        things[place]!.words.includes(word) && !named.some(({ place: known }) => known === place),
    );
    if (called.length === 0) continue;
    // "Brown sugar" is the one that both words call; "sugar" alone is the first that is open.
    const before = said.slice(Math.max(0, at - 2), at);
    const scored = called.map((place) => ({
      place,
      score: before.filter((one) => things[place]!.words.includes(one)).length,
      // The name ends in the word that is said: butter, not butter beans.
      isHead: things[place]!.words.at(-1) === word,
    }));
    const heads = scored.filter(({ isHead }) => isHead);
    const of = heads.length > 0 ? heads : scored;
    const best = of.reduce((most, one) => (one.score > most.score ? one : most));
    named.push({ place: best.place, at });
  }
  return named.map(({ place }) => place);
}

/** What a clause calls the rest: of its section where it names one, else of the first that is open. */
function restIn(
  clause: string,
  things: readonly Mentionable[],
  open: ReadonlySet<number>,
  isDry: (place: number) => boolean,
): number[] {
  const isEverything = EVERYTHING_ELSE.test(clause);
  const isOfDry = DRY_ONES.test(clause);
  const isOfWet = WET_ONES.test(clause);
  if (!isEverything && !isOfDry && !isOfWet) return [];
  const said = new Set(wordsOf(clause));
  const places = [...open];
  const ofSection = places.filter((place) =>
    sectionWords(things[place]!.section).some((word) => said.has(word)),
  );
  const first = places[0];
  const here =
    ofSection.length > 0
      ? ofSection
      : places.filter((place) => things[place]!.section === things[first!]!.section);
  if (isEverything) return here;
  return here.filter((place) => isDry(place) === isOfDry);
}
