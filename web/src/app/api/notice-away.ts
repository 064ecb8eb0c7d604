import { HttpErrorResponse, type HttpInterceptorFn } from '@angular/common/http';
import { Subject, tap } from 'rxjs';
import { isAway, isBusy } from './recipes-api';

/** Tells whenever a request had no answer at all. */
export const unanswered = new Subject<void>();
/** Tells whenever the server had no time: after so many milliseconds it may. */
export const putOff = new Subject<number>();

const SECOND = 1000;

const secondsOf = (error: unknown): number =>
  (error instanceof HttpErrorResponse && Number(error.headers.get('Retry-After'))) || 1;

export const noticeAway: HttpInterceptorFn = (request, next) =>
  next(request).pipe(
    tap({
      error: (error: unknown) => {
        if (isBusy(error)) putOff.next(secondsOf(error) * SECOND);
        else if (isAway(error)) unanswered.next();
      },
    }),
  );
