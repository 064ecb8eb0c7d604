import { expect, test } from '../kitchen/test';

test('an ingredient is found by another name, from the keyboard, with its weights', async ({
  baker,
  page,
}) => {
  await baker.goTo('/ingredients');
  await expect(page.getByText(/7\d\d ingredients/)).toBeVisible();
  await page.keyboard.press('/');
  await page.keyboard.type('plain fl');
  await expect(page.getByRole('link', { name: 'All-purpose wheat flour' })).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'All-purpose wheat flour' })).toBeVisible();
  const spooned = page.getByRole('row', { name: /^spooned/ });
  await expect(spooned).toContainText('125');
  await expect(spooned).toContainText('public food table, no. 20081');
  await expect(page.getByRole('row', { name: /^tamped/ })).toContainText('a guess');
  await expect(page.getByText('Raw flour is not safe to taste.')).toBeVisible();
});

test('where sources disagree, both are shown and the choice is explained', async ({
  baker,
  page,
}) => {
  await baker.goTo('/ingredients/flour-wheat-cake');
  await expect(
    page.getByText(
      'Sources disagree: public food table, no. 20084 gives 137 g dipped, 14 % heavier',
    ),
  ).toBeVisible();
  await expect(page.getByRole('row', { name: /^tamped/ })).toContainText(
    'handbook of household weights (AH456), from the weight when spooned',
  );
});

