import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Router } from 'express';
import staticFiles from 'express-static-gzip';
import { notFound } from './problem.js';
import { KEPT_DOCUMENT, KEPT_NONCE, nonceOf } from './security.js';
import { ownCommand } from '../own-command.js';

const NONCE_MARK = '__NONCE__';
const PAGE_MARK = '__PAGE__';
const PAGE_ID_LENGTH = 12;
/** Named by what is in it; packed or not. */
const HASHED = /-[A-Za-z0-9_-]{8}\.(?:js|css|woff2|svg)(?:\.br)?$/;

const FOR_EVER = 'public, max-age=31536000, immutable';

const KEPT_LIST = 'ngsw.json';

/** The list of what a browser keeps, with the fingerprint of the document as it is sent to be kept. */
function keptList(folder: string, document: string): object | null {
  const file = join(folder, KEPT_LIST);
  if (!existsSync(file)) return null;
  const list = JSON.parse(readFileSync(file, 'utf8')) as { hashTable: Record<string, string> };
  const hash = createHash('sha1').update(document).digest('hex');
  return { ...list, hashTable: { ...list.hashTable, [KEPT_DOCUMENT]: hash } };
}

/** The page's one document, with what it is known by written in; null where it is not built. */
function documentOf(folder: string): string | null {
  const document = join(folder, 'index.html');
  const id = pageIdOf(folder);
  return id === null ? null : readFileSync(document, 'utf8').replaceAll(PAGE_MARK, id);
}

/** What a built page is known by: another one has another. Null where none is built. */
export function pageIdOf(folder: string): string | null {
  const document = join(folder, 'index.html');
  if (!existsSync(document)) return null;
  return createHash('sha256').update(readFileSync(document)).digest('hex').slice(0, PAGE_ID_LENGTH);
}

/** Serves the built page: its files as they are, and its one document for every place. */
export function pageRoutes(folder: string): Router {
  const router = Router();
  const html = documentOf(folder);
  if (html !== null) {
    const kept = html.replaceAll(NONCE_MARK, KEPT_NONCE);
    router.get(KEPT_DOCUMENT, (_request, response) => {
      response.type('html').set('Cache-Control', 'no-store').send(kept);
    });
    const list = keptList(folder, kept);
    if (list) {
      router.get(`/${KEPT_LIST}`, (_request, response) => {
        response.set('Cache-Control', 'no-store').json(list);
      });
    }
  }
  router.use(
    // Most files were packed when the page was built; what was not is packed as it goes out.
    staticFiles(folder, {
      index: false,
      enableBrotli: true,
      orderPreference: ['br'],
      serveStatic: {
        setHeaders: (response, path) => {
          if (HASHED.test(path)) response.setHeader('Cache-Control', FOR_EVER);
        },
      },
    }),
  );
  router.get('/{*place}', (request, response, next) => {
    if (/\.[a-z0-9]+$/i.test(request.path) || !request.accepts('html')) {
      next(notFound('Page not found.'));
      return;
    }
    if (html === null) {
      next(notFound(`The page has not been built yet: run ${ownCommand('start')}.`));
      return;
    }
    response
      .type('html')
      .set('Cache-Control', 'no-store')
      .send(html.replaceAll(NONCE_MARK, nonceOf(response)));
  });
  return router;
}
