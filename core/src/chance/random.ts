import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { skipN } from 'pure-rand/utils/skipN';

/** Random figures that come out the same for the same seed. */
export interface Random {
  /** Evenly spread over 0 (included) to 1 (left out). */
  uniform(): number;
  /** From a normal distribution of mean 0 and standard deviation 1. */
  normal(): number;
  /** The next so many of `normal`, the same ones, into the head of an array. */
  normals(into: Float64Array, count: number): void;
  /** The next so many of `uniform`, stretched to mean 0 and standard deviation 1. */
  uniforms(into: Float64Array, count: number): void;
}

const PER_UNIT = 2 ** -32;
const ROOT_12 = Math.sqrt(12);

/** Draws that are passed over at the start, until neighbouring seeds have nothing in common. */
const WARM_UP = 24;

/** Spreads a seed over all of its bits: the finaliser of MurmurHash3 (A. Appleby, public domain). */
function mixed(seed: number): number {
  let bits = seed | 0;
  bits = Math.imul(bits ^ (bits >>> 16), 0x85ebca6b);
  bits = Math.imul(bits ^ (bits >>> 13), 0xc2b2ae35);
  return bits ^ (bits >>> 16);
}

/**
 * A generator started from a whole number: xoroshiro128+ (D. Blackman and S. Vigna, 2018), which is
 * quicker than the simulation can use it and passes tests that matter here; the same figures for
 * the same seed everywhere. Normals by Marsaglia's polar method.
 *
 * @example randomFrom(1).normal() // the same figure every time
 */
export function randomFrom(seed: number): Random {
  const generator = xoroshiro128plus(mixed(seed));
  skipN(generator, WARM_UP);
  /** Evenly from 0 to 1. */
  const next = (): number => (generator.next() >>> 0) * PER_UNIT;
  // The polar method draws two at a time: the second waits here.
  let spare = NaN;
  const normals = (into: Float64Array, count: number): void => {
    let at = 0;
    if (count > 0 && !Number.isNaN(spare)) {
      into[at++] = spare;
      spare = NaN;
    }
    while (at < count) {
      const x = 2 * next() - 1;
      const y = 2 * next() - 1;
      const square = x * x + y * y;
      if (square === 0 || square >= 1) continue;
      const stretch = Math.sqrt((-2 * Math.log(square)) / square);
      into[at++] = x * stretch;
      if (at < count) into[at++] = y * stretch;
      else spare = y * stretch;
    }
  };
  const one = new Float64Array(1);
  return {
    uniform: next,
    normal: () => {
      normals(one, 1);
      return one[0]!;
    },
    normals,
    uniforms: (into, count) => {
      for (let at = 0; at < count; at++) into[at] = (next() - 0.5) * ROOT_12;
    },
  };
}

/**
 * A seed from a name, so that what has the same name draws the same figures: FNV-1a of 32 bits
 * (G. Fowler, L. C. Noll, K.-P. Vo).
 */
export function seedOf(name: string): number {
  let hash = 0x811c9dc5;
  for (let index = 0; index < name.length; index++) {
    hash = Math.imul(hash ^ name.charCodeAt(index), 0x01000193);
  }
  return hash >>> 0;
}
