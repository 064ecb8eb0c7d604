// A browser whose own database is full, dropped or forbidden, and two tabs without a server.
import { randomUUID } from 'node:crypto';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { openBrowser } from '../stage.mjs';
import { newFolder, send, startServer } from './server.mjs';

const TEXT = 'Buns\n8 cups flour\n6 tsp salt\nMix.\nBake.';
const ACTS = 5;

async function until(holds, milliseconds = 15_000) {
  const last = Date.now() + milliseconds;
  while (!(await holds())) {
    if (Date.now() > last) return false;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  return true;
}

/** What goes wrong with the storage of the page, from then on. */
const TROUBLES = {
  dropped: async (page, address) => {
    const session = await page.context().newCDPSession(page);
    await session.send('Storage.clearDataForOrigin', {
      origin: address,
      storageTypes: 'indexeddb,local_storage',
    });
  },
  full: async (page) => {
    await page.evaluate(() => {
      // As a browser does that has no room left: what was written is taken back when it is to be kept.
      for (const act of ['add', 'put']) {
        const own = IDBObjectStore.prototype[act];
        IDBObjectStore.prototype[act] = function (...given) {
          const request = own.apply(this, given);
          this.transaction.abort();
          return request;
        };
      }
    });
  },
  denied: async (page) => {
    await page.evaluate(() => {
      // As where a browser is told in the middle of it to keep nothing of this site.
      IDBFactory.prototype.open = () => {
        throw new DOMException('denied', 'SecurityError');
      };
      IDBDatabase.prototype.transaction = () => {
        throw new DOMException('closed', 'InvalidStateError');
      };
    });
  },
};

async function begin(address) {
  const { body: recipe } = await send(address, 'POST', '/api/recipes', { text: TEXT });
  const draft = { id: randomUUID(), recipeId: recipe.id, handId: null, way: 'fill' };
  const bake = await send(address, 'POST', '/api/bakes', draft);
  return { recipe: recipe.id, bake: bake.body.id };
}

const fills = async (address, bake) =>
  ((await send(address, 'GET', `/api/bakes/${bake}`)).body?.readings ?? []).filter(
    ({ act }) => act.do === 'fill',
  ).length;

/** Presses the counter's own button for a fill so many times. */
async function fill(page, times) {
  for (let count = 0; count < times; count++) {
    await page
      .locator('.act .btn-primary, .btn-primary')
      .filter({ hasText: /^\s*Add/ })
      .first()
      .click();
    await page.waitForTimeout(120);
  }
}

async function counter(browser, trouble, isServerAway) {
  const folder = newFolder();
  const file = join(folder, 'kitchen.sqlite');
  let server = await startServer(file);
  const port = new URL(server.address).port;
  const { recipe, bake } = await begin(server.address);
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(`${server.address}/recipes/${recipe}/measure/${bake}`);
  await page.getByRole('region', { name: 'At hand' }).waitFor();
  await fill(page, 2);
  await until(async () => (await fills(server.address, bake)) === 2);
  await TROUBLES[trouble](page, server.address);
  if (isServerAway) await server.kill();
  await fill(page, ACTS - 2);
  if (isServerAway) server = await startServer(file, { port });
  const isThere = await until(async () => (await fills(server.address, bake)) === ACTS);
  const kept = await fills(server.address, bake);
  await context.close();
  await server.stop();
  rmSync(folder, { recursive: true });
  return isThere ? 0 : ACTS - kept;
}

/** Two tabs set a timer each while there is no server, and are closed: how many of the two are missing. */
async function tabs(browser) {
  const folder = newFolder();
  const file = join(folder, 'kitchen.sqlite');
  let server = await startServer(file);
  const { address } = server;
  const port = new URL(address).port;
  const ends = new Date(Date.now() + 600_000).toISOString();
  const ids = [randomUUID(), randomUUID()];
  for (const [at, id] of ids.entries()) {
    const timer = { name: `Tray ${at}`, startedAt: new Date().toISOString(), endsAt: ends };
    await send(address, 'PUT', `/api/timers/${id}`, timer);
  }
  const context = await browser.newContext();
  const pages = [await context.newPage(), await context.newPage()];
  for (const page of pages) {
    await page.goto(`${address}/recipes`);
    await page.getByRole('button', { name: '+5 minutes: Tray 0' }).waitFor();
  }
  await server.kill();
  for (const [at, page] of pages.entries()) {
    await page.getByRole('button', { name: `+5 minutes: Tray ${at}` }).click();
    await page.waitForTimeout(300);
  }
  await context.pages()[0].close();
  await context.pages()[0].close();
  server = await startServer(file, { port });
  const later = await context.newPage();
  await later.goto(`${address}/recipes`);
  const late = async () =>
    (await send(address, 'GET', '/api/timers')).body.items.filter(({ endsAt }) => endsAt > ends)
      .length;
  await until(async () => (await late()) === 2);
  const missing = 2 - (await late());
  await context.close();
  await server.stop();
  rmSync(folder, { recursive: true });
  return missing;
}

/** How many acts were lost by each trouble, with the server there and with it away for a while. */
export async function storage(isShort) {
  const browser = await openBrowser();
  const lost = {};
  try {
    for (const trouble of isShort ? ['dropped', 'full'] : Object.keys(TROUBLES)) {
      lost[`${trouble}, acts lost`] = await counter(browser, trouble, false);
      if (!isShort) {
        lost[`${trouble}, the server away, acts lost`] = await counter(browser, trouble, true);
      }
    }
    lost['two tabs without a server, timers lost'] = await tabs(browser);
  } finally {
    await browser.close();
  }
  return lost;
}
