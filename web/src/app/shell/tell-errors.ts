import { Injectable, type ErrorHandler, signal } from '@angular/core';

const told = signal(false);

/** Whether something went wrong in this page that nobody had foreseen. */
export const hasGoneWrong = told.asReadonly();

/** Angular's number for a part of a template that could not be loaded. */
const PART_NOT_LOADED = 750;

/**
 * Whether a part of the page could not be fetched. That the server is away, or has a newer page, is
 * told by itself; browsers have no code for it but these words.
 */
function isMissingPart(error: unknown): boolean {
  const { code = 0, message = '' } = (error ?? {}) as { code?: unknown; message?: string };
  return (
    Math.abs(Number(code)) === PART_NOT_LOADED ||
    (error instanceof TypeError && message.includes('dynamically imported module'))
  );
}

/** What nobody has caught is told to whoever uses the page, and in full to whoever develops it. */
@Injectable()
export class TellErrors implements ErrorHandler {
  handleError(error: unknown): void {
    if (isMissingPart(error)) {
      console.warn(
        'A part of the page could not be fetched: it is asked for again with the next step.',
        error,
      );
      return;
    }
    console.error(error);
    told.set(true);
  }
}

/** It was read. */
export const errorRead = (): void => told.set(false);
