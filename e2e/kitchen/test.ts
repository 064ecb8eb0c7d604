import { test as base, expect, type Page } from '@playwright/test';
import { KitchenServer } from './server';

/** What a browser says of requests that a crash cut off, that met no server, or one just starting. */
export const CUT_OFF =
  /ERR_CONNECTION_REFUSED|ERR_INTERNET_DISCONNECTED|ERR_INCOMPLETE_CHUNKED|Failed to fetch|ERR_EMPTY_RESPONSE|ERR_CONNECTION_RESET|ERR_SOCKET_NOT_CONNECTED|status of 503/;

/** Does what a baker does, in their words. */
export class Baker {
  /** What was put into the text last; null once it is known to be saved. */
  private written: string | null = null;

  constructor(
    readonly page: Page,
    readonly server: KitchenServer,
  ) {}

  async goTo(path: string): Promise<void> {
    await this.page.goto(`${this.server.address}${path}`);
  }

  /** Pastes a recipe into a new recipe and saves it; ends in its Amounts. */
  async saveNew(text: string): Promise<void> {
    await this.goTo('/new/text');
    await this.write(text);
    await this.page.getByRole('button', { name: 'Save recipe' }).click();
    await this.page.waitForURL(/\/recipes\/.*\/amounts/);
    this.written = null;
  }

  async write(text: string): Promise<void> {
    this.written = text;
    await this.page.getByRole('textbox', { name: 'Recipe text' }).click();
    await this.page.keyboard.press('ControlOrMeta+a');
    await this.page.keyboard.insertText(text);
  }

  /** The ledger row whose written text contains this. */
  row(written: string) {
    return this.page
      .getByRole('row')
      .filter({ has: this.page.getByRole('rowheader', { name: written }) });
  }

  /** Opens a part of the kitchen, as one goes there. */
  async openPart(name: string): Promise<void> {
    await this.page.getByRole('link', { name: 'Kitchen', exact: true }).click();
    await this.page.getByRole('main').getByRole('link', { name, exact: true }).click();
  }

  /** Back from a part of the kitchen to where it was opened from. */
  async leavePart(): Promise<void> {
    await this.page.goBack();
    await this.page.waitForURL(/\/kitchen$/);
    await this.page.goBack();
  }

  /** Puts the simulated scale on the counter. */
  async connectScale(): Promise<void> {
    await this.page.getByRole('button', { name: 'Connect the scale' }).click();
    await this.page.getByRole('button', { name: 'Simulated scale' }).click();
  }

  /** Opens what can be changed of a line. */
  async edit(written: string): Promise<void> {
    await this.page.getByRole('button', { name: `Edit ${written}`, exact: true }).click();
  }

  async setFactor(factor: string): Promise<void> {
    await this.page.getByRole('textbox', { name: 'Factor' }).fill(factor);
  }

  /** The page says so, and the server has what was written last. */
  async expectSaved(): Promise<void> {
    const { pathname } = new URL(this.page.url());
    const [, recipe] = /^\/recipes\/([^/]+)\//.exec(pathname) ?? [];
    if (this.written !== null && recipe) {
      await expect.poll(() => this.textOnServer(recipe)).toBe(this.written.trim());
      this.written = null;
    }
    await expect(this.page.getByText('Saved', { exact: true })).toBeVisible();
  }

  private async textOnServer(recipe: string): Promise<string> {
    const response = await this.page.request.get(`${this.server.address}/api/recipes/${recipe}`);
    return ((await response.json()) as { text: string }).text.trim();
  }
}

/** Who has been in every place before: none of them says any more by itself what it is. */
const SEEN_ALL =
  'recipes files text amounts how-sure measure make log ingredients kitchen tools ovens people authors settings practice';

interface Options {
  demo: boolean;
  /** Whether this browser has never been here. */
  isNew: boolean;
  house: boolean;
}

/**
 * A test with a kitchen of its own. It fails when the page logs an error or breaks its own
 * content policy, unless the test says that it expects trouble.
 */
export const test = base.extend<
  Options & { server: KitchenServer; baker: Baker; troubles: string[] },
  { demoDatabase: string; emptyDatabase: string }
>({
  demo: [false, { option: true }],
  isNew: [false, { option: true }],
  house: [false, { option: true }],
  troubles: async ({}, use) => {
    await use([]);
  },
  // Filled once for all tests that a worker runs; a server that was asked to stop leaves one file.
  demoDatabase: [
    async ({}, use) => {
      const server = new KitchenServer(true);
      await server.start();
      await server.stop();
      await use(server.database);
      await server.dispose();
    },
    { scope: 'worker' },
  ],
  // Nor need the shape of an empty one be built up for each of them.
  emptyDatabase: [
    async ({}, use) => {
      const server = new KitchenServer(false);
      await server.start();
      await server.stop();
      await use(server.database);
      await server.dispose();
    },
    { scope: 'worker' },
  ],
  context: async ({ context, isNew }, use) => {
    if (!isNew) {
      await context.addInitScript((seen) => {
        localStorage.setItem('ypsigram.about-seen', seen);
      }, SEEN_ALL);
    }
    await use(context);
  },
  server: async ({ demo, house, demoDatabase, emptyDatabase }, use) => {
    const server = new KitchenServer(demo, demo ? demoDatabase : emptyDatabase);
    server.isHouseOpen = house;
    await server.start();
    await use(server);
    await server.dispose();
  },
  baker: async ({ page, server, troubles }, use) => {
    page.on('console', (message) => {
      if (message.type() === 'error') troubles.push(message.text());
    });
    page.on('pageerror', (error) => troubles.push(String(error)));
    await use(new Baker(page, server));
    expect(troubles).toEqual([]);
  },
});

export { expect };
