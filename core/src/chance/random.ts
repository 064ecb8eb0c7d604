/** Random figures that come out the same for the same seed. */
export interface Random {
  /** Evenly spread over 0 (included) to 1 (left out). */
  uniform(): number;
  /** From a normal distribution of mean 0 and standard deviation 1. */
  normal(): number;
}

/**
 * A generator started from a whole number. It is sfc32 of C. Doty-Humphrey's PractRand: 128 bits
 * of state, passes its own tests, a few operations a draw. The state is filled by splitmix32,
 * so that neighbouring seeds have nothing in common. Normals by Marsaglia's polar method.
 */
export function randomFrom(seed: number): Random {
  let mixing = seed | 0;
  const mix = (): number => {
    mixing = (mixing + 0x9e3779b9) | 0;
    let z = mixing ^ (mixing >>> 16);
    z = Math.imul(z, 0x21f0aaad);
    z ^= z >>> 15;
    z = Math.imul(z, 0x735a2d97);
    return z ^ (z >>> 15);
  };
  let [a, b, c, counter] = [mix(), mix(), mix(), 1];
  const uniform = (): number => {
    const out = (((a + b) | 0) + counter) | 0;
    counter = (counter + 1) | 0;
    a = b ^ (b >>> 9);
    b = (c + (c << 3)) | 0;
    c = ((c << 21) | (c >>> 11)) + out;
    return (out >>> 0) / 2 ** 32;
  };
  for (let warmUp = 0; warmUp < 12; warmUp++) uniform();
  let spare: number | null = null;
  const normal = (): number => {
    if (spare !== null) {
      const ready = spare;
      spare = null;
      return ready;
    }
    for (;;) {
      const x = 2 * uniform() - 1;
      const y = 2 * uniform() - 1;
      const square = x * x + y * y;
      if (square === 0 || square >= 1) continue;
      const stretch = Math.sqrt((-2 * Math.log(square)) / square);
      spare = y * stretch;
      return x * stretch;
    }
  };
  return { uniform, normal };
}

/** A seed from a name, so that what has the same name has the same luck (FNV-1a). */
export function seedOf(name: string): number {
  let hash = 0x811c9dc5;
  for (let index = 0; index < name.length; index++) {
    hash = Math.imul(hash ^ name.charCodeAt(index), 0x01000193);
  }
  return hash >>> 0;
}
