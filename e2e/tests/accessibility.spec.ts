import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test } from '../kitchen/test';

test.use({ demo: true });

async function seriousViolations(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`);
}

const WIDTHS = [
  { name: 'laptop', width: 1280, height: 800 },
  { name: 'tablet', width: 820, height: 1180 },
  { name: 'phone', width: 390, height: 844 },
];

for (const { name, ...viewport } of WIDTHS) {
  test(`Book, Reading, Balance, Shelf and Drawer are accessible on a ${name}, and fit it`, async ({
    baker,
    page,
  }) => {
    await page.setViewportSize(viewport);
    const expectGood = async (): Promise<void> => {
      expect(await seriousViolations(page)).toEqual([]);
      const overflow = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect(overflow).toBeLessThanOrEqual(0);
    };
    await baker.goTo('/book');
    await expect(page.getByRole('listitem')).toHaveCount(6);
    await expectGood();
    await page.getByRole('link', { name: 'Cardamom knots' }).click();
    await expect(baker.row('4 cups bread flour')).toBeVisible();
    await page.getByRole('button', { name: 'Basis: reference, of 4 cups bread flour' }).click();
    await expectGood();
    await page.getByRole('link', { name: 'Reading' }).click();
    await expect(
      page.getByText('Taken as packed.').or(page.getByText('Taken as whole milk.')).first(),
    ).toBeVisible();
    await expectGood();
    await page.getByRole('link', { name: 'Shelf' }).click();
    await expectGood();
    await page.getByRole('link', { name: 'Cake flour' }).click();
    await expectGood();
    await page.getByRole('link', { name: 'Drawer' }).click();
    await page.getByRole('button', { name: 'Add a tool' }).click();
    await page.getByRole('button', { name: 'Calibrate blue enamel mug' }).click();
    await expectGood();
  });
}

test('the whole way goes by keyboard', async ({ baker, page }) => {
  await baker.goTo('/book');
  await page.getByRole('link', { name: 'Cardamom knots' }).focus();
  await page.keyboard.press('Enter');
  await page.waitForURL(/balance/);
  await page.getByLabel('or times').focus();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('1 1/2');
  await expect(page.getByText('makes 27 knots')).toBeVisible();
  await page.getByLabel('Your method for 4 cups bread flour').focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByLabel('Your method for 4 cups bread flour')).toHaveValue('dipped');
  await page.keyboard.press('ControlOrMeta+s');
  await baker.expectSaved();
});
