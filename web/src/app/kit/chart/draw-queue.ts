/** What waits to be drawn, the longest waiting first. */
const waiting: (() => void)[] = [];

function next(): void {
  waiting.shift()?.();
  if (waiting.length > 0) requestAnimationFrame(next);
}

/**
 * Calls it in a frame of its own, after whatever waits already: several pictures that change at
 * once are drawn one a frame, so that the page does not halt for all of them. Returns how to be
 * forgotten again.
 */
export function queueDraw(draw: () => void): () => void {
  waiting.push(draw);
  if (waiting.length === 1) requestAnimationFrame(next);
  return () => {
    const at = waiting.indexOf(draw);
    if (at >= 0) waiting.splice(at, 1);
  };
}
