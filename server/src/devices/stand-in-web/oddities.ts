import type { ServerResponse } from 'node:http';
import { gzipSync } from 'node:zlib';

const MEGABYTE = 1024 * 1024;
const PAGE = 'text/html; charset=utf-8';

/** Addresses that answer as the web does on a bad day. */
export const ODDITIES = {
  '/moved': (response) => response.writeHead(301, { location: '/hatch-granola' }).end(),
  '/round-and-round': (response) => response.writeHead(302, { location: '/round-and-round' }).end(),
  '/to-this-machine': (response) =>
    response.writeHead(302, { location: 'http://127.0.0.1:1/secret' }).end(),
  '/to-a-file': (response) => response.writeHead(302, { location: 'file:///etc/passwd' }).end(),
  '/picture': (response) => response.writeHead(200, { 'content-type': 'image/png' }).end('PNG'),
  '/never': (response) => response.writeHead(200, { 'content-type': PAGE }).write('<html>'),
  '/endless': (response) =>
    response.writeHead(200, { 'content-type': PAGE }).end('x'.repeat(6 * MEGABYTE)),
  '/packed': (response) =>
    response
      .writeHead(200, { 'content-type': PAGE, 'content-encoding': 'gzip' })
      .end(gzipSync('x'.repeat(60 * MEGABYTE))),
  '/hours': (response) =>
    response.writeHead(200, { 'content-type': PAGE }).end('<h1>Opening hours</h1><p>9 to 5</p>'),
  '/latin': (response) =>
    response
      .writeHead(200, { 'content-type': 'text/html; charset=iso-8859-1' })
      .end(
        Buffer.from(
          '<h1>Gaufres</h1><ul><li>250 g de farine<li>3 \xe9ufs<li>100 g de beurre',
          'latin1',
        ),
      ),
} as const satisfies Readonly<Record<string, (response: ServerResponse) => unknown>>;

const isOddity = (path: string): path is keyof typeof ODDITIES => path in ODDITIES;

/** Answers an address that is no page: as an oddity, or that there is nothing. */
export function answerAs(path: string, response: ServerResponse): void {
  if (isOddity(path)) ODDITIES[path](response);
  else response.writeHead(404, { 'content-type': PAGE }).end('<h1>Nothing here</h1>');
}
