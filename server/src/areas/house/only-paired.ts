import { parseCookie } from 'cookie';
import type { CookieOptions, Request, RequestHandler } from 'express';
import { ProblemError } from '../../http/problem.js';
import { belongsTo } from '../../http/event-stream.js';
import { isHere } from '../../http/is-here.js';
import type { PairedDevices } from './devices.js';

/** The prefix makes browsers take it from this very host only, and over TLS only. */
const COOKIE = '__Host-ypsigram-device';
/** The longest that browsers keep a cookie, renewed with every pairing. */
const COOKIE_MILLISECONDS = 400 * 24 * 60 * 60 * 1000;

export const DEVICE_COOKIE = {
  name: COOKIE,
  options: {
    httpOnly: true,
    secure: true,
    sameSite: 'strict',
    path: '/',
    maxAge: COOKIE_MILLISECONDS,
  } satisfies CookieOptions,
} as const;

/** The id of the paired device that asks; null at this machine, and for one that is not paired. */
export async function askingDevice(
  request: Request,
  devices: PairedDevices,
): Promise<string | null> {
  if (isHere(request)) return null;
  return devices.idOf(parseCookie(request.get('Cookie') ?? '')[COOKIE]);
}

/** Lets nobody read or write who came over the network and is not paired. */
export const onlyPaired =
  (devices: PairedDevices): RequestHandler =>
  async (request, response, next) => {
    if (isHere(request)) {
      next();
      return;
    }
    const id = await askingDevice(request, devices);
    if (id === null) {
      throw new ProblemError(401, 'This device is not paired. Type the passcode of the house.');
    }
    belongsTo(response, id);
    next();
  };
