import type { Method } from '../catalogue/index.js';
import type { KnownWeight } from '../measuring/index.js';
import type { Line, Reading } from '../reading/index.js';
import { isVolumeUnit } from '../units/index.js';
import {
  forgivenessFor,
  planBatch,
  type Batch,
  type PlanLine,
  ratioDrift,
  type RatioPart,
} from '../batch/index.js';

/** Somebody whose cups or hand are known. */
export interface KnownCups {
  readonly name: string;
  readonly weights: readonly KnownWeight[];
}

/** What a batch would be, had somebody else written or measured it. */
export interface Compared {
  /** `as-planned` is the batch itself. */
  readonly kind: 'as-planned' | 'author' | 'method' | 'hand';
  /** Whose cup or hand; of a method its code. */
  readonly name: string;
  readonly flourGrams: number;
  readonly totalGrams: number;
  /** In percent of flour, or of everything where there is none. */
  readonly ratios: Readonly<Record<RatioPart, number>>;
}

const POWDER_METHODS: readonly Method[] = ['sifted', 'spooned', 'dipped', 'tamped'];

function toCompared(
  kind: Compared['kind'],
  name: string,
  plan: readonly PlanLine[],
  batch: Batch,
): Compared {
  const { shelf } = batch;
  const { ratios } = ratioDrift(plan, shelf, forgivenessFor(batch));
  let flourGrams = 0;
  let totalGrams = 0;
  for (const { ingredientId, place, intended } of plan) {
    if (!intended || place || ingredientId === null) continue;
    totalGrams += intended.grams;
    if (shelf.ingredient(ingredientId)?.role === 'flour') flourGrams += intended.grams;
  }
  const intended = Object.entries(ratios).map(([part, ratio]) => [part, ratio.intended]);
  return {
    kind,
    name,
    flourGrams,
    totalGrams,
    ratios: Object.fromEntries(intended) as Compared['ratios'],
  };
}

/** A line as its author would have meant it by another method, where it was measured in cups. */
function filledOtherwise(line: Line, method: Method, batch: Batch): Line {
  const { shelf } = batch;
  const ingredient = line.ingredientId === null ? undefined : shelf.ingredient(line.ingredientId);
  const isFilled = line.unit !== null && isVolumeUnit(line.unit) && line.stated === null;
  return isFilled && ingredient?.class === 'powder' ? { ...line, authorMethod: method } : line;
}

/** What the fills of a plan weigh when another hand fills them. */
function byHand(plan: readonly PlanLine[], theirs: readonly PlanLine[]): readonly PlanLine[] {
  return plan.map((line, index) => {
    const [mine, other] = [line.measure, theirs[index]!.measure];
    if (!line.intended || !mine || !other || line.isWeighed) return line;
    const heavier = other.millilitres > 0 ? mine.millilitres / other.millilitres : 1;
    return { ...line, intended: { ...line.intended, grams: mine.grams * heavier } };
  });
}

/** Whether anything is meant or measured otherwise in one plan than in the other. */
const isUnlike = (a: readonly PlanLine[], b: readonly PlanLine[]): boolean =>
  a.some(
    ({ intended, measure }, index) =>
      intended?.grams !== b[index]!.intended?.grams ||
      measure?.millilitres !== b[index]!.measure?.millilitres,
  );

/**
 * The batch as it is planned, and what its flour and ratios would be under the cup of each other
 * author, had the author filled powders in another way, and when each hand fills the measures of
 * the plan. Variants that change nothing are left out.
 */
export function compareBatch(
  reading: Reading,
  batch: Batch,
  authors: readonly KnownCups[],
  hands: readonly KnownCups[],
): readonly Compared[] {
  const plan = planBatch(reading, batch);
  const nobodys = planBatch(reading, { ...batch, author: [], hand: [] });
  const byAnybody = planBatch(reading, { ...batch, hand: [] });
  const asPlanned = toCompared('as-planned', '', plan, batch);
  const variants = [
    // A cup or a hand that nothing is known of has nothing to compare.
    ...authors.flatMap(({ name, weights }) => {
      const theirs = planBatch(reading, { ...batch, author: weights, hand: [] });
      return isUnlike(theirs, nobodys) ? [toCompared('author', name, theirs, batch)] : [];
    }),
    ...POWDER_METHODS.map((method) => {
      const lines = reading.lines.map((line) => filledOtherwise(line, method, batch));
      return toCompared('method', method, planBatch({ ...reading, lines }, batch), batch);
    }),
    ...hands.flatMap(({ name, weights }) => {
      const theirs = planBatch(reading, { ...batch, hand: weights });
      if (!isUnlike(theirs, byAnybody)) return [];
      return [toCompared('hand', name, byHand(plan, theirs), batch)];
    }),
  ];
  const changes = ({ flourGrams, totalGrams }: Compared): boolean =>
    Math.abs(flourGrams - asPlanned.flourGrams) > 1e-9 ||
    Math.abs(totalGrams - asPlanned.totalGrams) > 1e-9;
  return [asPlanned, ...variants.filter(changes)];
}
