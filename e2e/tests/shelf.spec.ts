import { expect, test } from '../kitchen/test';

test('an ingredient is found by another name, from the keyboard, with its weights', async ({
  baker,
  page,
}) => {
  await baker.goTo('/shelf');
  await expect(page.getByText('129 ingredients')).toBeVisible();
  await page.keyboard.press('/');
  await page.keyboard.type('plain fl');
  await expect(page.getByRole('link', { name: 'All-purpose wheat flour' })).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'All-purpose wheat flour' })).toBeVisible();
  const spooned = page.getByRole('row', { name: /^spooned/ });
  await expect(spooned).toContainText('125');
  await expect(spooned).toContainText('SR 20081; AH456');
  await expect(page.getByRole('row', { name: /^tamped/ })).toContainText('estimate');
  await expect(page.getByText('Raw flour is not safe to taste.')).toBeVisible();
});

test('where sources disagree, both are shown and the choice is explained', async ({
  baker,
  page,
}) => {
  await baker.goTo('/shelf/flour-wheat-cake');
  await expect(
    page.getByText('Sources disagree: SR 20084 gives 137 g dipped, 14 % heavier'),
  ).toBeVisible();
  await expect(page.getByRole('row', { name: /^tamped/ })).toContainText(
    'AH456, from the weight when spooned',
  );
});

test('the list can be narrowed to a class', async ({ baker, page }) => {
  await baker.goTo('/shelf');
  await page.getByRole('button', { name: 'syrups' }).click();
  await expect(page.getByRole('link', { name: 'Honey' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Cake flour' })).toHaveCount(0);
  await page.getByRole('button', { name: 'syrups' }).click();
  await expect(page.getByRole('link', { name: 'Cake flour' })).toBeVisible();
});

test('weights are by the cups of this kitchen', async ({ baker, page }) => {
  await baker.goTo('/drawer');
  await page.getByLabel('My cups and spoons are').selectOption('Metric');
  await page.getByRole('link', { name: 'Shelf' }).click();
  await page.getByRole('link', { name: 'Whole milk' }).click();
  await expect(page.getByText('of this kitchen (Metric)')).toBeVisible();
  await expect(page.getByRole('row', { name: /^poured/ })).toContainText('258');
});

test('an own weight stands before the table’s in every recipe, and can be put back', async ({
  baker,
  page,
}) => {
  await baker.saveNew('2 cups flour');
  await expect(baker.row('2 cups flour')).toContainText('250 g');
  await baker.goTo('/shelf/flour-wheat-all-purpose');
  await page.getByRole('button', { name: 'Set my own weight: spooned' }).click();
  const field = page.getByLabel('One cup, spooned, weighs here');
  await field.fill('plenty');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Write how many grams one level cup weighs')).toBeVisible();
  await field.fill('131,5');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('row', { name: /^spooned/ })).toContainText(
    'own weight this kitchen',
  );
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await page.getByRole('listitem').getByRole('link').click();
  await expect(baker.row('2 cups flour')).toContainText('263 g');
  await page.getByRole('button', { name: 'Basis: own weight, of 2 cups flour' }).click();
  await expect(page.getByText('A weight that you set on the Shelf.')).toBeVisible();
  await baker.goTo('/shelf/flour-wheat-all-purpose');
  await page.getByRole('button', { name: 'Put the table’s weight back: spooned' }).click();
  await expect(page.getByRole('row', { name: /^spooned/ })).toContainText('125');
});
