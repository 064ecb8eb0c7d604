import sniffEncoding from 'html-encoding-sniffer';
import { Agent, fetch, type Dispatcher, type Response } from 'undici';
import {
  PrivateAddressError,
  isPublicAddress,
  literalAddress,
  lookUpPublic,
} from './public-address.js';

/** So long a page may take, from the first question to its last byte. */
const LONGEST_MILLISECONDS = 5000;
const LARGEST_BYTES = 5 * 1024 * 1024;
const MOST_REDIRECTS = 3;
const PAGE_TYPES = ['text/html', 'application/xhtml+xml'];
const REDIRECTS = [301, 302, 303, 307, 308];

/** Why a page could not be got. */
export type PageProblem =
  | { readonly code: 'private' }
  | { readonly code: 'not-web' }
  | { readonly code: 'unreachable'; readonly detail: string }
  | { readonly code: 'slow'; readonly seconds: number }
  | { readonly code: 'too-large'; readonly megabytes: number }
  | { readonly code: 'not-a-page'; readonly type: string }
  | { readonly code: 'refused'; readonly status: number }
  | { readonly code: 'redirects'; readonly most: number };

/** A page that could not be got, with its reason. */
export class PageError extends Error {
  constructor(readonly problem: PageProblem) {
    super(problem.code);
  }
}

/** A page as it came: where it was found in the end, and its HTML. */
export interface FetchedPage {
  readonly address: string;
  readonly html: string;
}

/** What of the world a page is got through. */
export interface Way {
  /** The one origin that is not of the web and allowed all the same: the stand-in of the demo. */
  readonly letIn: string | null;
}

const publicOnly = (): Agent => new Agent({ connect: { lookup: lookUpPublic }, connections: 1 });

function checkAddress(address: URL, { letIn }: Way): boolean {
  if (!/^https?:$/.test(address.protocol)) throw new PageError({ code: 'not-web' });
  if (address.origin === letIn) return true;
  // A connection to figures asks nobody for their address.
  const figures = literalAddress(address.hostname);
  if (figures !== null && !isPublicAddress(figures)) throw new PageError({ code: 'private' });
  return false;
}

/** The bytes of an answer, as far as they may go; a packed one counts unpacked. */
async function bytesOf(response: Response): Promise<Uint8Array> {
  const parts: Uint8Array[] = [];
  let length = 0;
  if (!response.body) return new Uint8Array();
  for await (const part of response.body as AsyncIterable<Uint8Array>) {
    length += part.length;
    if (length > LARGEST_BYTES) {
      throw new PageError({ code: 'too-large', megabytes: LARGEST_BYTES / 1024 / 1024 });
    }
    parts.push(part);
  }
  return Buffer.concat(parts, length);
}

async function answerOf(
  address: URL,
  dispatcher: Dispatcher,
  signal: AbortSignal,
): Promise<Response> {
  return fetch(address, {
    dispatcher,
    signal,
    redirect: 'manual',
    credentials: 'omit',
    headers: { accept: PAGE_TYPES.join(','), 'user-agent': 'Ypsigram' },
  });
}

async function pageOf(response: Response, address: URL): Promise<FetchedPage> {
  if (!response.ok) throw new PageError({ code: 'refused', status: response.status });
  const header = response.headers.get('content-type') ?? '';
  const type = header.split(';')[0]!.trim().toLowerCase();
  if (!PAGE_TYPES.includes(type)) throw new PageError({ code: 'not-a-page', type });
  const bytes = await bytesOf(response);
  const charset = /charset="?([^";]+)/i.exec(header)?.[1];
  const encoding = sniffEncoding(bytes, {
    ...(charset !== undefined && { transportLayerEncodingLabel: charset.trim() }),
    defaultEncoding: 'UTF-8',
  });
  return { address: address.href, html: new TextDecoder(encoding).decode(bytes) };
}

/** What went wrong on the way, as a reason that can be said. */
function problemOf(error: unknown, signal: AbortSignal): PageProblem {
  if (error instanceof PageError) return error.problem;
  if (signal.aborted) return { code: 'slow', seconds: LONGEST_MILLISECONDS / 1000 };
  const cause = error instanceof Error && error.cause instanceof Error ? error.cause : error;
  if (cause instanceof PrivateAddressError) return { code: 'private' };
  const detail = (cause as NodeJS.ErrnoException).code ?? String(cause);
  return { code: 'unreachable', detail };
}

/**
 * Gets one page of the web: no cookies, a plain name, at most three redirects, five seconds and
 * five megabytes in all. Neither this machine nor a private network is ever asked for anything.
 *
 * @throws PageError
 */
export async function fetchPage(asked: string, way: Way): Promise<FetchedPage> {
  const signal = AbortSignal.timeout(LONGEST_MILLISECONDS);
  const agents = { web: publicOnly(), letIn: new Agent() };
  try {
    let address = new URL(asked);
    for (let redirects = 0; redirects <= MOST_REDIRECTS; redirects++) {
      // Whoever wrote a name and a password into an address did not mean to pass them on.
      address.username = address.password = '';
      const isLetIn = checkAddress(address, way);
      const response = await answerOf(address, isLetIn ? agents.letIn : agents.web, signal);
      const next = response.headers.get('location');
      if (!REDIRECTS.includes(response.status) || next === null)
        return await pageOf(response, address);
      await response.body?.cancel();
      if (!URL.canParse(next, address.href)) throw new PageError({ code: 'not-web' });
      address = new URL(next, address);
    }
    throw new PageError({ code: 'redirects', most: MOST_REDIRECTS });
  } catch (error) {
    throw new PageError(problemOf(error, signal));
  } finally {
    await Promise.all([agents.web.destroy(), agents.letIn.destroy()]);
  }
}
