import type { ChanceLine } from './chance-line.js';
import { randomFrom, seedOf, type Random } from './random.js';

/** Why a mass is not what it should be. */
export const CAUSES = ['tool', 'hand', 'fill', 'reading', 'scale'] as const;
/** One of `CAUSES`: where variation comes from. */
export type SpreadCause = (typeof CAUSES)[number];

/** Something that is drawn once a bake: in units of its own standard deviation. */
export interface Source {
  readonly cause: SpreadCause;
  /** The line it belongs to, by its index; null for what lines share. */
  readonly line: number | null;
  readonly random: Random;
  /** Evenly spread, as within the step of a scale; else normal. */
  readonly isUniform: boolean;
}

/** How a filled line's mass follows from the sources, by their places; −1 where there is none. */
export interface Filled {
  readonly hand: number;
  readonly handSpread: number;
  readonly fills: readonly {
    /** Of all its fills together, in the mean. */
    readonly grams: number;
    readonly tool: number;
    readonly toolSpread: number;
    readonly fill: number;
    readonly spread: number;
  }[];
}

/** How a weighed line's mass follows. */
export interface WeighedMass {
  readonly grams: number;
  readonly grid: number;
  readonly gridSpread: number;
  readonly scale: number;
}

export type LineRoute =
  | { readonly by: 'fills'; readonly of: Filled }
  | { readonly by: 'scale'; readonly of: WeighedMass };

/** An even spread of width 1 has this standard deviation, upside down. */
const ROOT_12 = Math.sqrt(12);

/** The sources of all lines, and how each line follows from them. */
export interface Compiled {
  readonly sources: readonly Source[];
  readonly routes: readonly LineRoute[];
}

/**
 * A generator for each source, started by its name: another route for one line leaves the draws of
 * all the others as they were, so that two variants differ by what was changed alone.
 */
export function compile(lines: readonly ChanceLine[], seed: number): Compiled {
  const sources: Source[] = [];
  const places = new Map<string, number>();
  const place = (
    cause: SpreadCause,
    line: number | null,
    name: string,
    isUniform = false,
  ): number => {
    const key = `${cause} ${name}`;
    const known = places.get(key);
    if (known !== undefined) return known;
    places.set(key, sources.length);
    const random = randomFrom((seed ^ seedOf(key)) | 0);
    return sources.push({ cause, line, random, isUniform }) - 1;
  };
  const routes = lines.map((line): LineRoute => {
    const { index } = line;
    if (line.route === 'weigh') {
      const grid = place('scale', index, `grid:${index}`, true);
      const scale = place('scale', index, String(index));
      const gridSpread = line.gridGrams / ROOT_12;
      return { by: 'scale', of: { grams: line.weighedGrams, grid, gridSpread, scale } };
    }
    const hand =
      line.hand === null ? -1 : place('hand', null, `${line.hand.of} ${line.hand.method}`);
    const fills = line.fills.map((fill, at) => ({
      grams: fill.count * fill.grams,
      tool: fill.tool === null ? -1 : place('tool', null, fill.tool),
      toolSpread: fill.toolSpread,
      fill: place(fill.isRead ? 'reading' : 'fill', index, `${index} ${at}`),
      // The mean of so many independent fills: only this part shrinks with their number.
      spread: fill.spread / Math.sqrt(Math.max(1, fill.count)),
    }));
    return { by: 'fills', of: { hand, handSpread: line.handSpread, fills } };
  });
  return { sources, routes };
}
