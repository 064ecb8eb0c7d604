import { expose } from 'comlink';
import {
  Simulation,
  learnSteps,
  searchSteps,
  type ChanceLine,
  type ChanceOptions,
  type Chances,
  type Steps,
  type WhatToLearn,
  type WhereWeighingPays,
} from '@ypsigram/core/chance';

/** What is to be baked over and over. */
export interface ChanceOrder {
  readonly lines: readonly ChanceLine[];
  /** The same batch done otherwise, to be set beside it. */
  readonly others: readonly (readonly ChanceLine[])[];
  readonly wanted: number;
  readonly options: ChanceOptions;
}

/** What is known so far. */
export interface ChancePart {
  readonly now: Chances;
  /** Null while they are as they were told last. */
  readonly others: readonly Chances[] | null;
  readonly pays: WhereWeighingPays | null;
  readonly learn: WhatToLearn | null;
  readonly isDone: boolean;
}

/** The first picture: quick, and near enough not to jump about later; of a long recipe less. */
const FIRST_BAKES = 1024;
const FEWEST_BAKES = 512;
const LINES_AT_ONCE = 25_000;
/** The pictures beside it are sharp enough with so many. */
const MOST_OF_OTHERS = 20_480;
/** Long enough to get on, short enough to stop at once. */
const PORTION_MILLISECONDS = 30;
/** More often nobody could read it. */
const TELL_MILLISECONDS = 120;

/** Lets messages in: that another run is wanted, or none. */
const breathe = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

/** Only the newest run goes on. */
let current = 0;

async function run(job: ChanceOrder, tell: (part: ChancePart) => void): Promise<void> {
  const mine = ++current;
  const isOver = async (): Promise<boolean> => {
    await breathe();
    return mine !== current;
  };
  const { options } = job;
  const { bakes } = options;
  const make = (lines: readonly ChanceLine[]): Simulation => new Simulation(lines, options);
  const now = make(job.lines);
  const others = job.others.map(make);
  const all = [now, ...others];
  let pays: WhereWeighingPays | null = null;
  let learn: WhatToLearn | null = null;
  const atOnce = Math.floor(LINES_AT_ONCE / Math.max(1, job.lines.length));
  const portionBakes = Math.min(FIRST_BAKES, Math.max(FEWEST_BAKES, atOnce));
  let done = Math.min(portionBakes, bakes);
  let toldOfOthers = 0;
  const known = (isDone: boolean): ChancePart => {
    const bakedByOthers = Math.min(done, MOST_OF_OTHERS);
    const isMore = bakedByOthers > toldOfOthers;
    const isMuchMore = bakedByOthers >= Math.min(2 * toldOfOthers, MOST_OF_OTHERS);
    // Their pictures are drawn anew no more often than that.
    const isNews = isMore && (isMuchMore || isDone);
    if (isNews) toldOfOthers = bakedByOthers;
    return {
      now: now.chances(),
      others: isNews ? others.map((other) => other.chances()) : null,
      pays,
      learn,
      isDone,
    };
  };
  for (const one of all) one.bake(done);
  if (await isOver()) return;
  tell(known(false));

  /** Takes the steps of a search; null when it is over before the end. */
  const taken = async <T>(steps: Steps<T>): Promise<T | null> => {
    let from = performance.now();
    for (;;) {
      const step = steps.next();
      if (step.done) return step.value;
      if (performance.now() - from < PORTION_MILLISECONDS) continue;
      if (await isOver()) return null;
      from = performance.now();
    }
  };
  pays = await taken(searchSteps(job.lines, job.wanted, options));
  if (!pays || (await isOver())) return;
  tell(known(false));
  learn = await taken(learnSteps(job.lines, options));
  if (!learn) return;

  let told = performance.now();
  while (done < bakes) {
    const from = performance.now();
    while (done < bakes && performance.now() - from < PORTION_MILLISECONDS) {
      const portion = Math.min(portionBakes, bakes - done);
      now.bake(portion);
      const left = Math.min(portion, MOST_OF_OTHERS - done);
      if (left > 0) for (const other of others) other.bake(left);
      done += portion;
    }
    if (await isOver()) return;
    if (performance.now() - told < TELL_MILLISECONDS) continue;
    told = performance.now();
    tell(known(false));
  }
  tell(known(true));
}

const chanceWorker = {
  /** Tells on a port of the run's own, which whoever listens closes. */
  run: (job: ChanceOrder, told: MessagePort) => run(job, (part) => told.postMessage(part)),
  /** Ends whatever is running, after the portion it is at. */
  stop(): void {
    current++;
  },
};

export type ChanceWorker = typeof chanceWorker;

expose(chanceWorker);
