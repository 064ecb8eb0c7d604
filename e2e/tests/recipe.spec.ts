import { expect, test } from '../kitchen/test';

const BUNS = `Lock buns
Makes 12 buns

2 cups all-purpose flour
1 1/2 cups cake flour, sifted
3 large eggs
1/2 cup honey
1 cup dragonfruit powder
a pinch of salt

Method
Mix it all and bake.`;

test('paste, balance, scale by one and a half, reload: still there', async ({ baker, page }) => {
  await baker.goTo('/new/text');
  await baker.write(BUNS);
  const understood = page.getByRole('region', { name: 'As understood' });
  await expect(understood).toContainText('All-purpose wheat flour');
  await expect(understood).toContainText('before 144 g');
  await expect(understood).toContainText('“dragonfruit powder” is not in Ingredients');
  await page.getByRole('button', { name: 'Save recipe' }).click();

  await expect(page.getByRole('heading', { name: 'Lock buns' })).toBeVisible();
  await expect(baker.row('2 cups all-purpose flour')).toContainText('250 g');
  await baker.setFactor('1.5');
  await expect(baker.row('2 cups all-purpose flour')).toContainText('375 g');
  await expect(baker.row('2 cups all-purpose flour')).toContainText('3 cups');
  await expect(baker.row('3 large eggs')).toContainText('4 eggs');
  await expect(baker.row('dragonfruit')).toContainText('1 1/2 cups as written');
  await expect(page.getByText('makes 18 buns')).toBeVisible();
  await baker.expectSaved();

  await page.reload();
  await expect(baker.row('2 cups all-purpose flour')).toContainText('375 g');
  await expect(page.getByRole('textbox', { name: 'Factor' })).toHaveValue('1.5');
});

test('a method of your own changes your measure and not the mass', async ({ baker, page }) => {
  await baker.saveNew(BUNS);
  const flour = baker.row('2 cups all-purpose flour');
  await expect(flour).toContainText('2 cups');
  await baker.edit('2 cups all-purpose flour');
  await page.getByLabel('Your method for 2 cups all-purpose flour').selectOption('dipped');
  await expect(flour).toContainText('1 3/4 cups + 1 tbsp');
  await expect(flour).toContainText('250 g');
  await expect(page.getByText('These fills weigh 248 g, 0.7 % under.')).toBeVisible();
  await expect(flour.getByRole('cell', { name: 'level', exact: true })).toBeVisible();
  await baker.expectSaved();
  await page.reload();
  await expect(flour).toContainText('dipped');
});

test('a line opens its basis', async ({ baker, page }) => {
  await baker.saveNew(BUNS);
  await baker.edit('2 cups all-purpose flour');
  await expect(page.getByText('Source: public food table, no. 20081.')).toBeVisible();
  const dipped = page.getByRole('listitem').filter({ hasText: 'dipped' });
  await expect(dipped).toContainText('274 g');
});

test('a wrong factor is told, kept and changes nothing', async ({ baker, page }) => {
  await baker.saveNew(BUNS);
  await baker.setFactor('1/0');
  await expect(page.getByText('This is not a number.')).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Factor' })).toHaveValue('1/0');
  await expect(baker.row('2 cups all-purpose flour')).toContainText('250 g');
  await page.getByRole('button', { name: '×3' }).click();
  await expect(baker.row('2 cups all-purpose flour')).toContainText('750 g');
});

test('a chosen method follows its line when the text is edited', async ({ baker, page }) => {
  await baker.saveNew('2 cups flour\n1 cup sugar');
  await baker.edit('2 cups flour');
  await page.getByLabel('Your method for 2 cups flour').selectOption('dipped');
  await page.getByRole('link', { name: /^Text/ }).click();
  await baker.write('1 egg\n1 cup sugar\n2 cups flour');
  await page
    .getByRole('link', { name: /^Amounts/ })
    .first()
    .click();
  await expect(baker.row('2 cups flour')).toContainText('dipped');
});

