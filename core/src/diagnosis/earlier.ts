import type { Shelf } from '../catalogue/index.js';
import type { BakeOutcome } from '../log/index.js';
import type { Figure, KnownFigure } from './figures.js';
import type { FailedBake, TriedBefore } from './rank-causes.js';
import { ROLE_OF_FIGURE, SCALE_SPREAD } from './record.js';
import { SYMPTOMS, type Symptom } from './symptoms.js';

/** More failures before it say little more. */
const MOST_EARLIER = 2;
/** Rated so or worse, a bake counts as failed. */
export const FAILED_AT_MOST = 2;

const isFailed = ({ rating, isGood, symptoms }: BakeOutcome): boolean =>
  !isGood && symptoms.length > 0 && rating !== null && rating <= FAILED_AT_MOST;

/**
 * The failed bakes of a recipe just before one, as they speak for its cause: back to the last that
 * came out well, two at most. `outcomes` are those of the recipe, the oldest first.
 */
export function earlierFailures(
  outcomes: readonly BakeOutcome[],
  bakeId: string,
  has: FailedBake['has'],
  shelf: Shelf,
): readonly FailedBake[] {
  const at = outcomes.findIndex((one) => one.bakeId === bakeId);
  const before = (at < 0 ? outcomes : outcomes.slice(0, at)).toReversed();
  const end = before.findIndex((one) => !isFailed(one));
  const failed = end < 0 ? before : before.slice(0, end);
  return failed.slice(0, MOST_EARLIER).map((outcome) => ({
    kind: outcome.kind,
    symptoms: outcome.symptoms.filter((one): one is Symptom =>
      (SYMPTOMS as readonly string[]).includes(one),
    ),
    figures: figuresOf(outcome, shelf),
    answers: {},
    has,
  }));
}

/** How far the masses of each role were off together, where a scale has told all of them. */
function figuresOf({ lines }: BakeOutcome, shelf: Shelf): FailedBake['figures'] {
  const figures: Partial<Record<Figure, KnownFigure>> = {};
  for (const [figure, role] of Object.entries(ROLE_OF_FIGURE)) {
    const own = lines.filter(({ ingredientId }) => shelf.ingredient(ingredientId)?.role === role);
    if (own.length === 0 || !own.every(({ isWeighed }) => isWeighed)) continue;
    const sum = (of: 'grams' | 'intendedGrams'): number =>
      own.reduce((total, line) => total + line[of], 0);
    const value = sum('grams') / sum('intendedGrams') - 1;
    figures[figure as Figure] = { value, spread: SCALE_SPREAD };
  }
  return figures;
}

/** What was tried in bakes of a recipe before one, and what came of it. */
export const triedBefore = (
  outcomes: readonly BakeOutcome[],
  bakeId: string,
): readonly TriedBefore[] =>
  outcomes.flatMap(({ bakeId: id, tried }) =>
    id !== bakeId && tried?.verdict
      ? [{ causeId: tried.causeId, verdict: tried.verdict as TriedBefore['verdict'] }]
      : [],
  );
