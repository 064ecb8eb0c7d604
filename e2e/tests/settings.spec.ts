import { expect, test } from '../kitchen/test';

test('figures, dates and keys follow the settings, also after a reload', async ({
  baker,
  page,
}) => {
  await baker.saveNew('Buns\nMakes 12 buns\n1 tsp table salt\n500 g bread flour');
  await expect(baker.row('1 tsp table salt')).toContainText('6.0 g');
  await baker.openPart('Settings');
  const saved = page.waitForResponse(
    (response) => response.request().postData()?.includes('"letterKeys":false') ?? false,
  );
  await page.getByLabel('Decimals').selectOption({ label: 'comma: 2,5' });
  await page.getByLabel(/Use single keys/).uncheck();
  await saved;
  await baker.leavePart();
  await expect(baker.row('1 tsp table salt')).toContainText('6,0 g');
  await page.reload();
  await expect(baker.row('1 tsp table salt')).toContainText('6,0 g');
  await page.getByRole('heading', { name: 'Buns' }).click();
  await page.keyboard.press('w');
  await page.keyboard.press('?');
  await expect(page.getByRole('columnheader', { name: 'Do they agree?' })).toBeVisible();
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('day and night go by the device until one is chosen; paper is always white', async ({
  baker,
  page,
}) => {
  const ground = () =>
    page.evaluate(() => {
      const [red] = getComputedStyle(document.body).backgroundColor.match(/\d+/g)!;
      return Number(red) > 128 ? 'light' : 'dark';
    });
  await page.emulateMedia({ colorScheme: 'dark' });
  await baker.goTo('/kitchen/settings');
  expect(await ground()).toBe('dark');
  await page.getByRole('radio', { name: 'Day' }).check();
  expect(await ground()).toBe('light');
  await page.getByRole('radio', { name: 'Night' }).check();
  await page.emulateMedia({ colorScheme: 'light' });
  await page.reload();
  await expect(page.getByRole('radio', { name: 'Night' })).toBeChecked();
  expect(await ground()).toBe('dark');
  await page.emulateMedia({ media: 'print' });
  const ink = await page.evaluate(() => getComputedStyle(document.body).color);
  expect(ink).toBe('rgb(23, 32, 58)');
});
