import { Fraction } from '../amount/index.js';

/** A pan as it is filled: inner measures in centimetres, the height that the dough stands at. */
export type Pan =
  | { readonly shape: 'round'; readonly diameterCm: number; readonly heightCm: number }
  | { readonly shape: 'square'; readonly sideCm: number; readonly heightCm: number }
  | {
      readonly shape: 'rectangle';
      readonly lengthCm: number;
      readonly widthCm: number;
      readonly heightCm: number;
    }
  | {
      readonly shape: 'ring';
      readonly diameterCm: number;
      readonly innerDiameterCm: number;
      readonly heightCm: number;
    }
  | { readonly shape: 'moulds'; readonly count: number; readonly millilitresEach: number };

/** A volume in millilitres, exact but for the circle's share: `parts × π` or `parts` alone. */
interface Volume {
  readonly parts: Fraction;
  readonly hasPi: boolean;
}

const exact = (value: number): Fraction => new Fraction(value);

function volumeOf(pan: Pan): Volume {
  switch (pan.shape) {
    case 'round':
      return {
        parts: exact(pan.diameterCm).pow(2)!.div(4).mul(exact(pan.heightCm)),
        hasPi: true,
      };
    case 'ring': {
      const area = exact(pan.diameterCm).pow(2)!.sub(exact(pan.innerDiameterCm).pow(2)!).div(4);
      return { parts: area.mul(exact(pan.heightCm)), hasPi: true };
    }
    case 'square':
      return { parts: exact(pan.sideCm).pow(2)!.mul(exact(pan.heightCm)), hasPi: false };
    case 'rectangle':
      return {
        parts: exact(pan.lengthCm).mul(exact(pan.widthCm)).mul(exact(pan.heightCm)),
        hasPi: false,
      };
    case 'moulds':
      return { parts: exact(pan.count).mul(exact(pan.millilitresEach)), hasPi: false };
  }
}

/** What a pan holds up to its height, in millilitres. */
export function panMillilitres(pan: Pan): number {
  const { parts, hasPi } = volumeOf(pan);
  return parts.valueOf() * (hasPi ? Math.PI : 1);
}

/** A figure like π is taken to so many digits where it does not cancel. */
const DIGITS = 12;

/**
 * How much more one pan holds than another, which is the batch factor between them: by area at
 * equal height, by volume otherwise. Exact where both are round or neither is.
 *
 * @example
 * panRatio(
 *   { shape: 'round', diameterCm: 20, heightCm: 5 },
 *   { shape: 'round', diameterCm: 23, heightCm: 5 },
 * ).valueOf() // 1.3225
 */
export function panRatio(from: Pan, to: Pan): Fraction {
  const [a, b] = [volumeOf(from), volumeOf(to)];
  if (a.hasPi === b.hasPi) return b.parts.div(a.parts);
  return new Fraction((panMillilitres(to) / panMillilitres(from)).toPrecision(DIGITS));
}
