import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import express, { Router } from 'express';
import { notFound } from './problem.js';
import { nonceOf } from './security.js';

const NONCE_MARK = '__NONCE__';
const HASHED = /-[A-Z0-9]{8}\.(?:js|css|woff2|svg)$/;

/** Serves the built page: its files as they are, and its one document for every place. */
export function pageRoutes(folder: string): Router {
  const router = Router();
  const document = join(folder, 'index.html');
  const html = existsSync(document) ? readFileSync(document, 'utf8') : null;
  // Only the document that is sent below has its nonce filled in.
  router.get('/index.html', (_request, response) => response.redirect(301, '/'));
  router.use(
    express.static(folder, {
      index: false,
      setHeaders: (response, path) => {
        if (HASHED.test(path)) response.set('Cache-Control', 'public, max-age=31536000, immutable');
      },
    }),
  );
  router.get('/{*place}', (request, response, next) => {
    if (/\.[a-z0-9]+$/i.test(request.path) || !request.accepts('html')) {
      next(notFound('Page not found.'));
      return;
    }
    if (html === null) {
      next(notFound('The page has not been built yet: run npm start.'));
      return;
    }
    response
      .type('html')
      .set('Cache-Control', 'no-store')
      .send(html.replaceAll(NONCE_MARK, nonceOf(response)));
  });
  return router;
}
