// The quick question: how long a keystroke takes until its answer is painted.
import { costsOf, shareOf } from './main-thread.mjs';
import { openBrowser, openServer } from '../../scripts/stage.mjs';

const FRAME_MILLISECONDS = 16.7;
const MARK = 'keystroke';
const QUESTIONS = [
  '1 3/4 cups cocoa in grams',
  '200 g honey in tablespoons',
  '3 sticks butter',
  '350 F',
];

const server = await openServer({ demo: true });
const browser = await openBrowser();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${server.address}/kitchen/tools`);
await page.keyboard.press('Control+k');
await page.getByPlaceholder('1 3/4 cups cocoa in grams').waitFor();
const costs = await costsOf(browser, page, MARK, () =>
  page.evaluate(
    async ({ questions, mark }) => {
      const field = document.querySelector('yg-quick-question input');
      for (const question of questions) {
        for (let length = 1; length <= question.length; length++) {
          await new Promise((resolve) => setTimeout(resolve, 60));
          performance.mark(mark);
          field.value = question.slice(0, length);
          field.dispatchEvent(new Event('input', { bubbles: true }));
        }
      }
      await new Promise((resolve) => setTimeout(resolve, 200));
    },
    { questions: QUESTIONS, mark: MARK },
  ),
);
const [median, most] = [shareOf(costs, 0.5), shareOf(costs, 0.95)];
const kept = median <= FRAME_MILLISECONDS ? 'kept' : 'MISSED';
console.log(
  `A keystroke in the quick question, until its answer is painted: median ${median.toFixed(1)} ms of main thread, 95 of 100 under ${most.toFixed(1)} ms (${costs.length} keystrokes); wanted within a frame of ${FRAME_MILLISECONDS} ms: ${kept}`,
);
await browser.close();
server.close();
