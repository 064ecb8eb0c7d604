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
  await baker.goTo('/book');
  await page.getByRole('link', { name: 'Quiet cake' }).click();
  await expect(baker.row('2 cups flour')).toContainText('250 g');
  // What the page asked for while there was no server was refused, and nothing else went wrong.
  expect(troubles.splice(0).every((text) => CUT_OFF.test(text))).toBe(true);
});

test('a server that is gone is told, and the change is saved when it is back', async ({
  baker,
  page,
  server,
  troubles,
}) => {
  await baker.saveNew('Patient cake\n2 cups flour');
  await server.stop('SIGTERM');
  await baker.setFactor('2');
  await expect(page.getByText('The kitchen server can’t be reached.')).toBeVisible();
  await expect(baker.row('2 cups flour')).toContainText('500 g');
  await server.start();
  await page.getByRole('button', { name: 'Try again' }).click();
  await baker.expectSaved();
  await page.reload();
  await expect(baker.row('2 cups flour')).toContainText('500 g');
  // The browser logs the refused request; nothing else went wrong.
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
  await other.getByRole('textbox', { name: 'Factor' }).fill('3');
  await expect(other.getByText('Saved', { exact: true })).toBeVisible();
  await baker.setFactor('2');
  await expect(page.getByText('changed in another window')).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Factor' })).toHaveValue('2');
  await page.getByRole('button', { name: 'Keep this version' }).click();
  await baker.expectSaved();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Factor' })).toHaveValue('2');
  expect(troubles.splice(0).every((text) => text.includes('409'))).toBe(true);
});

test('a change is saved before its recipe is left, however quickly', async ({ baker, page }) => {
  await baker.saveNew('Hasty cake\n2 cups flour');
  await expect(baker.row('2 cups flour')).toBeVisible();
  await baker.setFactor('5');
  await page.getByRole('link', { name: 'New recipe' }).click();
  await expect(page.getByRole('heading', { name: 'New recipe' })).toBeVisible();
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await page.getByRole('link', { name: 'Hasty cake' }).click();
  await expect(page.getByRole('textbox', { name: 'Factor' })).toHaveValue('5');
});

test('leaving a change that can not be saved is asked about first', async ({
  baker,
  page,
  server,
  troubles,
}) => {
  await baker.saveNew('Stranded cake\n2 cups flour');
  await expect(baker.row('2 cups flour')).toBeVisible();
  await server.stop('SIGTERM');
  await baker.setFactor('5');
  const asked = page.waitForEvent('dialog');
  const click = page.getByRole('link', { name: 'New recipe' }).click();
  const dialog = await asked;
  expect(dialog.message()).toContain('is not saved');
  await dialog.dismiss();
  await click;
  await expect(page.getByRole('textbox', { name: 'Factor' })).toHaveValue('5');
  expect(troubles.splice(0).every((text) => CUT_OFF.test(text))).toBe(true);
});
