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

/** One step of sfc32 on its state of four whole numbers: evenly from 0 to 1. */
function next(state: Int32Array): number {
  const [a, b, c, counter] = [state[0]!, state[1]!, state[2]!, state[3]!];
  const out = (a + b + counter) | 0;
  state[0] = b ^ (b >>> 9);
  state[1] = c + (c << 3);
  state[2] = ((c << 21) | (c >>> 11)) + out;
  state[3] = counter + 1;
  return (out >>> 0) * PER_UNIT;
}

/** The state of sfc32 from one number, by splitmix32. */
function started(seed: number): Int32Array {
  let mixing = seed | 0;
  const mix = (): number => {
    mixing = (mixing + 0x9e3779b9) | 0;
    let z = mixing ^ (mixing >>> 16);
    z = Math.imul(z, 0x21f0aaad);
    z ^= z >>> 15;
    z = Math.imul(z, 0x735a2d97);
    return z ^ (z >>> 15);
  };
  const state = Int32Array.of(mix(), mix(), mix(), 1);
  for (let warmUp = 0; warmUp < 12; warmUp++) next(state);
  return state;
}

/**
 * A generator started from a whole number. It is sfc32 of C. Doty-Humphrey's PractRand: 128 bits
 * of state, passes its own tests, a few operations a draw. The state is filled by splitmix32,
 * so that neighbouring seeds have nothing in common. Normals by Marsaglia's polar method.
 */
export function randomFrom(seed: number): Random {
  const state = started(seed);
  // The polar method draws two at a time: the second waits here.
  let spare = NaN;
  const normals = (into: Float64Array, count: number): void => {
    let at = 0;
    if (count > 0 && !Number.isNaN(spare)) {
      into[at++] = spare;
      spare = NaN;
    }
    while (at < count) {
      const x = 2 * next(state) - 1;
      const y = 2 * next(state) - 1;
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
    uniform: () => next(state),
    normal: () => {
      normals(one, 1);
      return one[0]!;
    },
    normals,
    uniforms: (into, count) => {
      for (let at = 0; at < count; at++) into[at] = (next(state) - 0.5) * ROOT_12;
    },
  };
}

/** A seed from a name, so that what has the same name has the same luck (FNV-1a). */
export function seedOf(name: string): number {
  let hash = 0x811c9dc5;
  for (let index = 0; index < name.length; index++) {
    hash = Math.imul(hash ^ name.charCodeAt(index), 0x01000193);
  }
  return hash >>> 0;
}
