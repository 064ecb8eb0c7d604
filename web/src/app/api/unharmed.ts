import { EMPTY, catchError, type MonoTypeOperatorFunction } from 'rxjs';

/**
 * For what may fail without anybody being the worse for it. Says why that is so where developers
 * look, and goes on without; every other error is told to the person.
 */
export const unharmed = <T>(why: string): MonoTypeOperatorFunction<T> =>
  catchError((error: unknown) => {
    console.debug(why, error);
    return EMPTY;
  });
