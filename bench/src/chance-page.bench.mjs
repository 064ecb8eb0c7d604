// The page while two million bakes run beside it: how long its frames are; and how soon a change shows.
import { openBrowser, openServer } from '../../scripts/stage.mjs';

const WATCHED_MILLISECONDS = 4000;
const FRAME_MILLISECONDS = 1000 / 60;
/** A frame that is late by less is not seen to be. */
const LEEWAY_MILLISECONDS = 3;

const server = await openServer({ demo: true });
const browser = await openBrowser();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${server.address}/recipes`);
await page.getByRole('link', { name: 'Cardamom knots' }).click();
await page.getByRole('link', { name: 'How likely is a good bake?' }).click();
await page.getByRole('button', { name: 'Weigh these' }).waitFor();
await page.waitForTimeout(2000);

const frames = await page.evaluate(async (milliseconds) => {
  const bakes = [...document.querySelectorAll('select')].find(({ options }) =>
    [...options].some(({ value }) => value === '2000000'),
  );
  bakes.value = '2000000';
  bakes.dispatchEvent(new Event('change'));
  const lengths = [];
  let last = performance.now();
  const end = last + milliseconds;
  while (last < end) {
    const now = await new Promise((resolve) => requestAnimationFrame(resolve));
    lengths.push(now - last);
    last = now;
  }
  return lengths.slice(1).sort((a, b) => a - b);
}, WATCHED_MILLISECONDS);
const at = (share) => frames[Math.floor(share * (frames.length - 1))];
console.log(
  `Frames beside two million bakes: ${at(0.5).toFixed(1)} ms median, ${at(0.95).toFixed(1)} ms at the 95th of 100, ${at(1).toFixed(0)} ms the longest`,
);
const isKept = at(0.95) < FRAME_MILLISECONDS + LEEWAY_MILLISECONDS;
console.log(`Wanted: 60 a second: ${isKept ? 'kept' : 'MISSED'}`);

await page.getByRole('button', { name: 'Stop' }).click();
await page.getByText('Details', { exact: true }).click();
await page.getByRole('combobox', { name: 'Simulated bakes' }).selectOption('20000');
await page.waitForTimeout(3000);
const FIRST_BAKES = '1\u202f024';
const soon = await page.evaluate(
  (first) =>
    new Promise((resolve) => {
      const said = document.querySelector('yg-how-sure-page .said');
      const jug = [...document.querySelectorAll('select')].find(({ options }) =>
        [...options].some(({ value }) => value === 'above'),
      );
      const from = performance.now();
      new MutationObserver((_, observer) => {
        if (!said.textContent.includes(first)) return;
        observer.disconnect();
        resolve(performance.now() - from);
      }).observe(said, { subtree: true, characterData: true, childList: true });
      jug.value = 'above';
      jug.dispatchEvent(new Event('change'));
    }),
  FIRST_BAKES,
);
console.log(`First picture after a change, 12 lines and six variants: ${soon.toFixed(0)} ms`);
console.log(`Wanted: within 100 ms: ${soon <= 100 ? 'kept' : 'MISSED'}`);
await browser.close();
server.close();
