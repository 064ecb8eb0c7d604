import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { AfterTheBench } from '../kitchen/oven-and-log';
import { expect, test } from '../kitchen/test';

test.use({ demo: true });

/** Within a part of the page, or all of it. */
async function seriousViolations(page: Page, part: string | null): Promise<string[]> {
  const axe = new AxeBuilder({ page });
  const { violations } = await (part === null ? axe : axe.include(part)).analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`);
}

const LAPTOP = { width: 1280, height: 800 };
const TABLET = { width: 820, height: 1180 };
const PHONE = { width: 390, height: 844 };

const overflow = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

/**
 * The screen fits every width; rules are looked at where the layout is widest and narrowest, where
 * only a part is new in that part alone.
 */
async function expectGood(page: Page, part: string | null = null): Promise<void> {
  for (const viewport of [TABLET, PHONE, LAPTOP]) {
    await page.setViewportSize(viewport);
    // A chart takes its new width a moment after the page has.
    await expect
      .poll(() => overflow(page), { message: `what is wider than ${viewport.width}` })
      .toBeLessThanOrEqual(0);
    if (viewport !== TABLET) expect(await seriousViolations(page, part)).toEqual([]);
  }
}

test.describe('what is seen is accessible, and fits laptop, tablet and phone:', () => {
  test('the Book and a recipe', async ({ baker, page }) => {
    await baker.goTo('/book');
    await expect(page.getByRole('listitem')).toHaveCount(6);
    await expectGood(page);
    await page.getByRole('link', { name: 'Cardamom knots' }).click();
    await expect(baker.row('4 cups bread flour')).toBeVisible();
    await page
      .getByRole('button', {
        name: 'Where the weight comes from: estimate, for 4 cups bread flour',
      })
      .click();
    await expectGood(page);
    await page.getByRole('link', { name: 'Reading' }).click();
    await expect(
      page.getByText('Read as packed.').or(page.getByText('Read as whole milk.')).first(),
    ).toBeVisible();
    await page.getByRole('button', { name: /^Correct 4 cups/ }).click();
    await expectGood(page);
  });

  test('the batch seen otherwise, and its card', async ({ baker, page }) => {
    await baker.goTo('/book');
    await page.getByRole('link', { name: 'Cardamom knots' }).click();
    for (const view of ['Baker’s formula', 'Compare', 'Cost and shopping']) {
      await page.getByRole('button', { name: view }).click();
      await expect(page.getByRole('button', { name: view })).toHaveAttribute(
        'aria-expanded',
        'true',
      );
      await expectGood(page, 'yg-batch-more');
    }
    await page.getByRole('link', { name: 'Print card' }).click();
    await expect(page.getByRole('row', { name: /^4 cups bread flour/ })).toBeVisible();
    await expectGood(page);
  });

  test('the Chance', async ({ baker, page }) => {
    await baker.goTo('/book');
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
    await baker.goTo('/book/import-and-export');
    await page.getByText('All recipes (open to choose)').click();
    await expectGood(page);
    await page.getByRole('link', { name: 'Shelf' }).click();
    await page.getByRole('link', { name: 'Cake flour' }).click();
    await expectGood(page);
    await page.getByRole('link', { name: 'Drawer' }).click();
    await page.getByRole('button', { name: 'Add a tool' }).click();
    await page.getByRole('button', { name: 'Calibrate blue enamel mug' }).click();
    await expectGood(page);
    await page.getByRole('link', { name: 'Settings' }).click();
    await expect(page.getByRole('heading', { name: 'Our usual way' })).toBeVisible();
    await expectGood(page);
  });

  test('Hand, Authors and the scale', async ({ baker, page }) => {
    await baker.goTo('/hand');
    await page.getByRole('link', { name: /^Moorhen/ }).click();
    await expect(page.getByRole('img', { name: /Moorhen: mean/ })).toBeVisible();
    await page.getByText(/^All 20 trials of Moorhen/).click();
    await expectGood(page);
    await page.getByRole('link', { name: 'Authors' }).click();
    await page.getByRole('link', { name: /^The blue binder/ }).click();
    await expect(page.getByText('3 tbsp (25 g) flour, for rolling')).toBeVisible();
    await expectGood(page);
    await page.getByRole('button', { name: 'Connect the scale' }).click();
    await page.getByRole('button', { name: 'Simulation' }).click();
    await expect(page.getByRole('button', { name: /^white enamel bowl/ })).toBeVisible();
    await expectGood(page);
  });

  test('the ovens, the Log and a failed bake', async ({ baker, page }) => {
    await baker.goTo('/drawer/ovens');
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
    await baker.goTo(`/recipes/${id}/oven/${bake.id}`);
    await page.getByRole('button', { name: 'Plan it back from a time' }).click();
    await page.getByRole('button', { name: 'Plan it', exact: true }).click();
    await page.getByText('Times of each step').click();
    await page.getByRole('button', { name: /^5 Bake|^\d Bake/ }).click();
    await page.getByRole('button', { name: 'The tray goes in' }).click();
    await expect(oven.strip()).toBeVisible();
    await expectGood(page);
  });
});

test('the whole way goes by keyboard', async ({ baker, page }) => {
  await baker.goTo('/book');
  await page.getByRole('link', { name: 'Cardamom knots' }).focus();
  await page.keyboard.press('Enter');
  await page.waitForURL(/balance/);
  await page.getByRole('textbox', { name: 'Factor' }).focus();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('1 1/2');
  await expect(page.getByText('makes 27 knots')).toBeVisible();
  await page.getByLabel('Your method for 4 cups bread flour').focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByLabel('Your method for 4 cups bread flour')).toHaveValue('dipped');
  await page.keyboard.press('ControlOrMeta+s');
  await baker.expectSaved();
});
