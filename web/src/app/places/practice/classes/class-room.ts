import { Injectable, inject, signal, type OnDestroy } from '@angular/core';
import { v4 as newId } from 'uuid';
import type { BakingClass, ClassDraft, ClassEvent } from '@ypsigram/contract/practice';
import { PracticeApi, classStream } from '../../../api/practice-api';
import { problemOf } from '../../../api/recipes-api';

/** A stream that the browser has given up is opened anew after this. */
const RETRY_MILLISECONDS = 2000;

/** One class as whoever teaches sees it: what comes in from the others comes in here. */
@Injectable()
export class ClassRoom implements OnDestroy {
  private readonly api = inject(PracticeApi);
  private stream: EventSource | null = null;
  private retry: ReturnType<typeof setTimeout> | null = null;

  readonly of = signal<BakingClass | null>(null);
  readonly problem = signal<string | null>(null);

  open(id: string): void {
    this.close();
    this.of.set(null);
    this.listen(id);
  }

  keep(id: string, draft: ClassDraft): void {
    this.api.keepClass(id, draft).subscribe({
      next: (kept) => this.of.set(kept),
      error: this.fail,
    });
  }

  /** Writes down a result for somebody at this scale. */
  add(taskId: string, name: string, grams: number): void {
    const id = this.of()?.id;
    if (!id) return;
    const draft = { taskId, name, grams, at: new Date().toISOString() };
    this.api.addResult(id, newId(), draft).subscribe({
      next: (result) => this.take({ event: 'result', result }),
      error: this.fail,
    });
  }

  takeBack(resultId: string): void {
    const id = this.of()?.id;
    if (!id) return;
    this.api.removeResult(id, resultId).subscribe({
      next: () => this.take({ event: 'taken-back', id: resultId }),
      error: this.fail,
    });
  }

  /** Removes the class and all names in it, then calls back. */
  remove(done: () => void): void {
    const id = this.of()?.id;
    if (!id) return;
    this.api.removeClass(id).subscribe({ next: done, error: this.fail });
  }

  ngOnDestroy(): void {
    this.close();
  }

  private readonly fail = (error: unknown): void => this.problem.set(problemOf(error));

  /** What was missed before the stream stood is read with the whole class. */
  private read(id: string): void {
    this.api.readClass(id).subscribe({
      next: (found) => {
        this.of.set(found);
        this.problem.set(null);
      },
      error: this.fail,
    });
  }

  private listen(id: string): void {
    this.stream = new EventSource(classStream(id));
    this.stream.addEventListener('open', () => this.read(id));
    this.stream.addEventListener('class', ({ data }: MessageEvent<string>) =>
      this.take(JSON.parse(data) as ClassEvent),
    );
    this.stream.addEventListener('error', () => {
      const isClosed = this.stream?.readyState === EventSource.CLOSED;
      // A class that is gone, or a server that is away from the start, is told by reading it.
      if (isClosed || !this.of()) this.read(id);
      if (!isClosed) return;
      this.retry = setTimeout(() => this.of() && this.listen(id), RETRY_MILLISECONDS);
    });
  }

  private take(event: ClassEvent): void {
    this.of.update((now) => {
      if (!now) return now;
      const gone = event.event === 'taken-back' ? event.id : event.result.id;
      const others = now.results.filter(({ id }) => id !== gone);
      return { ...now, results: event.event === 'result' ? [...others, event.result] : others };
    });
  }

  private close(): void {
    this.stream?.close();
    this.stream = null;
    if (this.retry) clearTimeout(this.retry);
  }
}
