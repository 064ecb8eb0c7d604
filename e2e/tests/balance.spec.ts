import { printed } from '../kitchen/printed';
import { expect, test } from '../kitchen/test';

test.use({ demo: true });

const LOAF = `Towpath loaf
Makes 2 loaves

For the poolish:
150 g bread flour
150 g water
1 g instant yeast

For the dough:
350 g bread flour
175 g water
10 g salt
2 large eggs`;

test.beforeEach(async ({ page, baker }) => {
  await baker.goTo('/recipes');
  await page.getByRole('link', { name: 'Cardamom knots' }).click();
  await expect(baker.row('4 cups bread flour')).toBeVisible();
});

test('what is out is mended with one key, and the step is taken back', async ({ page, baker }) => {
  await baker.saveNew('Little loaf\n500 g bread flour\n300 g water\n1/6 tsp table salt');
  const salt = page.locator('yg-ledger-line').filter({ hasText: '1/6 tsp table salt' });
  await expect(salt.getByRole('button', { name: /^Weigh it/ })).toBeVisible();
  await salt.getByRole('button', { name: /^Weigh it/ }).click();
  await expect(salt.getByText('weighed', { exact: true })).toBeVisible();
  await baker.expectSaved();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(salt.getByRole('button', { name: /^Weigh it/ })).toBeVisible();
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(salt.getByText('weighed', { exact: true })).toBeVisible();
  await page.getByRole('heading', { name: 'Little loaf' }).click();
  await page.keyboard.press('ControlOrMeta+z');
  await page.keyboard.press('m');
  await expect(salt.getByText('weighed', { exact: true })).toBeVisible();
});

test('a premix, a finer scale, one more spoon and a cleaner batch go with one key each, and back', async ({
  page,
  baker,
}) => {
  const undo = page.getByRole('button', { name: 'Undo' });
  const calm = () => page.getByRole('heading', { level: 1 }).click();
  await baker.saveNew('Little loaf\n500 g bread flour\n300 g water\n0.2 g instant yeast');
  const make = page.getByRole('button', { name: /^Use a premix/ });
  await expect(make).toBeVisible();
  await page.keyboard.press('m');
  await expect(page.getByText(/^Premix: stir .* into .* of the flour/)).toBeVisible();
  await expect(page.getByText(/of this come with the premix, so weigh 49\d/)).toBeVisible();
  await expect(make).toHaveCount(0);
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('link', { name: 'Print card' }).click();
  await expect(page.getByText(/^Premix: stir/)).toBeVisible();
  await page.getByRole('link', { name: /^Amounts/ }).click();
  await undo.click();
  await expect(make).toBeVisible();

  await baker.saveNew('Soak\n300 g water\n0.2 g table salt');
  const finer = page.getByRole('button', { name: /^Add a finer scale/ });
  await expect(finer).toBeVisible();
  await page.keyboard.press('m');
  await expect(finer).toHaveCount(0);
  await undo.click();
  await expect(finer).toBeVisible();

  await baker.saveNew('Sugar rounds\n2 cups flour\n206 g sugar\n3 eggs');
  const sugar = baker.row('206 g sugar');
  await expect(sugar).toContainText('1 cup + 1 tsp');
  await page.getByRole('button', { name: 'Edit 206 g sugar' }).focus();
  await page.keyboard.press('n');
  await expect(sugar).toContainText('as near as your tools come');
  await expect(sugar).toContainText('1 cup + 1 3/8 tsp');
  await expect(sugar).toContainText('was 1 cup + 1 tsp');
  await page.keyboard.press('n');
  await expect(sugar).toContainText('1 cup + 1 tsp');

  await baker.setFactor('1.42');
  await calm();
  const cleaner = page
    .getByRole('region', { name: 'Batches that are easier to measure' })
    .getByRole('button')
    .first();
  const offered = (await cleaner.locator('b').textContent())!.trim();
  await page.keyboard.press('b');
  await expect(page.getByRole('textbox', { name: 'Factor' })).not.toHaveValue('1.42');
  await expect(page.locator('.makes')).toContainText(offered);
  await undo.click();
  await expect(page.getByRole('textbox', { name: 'Factor' })).toHaveValue('1.42');
});

