import { CUT_OFF, expect, test } from '../kitchen/test';

test('a crash right after a save loses nothing', async ({ baker, page, server, troubles }) => {
  await baker.saveNew('Crash cake\n2 cups flour\n1 cup sugar');
  const saved = page.waitForResponse(
    (response) => response.request().method() === 'PUT' && response.ok(),
  );
  await baker.setFactor('7/3');
  await saved;
  await server.stop('SIGKILL');
  await server.start();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Factor' })).toHaveValue('7/3');
  await expect(baker.row('2 cups flour')).toContainText('583 g');
  // What was asked for in between was cut off or refused, and nothing else went wrong.
  expect(troubles.splice(0).every((text) => CUT_OFF.test(text))).toBe(true);
});

test('everything is as it was after a restart, and the server stops cleanly', async ({
  baker,
  page,
  server,
  troubles,
}) => {
  await baker.saveNew('Quiet cake\n2 cups flour');
  await expect(baker.row('2 cups flour')).toBeVisible();
  expect(await server.stop('SIGTERM')).toBe(0);
  await server.start();
  await baker.goTo('/recipes');
  await page.getByRole('link', { name: 'Quiet cake' }).click();
  await expect(baker.row('2 cups flour')).toContainText('250 g');
  // What the page asked for while there was no server was refused, and nothing else went wrong.
  expect(troubles.splice(0).every((text) => CUT_OFF.test(text))).toBe(true);
});

test('a server that is gone is told, and the change is saved by itself when it is back', async ({
  baker,
  page,
  server,
  troubles,
}) => {
  await baker.saveNew('Patient cake\n2 cups flour');
  await server.stop('SIGTERM');
  await baker.setFactor('2');
  await expect(page.getByText('Offline.')).toBeVisible();
  await expect(page.getByText('Saved here and sent later: 1 changed recipe.')).toBeVisible();
  await expect(baker.row('2 cups flour')).toContainText('500 g');
  await server.start();
  await baker.expectSaved();
  await expect(page.getByText('Offline.')).toHaveCount(0);
  await page.reload();
  await expect(baker.row('2 cups flour')).toContainText('500 g');
  // The browser logs the refused requests; nothing else went wrong.
  expect(troubles.splice(0).every((text) => CUT_OFF.test(text))).toBe(true);
});

test('two windows that change one recipe lose neither version', async ({
  baker,
  page,
  context,
  troubles,
}) => {
  await baker.saveNew('Shared cake\n2 cups flour');
  const other = await context.newPage();
  await other.goto(page.url());
  const factorOf = (one: typeof page) => one.getByRole('textbox', { name: 'Factor' });
  // What the other one saves comes in by itself, but not over what is being saved here.
  let goOn = (): void => undefined;
  const held = new Promise<void>((resolve) => (goOn = resolve));
  await page.route('**/api/recipes/*', async (route) => {
    if (route.request().method() === 'PUT') await held;
    await route.continue();
  });
  await baker.setFactor('2');
  await factorOf(other).fill('3');
  await expect(other.getByText('Saved', { exact: true })).toBeVisible();
  goOn();
  await expect(page.getByText('changed in another window')).toBeVisible();
  await expect(factorOf(page)).toHaveValue('2');
  await page.getByRole('button', { name: 'Keep this version' }).click();
  await baker.expectSaved();
  await expect(factorOf(other)).toHaveValue('2');
  await page.reload();
  await expect(factorOf(page)).toHaveValue('2');
  expect(troubles.splice(0).every((text) => text.includes('409'))).toBe(true);
});

test('a change is saved before its recipe is left, however quickly', async ({ baker, page }) => {
  await baker.saveNew('Hasty cake\n2 cups flour');
  await expect(baker.row('2 cups flour')).toBeVisible();
  await baker.setFactor('5');
  await page.getByRole('link', { name: 'Recipes', exact: true }).click();
  await page.getByRole('link', { name: 'New recipe' }).click();
  await expect(page.getByRole('heading', { name: 'New recipe' })).toBeVisible();
  await page.getByRole('link', { name: 'Recipes', exact: true }).click();
  await page.getByRole('link', { name: 'Hasty cake' }).click();
  await expect(page.getByRole('textbox', { name: 'Factor' })).toHaveValue('5');
});

test('a change that waits for the server is left without asking, and saved from any place', async ({
  baker,
  page,
  server,
  troubles,
}) => {
  await baker.saveNew('Stranded cake\n2 cups flour');
  await expect(baker.row('2 cups flour')).toBeVisible();
  const recipe = page.url().replace('/amounts', '').replace('/recipes', '/api/recipes');
  await server.stop('SIGTERM');
  await baker.setFactor('5');
  await page.getByRole('link', { name: 'Recipes', exact: true }).click();
  await page.getByRole('link', { name: 'New recipe' }).click();
  await expect(page.getByRole('textbox', { name: 'Recipe text' })).toBeVisible();
  await server.start();
  await expect
    .poll(async () => {
      const { batch } = (await (await fetch(recipe)).json()) as { batch: { factor: string } };
      return batch.factor;
    })
    .toBe('5');
  expect(troubles.splice(0).filter((text) => !CUT_OFF.test(text))).toEqual([]);
});
