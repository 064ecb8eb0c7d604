import {
  simulate,
  whatToLearn,
  whereWeighingPays,
  type ChanceLine,
  type ChanceOptions,
  type Chances,
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

/**
 * Does a job from end to end: nobody waits for this thread but who asked.
 *
 * @public The pool calls it by its file.
 */
export default function bake({ lines, options, wanted, learn }: ChanceJob): ChanceResult {
  return {
    chances: simulate(lines, options),
    pays: wanted === null ? null : whereWeighingPays(lines, wanted, options),
    learn: learn ? whatToLearn(lines, options) : null,
  };
}