test('a line is pinned, given another kind and kept to one cup; a reload forgets none of it', async ({
  page,
  baker,
}) => {
  await baker.edit('4 cups bread flour');
  await page.getByLabel('Set the weight, g').fill('500');
  await page.getByLabel('Set the weight, g').press('Enter');
  await page.getByLabel('Use another kind').selectOption({ label: 'Whole-wheat flour' });
  await page.getByLabel('Measure with').selectOption('1/2 cup');
  const flour = baker.row('4 cups bread flour');
  await expect(flour).toContainText('use instead: Whole-wheat flour');
  await expect(flour).toContainText('500');
  await expect(
    page.getByText('the dough needs about 5 g more water for every 100 g'),
  ).toBeVisible();
  await expect(page.getByText('heaped with a spoon')).toBeVisible();
  await baker.expectSaved();
  await page.reload();
  await expect(baker.row('4 cups bread flour')).toContainText('use instead: Whole-wheat flour');
  await expect(baker.row('4 cups bread flour')).toContainText('set by you');
});

test('either school has its column alone, and the keys are on a sheet', async ({ page }) => {
  await page.getByRole('button', { name: 'Measure', exact: true }).click();
  await expect(page.getByRole('columnheader', { name: 'You weigh' })).toBeHidden();
  await page.getByRole('heading', { name: 'Cardamom knots' }).click();
  await page.keyboard.press('w');
  await expect(page.getByRole('columnheader', { name: 'You measure' })).toBeHidden();
  await page.keyboard.press('w');
  await expect(page.getByRole('columnheader', { name: 'Do they agree?' })).toBeVisible();
  await page.keyboard.press('+');
  await expect(page.getByText('makes 27 knots')).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('region', { name: 'What is this? Amounts' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByLabel('Factor, by dragging').focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText('makes 29 1/4 knots')).toBeVisible();
});

test('a batch is split into loads, compared, and its cost worked out', async ({ page }) => {
  await page.getByRole('button', { name: /^Your way/ }).click();
  await page.getByLabel('Pieces in the oven at once').fill('8');
  await page.getByLabel('Pieces in the oven at once').press('Enter');
  await expect(
    page.getByText(/^Make 3 equal loads of 440 g: that is what your oven/),
  ).toBeVisible();
  await page.getByRole('heading', { name: 'For 100 g of flour' }).scrollIntoViewIfNeeded();
  await page.getByRole('button', { name: 'Compare' }).click();
  await expect(page.getByRole('img', { name: /^Water by each variant/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /^cup of Harbour notebook/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /^if the author sifted.*−12\.4 %/ })).toBeVisible();
  await page.getByRole('button', { name: 'Cost and shopping' }).click();
  await expect(page.getByText(/for this batch/)).toBeVisible();
  await expect(page.getByRole('columnheader', { name: 'left over' })).toBeVisible();
});

test('habits of the kitchen and ounces go for all recipes; two recipes stand side by side', async ({
  page,
  baker,
}) => {
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('link', { name: 'Our usual way' }).click();
  await page.getByLabel('powders').selectOption('dipped');
  await page.goBack();
  await expect(baker.row('4 cups bread flour')).toContainText('dipped');
  await page.goForward();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('powders')).toHaveValue('');
  await page.getByLabel('show weights in').selectOption('oz');
  await page.goBack();
  await expect(baker.row('4 cups bread flour')).not.toContainText('dipped');
  await expect(baker.row('4 cups bread flour')).toContainText('1 lb 2.85 oz');
  await page.getByRole('heading', { name: 'For 100 g of flour' }).scrollIntoViewIfNeeded();
  await page.getByRole('button', { name: 'Compare' }).click();
  await page.getByLabel('Other recipe').selectOption({ label: 'Rye and honey crispbread' });
  await expect(page.getByRole('columnheader', { name: 'Rye and honey crispbread' })).toBeVisible();
  await baker.goTo('/recipes');
  await page.getByRole('link', { name: 'Rye and honey crispbread' }).click();
  await expect(page.getByRole('cell', { name: /oz/ }).first()).toBeVisible();
});

test('a formula is set by its percentages, with its preferment named', async ({ page, baker }) => {
  await baker.saveNew(LOAF);
  await page.getByRole('heading', { name: 'For 100 g of flour' }).scrollIntoViewIfNeeded();
  await page.getByRole('button', { name: 'Baker’s formula' }).click();
  await expect(page.getByText('preferment with 30 % of the flour')).toBeVisible();
  await page.getByLabel('Fine table salt, baker’s percentage').fill('1.8');
  await page.getByLabel('Fine table salt, baker’s percentage').press('Enter');
  await expect(baker.row('10 g salt')).toContainText('9.0');
  await page.getByLabel('Hydration, %').fill('90');
  await page.getByLabel('Hydration, %').press('Enter');
  await expect(page.getByLabel('Hydration, %')).toHaveValue('90');
  // The formula follows the ledger a moment later.
  await expect(page.getByLabel('Dough weight, g')).toHaveValue('917');
  await page.getByLabel('Dough weight, g').fill('1800');
  await page.getByLabel('Dough weight, g').press('Enter');
  await expect(page.getByText('1800 g in all')).toBeVisible();
  await expect(page.getByLabel('Dough weight, g')).toHaveValue('1800');
});

