import { expect, test } from '../kitchen/test';

test.use({ isNew: true });

test('a place says once what it is, and again when asked, with its keys', async ({
  baker,
  page,
}) => {
  const about = page.getByRole('region', { name: /^What is this\?/ });
  await baker.goTo('/recipes');
  await expect(about).toContainText('Here is every recipe of this kitchen.');
  // By itself it takes nobody's keyboard.
  await expect(page.locator('body')).toBeFocused();
  await about.getByRole('button', { name: 'Got it' }).click();
  await expect(about).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'There are no recipes yet' })).toBeVisible();
  await expect(about).toHaveCount(0);

  const asks = page.getByRole('button', { name: 'What is this?' });
  await asks.click();
  await expect(about).toContainText('ask a quick question');
  await expect(about.getByRole('button', { name: 'Close' })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(about).toHaveCount(0);
  await expect(asks).toBeFocused();

  // Another place has its own to say; leaving it is answer enough.
  await page.getByRole('link', { name: 'Ingredients', exact: true }).click();
  await expect(about).toContainText('What a cup of each ingredient weighs');
  await page.getByRole('link', { name: 'Recipes', exact: true }).click();
  await page.getByRole('link', { name: 'Ingredients', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Ingredients' })).toBeVisible();
  await expect(about).toHaveCount(0);
  await page.keyboard.press('?');
  await expect(about).toContainText('go through the list');
});

test('six sample recipes come in and go again with one tap each', async ({ baker, page }) => {
  await baker.goTo('/recipes');
  await page.getByRole('button', { name: 'Add six sample recipes' }).click();
  await expect(page.getByRole('link', { name: 'Cardamom knots' })).toBeVisible();
  await expect(page.locator('yg-recipe-card')).toHaveCount(6);
  await page.getByRole('link', { name: 'Lean sponge' }).click();
  await expect(baker.row('1 cup sifted cake flour')).toBeVisible();
  await page.getByRole('link', { name: 'Recipes', exact: true }).click();
  await page.reload();
  await page.getByRole('button', { name: 'Remove them' }).click();
  await expect(page.getByRole('heading', { name: 'There are no recipes yet' })).toBeVisible();
  await expect(page.locator('yg-recipe-card')).toHaveCount(0);
  await page.getByRole('button', { name: 'Add six sample recipes' }).click();
  await page.getByRole('button', { name: 'Keep them' }).click();
  await expect(page.getByRole('button', { name: 'Remove them' })).toHaveCount(0);
  await expect(page.locator('yg-recipe-card')).toHaveCount(6);
});
