import { QUESTIONS, type QuestionId } from './causes.js';
import { DOUBTED, type Likelihoods } from './likelihoods.js';
import type { FailedBake, RankedCause } from './rank-causes.js';
import type { Figure } from './figures.js';

/** A question that would tell more about what went wrong, and how much. */
export interface NextQuestion {
  readonly question: QuestionId;
  /** What an answer is expected to take off the doubt, in bits. */
  readonly tells: number;
}

/** More questions than these are an interview. */
export const MOST_QUESTIONS = 4;

/** A question that tells less than this is not worth asking: some causes shift by a few per cent. */
const LEAST_BITS = 0.01;

/** What a scale or a clock has told is not asked about. */
const TOLD_BY: Readonly<Partial<Record<QuestionId, Figure>>> = {
  'flour-dipped': 'flour',
  'flour-sifted': 'flour',
  'jug-from-above': 'water',
  'other-salt': 'salt',
  'small-eggs': 'egg',
  'large-eggs': 'egg',
  'oven-measured-hot': 'heat',
  'oven-measured-cold': 'heat',
  'left-in-pan': 'pan',
};

const bits = (chances: readonly number[]): number =>
  chances.reduce((sum, chance) => (chance > 0 ? sum - chance * Math.log2(chance) : sum), 0);

/**
 * The question whose answer is expected to tell most (Lindley's expected information), of those
 * that the record does not answer and that were not asked yet: four at most. Null where none is worth
 * asking.
 */
export function nextQuestion(
  ranked: readonly RankedCause[],
  { answers, figures }: Pick<FailedBake, 'answers' | 'figures'>,
  likely: Likelihoods = DOUBTED,
): NextQuestion | null {
  if (Object.keys(answers).length >= MOST_QUESTIONS) return null;
  const before = bits(ranked.map(({ chance }) => chance));
  const open = QUESTIONS.filter((question) => {
    const figure = TOLD_BY[question];
    return answers[question] === undefined && (figure === undefined || !figures[figure]);
  });
  const found = open.map((question): NextQuestion => {
    const yes = ranked.map(({ cause, chance }) => chance * likely.yes(cause, question));
    const no = ranked.map(({ chance }, at) => chance - yes[at]!);
    const after = [yes, no].map((branch) => {
      const total = branch.reduce((sum, one) => sum + one, 0);
      return total <= 0 ? 0 : total * bits(branch.map((one) => one / total));
    });
    return { question, tells: before - after[0]! - after[1]! };
  });
  const best = found.reduce<NextQuestion | null>(
    (most, one) => (!most || one.tells > most.tells ? one : most),
    null,
  );
  return best && best.tells >= LEAST_BITS ? best : null;
}
