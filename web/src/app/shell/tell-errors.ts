import { Injectable, type ErrorHandler, signal } from '@angular/core';

const told = signal(false);

/** Whether something went wrong in this page that nobody had foreseen. */
export const hasGoneWrong = told.asReadonly();

/** What nobody has caught is told to whoever uses the page, and in full to whoever develops it. */
@Injectable()
export class TellErrors implements ErrorHandler {
  handleError(error: unknown): void {
    console.error(error);
    told.set(true);
  }
}

/** It was read. */
export const errorRead = (): void => told.set(false);
