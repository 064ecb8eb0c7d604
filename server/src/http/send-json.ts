import type { Response } from 'express';

/** What was sent before, as it was sent. */
const TEXTS = new WeakMap<object, string>();

/**
 * Answers with something that is answered with again and again, such as a remembered page of a
 * list: it is made into text once.
 */
export function sendRemembered(response: Response, reply: object): void {
  let text = TEXTS.get(reply);
  if (text === undefined) TEXTS.set(reply, (text = JSON.stringify(reply)));
  response.type('application/json').send(text);
}
