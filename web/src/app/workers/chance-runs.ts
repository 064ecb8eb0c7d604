import { Injectable, type OnDestroy } from '@angular/core';
import { proxy, wrap, type Remote } from 'comlink';
import '../kit/trusted-types/default-policy';
import type { ChanceJob, ChancePart, ChanceWorker } from './chance.worker';

export type { ChanceJob, ChancePart } from './chance.worker';

/** Bakes beside the page, so that it never stops for it. A new run takes the place of the old. */
@Injectable()
export class ChanceRuns implements OnDestroy {
  private readonly worker = new Worker(new URL('./chance.worker', import.meta.url), {
    type: 'module',
  });
  private readonly remote: Remote<ChanceWorker> = wrap<ChanceWorker>(this.worker);

  private tell: ((part: ChancePart) => void) | null = null;

  /** Tells what is known so far, again and again, until it is done or stopped. */
  run(job: ChanceJob, tell: (part: ChancePart) => void): Promise<void> {
    this.tell = tell;
    // What the worker holds on to is this one function, and through it nothing of a page that is left.
    return this.remote.run(
      job,
      proxy((part) => this.tell?.(part)),
    );
  }

  /** Stops what is running; what was told last stays true. */
  stop(): void {
    void this.remote.stop();
  }

  ngOnDestroy(): void {
    this.tell = null;
    this.worker.terminate();
  }
}