test('the list can be narrowed to a class', async ({ baker, page }) => {
  await baker.goTo('/ingredients');
  await page.getByRole('button', { name: 'syrups' }).click();
  await expect(page.getByRole('link', { name: 'Honey' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Cake flour' })).toHaveCount(0);
  await page.getByRole('button', { name: 'syrups' }).click();
  await expect(page.getByRole('link', { name: 'Cake flour' })).toBeVisible();
});

test('weights are by the cups of this kitchen', async ({ baker, page }) => {
  await baker.goTo('/kitchen/tools');
  await page.getByLabel('Our cups and spoons').selectOption('Metric');
  await page.getByRole('link', { name: 'Ingredients', exact: true }).click();
  await page.getByRole('link', { name: 'Whole milk', exact: true }).click();
  await expect(page.getByText('our cups and spoons (Metric)')).toBeVisible();
  await expect(page.getByRole('row', { name: /^poured/ })).toContainText('258');
});

test('an own weight stands before the table’s in every recipe, and can be put back', async ({
  baker,
  page,
}) => {
  await baker.saveNew('2 cups flour');
  await expect(baker.row('2 cups flour')).toContainText('250 g');
  await baker.goTo('/ingredients/flour-wheat-all-purpose');
  await page.getByRole('button', { name: 'Set our weight: spooned' }).click();
  const field = page.getByLabel('One cup, spooned, weighs');
  await field.fill('plenty');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Write how many grams one cup weighs')).toBeVisible();
  await field.fill('131,5');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('row', { name: /^spooned/ })).toContainText(
    'own weight this kitchen',
  );
  await page.getByRole('link', { name: 'Recipes', exact: true }).click();
  await page.getByRole('listitem').getByRole('link').click();
  await expect(baker.row('2 cups flour')).toContainText('263 g');
  await baker.edit('2 cups flour');
  await expect(page.getByText('You set this weight in Ingredients.')).toBeVisible();
  await baker.goTo('/ingredients/flour-wheat-all-purpose');
  await page.getByRole('button', { name: 'Use table’s weight again: spooned' }).click();
  await expect(page.getByRole('row', { name: /^spooned/ })).toContainText('125');
});

test('an ingredient of one’s own is read at once, and weighs once it was weighed', async ({
  baker,
  page,
}) => {
  await baker.goTo('/ingredients');
  await page.getByRole('button', { name: 'Add an ingredient' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Mesquite powder');
  await page.getByRole('button', { name: 'Add ingredient' }).click();
  await expect(page.getByText('No weight is known for this ingredient yet')).toBeVisible();
  await baker.saveNew('2 cups mesquite powder');
  await expect(baker.row('2 cups mesquite powder')).toContainText('unknown');
  await baker.goTo('/ingredients/own-mesquite-powder');
  await page.getByLabel('It weighs, g').fill('103');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('row', { name: /^spooned/ })).toContainText('own weight');
  await page.getByLabel('A pack weighs, g').fill('250');
  await page.getByLabel('Price, $').fill('4,5');
  await page.keyboard.press('Enter');
  await expect(page.getByText('$1.80 for 100 g, $1.85 a cup')).toBeVisible();
  await page.getByRole('link', { name: 'Recipes', exact: true }).click();
  await page.getByRole('listitem').getByRole('link').click();
  await expect(baker.row('2 cups mesquite powder')).toContainText('206 g');
  await page.getByRole('link', { name: 'Ingredients', exact: true }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('link', { name: 'Mesquite powder' }).click();
  await expect(page.getByText('No weight is known for this ingredient yet')).toBeVisible();
});

test('one salt for another goes by weight', async ({ baker, page }) => {
  await baker.goTo('/ingredients/salt-table');
  await expect(page.getByRole('region', { name: 'Other kinds' })).toContainText(
    '1 tsp (6.0 g) of this salts as much as 2 1/8 tsp (2.14) of coarse salt (light hollow flake)',
  );
});

test('what the shelf lacks is looked up in the public table, said, and taken onto it', async ({
  baker,
  page,
}) => {
  await baker.saveNew('Taro cake\nServes 8\n\n2 cups sliced taro\n1 cup all-purpose flour\n');
  await page.getByRole('link', { name: /^Text/ }).click();
  const understood = page.getByText('its weight is from the public food table');
  await expect(understood).toBeVisible();
  await expect(page.getByText('from the public table', { exact: true })).toBeVisible();
  await expect(page.getByText('208 g', { exact: true })).toBeVisible();

  // Its allergens are not known until somebody tells, on the card too.
  await page.getByRole('button', { name: 'add it to Ingredients' }).click();
  await expect(understood).toBeHidden();
  await baker.goTo('/ingredients/own-taro');
  await expect(page.getByRole('heading', { name: 'Taro', exact: true })).toBeVisible();
  await expect(page.getByText('allergens not known')).toBeVisible();
  await expect(page.getByRole('row', { name: /^level/ })).toContainText('104');
  await page.getByRole('button', { name: 'It has none' }).click();
  await expect(page.getByText('allergens not known')).toBeHidden();

  // The table is looked through as one types, and says what it says in its own words.
  await page.getByLabel('Find an ingredient').fill('fenugreek');
  await page.getByRole('link', { name: 'Spices, fenugreek seed' }).click();
  await expect(page.getByText('Not on our Shelf: from the public food table.')).toBeVisible();
  await page.getByText('In the table’s own words').click();
  await expect(page.getByText('1 tsp: 3.7 g')).toBeVisible();
});

test('an ingredient of one’s own weighs as a food of the public table', async ({ baker, page }) => {
  await baker.goTo('/ingredients');
  await page.getByRole('button', { name: 'Add an ingredient' }).click();
  await page.getByLabel('Name', { exact: true }).fill('breadfruit');
  await page.getByRole('button', { name: 'Breadfruit, raw' }).click();
  await expect(page.getByText('Weighs as “Breadfruit, raw”')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Garden breadfruit');
  await page.getByRole('button', { name: 'Add ingredient' }).click();
  await expect(page.getByRole('heading', { name: 'Garden breadfruit' })).toBeVisible();
  await expect(page.getByRole('row', { name: /^level/ })).toContainText('220');
  await expect(page.getByText('allergens not known')).toBeVisible();
});

test('a weight that can’t be is shown as doubted, and not used', async ({ baker, page }) => {
  await baker.goTo('/ingredients/sweet-potato-mashed');
  const sure = page.getByRole('region', { name: 'How sure' });
  await expect(sure).toContainText('Doubted, and not used: 328 g a cup');
  await expect(page.getByRole('row', { name: /pressed in/ })).toContainText('255');
});

test('what is known least is listed by how often recipes use it, to be weighed', async ({
  baker,
  page,
}) => {
  await baker.saveNew('Flat cakes\n1 cup teff flour\n1 tsp xanthan gum\n');
  await baker.saveNew('Thin cakes\n2 cups teff flour\n1 cup milk\n');
  await baker.goTo('/ingredients');
  await page.getByText('What we know least').click();
  const rows = page.getByRole('listitem').filter({ hasText: /\d recipes?\s*$/ });
  await expect(rows.first()).toHaveText(/Teff flour\s*2 recipes/);
  await expect(rows.nth(1)).toHaveText(/Xanthan gum\s*1 recipe/);
  await rows.first().getByRole('link').click();
  await page.getByLabel('It weighs, g').fill('152');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('row', { name: /^spooned/ })).toContainText('own weight');
  await page.getByText('What we know least').click();
  await expect(rows.first()).toHaveText(/Xanthan gum/);
});
