import { AsyncLocalStorage } from 'node:async_hooks';
import type { RequestHandler } from 'express';
import { z } from 'zod';

const WRITING = new AsyncLocalStorage<string>();

/** Which page asked for what is being done now; null where it does not say. */
export const writingPage = (): string | null => WRITING.getStore() ?? null;

/** Remembers which page a request comes from, so that it knows its own changes when they are told. */
export const rememberPage: RequestHandler = (request, _response, next) => {
  const page = z.uuid().safeParse(request.get('X-Page'));
  if (page.success) WRITING.run(page.data, next);
  else next();
};