test('the card is one page of A4 and of letter, with both columns', async ({ page }) => {
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('link', { name: 'Print card' }).click();
  await expect(page.getByRole('row', { name: /^4 cups bread flour/ })).toContainText('534 g');
  await expect(page.getByText(/^Allergens gluten: wheat; egg; milk/)).toBeVisible();
  const pagesOf = async (format: 'A4' | 'Letter'): Promise<number> =>
    (await printed(page, { format, margin: { top: '12mm', bottom: '12mm' } })).pages;
  expect(await pagesOf('A4')).toBe(1);
  expect(await pagesOf('Letter')).toBe(1);
  await page.getByRole('button', { name: 'Technique sheet' }).click();
  await expect(page.getByText('eye at the line, bottom of the curve on it')).toBeVisible();
  // Eight ways of filling, four to a sheet.
  expect(await pagesOf('A4')).toBe(2);
});

test('a cup goes into the wash: its line says so, and what it said before', async ({
  page,
  baker,
}) => {
  await baker.saveNew('Rounds\n1/4 cup sugar\n200 g flour');
  const sugar = baker.row('1/4 cup sugar');
  await expect(sugar).toContainText('1/4 cup');
  await baker.openPart('Tools');
  await page.getByRole('checkbox', { name: 'in the wash: 1/4 cup' }).check();
  await baker.leavePart();
  await expect(sugar).toContainText('1/4 cup is in the wash');
  await expect(sugar).toContainText('was 1/4 cup');
  await expect(page.getByText(/amounts? ha(s|ve) changed since you looked/)).toBeVisible();
  await page.getByRole('button', { name: 'Mark as seen' }).click();
  await expect(sugar).not.toContainText('was 1/4 cup');
  await expect(page.getByText(/changed since you looked/)).toHaveCount(0);
});

test('a question is answered on its line', async ({ page, baker }) => {
  await baker.saveNew('Rounds\n1 cup (60 g) flour\n100 g sugar');
  const question = page.getByRole('group', { name: /\?$/ });
  await expect(question).toBeVisible();
  await question.getByRole('button').nth(1).click();
  await expect(question).toHaveCount(0);
  await baker.expectSaved();
  await page.reload();
  await expect(baker.row('1 cup (60 g) flour')).toBeVisible();
  await expect(question).toHaveCount(0);
});

test('a kitchen without a scale has the weights folded, a tap away', async ({ page, baker }) => {
  await baker.goTo('/kitchen/tools');
  const remove = page
    .getByRole('region', { name: 'Scales' })
    .getByRole('button', { name: /^Delete/ });
  await expect(remove.first()).toBeVisible();
  for (let left = await remove.count(); left > 0; left--) {
    await remove.first().click();
    await expect(remove).toHaveCount(left - 1);
  }
  // The page is loaded anew: what is not saved yet may not have left the old one.
  await baker.expectSaved();
  await baker.saveNew('Rounds\n1 cup sugar\n2 cups flour');
  await expect(page.getByRole('columnheader', { name: 'You weigh' })).toBeHidden();
  await page.getByRole('button', { name: 'Show the weights' }).click();
  await expect(page.getByRole('columnheader', { name: 'You weigh' })).toBeVisible();
});

test('a smaller tin is offered with whole eggs, and says how deep it stands', async ({
  page,
  baker,
}) => {
  await baker.saveNew('Tin\nBake in a 23 cm round tin.\n3 eggs\n200 g sugar\n200 g flour');
  await page.getByLabel('Batch by').selectOption('another pan');
  const across = page.getByRole('group', { name: 'mine' }).getByLabel('across');
  await across.fill('20');
  await across.press('Tab');
  await expect(page.locator('.makes')).toContainText('×0.756 for a 20 cm round tin');
  await page.getByRole('button', { name: '×2/3 2 eggs, 12 % shallower in the tin' }).click();
  await expect(page.locator('.makes')).toContainText(
    '×2/3 for a 20 cm round tin (12 % shallower in the tin), with 2 eggs',
  );
});
