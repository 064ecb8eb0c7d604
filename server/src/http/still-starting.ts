import type { RequestListener } from 'node:http';
import type { Problem } from '@ypsigram/contract';

const UNAVAILABLE = 503;
const RETRY_SECONDS = 1;

/** Answers while the kitchen is still being opened: come back in a moment. */
export const stillStarting: RequestListener = (request, response) => {
  // Nobody reads what was sent.
  request.resume();
  const body: Problem = {
    type: 'about:blank',
    title: 'Service Unavailable',
    status: UNAVAILABLE,
    detail: 'The server is just starting. Try again in a moment.',
  };
  response.writeHead(UNAVAILABLE, {
    'Content-Type': 'application/problem+json',
    'Retry-After': String(RETRY_SECONDS),
    Connection: 'close',
  });
  response.end(JSON.stringify(body));
};
