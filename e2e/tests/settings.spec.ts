import { expect, test } from '../kitchen/test';

test('figures, dates and keys follow the settings, also after a reload', async ({
  baker,
  page,
}) => {
  await baker.saveNew('Buns\nMakes 12 buns\n1 tsp table salt\n500 g bread flour');
  await expect(baker.row('1 tsp table salt')).toContainText('6.0 g');
  await page.getByRole('link', { name: 'Settings' }).click();
  const saved = page.waitForResponse(
    (response) => response.request().postData()?.includes('"letterKeys":false') ?? false,
  );
  await page.getByLabel('Decimals').selectOption({ label: 'comma: 2,5' });
  await page.getByLabel(/Use single keys/).uncheck();
  await saved;
  await page.goBack();
  await expect(baker.row('1 tsp table salt')).toContainText('6,0 g');
  await page.reload();
  await expect(baker.row('1 tsp table salt')).toContainText('6,0 g');
  await page.getByRole('heading', { name: 'Buns' }).click();
  await page.keyboard.press('w');
  await page.keyboard.press('?');
  await expect(page.getByRole('columnheader', { name: 'Do they agree?' })).toBeVisible();
  await expect(page.getByRole('dialog')).toHaveCount(0);
});
