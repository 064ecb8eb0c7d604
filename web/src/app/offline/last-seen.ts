import { HttpErrorResponse, HttpResponse, type HttpInterceptorFn } from '@angular/common/http';
import { Injectable, inject, signal } from '@angular/core';
import { forgetSeen } from './forget-seen';
import { recallAnswer, rememberAnswer } from './seen-answers';
import { catchError, from, map, mergeMap, of, tap, throwError } from 'rxjs';

/**
 * What a baker looks at: the lists, and a recipe. A bake has a memory of its own, which knows more;
 * devices, files and questions are of the moment.
 */
const LOOKED_AT =
  /^\/api\/(?:kitchen|trials|authors|timers|practice|bakes|recipes(?:\/[0-9a-f-]{36})?|log(?:\/.*)?)$/;

/** Of when what is shown is, while the server is away. */
@Injectable({ providedIn: 'root' })
export class LastSeen {
  /** The time of the oldest answer that was shown from memory; null while none was. */
  readonly since = signal<number | null>(null);

  recalled(at: number): void {
    this.since.update((since) => Math.min(since ?? at, at));
  }

  /** Everything is asked for anew. @returns whether anything had been shown from memory */
  forget(): boolean {
    const had = this.since() !== null;
    this.since.set(null);
    return had;
  }
}

/** Whoever is let in no more, whatever was asked for, keeps nothing. */
function forgetWhenOut(error: unknown): void {
  if (error instanceof HttpErrorResponse && error.status === 401) void forgetSeen();
}

/**
 * Remembers what the server answers, and answers from memory while it is away. A device that was
 * removed keeps nothing of the kitchen to look at.
 */
export const lastSeen: HttpInterceptorFn = (request, next) => {
  const [path = ''] = request.url.split('?');
  const answered = next(request).pipe(tap({ error: forgetWhenOut }));
  if (request.method !== 'GET' || !LOOKED_AT.test(path)) return answered;
  const seen = inject(LastSeen);
  const address = request.urlWithParams;
  return answered.pipe(
    tap((event) => {
      if (!(event instanceof HttpResponse)) return;
      const answer = { address, body: event.body, at: Date.now() };
      void rememberAnswer(answer);
    }),
    catchError((error: unknown) => {
      if (!(error instanceof HttpErrorResponse) || error.status !== 0)
        return throwError(() => error);
      return from(recallAnswer(address)).pipe(
        mergeMap((answer) => (answer ? of(answer) : throwError(() => error))),
        tap(({ at }) => seen.recalled(at)),
        map(({ body }) => new HttpResponse({ status: 200, body, url: address })),
      );
    }),
  );
};
