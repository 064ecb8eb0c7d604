import { expect, test } from '../kitchen/test';

test('what only looks like a preserve is asked about, and not scaled until it is told', async ({
  page,
  baker,
}) => {
  await baker.saveNew('Plums from the lock garden\n1 kg plums\n400 g sugar');
  const question = page.getByText('Is this for keeping outside the fridge?');
  await expect(question).toBeVisible();
  await baker.setFactor('2');
  await expect(page.getByText('Say first whether this is for keeping')).toBeVisible();
  await baker.setFactor('1');
  await page.getByRole('button', { name: 'No, it is eaten soon' }).click();
  await expect(question).toHaveCount(0);
  await baker.setFactor('2');
  await expect(page.getByText('Say first whether this is for keeping')).toHaveCount(0);
  await baker.expectSaved();
  await page.reload();
  await expect(baker.row('1 kg plums')).toContainText('2000');
  await expect(question).toHaveCount(0);
});

test('each ingredient of a line, and one without a weight, shows in Amounts, on the card and at the counter', async ({
  page,
  baker,
}) => {
  await baker.saveNew('Lemon tin\n1 lemon, zest and juice\n1 cup moon dust\n200 g flour');
  await expect(baker.row('1 lemon, juice')).toContainText('47 g');
  const words = /^No weight yet/;
  await expect(baker.row('1 cup moon dust').getByText(words)).toBeVisible();
  // What was decided of a line below several ingredients stays with it.
  await baker.edit('200 g flour');
  await page.getByLabel(/come nearest/).check();
  await baker.expectSaved();
  await page.reload();
  await baker.edit('200 g flour');
  await expect(page.getByLabel(/come nearest/)).toBeChecked();
  await expect(page.getByRole('link', { name: /Amounts.*1 left out/ })).toBeVisible();
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('link', { name: 'Print card' }).click();
  await expect(page.getByText(words)).toBeVisible();
  await page.getByRole('link', { name: /^Measure/ }).click();
  await expect(page.getByText('Still open in the recipe:')).toBeVisible();
});

test('a batch by another pan starts from the recipe’s, and stands there again after a reload', async ({
  page,
  baker,
}) => {
  await baker.saveNew(
    'Pear tin\n3 eggs\n200 g flour\n150 g sugar\n\nMethod\nBake in a 23 cm tin at 180 °C for 40 minutes.',
  );
  await page.getByLabel('Batch by').selectOption('another pan');
  const sides = page.getByRole('textbox', { name: 'across' });
  await expect(sides.nth(0)).toHaveValue('23');
  await sides.nth(1).fill('20');
  await sides.nth(1).press('Tab');
  await expect(page.getByText('×0.756').first()).toBeVisible();
  await expect(
    page.getByRole('heading', { name: 'Fits your 20 cm round tin: ×0.756. With whole eggs:' }),
  ).toBeVisible();
  await baker.expectSaved();
  await page.reload();
  await expect(page.getByLabel('Batch by')).toHaveValue('pan');
  await expect(sides.nth(1)).toHaveValue('20');
});
