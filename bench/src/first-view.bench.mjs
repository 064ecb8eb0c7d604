// How long a fresh browser takes until the Book can be used: from asking for its address to the first
// recipe's link painted with the page at rest. Beside it the floor: the same browser and server with
// a document of one line.
import { openBrowser, openServer } from '../../scripts/stage.mjs';

const LOOKS = 15;
const WANTED_MILLISECONDS = 1000;
const SIZES = {
  laptop: { width: 1280, height: 800 },
  phone: { width: 390, height: 844 },
};

const server = await openServer({ demo: true });
const browser = await openBrowser();
const told = (milliseconds) => `${milliseconds.toFixed(0)} ms`;

/** From the navigation until it is there and the frame that shows it is out; nothing is kept from before. */
async function opened(path, selector, viewport) {
  const context = await browser.newContext({ viewport });
  const page = await context.newPage();
  await page.goto(server.address + path, { waitUntil: 'commit' });
  const took = await page.evaluate(
    (wanted) =>
      new Promise((resolve) => {
        const look = () => {
          if (!document.querySelector(wanted)) setTimeout(look, 4);
          else requestAnimationFrame(() => setTimeout(() => resolve(performance.now())));
        };
        look();
      }),
    selector,
  );
  await context.close();
  return took;
}

async function looks(name, ...where) {
  const times = [];
  for (let look = 0; look < LOOKS; look++) times.push(await opened(...where));
  times.sort((a, b) => a - b);
  const median = times[Math.floor(LOOKS / 2)];
  console.log(`${name}: median ${told(median)}, most ${told(times.at(-1))} of ${LOOKS}`);
  return median;
}

await looks('a document of one line', '/api/health', 'body', SIZES.laptop);
for (const [name, viewport] of Object.entries(SIZES)) {
  const median = await looks(
    `the recipes on a ${name}`,
    '/recipes',
    'main a[href$="/amounts"]',
    viewport,
  );
  console.log(
    `  wanted: ${told(WANTED_MILLISECONDS)}, ${median <= WANTED_MILLISECONDS ? 'kept' : 'not kept'}`,
  );
}

await browser.close();
server.close();
