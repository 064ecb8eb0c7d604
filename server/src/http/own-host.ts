import type { Request, RequestHandler } from 'express';
import { ProblemError } from './problem.js';

const LOOPBACK = ['127.0.0.1', 'localhost', '[::1]'];

const inBrackets = (host: string): string => (host.includes(':') ? `[${host}]` : host);

const withoutPort = (host: string): string => host.replace(/:\d+$/, '').toLowerCase();

/**
 * Refuses requests that were meant for another host or come from another site's page: a
 * page elsewhere must not reach the kitchen's data through the baker's own browser.
 * `hosts` are the names and addresses by which this server may be called at this moment.
 */
export function onlyOwnHost(hosts: (request: Request) => readonly string[]): RequestHandler {
  return (request, _response, next) => {
    const { host = '', origin } = request.headers;
    const own = [...LOOPBACK, ...hosts(request).map((name) => inBrackets(name.toLowerCase()))];
    if (!own.includes(withoutPort(host))) {
      throw new ProblemError(403, 'This server can’t be reached under that name.');
    }
    const page = `${request.protocol}://${host.toLowerCase()}`;
    if (origin !== undefined && origin.toLowerCase() !== page) {
      throw new ProblemError(403, 'This server answers only its own pages.');
    }
    next();
  };
}
