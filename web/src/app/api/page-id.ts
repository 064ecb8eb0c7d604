import type { HttpInterceptorFn } from '@angular/common/http';
import { v4 as newId } from 'uuid';

/** An id of this page for as long as it is open, so that it knows its own changes when they are told. */
export const PAGE_ID = newId();

/**
 * Says with every request which page asks. The worker that keeps the page leaves these requests
 * alone: data is never taken from a copy without anybody knowing.
 */
export const namePage: HttpInterceptorFn = (request, next) =>
  next(request.clone({ setHeaders: { 'X-Page': PAGE_ID, 'ngsw-bypass': 'true' } }));