test('the measure standard of the author changes the grams', async ({ baker, page }) => {
  await baker.saveNew('1 cup water');
  await expect(baker.row('1 cup water')).toContainText('237 g');
  await page.getByRole('link', { name: /^Text/ }).click();
  await page.getByLabel('Cups and spoons used').selectOption('Japanese');
  await page.getByRole('link', { name: 'Open Amounts' }).click();
  await expect(baker.row('1 cup water')).toContainText('200 g');
});

test('a text that was not saved survives a reload', async ({ baker, page }) => {
  await baker.goTo('/new/text');
  await baker.write('Half a thought\n1 cup oats');
  await expect(page.getByRole('heading', { name: 'Half a thought' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Half a thought' })).toBeVisible();
});

test('the words say where a recipe comes from, and its author’s cups follow when confirmed', async ({
  baker,
  page,
}) => {
  await baker.goTo('/new/text');
  await baker.write('Buns\n2 cups plain flour\n1 cup caster sugar\n1 tbsp milk');
  const origin = page.getByText('The words look Australian: “plain flour”, “caster sugar”.');
  await expect(origin).toBeVisible();
  await page.getByRole('button', { name: /^Keep US/ }).click();
  await expect(origin).toHaveCount(0);
  await baker.write('Buns\n225 g plain flour\n100 g caster sugar\n1 tbsp milk');
  await page.getByRole('button', { name: 'Use British, modern' }).click();
  await expect(page.getByLabel('Cups and spoons used')).toHaveValue('british');
  await expect(page.getByText('The words look')).toHaveCount(0);
});

test('an earlier text is looked at line by line and taken back', async ({ baker, page }) => {
  await baker.saveNew('Buns\n2 cups flour\n1 egg');
  await page.getByRole('link', { name: /^Text/ }).click();
  await baker.write('Buns\n3 cups flour\n1 egg');
  await baker.expectSaved();
  await page.getByRole('button', { name: 'Versions' }).click();
  const lines = page.getByRole('list', { name: 'Changes since this version' });
  await expect(lines.getByRole('listitem')).toHaveText([
    /Buns/,
    /was\s*2 cups flour/,
    /now\s*3 cups flour/,
    /1 egg/,
  ]);
  await page.getByRole('button', { name: 'Restore this version' }).click();
  await expect(page.getByRole('textbox', { name: 'Recipe text' })).toContainText('2 cups flour');
  await baker.expectSaved();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Recipe text' })).toContainText('2 cups flour');
});

test('a batch is set by pieces, eggs or pans, and cleaner ones are offered', async ({
  baker,
  page,
}) => {
  await baker.saveNew(
    'Lock buns\nMakes 12 buns\n500 g bread flour\n300 g water\n10 g salt\n2 eggs',
  );
  await page.getByLabel('Batch by').selectOption('pieces');
  await page.getByRole('textbox', { name: 'pieces', exact: true }).fill('18');
  await page.keyboard.press('Tab');
  await expect(page.getByText('×1 1/2 makes 18 buns')).toBeVisible();
  await expect(baker.row('500 g bread flour')).toContainText('750 g');
  await page.getByLabel('Batch by').selectOption('what I have');
  await page.getByLabel('Bread flour, g').fill('250');
  await page.keyboard.press('Tab');
  await expect(page.getByText('Bread flour runs out first.')).toBeVisible();
  await expect(baker.row('500 g bread flour')).toContainText('250 g');
  await page.getByLabel('Batch by').selectOption('factor');

  await baker.setFactor('1.42');
  await page.getByRole('button', { name: /^×1 1\/2 3 eggs/ }).click();
  await expect(page.getByRole('textbox', { name: 'Factor' })).toHaveValue('3/2');
  await expect(baker.row('2 eggs')).toContainText('3 eggs');
  await expect(page.getByRole('region', { name: 'Watch out for' })).toContainText(
    'A bigger batch does not bake longer',
  );
  await expect(page.getByRole('region', { name: 'Watch out for' })).not.toContainText(
    'small trial',
  );
  await baker.setFactor('3');
  await expect(page.getByRole('region', { name: 'Watch out for' })).toContainText(
    'Bake a small trial first',
  );
});
