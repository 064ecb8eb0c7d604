import type { HttpInterceptorFn } from '@angular/common/http';
import { Subject, tap } from 'rxjs';
import { isAway } from './recipes-api';

/** Tells whenever a request had no answer at all. */
export const unanswered = new Subject<void>();

export const noticeAway: HttpInterceptorFn = (request, next) =>
  next(request).pipe(
    tap({
      error: (error: unknown) => {
        if (isAway(error)) unanswered.next();
      },
    }),
  );
