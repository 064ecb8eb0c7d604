import { networkInterfaces } from 'node:os';
import type { RequestHandler } from 'express';
import { ProblemError } from './problem.js';

const LOOPBACK = ['127.0.0.1', 'localhost', '[::1]'];

/** Names under which this server may be addressed, without port. */
export function ownHosts(listensOn: string): ReadonlySet<string> {
  const hosts = [...LOOPBACK, listensOn.includes(':') ? `[${listensOn}]` : listensOn];
  if (listensOn === '0.0.0.0' || listensOn === '::') {
    for (const addresses of Object.values(networkInterfaces())) {
      for (const { address, family } of addresses ?? []) {
        hosts.push(family === 'IPv6' ? `[${address}]` : address);
      }
    }
  }
  return new Set(hosts.map((host) => host.toLowerCase()));
}

const withoutPort = (host: string): string => host.replace(/:\d+$/, '').toLowerCase();

/**
 * Refuses requests that were meant for another host or come from another site's page: a
 * page elsewhere must not reach the kitchen's data through the baker's own browser.
 */
export function onlyOwnHost(hosts: ReadonlySet<string>): RequestHandler {
  return (request, _response, next) => {
    const { host = '', origin } = request.headers;
    if (!hosts.has(withoutPort(host))) {
      throw new ProblemError(403, 'This server can’t be reached under that name.');
    }
    if (origin !== undefined && origin.toLowerCase() !== `http://${host.toLowerCase()}`) {
      throw new ProblemError(403, 'This server answers only its own pages.');
    }
    next();
  };
}
