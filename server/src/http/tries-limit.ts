import type { RequestHandler } from 'express';
import { rateLimit } from 'express-rate-limit';
import { isHere } from './is-here.js';
import { ProblemError } from './problem.js';

const MINUTE_MILLISECONDS = 60_000;

/** What is limited, and what is said of it. */
export interface TriesLimit {
  /** A minute, from one address. */
  readonly limit: number;
  readonly says: string;
  /** Whether only what was refused counts. */
  readonly counts: 'refused' | 'all';
}

/**
 * Lets nobody try so often that guessing pays. Each address has a count of its own, so that none
 * locks another out; this machine itself has none.
 */
export const triesLimit = ({ limit, says, counts }: TriesLimit): RequestHandler =>
  rateLimit({
    windowMs: MINUTE_MILLISECONDS,
    limit,
    skip: isHere,
    skipSuccessfulRequests: counts === 'refused',
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    handler: (_request, _response, next) => next(new ProblemError(429, says)),
  });
