import {
  densityIn,
  fallenIn,
  gramsIn,
  pressedAway,
  tappedAway,
  volumeIn,
  type PractisedFilling,
} from './filler.js';

/** Why a fill weighs other than it should. */
export type FillCause =
  /** It lay settled in the bin, nobody stirred it. */
  | 'settled'
  /** It was sifted first, or was to be and was not. */
  | 'sifted'
  | 'not-sifted'
  /** The measure was plunged in, or was to be and was not. */
  | 'dipped'
  | 'not-dipped'
  | 'pressed'
  | 'tapped'
  /** It was to be pressed or tapped further. */
  | 'too-loose'
  /** It stands above the rim: never swept, or with one end of the blade lifted. */
  | 'heaped'
  | 'blade-lifted'
  /** It does not reach the rim: too little went in, or the blade dug in. */
  | 'not-full'
  | 'blade-dug-in'
  /** No two fills are alike. */
  | 'chance';

/** One of the reasons, and what it made of the weight. */
export interface FillReason {
  readonly cause: FillCause;
  /** More (over zero) or less than the target because of this. */
  readonly grams: number;
}

/** Differences under this share of the target are not worth a word of their own. */
const WORTH_SAYING = 0.002;

/**
 * Why a pretended fill is as far off as it is, the largest reason first. The grams of all reasons
 * add up to what the fill is off by: its grams less the target.
 */
export function explainFill(filling: PractisedFilling, target: number): readonly FillReason[] {
  const { task, material, scatter } = filling;
  const cup = task.millilitres;
  if (gramsIn(filling) === 0) return [{ cause: 'not-full', grams: -target }];
  const wanted = target / cup;
  const now = densityIn(filling);
  const asFallen = gramsIn(filling) / fallenIn(filling);
  const found: FillReason[] = [];
  const add = (cause: FillCause, grams: number): void => {
    if (Math.abs(grams) > 1e-9) found.push({ cause, grams });
  };

  // How it lies in the measure: by how it came in, then by what was done to it there.
  const byChance = (asFallen * scatter) / (1 + scatter);
  const cameIn = asFallen - byChance;
  const byPress = pressedAway(filling);
  const lost = byPress + tappedAway(filling);
  const gained = now - asFallen;
  const pressed = lost > 0 ? (gained * byPress) / lost : 0;
  const isCompressed = ['tamped', 'packed', 'pressed'].includes(task.method);
  add('chance', cup * byChance);
  if (isCompressed && material.press + material.tap > 0) {
    // Pressing is what was asked for: only what is missing, or too much, counts.
    const off = now - byChance - wanted;
    const cause = off < 0 ? 'too-loose' : byPress >= lost / 2 ? 'pressed' : 'tapped';
    add(cause, cup * off);
  } else {
    add(cameInAs(filling, cameIn - wanted), cup * (cameIn - wanted));
    add('pressed', cup * pressed);
    add('tapped', cup * (gained - pressed));
  }
  add(levelCause(filling), (volumeIn(filling) - cup) * now);
  return merged(found, WORTH_SAYING * target);
}

/** Why it came in heavier or lighter than by the method that was asked for. */
function cameInAs(
  { task, isSifted, isDipped, isStirred }: PractisedFilling,
  off: number,
): FillCause {
  if (off < 0) {
    if (isSifted) return 'sifted';
    return task.method === 'dipped' && !isDipped ? 'not-dipped' : 'too-loose';
  }
  if (task.method !== 'dipped' && isDipped) return 'dipped';
  if (!isStirred) return 'settled';
  return task.method === 'sifted' ? 'not-sifted' : 'dipped';
}

function levelCause(filling: PractisedFilling): FillCause {
  const over = volumeIn(filling) > filling.task.millilitres;
  const { swept } = filling;
  if (over) return swept !== null && swept > 0 ? 'blade-lifted' : 'heaped';
  return swept !== null && swept < 0 ? 'blade-dug-in' : 'not-full';
}

/** The largest first; what is too small to say is counted as chance. */
function merged(reasons: readonly FillReason[], least: number): readonly FillReason[] {
  const told = reasons.filter(({ cause, grams }) => cause !== 'chance' && Math.abs(grams) >= least);
  const rest = reasons
    .filter((reason) => !told.includes(reason))
    .reduce((sum, { grams }) => sum + grams, 0);
  const all = rest === 0 ? told : [...told, { cause: 'chance' as const, grams: rest }];
  return [...all].sort((a, b) => Math.abs(b.grams) - Math.abs(a.grams));
}
