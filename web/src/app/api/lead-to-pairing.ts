import { HttpErrorResponse, type HttpInterceptorFn } from '@angular/common/http';
import { inject } from '@angular/core';
import { Router } from '@angular/router';
import { tap } from 'rxjs';

/** Where a device without pairing may be: the class that it joins, and the pairing itself. */
const OPEN_PLACES = /^\/(?:pair|join)(?:[/?#]|$)/;

/** A device that was not let in, or no longer is, is led to where it types the passcode. */
export const leadToPairing: HttpInterceptorFn = (request, next) => {
  const router = inject(Router);
  return next(request).pipe(
    tap({
      error: (error: unknown) => {
        if (!(error instanceof HttpErrorResponse) || error.status !== 401) return;
        const { pathname, search } = window.location;
        if (OPEN_PLACES.test(pathname)) return;
        void router.navigate(['/pair'], {
          queryParams: { then: pathname + search },
          replaceUrl: true,
        });
      },
    }),
  );
};
