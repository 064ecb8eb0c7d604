import { expect, type Browser, type BrowserContext, type Page } from '@playwright/test';
import { AtTheBench } from './bench';
import type { KitchenServer } from './server';

export const TABLET = { viewport: { width: 820, height: 1180 }, hasTouch: true } as const;
export const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true } as const;

/** A device of the house, as it comes in over the network. */
export class HouseDevice {
  private constructor(
    readonly name: string,
    readonly context: BrowserContext,
    readonly page: Page,
    readonly server: KitchenServer,
  ) {}

  static async of(
    browser: Browser,
    server: KitchenServer,
    name: string,
    size: typeof TABLET | typeof PHONE,
  ): Promise<HouseDevice> {
    const context = await browser.newContext({
      ...size,
      reducedMotion: 'reduce',
      serviceWorkers: 'allow',
    });
    return new HouseDevice(name, context, await context.newPage(), server);
  }

  async goTo(path: string): Promise<void> {
    await this.page.goto(`${this.server.house}${path}`);
  }

  async typePasscode(passcode: string): Promise<void> {
    await this.page.getByRole('textbox', { name: 'Passcode' }).fill(passcode);
    await this.page.getByRole('textbox', { name: 'Name of this device' }).fill(this.name);
    await this.page.getByRole('button', { name: 'Pair', exact: true }).click();
  }

  /** Waits until the browser has kept all of the page: it does so when nothing else is to be done. */
  async keepsThePage(): Promise<void> {
    const missing = (): Promise<number> =>
      this.page.evaluate(async () => {
        const list = (await (await fetch('/ngsw.json')).json()) as {
          assetGroups: { installMode: string; urls: string[] }[];
        };
        const kept = new Set<string>();
        for (const name of await caches.keys()) {
          const cache = await caches.open(name);
          for (const { url } of await cache.keys()) kept.add(new URL(url).pathname);
        }
        // What is kept only once it was asked for is no part of the page.
        return list.assetGroups
          .filter(({ installMode }) => installMode === 'prefetch')
          .flatMap(({ urls }) => urls)
          .filter((path) => !kept.has(path)).length;
      });
    await expect.poll(missing, { timeout: 45_000 }).toBe(0);
  }

  bench(): AtTheBench {
    return new AtTheBench(this.page, this.server);
  }
}
