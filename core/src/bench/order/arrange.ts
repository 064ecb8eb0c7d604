import type { Shelf } from '../../catalogue/index.js';
import type { Reading } from '../../reading/index.js';
import { callingWords, mentionedTogether, type Mentionable } from './mentions.js';
import { TEXTURES, textureOf } from './texture.js';

/** What goes into one bowl, in the order it goes in. */
export interface BowlOrder {
  /** Heading of the recipe that it stands under; null where there is none. */
  readonly section: string | null;
  /** Indexes of the lines of the reading. */
  readonly lines: readonly number[];
}

interface PlacedLine {
  readonly line: number;
  readonly section: string | null;
  readonly name: string;
  /** For the pan or the top: nothing is stirred into it. */
  readonly isByItself: boolean;
}

/** What every recipe calls its list says nothing of what goes together. */
const ANY_LIST = /^(?:the )?(?:ingredients?|you will need|zutaten|ingrédients?)$/i;

function sectionIn(heading: string): string | null {
  const name = heading.replace(/[:*_#]+/g, '').trim();
  return ANY_LIST.test(name) ? null : name;
}

function ingredientLines({ lines }: Pick<Reading, 'lines'>): PlacedLine[] {
  let section: string | null = null;
  return lines.flatMap(({ kind, written, place, spans }, line) => {
    if (kind === 'heading') section = sectionIn(written);
    if (kind !== 'ingredient') return [];
    const named = spans.filter(({ part }) => part === 'ingredient');
    const name = named.map(({ start, end }) => written.slice(start, end)).join(' ');
    return [{ line, section, name, isByItself: place !== undefined }];
  });
}

/**
 * What goes into which bowl, and in which order. What the steps put together stands together,
 * named as they name it; what they say nothing of stands together by its section, dry before wet
 * before sticky. What is brushed or dusted on stands by itself. Sections keep their order, and
 * every ingredient line stands in exactly one bowl.
 */
export function arrangeBowls(reading: Pick<Reading, 'lines'>, shelf: Shelf): readonly BowlOrder[] {
  const placed = ingredientLines(reading);
  const ingredientAt = (place: number) => {
    const id = reading.lines[placed[place]!.line]!.ingredientId;
    return id === null ? undefined : shelf.ingredient(id);
  };
  const things = placed.map(({ name, section, isByItself }, place): Mentionable => {
    const known = name || ingredientAt(place)?.name;
    return { section, words: known && !isByItself ? callingWords(known) : [] };
  });
  const steps = reading.lines.flatMap(({ kind, written }) => (kind === 'step' ? [written] : []));
  const isDry = (place: number): boolean => textureOf(ingredientAt(place)) === 'dry';
  const texture = (place: number): number => TEXTURES.indexOf(textureOf(ingredientAt(place)));
  const inOrder = (places: readonly number[]): number[] =>
    [...places].sort((a, b) => texture(a) - texture(b) || a - b);

  const said = mentionedTogether(steps, things, isDry).flatMap((together) => {
    const mixed = together.filter((place) => !placed[place]!.isByItself);
    const alone = together.filter((place) => placed[place]!.isByItself);
    return [...bySection(mixed, placed), ...alone.map((place) => [place])];
  });
  const isSaid = new Set(said.flat());
  const open = placed.flatMap((_, place) => (isSaid.has(place) ? [] : [place]));
  const alone = open.filter((place) => placed[place]!.isByItself).map((place) => [place]);
  const rest = bySection(
    open.filter((place) => !placed[place]!.isByItself),
    placed,
  );
  const bowls = [...said.map((together) => orderSaid(together, inOrder)), ...rest.map(inOrder)];
  const firstOf = (places: readonly number[]): number => Math.min(...places);
  const sectionAt = new Map<string | null, number>();
  for (const { section } of placed) {
    if (!sectionAt.has(section)) sectionAt.set(section, sectionAt.size);
  }
  const sectionOf = (places: readonly number[]): number =>
    sectionAt.get(placed[firstOf(places)]!.section)!;
  return [...bowls, ...alone]
    .filter((places) => places.length > 0)
    .map((places, at) => ({ places, at }))
    .sort((a, b) => sectionOf(a.places) - sectionOf(b.places) || a.at - b.at)
    .map(({ places }) => ({
      section: placed[places[0]!]!.section,
      lines: places.map((place) => placed[place]!.line),
    }));
}

/** Things of several sections never share a bowl. */
function bySection(places: readonly number[], placed: readonly PlacedLine[]): number[][] {
  const sections = new Map<string | null, number[]>();
  for (const place of places) {
    const { section } = placed[place]!;
    sections.set(section, [...(sections.get(section) ?? []), place]);
  }
  return [...sections.values()];
}

/** More than a clause names one by one has no order that anybody meant. */
const NAMED_IN_ORDER = 4;

const orderSaid = (
  together: readonly number[],
  inOrder: (places: readonly number[]) => number[],
): number[] => (together.length <= NAMED_IN_ORDER ? [...together] : inOrder(together));
