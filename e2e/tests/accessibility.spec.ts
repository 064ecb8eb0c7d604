import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { photoOf, READ } from '../kitchen/paper';
import { AfterTheBench } from '../kitchen/oven-and-log';
import { standsStill } from '../kitchen/still';
import { expect, test } from '../kitchen/test';

test.use({ demo: true });

type RunOptions = Parameters<AxeBuilder['options']>[0];

/** Of any impact, within a part of the page or all of it. */
async function violationsOf(page: Page, part: string | null, rules: RunOptions): Promise<string[]> {
  // There is no frame in these pages: all is looked through in one go, without a page beside it.
  const axe = new AxeBuilder({ page })
    .setLegacyMode(true)
    // What passes need not be told.
    .options({ ...rules, resultTypes: ['violations'] });
  const { violations } = await (part === null ? axe : axe.include(part)).analyze();
  return violations.map(
    ({ id, nodes }) =>
      `${id}: ${nodes.map(({ html, failureSummary }) => `${html} ${failureSummary}`).join(' | ')}`,
  );
}

const LAPTOP = { width: 1280, height: 800 };
const TABLET = { width: 820, height: 1180 };
const PHONE = { width: 390, height: 844 };
/** A tablet on its side, and the narrowest phone there is. */
const WIDE = { width: 1024, height: 768 };
const NARROW = { width: 320, height: 640 };

/** By night only the colours are others. */
const COLOURS_ALONE = { runOnly: ['color-contrast'] };

/** What is seen on a button is what it is called by. */
const ALL = { rules: { 'label-content-name-mismatch': { enabled: true } } };

/** Colours are the same at every width: the slowest of all rules is looked at once. */
const SEEN_BEFORE = { rules: { 'color-contrast': { enabled: false } } };

const overflow = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

/**
 * The screen fits every width; rules are looked at where the layout is widest and narrowest, where
 * only a part is new in that part alone.
 */
