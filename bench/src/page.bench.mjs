// The page: how long a factor change on a 30-line Balance takes until it is painted.
import { TWENTY_LINES } from './recipe.mjs';
import { costsOf, shareOf } from './main-thread.mjs';
import { openBrowser, openServer } from '../../scripts/stage.mjs';

const FRAME_MILLISECONDS = 16;
const CHANGES = 25;
const DRAGGED_MILLISECONDS = 4000;
const MARK = 'factor change';

const server = await openServer({ demo: false });
const { address } = server;
const lines = TWENTY_LINES.split('\n');
const text = [...lines, ...lines.slice(0, 10)].join('\n');
const created = await fetch(`${address}/api/recipes`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ text }),
});
const { id } = await created.json();

const browser = await openBrowser();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${address}/recipes/${id}/amounts`);
await page.getByRole('rowheader').nth(29).waitFor();

const durations = await costsOf(browser, page, MARK, () =>
  page.evaluate(
    async ({ changes, mark }) => {
      const field = document.querySelector('yg-batch-control input');
      const factors = ['1/2', '1', '3/2', '2', '5/3', '3', '2/3'];
      for (let i = 0; i < changes; i++) {
        // Long enough for the change before to be saved.
        await new Promise((resolve) => setTimeout(resolve, 900));
        performance.mark(mark);
        field.value = factors[i % factors.length];
        field.dispatchEvent(new Event('input', { bubbles: true }));
      }
      await new Promise((resolve) => setTimeout(resolve, 900));
    },
    { changes: CHANGES, mark: MARK },
  ),
);
const at = (share) => shareOf(durations, share);
console.log(
  `Factor change on 30 lines, main-thread time from input to painted: median ${at(0.5).toFixed(1)} ms, p95 ${at(0.95).toFixed(1)} ms, of ${durations.length} changes`,
);
console.log(
  `Wanted: within ${FRAME_MILLISECONDS} ms: ${at(0.5) <= FRAME_MILLISECONDS ? 'kept' : 'MISSED'} (median)`,
);

/** Lengths of frames while something is set with each that the browser gives, sorted. */
const framesWhile = (kind) =>
  page.evaluate(
    async ({ kind, milliseconds }) => {
      const [field, slider] = ['input:not([type=range])', 'input[type=range]'].map((input) =>
        document.querySelector(`yg-batch-control ${input}`),
      );
      const [low, high] = [Number(slider.min), Number(slider.max)];
      // From one end to the other in a little over three seconds; or another factor every time.
      const set = {
        drag: (frame) => [slider, low + ((high - low) * (frame % 200)) / 200],
        flood: (frame) => [field, (1 + (frame % 150) / 100).toFixed(2)],
      }[kind];
      const lengths = [];
      let last = performance.now();
      for (const end = last + milliseconds; last < end;) {
        const [input, value] = set(lengths.length);
        input.value = String(value);
        input.dispatchEvent(new Event('input', { bubbles: true }));
        const now = await new Promise((resolve) => requestAnimationFrame(resolve));
        lengths.push(now - last);
        last = now;
      }
      return lengths.slice(1).sort((a, b) => a - b);
    },
    { kind, milliseconds: DRAGGED_MILLISECONDS },
  );
for (const [kind, says] of [
  ['drag', 'Dragged over the whole slider'],
  ['flood', 'Another factor with every frame'],
]) {
  const frames = await framesWhile(kind);
  const onTime = frames.filter((length) => length < 1.5 * FRAME_MILLISECONDS).length;
  const share = onTime / frames.length;
  const median = frames[Math.floor(frames.length / 2)];
  console.log(
    `${says}, 30 lines: ${median.toFixed(1)} ms median, ${Math.round(100 * share)} of 100 frames on time`,
  );
  if (kind === 'drag') console.log(`Wanted: none dropped: ${share > 0.985 ? 'kept' : 'MISSED'}`);
}
await browser.close();
server.close();
