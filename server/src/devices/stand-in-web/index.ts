import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { PAGES } from './pages.js';
import { answerAs } from './oddities.js';

/** A small web of made-up pages on this machine, which stands in for the real one. */
export interface StandInWeb {
  readonly origin: string;
  readonly pages: readonly { readonly title: string; readonly path: string }[];
  close(): void;
}

/** Opens it on a port that is free. */
export async function openStandInWeb(): Promise<StandInWeb> {
  const server = createServer((request, response) => {
    const path = new URL(request.url ?? '/', 'http://stand-in').pathname;
    const page = PAGES.find((one) => one.path === path);
    if (page) response.setHeader('content-type', 'text/html; charset=utf-8').end(page.html);
    else answerAs(path, response);
  });
  await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening));
  return {
    origin: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    pages: PAGES.map(({ title, path }) => ({ title, path })),
    close() {
      server.close();
      server.closeAllConnections();
    },
  };
}
