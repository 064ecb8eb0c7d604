import { randomBytes } from 'node:crypto';
import type { RequestHandler, Response } from 'express';
import helmet from 'helmet';

/** The nonce of this response: the one token under which the page may add styles. */
export const nonceOf = (response: Response): string => String(response.locals['nonce']);

const makeNonce: RequestHandler = (_request, response, next) => {
  response.locals['nonce'] = randomBytes(18).toString('base64');
  next();
};

/** Nothing but what the server itself sends may load, run or style. */
export function securityHeaders(): RequestHandler[] {
  return [
    makeNonce,
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'", (_request, response) => `'nonce-${nonceOf(response as Response)}'`],
          imgSrc: ["'self'"],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          manifestSrc: ["'self'"],
          baseUri: ["'self'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
          requireTrustedTypesFor: ["'script'"],
          // "default" is the page's own: it lets through emptying an element, and its own workers.
          trustedTypes: ['angular', 'angular#bundler', 'angular#unsafe-bypass', 'default'],
        },
      },
      // It is served over plain HTTP on the baker's own machine.
      strictTransportSecurity: false,
    }),
  ];
}
