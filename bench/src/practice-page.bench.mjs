// The jug while the eye moves and the level rises: how long from an input to the picture that shows
// it, beside one beat of the screen; and a class of thirty that posts at once.
import { openBrowser, openServer } from '../../scripts/stage.mjs';

const MOVES = 400;
const SECONDS = 5;
const BEAT_MILLISECONDS = 1000 / 60;
const PEOPLE = 30;
const FILLS_EACH = 4;

const server = await openServer({ demo: true });
const { address } = server;
const browser = await openBrowser();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });

const at = (sorted, share) =>
  sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))];
const told = (milliseconds) => `${milliseconds.toFixed(1)} ms`;

/** How many pictures a page shows in some seconds while something is moved at every beat. */
const beats = (act) =>
  page.evaluate(
    async ({ seconds, act }) => {
      const slider = document.querySelector('input[aria-label="Height of your eye"]');
      const more = [...document.querySelectorAll('button')].find(
        (button) => button.textContent.trim() === 'A little more',
      );
      const end = performance.now() + seconds * 1000;
      let shown = 0;
      while (performance.now() < end) {
        await new Promise((next) => requestAnimationFrame(next));
        shown += 1;
        if (act === 'pour') more.click();
        if (act === 'eye') {
          slider.value = String(40 + ((shown * 7) % 480));
          slider.dispatchEvent(new Event('input'));
        }
      }
      return shown;
    },
    { seconds: SECONDS, act },
  );

/** From an input to the picture that shows it, laid out. */
async function worked() {
  const times = await page.evaluate(async (moves) => {
    const slider = document.querySelector('input[aria-label="Height of your eye"]');
    const taken = [];
    const channel = new MessageChannel();
    const settled = () =>
      new Promise((next) => {
        channel.port1.onmessage = next;
        channel.port2.postMessage(null);
      });
    for (let move = 0; move < moves; move++) {
      const before = document.querySelector('yg-jug-picture .edge').getAttribute('d');
      const began = performance.now();
      slider.value = String(40 + ((move * 37) % 480));
      slider.dispatchEvent(new Event('input'));
      do await settled();
      while (
        document.querySelector('yg-jug-picture .edge').getAttribute('d') === before &&
        performance.now() - began < 200
      );
      document.querySelector('yg-jug-picture .liquid').getBBox();
      taken.push(performance.now() - began);
    }
    return taken.sort((a, b) => a - b);
  }, MOVES);
  console.log(
    `jug, from input to a picture that is laid out: median ${told(at(times, 0.5))}, ` +
      `p95 ${told(at(times, 0.95))}, most ${told(times.at(-1))} (wanted: within ${told(BEAT_MILLISECONDS)})`,
  );
}

await page.goto(`${address}/practice/jug?kind=pour`);
await page.getByRole('button', { name: 'A little more' }).waitFor();
await page.getByRole('button', { name: 'A little more' }).click();
await worked();
const still = await beats('nothing');
for (const [name, act] of [
  ['the eye moves', 'eye'],
  ['the level rises', 'pour'],
]) {
  console.log(
    `jug while ${name} at every beat: ${await beats(act)} pictures in ${SECONDS} s; ` +
      `the same page at rest: ${still}`,
  );
}

const send = async (method, path, body) => {
  const reply = await fetch(`${address}/api${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (!reply.ok) throw new Error(`${method} ${path}: ${reply.status}`);
  return reply.json();
};
const id = crypto.randomUUID();
const task = {
  id: crypto.randomUUID(),
  ingredientId: 'flour-wheat-all-purpose',
  form: null,
  method: 'spooned',
  tool: '1 cup',
  millilitres: 236.5882365,
  grams: 125,
  tolerance: 0.06,
};
const { code } = await send('PUT', `/classes/${id}`, { name: 'thirty', tasks: [task] });
const began = performance.now();
const posts = Array.from({ length: PEOPLE * FILLS_EACH }, async (_, post) => {
  const started = performance.now();
  await send('PUT', `/classes/joined/${code}/results/${crypto.randomUUID()}`, {
    taskId: task.id,
    name: `Person ${1 + (post % PEOPLE)}`,
    grams: 110 + (post % 40),
    at: new Date().toISOString(),
  });
  return performance.now() - started;
});
const waits = (await Promise.all(posts)).sort((a, b) => a - b);
const { results } = await (await fetch(`${address}/api/classes/${id}`)).json();
console.log(
  `class of ${PEOPLE}, ${posts.length} results at once: kept ${results.length}, ` +
    `all after ${told(performance.now() - began)}, one within ${told(at(waits, 0.5))} (p95 ${told(at(waits, 0.95))})`,
);
if (results.length !== posts.length) process.exitCode = 1;

await browser.close();
server.close();
