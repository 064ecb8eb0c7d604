import { HttpErrorResponse } from '@angular/common/http';
import { Injectable, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { MOST_READINGS_AT_ONCE } from '@ypsigram/contract';
import { firstValueFrom } from 'rxjs';
import { BakesApi } from '../../api/bakes-api';
import { problemOf } from '../../api/recipes-api';
import { bakeActions } from './bake.feature';
import { changesActions } from '../changes/changes.feature';
import { BakeMemory, type Waiting } from './bake-memory';
import { toSend } from './own-act';

/** A server that is not there is asked again after this. */
const RETRY_MILLISECONDS = 1500;

const rest = (milliseconds: number): Promise<void> =>
  new Promise((resolve) => setTimeout(resolve, milliseconds));

/** What is wrong with what was sent, not with the way to the server: it would be refused again. */
const isRefused = (error: unknown): boolean =>
  error instanceof HttpErrorResponse && [400, 413, 422].includes(error.status);

/** The bake is not there any more: a backup took its place. It may come back. */
const isGone = (error: unknown): boolean =>
  error instanceof HttpErrorResponse && error.status === 404;

/**
 * Sends what waits in the outbox, in the order in which it was done, until nothing waits. One at a
 * time sends; what is done meanwhile goes with the next round. While the server is away it tries
 * again and again: what arrived twice is one there.
 */
@Injectable({ providedIn: 'root' })
export class BakeSender {
  private readonly api = inject(BakesApi);
  private readonly memory = inject(BakeMemory);
  private readonly store = inject(Store);
  private isSending = false;
  private isMore = false;

  async send(): Promise<void> {
    this.isMore = true;
    if (this.isSending) return;
    this.isSending = true;
    try {
      while (this.isMore) {
        this.isMore = false;
        for (const waiting of await this.memory.waiting()) await this.sendAll(waiting);
      }
    } finally {
      this.isSending = false;
    }
  }

  private async sendAll({ bakeId, readings }: Waiting): Promise<void> {
    for (let from = 0; from < readings.length; from += MOST_READINGS_AT_ONCE) {
      await this.sendSome({ bakeId, readings: readings.slice(from, from + MOST_READINGS_AT_ONCE) });
    }
  }

  private async sendSome({ bakeId, readings }: Waiting): Promise<void> {
    for (;;) {
      try {
        const sentAt = new Date().toISOString();
        const sent = { sentAt, readings: readings.map(toSend) };
        const kept = await firstValueFrom(this.api.send(bakeId, sent));
        await this.memory.settle(readings.map(({ id }) => id));
        this.store.dispatch(bakeActions.readingsKept({ bakeId, readings: kept }));
        return;
      } catch (error) {
        if (isGone(error)) return this.keepStuck({ bakeId, readings }, error);
        if (isRefused(error)) return this.oneByOne({ bakeId, readings }, error);
        this.store.dispatch(bakeActions.serverLost());
        await rest(RETRY_MILLISECONDS);
      }
    }
  }

  /** What was done at a bake that is gone waits until it is back, or somebody lets go of it. */
  private keepStuck({ bakeId, readings }: Waiting, error: unknown): void {
    this.store.dispatch(bakeActions.readingsStuck({ bakeId, problem: problemOf(error) }));
    this.store.dispatch(changesActions.actsStuck({ bakeId, count: readings.length }));
  }

  /** Lets go of all that waits for a bake that is gone. */
  async letGo(bakeId: string): Promise<void> {
    const waiting = (await this.memory.waiting()).find((one) => one.bakeId === bakeId);
    await this.memory.settle(waiting?.readings.map(({ id }) => id) ?? []);
  }

  /** One that is refused takes none of the others with it. */
  private async oneByOne({ bakeId, readings }: Waiting, error: unknown): Promise<void> {
    if (readings.length === 1) return this.refuse(readings, error);
    for (const reading of readings) await this.sendSome({ bakeId, readings: [reading] });
  }

  /** What the server never takes is told and let go, so that it holds up nothing else. */
  private async refuse(readings: Waiting['readings'], error: unknown): Promise<void> {
    const ids = readings.map(({ id }) => id);
    await this.memory.settle(ids);
    this.store.dispatch(bakeActions.readingsRefused({ ids, problem: problemOf(error) }));
  }
}
