/** A device whose clock is no further off than this is taken at its word. */
const CLOSE_MILLISECONDS = 2000;

/**
 * Gives what sets a device's moments right by the server's clock: the later act wins, so that a
 * clock that is an hour ahead must not win for an hour. No moment lies after now.
 */
export function clockCorrection(sentAt: string, now: Date): (at: string) => string {
  const behind = now.getTime() - Date.parse(sentAt);
  const shift = Math.abs(behind) > CLOSE_MILLISECONDS ? behind : 0;
  return (at) => new Date(Math.min(Date.parse(at) + shift, now.getTime())).toISOString();
}
