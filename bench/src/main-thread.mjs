// Main-thread time from an input to the frame that shows it, out of the browser's own timeline.
// Waiting for the screen's next beat is left out, and so is drawing pixels, which other threads do.

const CATEGORIES = ['devtools.timeline', 'toplevel', 'blink.user_timing'];

/** From each mark of this name to the end of the frame that follows it, in milliseconds, sorted. */
export async function costsOf(browser, page, mark, act) {
  await browser.startTracing(page, { categories: CATEGORIES });
  await act();
  const { traceEvents } = JSON.parse((await browser.stopTracing()).toString());
  const inputs = traceEvents.filter(({ name }) => name === mark);
  const { pid, tid } = inputs[0] ?? {};
  const main = traceEvents.filter((event) => event.pid === pid && event.tid === tid);
  const frames = main
    .filter(({ name, ph }) => name === 'AnimationFrame::Render' && ph === 'e')
    .sort((a, b) => a.ts - b.ts);
  const tasks = main.filter(
    ({ name, ph }) => name === 'ThreadControllerImpl::RunTask' && ph === 'X',
  );
  const costs = inputs.flatMap(({ ts }) => {
    const end = frames.find((frame) => frame.ts > ts)?.ts;
    if (end === undefined) return [];
    const busy = tasks
      .map((task) => Math.min(task.ts + task.dur, end) - Math.max(task.ts, ts))
      .filter((duration) => duration > 0);
    return busy.reduce((sum, duration) => sum + duration, 0) / 1000;
  });
  return costs.sort((a, b) => a - b);
}

/** The cost under which this share of all lies. */
export const shareOf = (costs, share) => costs[Math.floor(share * (costs.length - 1))];
