import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '../kitchen/test';

test('the quick question is answered while it is typed, from every place', async ({
  baker,
  page,
}) => {
  await baker.goTo('/kitchen/tools');
  await page.keyboard.press('Control+k');
  const sheet = page.getByRole('dialog', { name: 'Quick question' });
  const field = sheet.getByPlaceholder('1 3/4 cups cocoa in grams');
  await field.fill('1 3/4 cups cocoa in grams');
  await expect(sheet.getByText('151 g', { exact: true }).first()).toBeVisible();
  await expect(sheet.getByText('sifted 135 g')).toBeVisible();
  await expect(sheet.getByText('Metric 159 g')).toBeVisible();
  await field.fill('350 F');
  await expect(sheet.getByRole('status').first()).toHaveText(
    '177 °C, 350 °F, gas mark 4, 157 °C with a fan',
  );
  await field.fill('20 cm round to 23 cm');
  await expect(sheet.getByRole('status').first()).toContainText('1.32 times the batch');
  await field.fill('2 tsp baekign powder');
  await sheet.getByRole('button', { name: 'Baking powder' }).click();
  await expect(field).toHaveValue('2 tsp baking powder');
  const { violations } = await new AxeBuilder({ page }).include('dialog').analyze();
  expect(violations.map(({ id }) => id)).toEqual([]);
  await page.keyboard.press('Escape');
  await expect(sheet).toHaveCount(0);
});

test('its answer is copied, opened and begun with by one key each', async ({ baker, page }) => {
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await baker.goTo('/recipes');
  const ask = async (question: string): Promise<void> => {
    await page.keyboard.press('Control+k');
    await page.getByPlaceholder('1 3/4 cups cocoa in grams').fill(question);
  };
  await ask('200 g honey in tablespoons');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Copied.')).toBeVisible();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toMatch(/^about 9 .* tbsp$/);
  await page.keyboard.press('Alt+i');
  await expect(page).toHaveURL(/\/ingredients\/honey/);
  await ask('2 cups rye flour');
  await page.keyboard.press('Alt+r');
  await expect(page).toHaveURL(/\/new\/text$/);
  await expect(page.getByText('2 cups rye flour').first()).toBeVisible();
});
