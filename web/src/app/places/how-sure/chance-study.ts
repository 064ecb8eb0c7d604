import { Injectable, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed, toObservable } from '@angular/core/rxjs-interop';
import { Store } from '@ngrx/store';
import { debounceTime } from 'rxjs';
import type {
  ChanceOptions,
  Chances,
  JugReading,
  WhatToLearn,
  WhereWeighingPays,
} from '@ypsigram/core/chance';
import { selectToolSpreads } from '../../state/kitchen/kitchen.selectors';
import { recipeFeature } from '../../state/recipe/recipe.feature';
import { selectBatch, selectReading } from '../../state/recipe/recipe.selectors';
import { ChanceRuns, type ChancePart } from '../../workers/chance-runs';
import { chanceCase, type ChanceCase } from './chance-job';

/** What came out, and of what: both change together. */
export interface Studied {
  readonly of: ChanceCase;
  readonly wanted: number;
  readonly options: ChanceOptions;
  readonly now: Chances;
  /** The flour done otherwise, then the larger batches. */
  readonly others: readonly Chances[];
  readonly pays: WhereWeighingPays | null;
  readonly learn: WhatToLearn | null;
  /** Whether what pays is of this batch, not still of the one before. */
  readonly isFresh: boolean;
}

/** Bakes the open recipe over and over, anew with every change; what is shown stays meanwhile. */
@Injectable()
export class ChanceStudy {
  private readonly store = inject(Store);
  private readonly reading = this.store.selectSignal(selectReading);
  private readonly batch = this.store.selectSignal(selectBatch);
  private readonly balance = this.store.selectSignal(recipeFeature.selectBalance);
  private readonly toolSpreads = this.store.selectSignal(selectToolSpreads);
  private readonly runs = inject(ChanceRuns);
  private newest = 0;

  readonly bakes = signal(20_000);
  readonly seed = signal(1);
  readonly wanted = signal(0.9);
  readonly jug = signal<JugReading>('eye-level');

  readonly of = computed(() =>
    chanceCase(this.reading(), this.batch(), this.balance().columns, {
      toolSpreads: this.toolSpreads(),
      jug: this.jug(),
    }),
  );
  /** The newest there is, of this batch or still of the one before; null before the first. */
  readonly result = signal<Studied | null>(null);
  /** What pictures show: of every run the first, then each time twice as many bakes, then all. */
  readonly pictured = signal<Studied | null>(null);
  readonly isRunning = signal(false);
  readonly wasStopped = signal(false);
  readonly problem = signal<string | null>(null);
  /** What part of the bakes is done. */
  readonly progress = computed(() => {
    const result = this.result();
    return result ? result.now.bakes / this.bakes() : 0;
  });

  /** The kind of bake, where there is a batch. */
  private readonly kind = computed(() => {
    const kind = this.batch()?.kind;
    return kind ? { kind } : {};
  });

  /** What is to be found out, as it is chosen now. */
  private readonly asked = computed(() => ({
    of: this.of(),
    wanted: this.wanted(),
    options: {
      bakes: this.bakes(),
      seed: this.seed(),
      strictness: this.balance().strictness,
      learned: this.batch()?.learned,
      ...this.kind(),
    },
  }));

  constructor() {
    toObservable(this.asked)
      // What changes at once is baked once.
      .pipe(debounceTime(0), takeUntilDestroyed())
      .subscribe(({ of, wanted, options }) => void this.bake(of, wanted, options));
  }

  stop(): void {
    this.runs.stop();
    this.newest++;
    this.isRunning.set(false);
    this.wasStopped.set(true);
  }

  /** All of it once more, after it was stopped. */
  again(): void {
    const { of, wanted, options } = this.asked();
    void this.bake(of, wanted, options);
  }

  private async bake(of: ChanceCase, wanted: number, options: ChanceOptions): Promise<void> {
    const mine = ++this.newest;
    if (of.lines.length === 0) {
      this.runs.stop();
      this.isRunning.set(false);
      this.result.set(null);
      this.pictured.set(null);
      return;
    }
    this.isRunning.set(true);
    this.wasStopped.set(false);
    this.problem.set(null);
    const others = [...of.flour, ...of.batches].map(({ lines }) => lines);
    try {
      await this.runs.run({ lines: of.lines, others, wanted, options }, (part) => {
        // What an older run still has to say comes too late.
        if (mine !== this.newest) return;
        const studied = this.taken(part, of, wanted, options);
        this.result.set(studied);
        if (part.isDone || this.isWorthAPicture(studied)) this.pictured.set(studied);
        if (part.isDone) this.isRunning.set(false);
      });
    } catch (error) {
      this.isRunning.set(false);
      this.problem.set(`The bakes could not be simulated: ${String(error)}. Reload the page.`);
    }
  }

  /** What is new, over what was shown: nothing disappears while it is baked anew. */
  private taken(part: ChancePart, of: ChanceCase, wanted: number, options: ChanceOptions): Studied {
    const before = this.result();
    const isSame = before !== null && isOfOneRun(before, { of, options });
    // What was baked already, with the same luck, is not counted up from the start once more.
    const isBehind =
      isSame && before.now.bakes > part.now.bakes && before.now.bakes <= options.bakes;
    return {
      of,
      wanted,
      options,
      now: isBehind ? before.now : part.now,
      others: (isBehind ? null : part.others) ?? before?.others ?? [],
      pays: part.pays ?? before?.pays ?? null,
      learn: part.learn ?? before?.learn ?? null,
      isFresh: part.pays !== null,
    };
  }

  private isWorthAPicture(studied: Studied): boolean {
    const pictured = this.pictured();
    if (!pictured || !isOfOneRun(pictured, studied)) return true;
    return studied.now.bakes >= 2 * pictured.now.bakes;
  }
}

/** The same batch with the same luck, however often it is baked. */
function isOfOneRun(
  a: Pick<Studied, 'of' | 'options'>,
  b: Pick<Studied, 'of' | 'options'>,
): boolean {
  const same = (['seed', 'strictness', 'kind', 'learned'] as const).every(
    (option) => a.options[option] === b.options[option],
  );
  return a.of === b.of && same;
}
