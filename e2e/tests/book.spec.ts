import { expect, test } from '../kitchen/test';

test.describe('the Book of the demo kitchen', () => {
  test.use({ demo: true });

  test('shows six recipes, each with its yield and its mass', async ({ baker, page }) => {
    await baker.goTo('/');
    await expect(page.getByRole('heading', { level: 2 })).toHaveText([
      'Cardamom knots',
      'Lean sponge',
      'Polenta and pear tin',
      'Rye and honey crispbread',
      'Sesame rounds',
      'Towpath oat slabs',
    ]);
    const knots = page.getByRole('listitem').filter({ hasText: 'Cardamom knots' });
    await expect(knots).toContainText('Makes 18 knots');
    await expect(knots).toContainText('12 ingredients');
  });

  test('finds by name and by ingredient, from the keyboard', async ({ baker, page }) => {
    await baker.goTo('/recipes');
    await expect(page.getByRole('listitem')).toHaveCount(6);
    await page.keyboard.press('/');
    await page.keyboard.type('tahini');
    await expect(page.getByRole('heading', { level: 2 })).toHaveText(['Sesame rounds']);
    await page.getByRole('searchbox').fill('knots');
    await expect(page.getByRole('heading', { level: 2 })).toHaveText(['Cardamom knots']);
    await page.getByRole('searchbox').fill('zzz');
    await expect(page.getByText('No recipe found for “zzz”')).toBeVisible();
  });

  test('deletes a recipe and brings it back', async ({ baker, page }) => {
    await baker.goTo('/recipes');
    await page.getByRole('button', { name: 'More for Lean sponge' }).click();
    await page.getByRole('button', { name: 'Delete Lean sponge' }).click();
    await expect(page.getByRole('listitem')).toHaveCount(5);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('listitem')).toHaveCount(6);
    await page.reload();
    await expect(page.getByRole('heading', { name: 'Lean sponge' })).toBeVisible();
  });
});

test('an empty Book says what to do first', async ({ baker, page }) => {
  await baker.goTo('/recipes');
  await expect(page.getByRole('heading', { name: 'There are no recipes yet' })).toBeVisible();
  // Whose cups, which scale, who measures: each is taken at once, and may be left alone.
  await page.getByLabel('Whose cups and spoons do you have?').selectOption('Metric');
  await page.getByLabel('Who measures?').fill('Coot');
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('Three things about your kitchen')).toHaveCount(0);
  await baker.openPart('Tools');
  await expect(
    page.getByLabel('Our cups and spoons').getByRole('option', { selected: true }),
  ).toHaveText('Metric');
  await baker.leavePart();
  await page.getByRole('link', { name: 'Paste a recipe' }).click();
  await expect(page.getByRole('textbox', { name: 'Recipe text' })).toBeVisible();
});

test('an address that leads nowhere says so', async ({ baker, page }) => {
  await baker.goTo('/somewhere/else');
  await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible();
});

test('a recipe that is gone says so and leads back', async ({ baker, page, troubles }) => {
  await baker.goTo(`/recipes/${crypto.randomUUID()}/text`);
  await expect(page.getByRole('heading', { name: 'No such recipe' })).toBeVisible();
  await expect(page.getByText('There is no such recipe. It may have been deleted.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Save recipe' })).toHaveCount(0);
  await page.getByRole('link', { name: 'Open Recipes' }).click();
  await expect(page.getByRole('heading', { name: 'There are no recipes yet' })).toBeVisible();
  expect(troubles.splice(0).every((text) => text.includes('404'))).toBe(true);
});
