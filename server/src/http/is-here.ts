import type { Request } from 'express';

/** Whether somebody asks at this machine itself: its own door, without TLS, takes no other machine's calls. */
export const isHere = (request: Request): boolean => !request.secure;
