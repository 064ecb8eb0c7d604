import { fixed } from '@ypsigram/contract/frame';
import { LEANING } from '@ypsigram/core/baking';
import { isWithin } from '@ypsigram/core/fills';

/** How the beam stands: which route gives more, by how much, and whether that matters. */
export interface Lean {
  readonly state: 'level' | 'leaning' | 'out' | 'empty';
  /** Degrees, positive when the measure side goes down. */
  readonly degrees: number;
  /** For the eye: "level", "cups +1.2 %". */
  readonly short: string;
  /** For the ear: a whole sentence. */
  readonly sentence: string;
}

/** What the two arms stand for, in words. */
export interface BeamSides {
  readonly left: string;
  readonly right: string;
  /** A whole sentence for when both are the same. */
  readonly level: string;
}

export const MEASURE_AND_WEIGHT: BeamSides = {
  left: 'measure',
  right: 'weight',
  level: 'Level: measuring and weighing give the same amount.',
};

/** A gap this small is none: half of the last place that is shown. */
const LEVEL_BELOW = 0.0005;
/** The beam leans this far at the edge of the tolerance, and no further than twice that. */
const DEGREES_AT_TOLERANCE = 11;
const MOST_DEGREES = 20;

const percent = (gap: number): string => `${fixed(Math.abs(gap * 100), 1)} %`;

/**
 * How a gap tips the beam. `gap` is mass by measure over intended mass, less one; `tolerance` what
 * is near enough and `forgiven` what the bake forgives, both relative. Where nothing is said of
 * the bake, what is more than near enough is out. A null gap (one route missing) leaves it empty.
 */
export function leanOf(
  gap: number | null,
  tolerance: number | null,
  forgiven: number | null = null,
  sides: BeamSides = MEASURE_AND_WEIGHT,
): Lean {
  if (gap === null) {
    return {
      state: 'empty',
      degrees: 0,
      short: '',
      sentence: 'Only one of the two columns has an amount.',
    };
  }
  const nearEnough = tolerance ?? 0;
  const allowed = Math.max(nearEnough, (forgiven ?? 0) * LEANING);
  if (Math.abs(gap) < LEVEL_BELOW) {
    return {
      state: 'level',
      degrees: 0,
      short: 'level',
      sentence: sides.level,
    };
  }
  const degrees =
    allowed > 0 ? (gap / allowed) * DEGREES_AT_TOLERANCE : Math.sign(gap) * MOST_DEGREES;
  const state = isWithin(gap, nearEnough) ? 'level' : isWithin(gap, allowed) ? 'leaning' : 'out';
  const side = gap > 0 ? sides.left : sides.right;
  const limit = `${fixed(allowed * 100, allowed * 100 < 10 && (allowed * 1000) % 10 ? 1 : 0)} %`;
  const verdict =
    state === 'level'
      ? 'near enough'
      : state === 'leaning'
        ? `fine for this recipe, which allows ${limit}`
        : `more than the ${limit} this recipe allows`;
  return {
    state,
    degrees: Math.max(-MOST_DEGREES, Math.min(MOST_DEGREES, degrees)),
    short: `${gap > 0 ? '+' : '−'}${percent(gap)}`,
    sentence: `Leans to ${side} by ${percent(gap)}: ${verdict}.`,
  };
}
