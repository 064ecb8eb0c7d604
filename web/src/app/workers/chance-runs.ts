import { Injectable, type OnDestroy } from '@angular/core';
import { transfer, wrap, type Remote } from 'comlink';
import '../kit/trusted-types/default-policy';
import type { ChanceOrder, ChancePart, ChanceWorker } from './chance.worker';

export type { ChanceOrder, ChancePart } from './chance.worker';

/** Bakes beside the page, so that it never stops for it. A new run takes the place of the old. */
@Injectable()
export class ChanceRuns implements OnDestroy {
  private readonly worker = new Worker(new URL('./chance.worker', import.meta.url), {
    type: 'module',
  });
  private readonly remote: Remote<ChanceWorker> = wrap<ChanceWorker>(this.worker);
  /** On which the latest run tells: closed by whoever is left, or it would hold on to its page. */
  private told: MessagePort | null = null;

  /** Tells what is known so far, again and again, until it is done or stopped. */
  run(job: ChanceOrder, tell: (part: ChancePart) => void): Promise<void> {
    this.told?.close();
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = ({ data }: MessageEvent<ChancePart>) => tell(data);
    this.told = port1;
    return this.remote.run(job, transfer(port2, [port2]));
  }

  /** Stops what is running; what was told last stays true. */
  stop(): void {
    void this.remote.stop();
  }

  ngOnDestroy(): void {
    this.told?.close();
    this.worker.terminate();
  }
}
