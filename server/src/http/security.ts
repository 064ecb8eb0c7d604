import { randomBytes } from 'node:crypto';
import type { RequestHandler, Response } from 'express';
import helmet from 'helmet';

/** The nonce of this response: the one token under which the page may add styles. */
export const nonceOf = (response: Response): string => String(response.locals['nonce']);

/** The nonce of the copy that a browser keeps, the same for as long as the server runs. */
export const KEPT_NONCE = randomBytes(18).toString('base64');

/** Where a browser fetches the document to keep it, and what it compares that copy with. */
export const KEPT_DOCUMENT = '/index.html';

/** A name for one visit to the page, which nobody can guess. */
export const makeNonce: RequestHandler = (request, response, next) => {
  response.locals['nonce'] =
    request.path === KEPT_DOCUMENT ? KEPT_NONCE : randomBytes(18).toString('base64');
  next();
};

/** For every answer; data is read by the page and by scripts, and is no page of its own. */
export const securityHeaders = (): RequestHandler =>
  helmet({
    // At the house's door alone, below.
    strictTransportSecurity: false,
    contentSecurityPolicy: {
      useDefaults: false,
      directives: { defaultSrc: ["'none'"], frameAncestors: ["'none'"] },
    },
  });

const DAY_SECONDS = 24 * 60 * 60;
const LOOPBACK = /^(?:127\.|localhost|\[::1\])/;

/**
 * Keeps browsers at the house's door to TLS. Only for a day after each visit, as it holds for all
 * ports of that name, and never for the machine itself, whose own door speaks plain HTTP.
 */
export const onlyTlsAtHouse = (): RequestHandler => {
  const keepToTls = helmet.strictTransportSecurity({
    maxAge: DAY_SECONDS,
    includeSubDomains: false,
  });
  return (request, response, next) => {
    if (request.secure && !LOOPBACK.test(request.headers.host ?? '')) {
      keepToTls(request, response, next);
    } else next();
  };
};

/** Nothing but what the server itself sends may load, run or style; after `makeNonce`. */
export const pagePolicy = (): RequestHandler =>
  helmet.contentSecurityPolicy({
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
  });

/** Where recognition of print lies: a worker of its own, which runs WebAssembly and asks for nothing but its data. */
export const RECOGNITION = '/recognition';

export const recognitionPolicy = (): RequestHandler =>
  helmet.contentSecurityPolicy({
    useDefaults: false,
    directives: {
      defaultSrc: ["'none'"],
      scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
      connectSrc: ["'self'"],
      frameAncestors: ["'none'"],
    },
  });
