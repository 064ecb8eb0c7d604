import { readFile } from 'node:fs/promises';
import { expect, test } from '../kitchen/test';

const PAGE = `<!doctype html><html><head>
<script>document.title = 'run'</script>
<script type="application/ld+json">${JSON.stringify({
  '@graph': [
    { '@type': 'WebPage', name: 'A page' },
    {
      '@type': 'Recipe',
      name: 'Pear tin',
      author: { '@type': 'Person', name: 'Coot' },
      recipeYield: '8 slices',
      recipeIngredient: ['200 g polenta', '3 eggs', '1 tbsp sea buckthorn'],
      recipeInstructions: [{ '@type': 'HowToStep', text: 'Bake.' }],
    },
  ],
})}</script></head><body><img src="http://nowhere.invalid/x.png" onerror="document.title='hurt'"></body></html>`;

const file = (name: string, content: string, mimeType = 'text/plain') => ({
  name,
  mimeType,
  buffer: Buffer.from(content),
});

test('many files come in together after a look, and go out again together', async ({
  baker,
  page,
}) => {
  const asked: string[] = [];
  page.on('request', (request) => asked.push(request.url()));
  await baker.goTo('/recipes/import-and-export');
  await page
    .getByLabel('Choose files')
    .setInputFiles([
      file('tin.html', PAGE, 'text/html'),
      file('slabs.md', '# Oat slabs\nMakes 16\n\n- 3 cups rolled oats\n'),
      file('photo.txt', '\u0000\u0001\u0002PNG\u0003\u0004'),
      file('broken.json', '{"@type": "Recipe", '),
      file('empty.txt', ' \n'),
    ]);
  const coming = page.getByRole('region', { name: 'Preview of the import' });
  await expect(coming.getByRole('row')).toHaveCount(3);
  await expect(coming.getByRole('row', { name: /Pear tin/ })).toContainText('new');
  await expect(page.getByText(/photo\.txt:.*picture or another kind of file/)).toBeVisible();
  await expect(page.getByText(/broken\.json:.*incomplete or damaged/)).toBeVisible();
  await expect(page.getByText(/empty\.txt:.*nothing in this file/)).toBeVisible();
  await page.getByRole('button', { name: 'Import 2 recipes' }).click();
  await expect(page.getByText('2 recipes imported.')).toBeVisible();

  // Once more: one is the same, one has changed.
  await page
    .getByLabel('Choose files')
    .setInputFiles([
      file('tin.html', PAGE, 'text/html'),
      file('slabs.md', '# Oat slabs\nMakes 16\n\n- 4 cups rolled oats\n'),
    ]);
  await expect(coming.getByRole('row', { name: /Pear tin/ })).toContainText('already there');
  await expect(coming.getByRole('row', { name: /Oat slabs/ })).toContainText('changed');
  await page.getByRole('button', { name: 'Import 1 recipe' }).click();
  await page.getByRole('button', { name: 'Undo import' }).click();
  await expect(page.getByText(/Import undone: 0 removed, 1 put back as before/)).toBeVisible();

  await page.getByRole('link', { name: 'Recipes', exact: true }).first().click();
  await page.getByRole('link', { name: 'Oat slabs' }).click();
  await expect(baker.row('3 cups rolled oats')).toBeVisible();
  // Nothing of the page was run, and nothing it points at was fetched.
  expect(await page.title()).not.toContain('run');
  expect(asked.filter((url) => url.includes('nowhere.invalid'))).toEqual([]);
});

test('recipes are pasted, and dropped', async ({ baker, page }) => {
  await baker.goTo('/recipes/import-and-export');
  await page.getByRole('button', { name: 'Paste text' }).click();
  await page
    .getByLabel('Recipes as text, Markdown, JSON or a table')
    .fill('Name,Ingredients\r\nRye,"2 cups dark rye flour\n1 tsp salt"\r\n');
  await page.getByRole('button', { name: 'Preview' }).click();
  await expect(page.getByRole('row', { name: /Rye/ })).toContainText('new');
  await page.getByRole('button', { name: 'Cancel' }).click();

  const data = await page.evaluateHandle(() => {
    const transfer = new DataTransfer();
    transfer.items.add(new File(['Honey rounds\n1/4 cup honey'], 'rounds.txt'));
    return transfer;
  });
  await page.locator('.drop').dispatchEvent('drop', { dataTransfer: data });
  await expect(page.getByRole('row', { name: /Honey rounds/ })).toBeVisible();
  await page.getByRole('checkbox', { name: 'Import Honey rounds' }).uncheck();
  await expect(page.getByRole('button', { name: /^Import/ })).toHaveCount(0);
});

test.describe('with the demo kitchen', () => {
  test.use({ demo: true });

  test('what goes out comes in the same', async ({ baker, page }) => {
    await baker.goTo('/recipes/import-and-export');
    for (const format of ['schema.org JSON', 'Markdown', 'CSV table']) {
      await page.getByRole('radio', { name: new RegExp(`^${format}`) }).check();
      const saved = page.waitForEvent('download');
      await page.getByRole('link', { name: 'Export all recipes' }).click();
      const path = await (await saved).path();
      const content = await readFile(path, 'utf8');
      await page.getByLabel('Choose files').setInputFiles([file('again.txt', content)]);
      await expect(page.getByRole('row', { name: /already there/ })).toHaveCount(6);
      await page.getByRole('button', { name: 'Close' }).click();
    }
  });

  test('a backup is looked at, restored and undone', async ({ baker, page, troubles }) => {
    await baker.goTo('/recipes/import-and-export');
    const saved = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Save a backup' }).click();
    const backup = await readFile(await (await saved).path(), 'utf8');

    await baker.goTo('/recipes');
    await page.getByRole('button', { name: 'More for Sesame rounds' }).click();
    await page.getByRole('button', { name: 'Delete Sesame rounds' }).click();
    await expect(page.getByText('“Sesame rounds” deleted.')).toBeVisible();

    await baker.goTo('/recipes/import-and-export');
    const field = page.getByLabel('Restore a backup');
    await field.setInputFiles([file('half.json', backup.slice(0, 500))]);
    await expect(page.getByText(/not a complete backup file/)).toBeVisible();
    await field.setInputFiles([file('other.json', '{"format":"something"}')]);
    await expect(page.getByText(/not a backup of a kitchen/)).toBeVisible();
    // The browser notes that both were refused.
    expect(troubles.splice(0).length).toBe(2);
    await field.setInputFiles([file('kitchen.json', backup)]);
    const row = page.getByRole('row', { name: /^recipes/ });
    await expect(row.getByRole('cell')).toHaveText(['6', '5']);
    await page.getByRole('button', { name: 'Restore backup' }).click();
    await page.getByRole('button', { name: 'Open Recipes' }).click();
    await expect(page.getByRole('link', { name: 'Sesame rounds' })).toBeVisible();
  });
});
