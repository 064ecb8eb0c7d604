import {
  learnSteps,
  searchSteps,
  simulate,
  type ChanceLine,
  type ChanceOptions,
  type Chances,
  type Steps,
  type WhatToLearn,
  type WhereWeighingPays,
} from '@ypsigram/core/chance';

/** What is to be baked over and over. */
export interface ChanceJob {
  readonly lines: readonly ChanceLine[];
  readonly options: ChanceOptions;
  /** The chance to be reached by weighing; null where nobody asks. */
  readonly wanted: number | null;
  readonly learn: boolean;
}

/** What came out. */
export interface ChanceResult {
  readonly chances: Chances;
  readonly pays: WhereWeighingPays | null;
  readonly learn: WhatToLearn | null;
}

function finished<T>(steps: Steps<T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/**
 * Does a job from end to end: nobody waits for this thread but who asked.
 *
 * @public The pool calls it by its file.
 */
export default function bake({ lines, options, wanted, learn }: ChanceJob): ChanceResult {
  return {
    chances: simulate(lines, options),
    pays: wanted === null ? null : finished(searchSteps(lines, wanted, options)),
    learn: learn ? finished(learnSteps(lines, options)) : null,
  };
}
