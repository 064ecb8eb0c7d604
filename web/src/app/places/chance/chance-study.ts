import { DestroyRef, Injectable, computed, effect, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { ChanceOptions, JugReading } from '@ypsigram/core/chance';
import { kitchenFeature } from '../../kitchen/kitchen.feature';
import { recipeFeature } from '../../recipe/recipe.feature';
import { ChanceRuns, type ChancePart } from '../../workers/chance-runs';
import { chanceCase, type ChanceCase } from './chance-job';

/** A change waits this long for the next one before all is baked anew. */
const REST_MILLISECONDS = 60;

/** What came out, and of what: both change together. */
export interface Studied extends ChancePart {
  readonly of: ChanceCase;
  readonly wanted: number;
  readonly options: ChanceOptions;
}

/** Bakes the open recipe over and over, anew with every change; what is shown stays meanwhile. */
@Injectable()
export class ChanceStudy {
  private readonly store = inject(Store);
  private readonly reading = this.store.selectSignal(recipeFeature.selectReading);
  private readonly setting = this.store.selectSignal(recipeFeature.selectBatchSetting);
  private readonly factor = this.store.selectSignal(recipeFeature.selectFactor);
  private readonly balance = this.store.selectSignal(recipeFeature.selectBalance);
  private readonly toolSpreads = this.store.selectSignal(kitchenFeature.selectToolSpreads);
  private readonly runs = new ChanceRuns();
  private newest = 0;

  readonly bakes = signal(20_000);
  readonly seed = signal(1);
  readonly wanted = signal(0.9);
  readonly jug = signal<JugReading>('eye-level');

  readonly of = computed(() =>
    chanceCase(
      this.reading(),
      { ...this.setting(), factor: this.factor() },
      this.balance().columns,
      { toolSpreads: this.toolSpreads(), jug: this.jug() },
    ),
  );
  /** The newest there is, of this batch or still of the one before; null before the first. */
  readonly result = signal<Studied | null>(null);
  readonly isRunning = signal(false);
  readonly wasStopped = signal(false);
  readonly problem = signal<string | null>(null);
  /** What part of the bakes is done. */
  readonly progress = computed(() => {
    const result = this.result();
    return result ? result.now.bakes / this.bakes() : 0;
  });

  constructor() {
    effect((onCleanup) => {
      const of = this.of();
      const wanted = this.wanted();
      const { strictness } = this.balance();
      const options = { bakes: this.bakes(), seed: this.seed(), strictness };
      const timer = setTimeout(() => void this.bake(of, wanted, options), REST_MILLISECONDS);
      onCleanup(() => clearTimeout(timer));
    });
    inject(DestroyRef).onDestroy(() => this.runs.end());
  }

  stop(): void {
    this.runs.stop();
    this.newest++;
    this.isRunning.set(false);
    this.wasStopped.set(true);
  }

  /** All of it once more, after it was stopped. */
  again(): void {
    const { strictness } = this.balance();
    const options = { bakes: this.bakes(), seed: this.seed(), strictness };
    void this.bake(this.of(), this.wanted(), options);
  }

  private async bake(of: ChanceCase, wanted: number, options: ChanceOptions): Promise<void> {
    if (of.lines.length === 0) return this.result.set(null);
    this.isRunning.set(true);
    this.wasStopped.set(false);
    this.problem.set(null);
    const mine = ++this.newest;
    const others = [...of.flour, ...of.batches].map(({ lines }) => lines);
    try {
      await this.runs.run({ lines: of.lines, others, wanted, options }, (part) => {
        // What an older run still has to say comes too late.
        if (mine !== this.newest) return;
        this.result.set({ ...this.carried(part, of, options), of, wanted, options });
        if (part.isDone) this.isRunning.set(false);
      });
    } catch (error) {
      this.isRunning.set(false);
      this.problem.set(`The bakes could not be reckoned: ${String(error)}. Reload the page.`);
    }
  }

  /** What was baked already, with the same luck, is not counted up from the start once more. */
  private carried(part: ChancePart, of: ChanceCase, options: ChanceOptions): ChancePart {
    const before = this.result();
    const isSame =
      before?.of === of &&
      before.options.seed === options.seed &&
      before.options.strictness === options.strictness &&
      before.now.bakes <= options.bakes;
    if (!isSame || before.now.bakes < part.now.bakes) return part;
    return { ...part, now: before.now, others: before.others };
  }
}