async function expectGood(page: Page, part: string | null = null): Promise<void> {
  // A figure that is not there is never told as one.
  expect(await page.locator('body').innerText()).not.toMatch(/\bundefined\b|\bNaN\b|\[object /);
  // What lies under the pointer is looked at as everything else is.
  await page.mouse.move(0, 0);
  for (const viewport of [TABLET, WIDE, NARROW, PHONE, LAPTOP]) {
    await page.setViewportSize(viewport);
    // A chart takes its new width a moment after the page has.
    await expect
      .poll(() => overflow(page), { message: `what is wider than ${viewport.width}` })
      .toBeLessThanOrEqual(0);
    if (viewport !== PHONE && viewport !== LAPTOP) continue;
    // What is pinned while a page scrolls covers nothing at its top.
    await page.evaluate(() => window.scrollTo(0, 0));
    await standsStill(page);
    expect(await violationsOf(page, part, viewport === PHONE ? SEEN_BEFORE : ALL)).toEqual([]);
  }
  await page.emulateMedia({ colorScheme: 'dark' });
  expect(await violationsOf(page, part, COLOURS_ALONE), 'by night').toEqual([]);
  await page.emulateMedia({ colorScheme: 'light' });
}

test.describe('what is seen is accessible, and fits laptop, tablet and phone:', () => {
  // Many screens, each looked through at two sizes.
  test.describe.configure({ timeout: 240_000 });

  test('the Book and a recipe', async ({ baker, page }) => {
    await baker.goTo('/recipes');
    await expect(page.getByRole('listitem')).toHaveCount(6);
    await expectGood(page);
    await page.getByRole('link', { name: 'Cardamom knots' }).click();
    await expect(baker.row('4 cups bread flour')).toBeVisible();
    await baker.edit('4 cups bread flour');
    await expect(page.getByRole('heading', { name: 'Weight: a guess' })).toBeVisible();
    await expectGood(page);
    await page.getByRole('link', { name: /^Text/ }).click();
    await expect(
      page.getByText('Read as packed.').or(page.getByText('Read as whole milk.')).first(),
    ).toBeVisible();
    await page.getByRole('button', { name: /^Fix 4 cups/ }).click();
    await expectGood(page);
  });

  test('the batch seen otherwise, and its card', async ({ baker, page }) => {
    await baker.goTo('/recipes');
    await page.getByRole('link', { name: 'Cardamom knots' }).click();
    for (const view of ['Baker’s formula', 'Compare', 'Cost and shopping']) {
      await page.getByRole('button', { name: view }).click();
      await expect(page.getByRole('button', { name: view })).toHaveAttribute(
        'aria-expanded',
        'true',
      );
      await expectGood(page, 'yg-batch-more');
    }
    await page.getByRole('button', { name: /^Your way/ }).click();
    await page.getByRole('button', { name: 'More' }).click();
    await expectGood(page, 'yg-balance-tools');
    await page.getByRole('link', { name: 'Print card' }).click();
    await expect(page.getByRole('row', { name: /^4 cups bread flour/ })).toBeVisible();
    await expectGood(page);
  });

  test('a recipe from elsewhere, and the conversion chart', async ({
    baker,
    browser,
    page,
    troubles,
  }) => {
    await baker.goTo('/new/text');
    await page.getByRole('button', { name: 'a web address' }).click();
    await page.getByText('Made-up pages of the demo').click();
    await expectGood(page, 'yg-bring-in');
    await page.getByRole('button', { name: 'Cancel' }).click();
    const lines = ['3 cups rolled oats', '% cup honey', '1 tsp salt'];
    await page
      .getByLabel('Start from photos')
      .setInputFiles(await photoOf(browser, 'Oat slabs', lines));
    await expect(page.getByRole('button', { name: /^Top left corner/ })).toBeVisible();
    await expectGood(page, 'yg-photo-reader');
    await page.getByRole('button', { name: 'Read photo' }).click();
    await expect(page.getByRole('button', { name: /^1.2 instead of/ })).toBeVisible(READ);
    await expectGood(page, 'yg-photo-beside');
    await page.getByRole('button', { name: /^1.2 instead of/ }).click();
    await expect(page.getByRole('textbox', { name: 'Recipe text' })).toContainText('1/2 cup honey');
    await baker.goTo('/ingredients/chart');
    await expect(page.getByRole('row', { name: /^Honey/ })).toBeVisible();
    await expectGood(page);
    // The recogniser tells itself what it makes of a small picture.
    expect(troubles.splice(0).filter((said) => !/^(?:Estimating|Error in)/.test(said))).toEqual([]);
  });

  test('the Chance', async ({ baker, page }) => {
    await baker.goTo('/recipes');
    await page.getByRole('link', { name: 'Cardamom knots' }).click();
    await page.getByRole('link', { name: 'How likely is a good bake?' }).click();
    await page.getByLabel('It is a').selectOption('airy');
    await expect(page.getByRole('button', { name: 'Weigh these' })).toBeVisible();
    for (const more of [
      'Each ingredient on its own',
      'How this is worked out',
      'Show the numbers',
    ]) {
      await page.getByText(more).first().click();
    }
    await expectGood(page);
  });

  test('files, Shelf, Drawer and Settings', async ({ baker, page }) => {
    await baker.goTo('/recipes/import-and-export');
    await page.getByText('All recipes (open to choose)').click();
    await expectGood(page);
    await page.getByRole('link', { name: 'Ingredients', exact: true }).click();
    await page.getByRole('link', { name: 'Cake flour' }).click();
    await expectGood(page);
    await baker.openPart('Tools');
    await page.getByRole('button', { name: 'Add a tool' }).click();
    await page.getByRole('button', { name: 'Calibrate blue enamel mug' }).click();
    await expectGood(page);
    await baker.openPart('Settings');
    await expect(page.getByRole('heading', { name: 'Our usual way' })).toBeVisible();
    await expectGood(page);
    await page.getByRole('switch', { name: 'Let phones and tablets connect' }).click();
    await expect(page.getByRole('button', { name: 'Another passcode' })).toBeVisible();
    await page.getByText('Why a device warns, once').click();
    await expectGood(page, 'yg-devices');
    await baker.goTo('/pair');
    await page.getByText('The browser warned of the certificate').click();
    await expectGood(page);
  });

  test('Hand, Authors and the scale', async ({ baker, page }) => {
    await baker.goTo('/kitchen/people');
    await page.getByRole('link', { name: /^Moorhen/ }).click();
    await expect(page.getByRole('img', { name: /Moorhen: mean/ })).toBeVisible();
    await page.getByText(/^All 20 trials of Moorhen/).click();
    await expectGood(page);
    await baker.openPart('Authors');
    await page.getByRole('link', { name: /^The blue binder/ }).click();
    await expect(page.getByText('3 tbsp (25 g) flour, for rolling')).toBeVisible();
    await expectGood(page);
    await baker.connectScale();
    await page.getByRole('button', { name: 'Simulation' }).click();
    await expect(page.getByRole('button', { name: /^white enamel bowl/ })).toBeVisible();
    await expectGood(page);
  });

  test('the ovens, the Log and a failed bake', async ({ baker, page }) => {
    await baker.goTo('/kitchen/ovens');
    await expect(page.getByText(/hotter than its dial says/)).toBeVisible();
    await expectGood(page);
    await baker.goTo('/log/over-time');
    await expect(page.getByRole('heading', { name: 'Cost and waste' })).toBeVisible();
    await expectGood(page);
    await baker.goTo('/log');
    await expect(page.getByRole('listitem').first()).toBeVisible();
    await expectGood(page);
    await page.getByRole('link', { name: /Moorhen says the oven/ }).click();
    await expect(page.getByRole('region', { name: 'Why?' })).toContainText('Something else');
    await expectGood(page);
    await page.getByRole('link', { name: 'All bakes of it' }).click();
    await expect(page.getByRole('heading', { name: 'What it forgives' })).toBeVisible();
    await expectGood(page);
  });

  test('the Oven with a tray in it, planned backwards', async ({ baker, page, server }) => {
    const oven = new AfterTheBench(page, server);
    const { items } = await oven.ask<{ items: { id: string; title: string }[] }>('/recipes');
    const { id } = items.find(({ title }) => title === 'Lean sponge')!;
    const bake = await oven.begin(id);
    await baker.goTo(`/recipes/${id}/make/${bake.id}`);
    await page.getByRole('button', { name: 'Plan it back from a time' }).click();
    await page.getByRole('button', { name: 'Plan it', exact: true }).click();
    await page.getByText('Times of each step').click();
    await page.getByRole('button', { name: /^5 Bake|^\d Bake/ }).click();
    await page.getByRole('button', { name: 'The tray goes in' }).click();
    await expect(oven.strip()).toBeVisible();
    await expectGood(page);
  });

  test('Practice: today, the counter and the jugs', async ({ baker, page }) => {
    await baker.goTo('/practice');
    await expect(page.getByRole('heading', { name: 'How near you come' })).toBeVisible();
    await expectGood(page);
    await baker.goTo('/practice/fill');
    await page.getByRole('button', { name: 'Dip it in' }).click();
    await page.getByRole('button', { name: 'Weigh it' }).click();
    await expect(page.getByText(/too heavy\./)).toBeVisible();
    await expectGood(page, 'main');
    await page.getByRole('button', { name: 'My own cup and scale' }).click();
    await expectGood(page, 'main');
    for (const kind of ['pour', 'read', 'slanted', 'tilted', 'dome']) {
      await baker.goTo(`/practice/jug?kind=${kind}`);
      await expect(page.getByRole('heading', { name: 'Read the jug' })).toBeVisible();
      await expectGood(page, 'main');
    }
  });

  test('Practice: questions and classes', async ({ baker, page }) => {
    for (const topic of ['technique', 'scale', 'order', 'estimate']) {
      await baker.goTo(`/practice/which?topic=${topic}`);
      await expect(page.getByRole('heading', { name: 'Say which' })).toBeVisible();
      await page.keyboard.press('1');
      await expectGood(page, 'main');
    }
    await baker.goTo('/practice/classes');
    await expectGood(page, 'main');
    await page.getByRole('link', { name: 'Stall helpers, Saturday' }).click();
    await expect(page.getByText(/^4 of 7 good\./)).toBeVisible();
    await expectGood(page, 'main');
    const code = (await page.locator('.code').innerText()).trim();
    await page.getByRole('link', { name: 'Sheet to print' }).click();
    await expectGood(page, 'main');
    await baker.goTo(`/join/${code}`);
    await expect(page.getByRole('heading', { name: 'Stall helpers, Saturday' })).toBeVisible();
    await expectGood(page, 'main');
  });
});

test('the whole way goes by keyboard', async ({ baker, page }) => {
  await baker.goTo('/recipes');
  await page.getByRole('link', { name: 'Cardamom knots' }).focus();
  await page.keyboard.press('Enter');
  await page.waitForURL(/amounts/);
  await page.getByRole('textbox', { name: 'Factor' }).focus();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('1 1/2');
  await expect(page.getByText('makes 27 knots')).toBeVisible();
  await page.getByRole('button', { name: 'Edit 4 cups bread flour' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Your method for 4 cups bread flour')).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByLabel('Your method for 4 cups bread flour')).toHaveValue('dipped');
  await page.keyboard.press('ControlOrMeta+s');
  await baker.expectSaved();
});

test.describe('for who sees it otherwise', () => {
  // 1280 by 800 at 200 %.
  test.use({
    viewport: { width: 640, height: 400 },
    contextOptions: { reducedMotion: 'reduce', forcedColors: 'active' },
  });

  test.describe.configure({ timeout: 240_000 });

  test('every place fits at twice the size, in colours of the reader’s own', async ({
    baker,
    page,
  }) => {
    await baker.goTo('/recipes');
    await page.getByRole('link', { name: 'Cardamom knots' }).click();
    await expect(baker.row('4 cups bread flour')).toBeVisible();
    const recipe = new URL(page.url()).pathname.replace('/amounts', '');
    const places = ['reading', 'balance', 'chance', 'bench', 'log', 'card'];
    const others = [
      '/recipes',
      '/ingredients',
      '/kitchen/tools',
      '/kitchen/people',
      '/kitchen/authors',
      '/kitchen/settings',
      '/log',
    ];
    const all = [...places.map((place) => `${recipe}/${place}`), ...others, '/practice', '/pair'];
    for (const place of all) {
      await baker.goTo(place);
      await expect(page.getByRole('heading').first()).toBeVisible();
      expect(await overflow(page), place).toBeLessThanOrEqual(0);
    }
    // What is chosen is told by more than a colour of ours.
    await baker.goTo(`${recipe}/amounts`);
    await page.getByRole('button', { name: /Change$/ }).click();
    const chosen = (name: string) =>
      page
        .getByRole('button', { name, exact: true })
        .evaluate((button) => getComputedStyle(button).backgroundColor);
    expect(await chosen('Both')).not.toBe(await chosen('Measure'));
  });
});
