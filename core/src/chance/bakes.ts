import type { ChanceLine } from './chance-line.js';
import { compile, type Filled, type Source, type WeighedMass } from './sources.js';

/** So many bakes at once: long loops over few arrays are what makes it quick. */
export const BLOCK = 512;

/** A scale's own error, once a weighing: 0.1 % of what lies on it. An assumption. */
const SCALE_SPREAD = 0.001;

const NOTHING = new Float64Array(BLOCK);

function fill(
  masses: Float64Array,
  of: Filled,
  draws: readonly Float64Array[],
  count: number,
): void {
  masses.fill(0);
  const { handSpread } = of;
  const hand = of.hand < 0 ? NOTHING : draws[of.hand]!;
  for (const { grams, tool, toolSpread, fill: place, spread } of of.fills) {
    const tools = tool < 0 ? NOTHING : draws[tool]!;
    const fills = draws[place]!;
    for (let at = 0; at < count; at++) {
      const biases = (1 + toolSpread * tools[at]!) * (1 + handSpread * hand[at]!);
      const times = biases * (1 + spread * fills[at]!);
      // A measure is never filled with less than nothing.
      if (times > 0) masses[at]! += grams * times;
    }
  }
}

function weigh(
  masses: Float64Array,
  of: WeighedMass,
  draws: readonly Float64Array[],
  count: number,
): void {
  const { grams, gridSpread } = of;
  const grid = draws[of.grid]!;
  const scale = draws[of.scale]!;
  for (let at = 0; at < count; at++) {
    masses[at] = Math.max(0, grams * (1 + SCALE_SPREAD * scale[at]!) + gridSpread * grid[at]!);
  }
}

/**
 * The masses of all lines over many bakes, a block at a time, by the error model: the mass of a
 * fill is density × tool volume × (1 + tool bias) × (1 + hand bias) × (1 + fill error), biases
 * drawn once a bake and shared by all fills of that tool or hand, the fill error once a fill; on a
 * scale its step and its own error, once a weighing.
 */
export class Bakes {
  readonly sources: readonly Source[];
  /** What was drawn for each source, in its own standard deviations. */
  readonly draws: readonly Float64Array[];
  /** Of each line, in grams. */
  readonly masses: readonly Float64Array[];
  private readonly routes;

  constructor(lines: readonly ChanceLine[], seed: number) {
    const { sources, routes } = compile(lines, seed);
    this.sources = sources;
    this.routes = routes;
    this.draws = sources.map(() => new Float64Array(BLOCK));
    this.masses = lines.map(() => new Float64Array(BLOCK));
  }

  /** Bakes that many more, at most a block of them. */
  bake(count: number): void {
    for (const [at, { random, isUniform }] of this.sources.entries()) {
      if (isUniform) random.uniforms(this.draws[at]!, count);
      else random.normals(this.draws[at]!, count);
    }
    for (const [at, { by, of }] of this.routes.entries()) {
      if (by === 'fills') fill(this.masses[at]!, of, this.draws, count);
      else weigh(this.masses[at]!, of, this.draws, count);
    }
  }
}
