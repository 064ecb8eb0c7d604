import type { Shelf } from '../catalogue/index.js';
import { LEANING, type Forgiveness } from '../baking/index.js';
import { isWithin } from '../fills/index.js';
import type { PlanLine } from './plan-line.js';
import { ratioShares, type RatioDrift } from './ratio-drift.js';
import { RATIO_PARTS, type RatioPart } from './ratios.js';

/** Plans one line anew, nearer than so many grams; null where nothing nearer is to be had. */
export type PlanNearer = (index: number, grams: number) => PlanLine | null;

const isMeasured = (line: PlanLine): boolean =>
  line.measure !== null && line.intended !== null && !line.isWeighed && line.ingredientId !== null;

const errorOf = ({ measure, intended }: PlanLine): number => measure!.grams - intended!.grams;

interface Drift {
  readonly part: RatioPart;
  readonly off: number;
  /** What the parts are set against. */
  readonly base: RatioDrift['base'];
}

/**
 * The ratio that the fills move furthest beyond half of what is forgiven; null where none is. What is
 * not filled counts as it is meant: no scale changes a fill.
 */
function worstOf(lines: readonly PlanLine[], shelf: Shelf, forgives: Forgiveness): Drift | null {
  const known = lines.flatMap(({ ingredientId, intended, measure, isWeighed }) =>
    ingredientId === null || !intended
      ? []
      : [{ ingredientId, meant: intended.grams, filled: isWeighed ? null : measure }],
  );
  const meant = known.map(({ ingredientId, meant: grams }) => ({ ingredientId, grams }));
  const filled = known.map(({ ingredientId, meant: grams, filled: by }) => ({
    ingredientId,
    grams: by?.grams ?? grams,
  }));
  const { base, shares } = ratioShares([meant, filled], shelf);
  let worst: Drift | null = null;
  let most = 1;
  for (const part of RATIO_PARTS) {
    const [intended, measured] = [shares[0]![part], shares[1]![part]];
    if (!(intended > 0)) continue;
    const off = measured / intended - 1;
    const limit = forgives[part] * LEANING;
    if (isWithin(off, limit) || Math.abs(off) / limit <= most) continue;
    most = Math.abs(off) / limit;
    worst = { part, off, base };
  }
  return worst;
}

/**
 * By how much a line moves a ratio the way that it drifts: what is over of the part moves it up, what
 * is over of the flour, or of everything where there is none, moves it down.
 */
function pull(
  line: PlanLine,
  { part, off, base }: Drift,
  sums: { readonly part: number; readonly base: number },
  shelf: Shelf,
): number {
  const { ofPart, ofBase } = sharesOf(line.ingredientId!, part, base, shelf);
  const error = errorOf(line);
  return Math.sign(off) * ((error * ofPart) / sums.part - (error * ofBase) / sums.base);
}

/** How much of an ingredient counts for a part of the ratios, and for what they are set against. */
function sharesOf(
  ingredientId: string,
  part: RatioPart,
  base: RatioDrift['base'],
  shelf: Shelf,
): { readonly ofPart: number; readonly ofBase: number } {
  const { role, waterPercent } = shelf.ingredient(ingredientId)!;
  return {
    ofPart: part === 'water' ? waterPercent / 100 : Number(role === part),
    ofBase: Number(base === 'total' || role === 'flour'),
  };
}

/** Batches have some twenty lines, and a line a few plans. */
const MOST_STEPS = 60;
/** Lines that move a ratio alike take their next plan together, whichever stands first. */
const ALIKE = 1e-9;

/**
 * What is near on each line can add up: flour over and water under. As long as a ratio drifts by more
 * than half of what the bake forgives, the line that moves it most takes its next nearer plan.
 */
export function holdRatios(
  lines: readonly PlanLine[],
  planNearer: PlanNearer,
  shelf: Shelf,
  forgives: Forgiveness,
): readonly PlanLine[] {
  let held = lines;
  const done = new Set<number>();
  for (let step = 0; step < MOST_STEPS; step++) {
    const worst = worstOf(held, shelf, forgives);
    const movers = worst ? moversOf(held, worst, shelf, done) : [];
    if (movers.length === 0) return held;
    const next = [...held];
    for (const index of movers) {
      const nearer = planNearer(index, Math.abs(errorOf(held[index]!)));
      if (nearer?.measure) next[index] = { ...nearer, heldFor: worst!.part };
      else done.add(index);
    }
    held = next;
  }
  return held;
}

/** The lines that move a ratio most, of those that may still come nearer. */
function moversOf(
  lines: readonly PlanLine[],
  worst: Drift,
  shelf: Shelf,
  done: ReadonlySet<number>,
): readonly number[] {
  const sums = { part: 0, base: 0 };
  for (const { ingredientId, place, intended } of lines) {
    if (ingredientId === null || place || !intended) continue;
    const { ofPart, ofBase } = sharesOf(ingredientId, worst.part, worst.base, shelf);
    sums.part += intended.grams * ofPart;
    sums.base += intended.grams * ofBase;
  }
  const pulls = lines.map((line, index) =>
    isMeasured(line) && !line.place && !done.has(index) ? pull(line, worst, sums, shelf) : 0,
  );
  const most = Math.max(0, ...pulls);
  // So little is no pull: it would take along what is not filled at all.
  return most > ALIKE ? pulls.flatMap((by, index) => (by >= most - ALIKE ? [index] : [])) : [];
}
