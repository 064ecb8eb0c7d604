import { SHOWS_ANYWAY, YES_ANYWAY, type Cause, type QuestionId } from './causes.js';
import type { Symptom } from './symptoms.js';

/** How likely each sign is when a cause is the one. */
export interface Likelihoods {
  /** The chance that a symptom is there. */
  symptom(cause: Cause, symptom: Symptom): number;
  /** The chance that a question is answered "yes". */
  yes(cause: Cause, question: QuestionId): number;
}

/** As `causes.ts` states them. */
export const STATED: Likelihoods = {
  symptom: ({ shows }, symptom) => 1 - (1 - SHOWS_ANYWAY) * (1 - (shows[symptom] ?? 0)),
  yes: ({ asks }, question) => asks[question] ?? YES_ANYWAY,
};

/**
 * Each stated likelihood is an opinion: of other kitchens it may be off by so much, as a standard
 * deviation in logits. An assumption; 70 % may as well be 46 % or 86 %.
 */
export const DOUBT_LOGITS = 1;

/** Nodes and weights of a normal distribution, for a mean over it (Gauss-Hermite, seven points). */
const NODES: readonly (readonly [at: number, weight: number])[] = [
  [0, 0.457142857142857],
  [1.154405394739968, 0.240123178605013],
  [-1.154405394739968, 0.240123178605013],
  [2.366759410734541, 0.030757123967586],
  [-2.366759410734541, 0.030757123967586],
  [3.750439717725742, 0.000548268855972],
  [-3.750439717725742, 0.000548268855972],
];

const doubted = new Map<number, number>();

/** The mean of a likelihood over its doubt: nearer to a half than it is stated. */
function overDoubt(stated: number): number {
  let mean = doubted.get(stated);
  if (mean === undefined) {
    const logit = Math.log(stated / (1 - stated));
    mean = NODES.reduce(
      (sum, [at, weight]) => sum + weight / (1 + Math.exp(-(logit + DOUBT_LOGITS * at))),
      0,
    );
    doubted.set(stated, mean);
  }
  return mean;
}

/** The stated likelihoods, each in the mean over how far it may be off. */
export const DOUBTED: Likelihoods = {
  symptom: (cause, symptom) => overDoubt(STATED.symptom(cause, symptom)),
  yes: (cause, question) => overDoubt(STATED.yes(cause, question)),
};
