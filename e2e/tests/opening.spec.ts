import type { ElementHandle, Locator, Page } from '@playwright/test';
import { AtTheBench } from '../kitchen/bench';
import { expect, test } from '../kitchen/test';

test.use({ demo: true });

/** What the keyboard is on, whether it is seen there, and whether it is still the opener. */
const whereTheKeyboardIs = (opener: ElementHandle) =>
  opener.evaluate((button) => {
    const now = document.activeElement!;
    const { left, top, width, height } = now.getBoundingClientRect();
    const [x, y] = [left + width / 2, top + Math.min(height / 2, 22)];
    const onTop = document.elementFromPoint(x, y);
    return {
      isAway: now !== button && now !== document.body,
      isSeen: onTop !== null && (now.contains(onTop) || onTop.contains(now)),
    };
  });

/** It opens in view with the keyboard in it, and Escape gives the keyboard back to what opened it. */
async function opensInView(page: Page, opener: Locator): Promise<void> {
  await opener.scrollIntoViewIfNeeded();
  await opener.focus();
  // What is open may bear another name on its button.
  const button = (await opener.elementHandle())!;
  await page.keyboard.press('Enter');
  await expect
    .poll(() => whereTheKeyboardIs(button), { message: `${opener}` })
    .toEqual({ isAway: true, isSeen: true });
  await page.keyboard.press('Escape');
  await expect(opener, `${opener}`).toBeFocused();
}

/** Every form and menu of a place, by the button that opens it. */
const OPENERS: readonly { readonly at: string; readonly buttons: readonly (string | RegExp)[] }[] =
  [
    { at: '/recipes', buttons: [/^Ask/, 'Connect the scale', /^More for Cardamom knots/] },
    { at: 'text', buttons: ['Versions', /^Fix /] },
    { at: 'amounts', buttons: [/^Edit /, /Change$|^Your way/, /^Ask/] },
    { at: 'log', buttons: ['Add a bake done on paper'] },
    { at: '/kitchen/tools', buttons: ['Add a tool', 'Calibrate 1 cup', 'Add a scale'] },
    { at: '/ingredients/flour-wheat-bread', buttons: [/^Set our weight: /] },
    { at: '/ingredients', buttons: ['Add an ingredient'] },
    { at: '/log', buttons: ['Export'] },
    { at: '/recipes/import-and-export', buttons: ['Paste text'] },
    { at: '/kitchen/people', buttons: ['Add a person'] },
  ];

for (const [size, viewport] of [
  ['a laptop', { width: 1280, height: 800 }],
  ['a phone', { width: 390, height: 844 }],
] as const) {
  test.describe(`on ${size}`, () => {
    test('every form and menu opens in view with the keyboard in it', async ({ baker, page }) => {
      test.slow();
      await page.setViewportSize(viewport);
      await baker.goTo('/recipes');
      await page.getByRole('link', { name: 'Cardamom knots' }).click();
      await page.waitForURL(/\/amounts$/);
      const recipe = new URL(page.url()).pathname.replace(/\/amounts$/, '');
      for (const { at, buttons } of OPENERS) {
        await baker.goTo(at.startsWith('/') ? at : `${recipe}/${at}`);
        for (const name of buttons) {
          const opener = page.getByRole('button', { name, exact: true }).first();
          await expect(opener).toBeVisible();
          await opensInView(page, opener);
        }
      }
    });

    test('so do those at the counter and in the oven', async ({ baker, page, server }) => {
      const bench = new AtTheBench(baker.page, server);
      await bench.begin('By cup and spoon');
      await page.setViewportSize(viewport);
      const more = page.getByRole('button', { name: 'More', exact: true });
      await opensInView(page, more);
      const button = (await more.elementHandle())!;
      for (const entry of ['Evening before', 'Keys, sounds and scale']) {
        await more.click();
        await page.getByRole('button', { name: entry }).click();
        await expect
          .poll(() => whereTheKeyboardIs(button), { message: entry })
          .toEqual({ isAway: true, isSeen: true });
        await page.keyboard.press('Escape');
        await expect(more).toBeFocused();
      }
      const work = new URL(page.url()).pathname;
      await baker.goTo(work.replace('/measure/', '/make/'));
      await opensInView(page, page.getByRole('button', { name: 'Plan it back from a time' }));
    });
  });
}
