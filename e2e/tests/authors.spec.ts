import { expect, test } from '../kitchen/test';

test('an author’s cup follows from its recipes, and decides what others of them mean', async ({
  baker,
  page,
}) => {
  await baker.goTo('/kitchen/authors');
  await page.getByLabel('New author').fill('Tide book');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Tide book');
  await expect(page.getByText('None of the 0 recipes gives volume and weight')).toBeVisible();

  await baker.goTo('/new/text');
  await page.getByLabel('Author').selectOption('Tide book');
  await baker.write('Buns\n2 cups (290 g) flour\n1 cup (145 g) flour\n3 cups (240 g) flour');
  await page.getByRole('button', { name: 'Save recipe' }).click();
  await page.waitForURL(/\/recipes\/.*\/amounts/);
  await baker.openPart('Authors');
  await page.getByRole('link', { name: /^Tide book/ }).click();
  await expect(page.getByText('2 lines agree, 1 left out')).toBeVisible();
  await expect(page.getByText('Buns, left out: too different')).toBeVisible();

  await baker.goTo('/new/text');
  await page.getByLabel('Author').selectOption('Tide book');
  await baker.write('Rolls\n2 cups flour\n2 cups bread flour');
  await page.getByRole('button', { name: 'Save recipe' }).click();
  await expect(baker.row('2 cups flour')).toContainText('290 g');
  await baker.edit('2 cups flour');
  await expect(page.getByText('Source: Tide book, inferred from 2 lines.')).toBeVisible();
  await baker.edit('2 cups bread flour');
  await expect(
    page.getByText('Source: Tide book, by what its all-purpose flour weighs.'),
  ).toBeVisible();
});

test('what an author says is written down, changed, and the author brought back', async ({
  baker,
  page,
}) => {
  await baker.goTo('/kitchen/authors');
  await page.getByLabel('New author').fill('Tide book');
  await page.keyboard.press('Enter');
  await page.getByLabel('Ingredient', { exact: true }).fill('honey');
  await page.keyboard.press('Tab');
  await page.getByLabel('One cup weighs, g').fill('lots');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Write what one cup weighs')).toBeVisible();
  await page.getByLabel('One cup weighs, g').fill('336,5');
  await page.keyboard.press('Enter');
  const honey = page.getByLabel('Grams to a cup of Honey');
  await expect(honey).toHaveValue('337');
  // Its cup may be another, what it says of it stays said.
  await page.getByLabel('Cups and spoons used').selectOption('Metric');
  await expect(honey).toHaveValue('337');
  await page.getByRole('button', { name: 'Delete author' }).click();
  await expect(page.getByText('“Tide book” deleted.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: /^Tide book/ })).toBeVisible();
});
