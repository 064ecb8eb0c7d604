import { readFile } from 'node:fs/promises';
import { documentOf, photoOf, READ } from '../kitchen/paper';
import { printed } from '../kitchen/printed';
import { expect, test } from '../kitchen/test';

const CARD = [
  'Makes 12',
  '3 cups rolled oats',
  '½ cup honey',
  '1¼ cups flour',
  '1 tsp salt',
  'Mix and bake.',
];

/** What the recogniser tells itself where others would log a trouble. */
const RECOGNISER_TALK = /^Estimating resolution as/;

test.describe('a recipe from elsewhere', () => {
  test.use({ demo: true });

  test('is got by its web address, and read at once', async ({ baker, page }) => {
    await baker.goTo('/new/text');
    await page.getByRole('button', { name: 'a web address' }).click();
    await page.getByText('Made-up pages of the demo').click();
    await page.getByRole('button', { name: 'Hatch granola' }).click();
    await page.getByRole('button', { name: 'Get recipe' }).click();
    await expect(page.getByRole('heading', { name: 'Hatch granola' })).toBeVisible();
    await expect(page.getByLabel('Author')).toHaveValue(/.+/);
    await page.getByRole('button', { name: 'Save recipe' }).click();
    await expect(baker.row('3 cups rolled oats')).toContainText('g');
  });

  test('is not got from a private network, and an address in the text is offered', async ({
    baker,
    page,
    troubles,
  }) => {
    await baker.goTo('/new/text');
    await baker.write('http://192.168.1.1/secret');
    await expect(page.getByLabel('Web address of the recipe')).toHaveValue(
      'http://192.168.1.1/secret',
    );
    await page.getByRole('button', { name: 'Get recipe' }).click();
    await expect(page.getByRole('alert')).toContainText('in your own network');
    expect(troubles.splice(0)).toEqual([expect.stringContaining('400')]);
  });

  test('switched off in Settings stays off', async ({ baker, page }) => {
    await baker.goTo('/kitchen/settings');
    await page.getByLabel('Get a recipe when its web address is pasted').uncheck();
    await baker.expectSaved();
    await baker.goTo('/new/text');
    await page.getByRole('button', { name: 'a web address' }).click();
    await expect(page.getByText('switched off')).toBeVisible();
    await page.getByRole('link', { name: 'Open Settings' }).click();
    await expect(page.getByRole('heading', { name: 'Recipes from the web' })).toBeVisible();
  });
});

test('a photo of a card becomes grams, with the photo beside its text', async ({
  baker,
  browser,
  page,
  troubles,
}) => {
  test.slow();
  const asked: string[] = [];
  page.on('request', (request) => asked.push(request.url()));
  await baker.goTo('/new/text');
  await page
    .getByLabel('Start from photos')
    .setInputFiles(await photoOf(browser, 'Oat slabs', CARD));
  const corner = page.getByRole('button', { name: /^Top left corner/ });
  await corner.press('ArrowRight');
  await page.getByRole('button', { name: 'Read photo' }).click();
  await expect(page.getByRole('img', { name: 'On the photo: Oat slabs' })).toBeVisible(READ);
  await expect(page.getByRole('heading', { name: 'Oat slabs' })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Recipe text' })).toContainText('1/2 cup honey');
  await page.getByText('1 tsp salt').first().click();
  await expect(page.getByRole('img', { name: 'On the photo: 1 tsp salt' })).toBeVisible();
  await page.getByRole('button', { name: 'Save photo with the recipe' }).click();
  await page.getByRole('button', { name: 'Hide photo' }).click();
  await page.getByRole('button', { name: 'Save recipe' }).click();
  await expect(baker.row('3 cups rolled oats')).toContainText('243');
  await expect(baker.row('1/2 cup honey')).toContainText('170');
  await expect(baker.row('1 1/4 cups flour')).toContainText(/15[0-9]/);
  // It is there again whenever it is wanted, with the places of its lines.
  await page.getByRole('link', { name: /^Text/ }).click();
  await page.reload();
  await page.getByRole('button', { name: 'Show photo' }).click();
  await page.getByText('1 tsp salt').first().click();
  await expect(page.getByRole('img', { name: 'On the photo: 1 tsp salt' })).toBeVisible();
  expect(asked.filter((address) => !address.startsWith(baker.server.address))).toEqual([]);
  expect(troubles.splice(0).filter((said) => !RECOGNISER_TALK.test(said))).toEqual([]);
});

test('handwriting is typed from its photo, which stays out of other recipes', async ({
  baker,
  browser,
  page,
}) => {
  await baker.saveNew('Rye crispbread\n\n2 cups dark rye flour');
  const rye = page.url();
  await baker.goTo('/new/text');
  await page
    .getByLabel('Start from photos')
    .setInputFiles(await photoOf(browser, 'Oat slabs', ['3 cups oats']));
  await page.getByRole('button', { name: 'Type from the photo' }).click();
  await expect(page.getByRole('img', { name: 'The photo to type from' })).toBeVisible();
  await baker.write('Oat slabs\n\n3 cups oats');
  await expect(page.getByRole('img', { name: 'The photo to type from' })).toBeVisible();
  await page.getByRole('button', { name: 'Save recipe' }).click();
  await expect(baker.row('3 cups oats')).toBeVisible();
  await page.getByRole('link', { name: 'Recipes', exact: true }).click();
  await page.getByRole('link', { name: 'Rye crispbread' }).click();
  await page.waitForURL(rye);
  await page.getByRole('link', { name: /^Text/ }).click();
  await expect(page.getByRole('textbox', { name: 'Recipe text' })).toContainText('rye flour');
  await expect(page.getByRole('img', { name: 'The photo to type from' })).toHaveCount(0);
});

test('what is no picture is said to be none, and nothing is lost', async ({ baker, page }) => {
  await baker.goTo('/new/text');
  const buffer = Buffer.from('this is no picture');
  await page
    .getByLabel('Start from photos')
    .setInputFiles({ name: 'no.jpg', mimeType: 'image/jpeg', buffer });
  await expect(page.getByRole('alert')).toContainText('can’t open that picture');
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('start from')).toBeVisible();
});

test('a PDF is cut into its recipes, and a damaged one says what to do', async ({
  baker,
  browser,
  page,
}) => {
  const book = await documentOf(browser, [
    { title: 'Oat slabs', lines: CARD },
    { title: 'Rye crispbread', lines: ['2 cups dark rye flour', '1 tbsp honey', 'Roll thin.'] },
  ]);
  await baker.goTo('/recipes/import-and-export');
  await page
    .getByLabel('Choose files')
    .setInputFiles([book, { ...book, name: 'half.pdf', buffer: book.buffer.subarray(0, 700) }]);
  const coming = page.getByRole('region', { name: 'Preview of the import' });
  await expect(coming.getByRole('row')).toHaveCount(3);
  await expect(page.getByText(/half\.pdf:.*damaged or incomplete/)).toBeVisible();
  await page.getByRole('button', { name: 'Import 2 recipes' }).click();
  await expect(page.getByText('2 recipes imported.')).toBeVisible();
  // One of them as a new recipe: it is asked which.
  await baker.goTo('/new/text');
  await page.getByLabel('Start from a PDF or a file').setInputFiles(book);
  await page.getByRole('button', { name: 'Rye crispbread' }).click();
  await expect(page.getByRole('heading', { name: 'Rye crispbread' })).toBeVisible();
});

test('many photos are read over a pause, a reload and two windows, and come in with their photos', async ({
  baker,
  browser,
  context,
  page,
  troubles,
}) => {
  test.slow();
  const photos = [];
  for (const letter of ['A', 'B', 'C']) {
    const card = await photoOf(browser, `Oat slabs ${letter}`, [
      '3 cups rolled oats',
      '1 tsp salt',
    ]);
    photos.push({ ...card, name: `card ${letter}.jpg` });
  }
  photos.push({ ...photos[0]!, name: 'no.jpg', buffer: Buffer.from('this is no picture') });
  await baker.goTo('/recipes/import-and-export');
  await page.getByLabel('Choose files').setInputFiles(photos);
  await expect(page.getByText('1 of 4')).toBeVisible(READ);
  await page.getByRole('button', { name: 'Pause' }).click();
  await page.reload();
  await expect(page.getByText('Paused: 3 still to read.')).toBeVisible();
  // One window reads, however many are open; when it is closed, another goes on.
  const other = await context.newPage();
  await other.goto(page.url());
  await other.getByRole('button', { name: 'Go on reading' }).click();
  await expect(other.getByText(/^Reading card/)).toBeVisible(READ);
  await page.getByRole('button', { name: 'Go on reading' }).click();
  await expect(page.getByText('Another window is reading them.')).toBeVisible();
  await other.close();
  // Reading goes on while one is elsewhere.
  await page.getByRole('link', { name: 'Ingredients', exact: true }).click();
  await page.waitForURL(/ingredients/);
  await page.goBack();
  await expect(page.getByText('All read.')).toBeVisible(READ);
  await page.getByText('1 needs a look').click();
  await expect(page.getByRole('listitem').filter({ hasText: 'no.jpg' })).toContainText(
    'can’t open that picture',
  );
  await page.getByRole('button', { name: 'Preview 3 recipes' }).click();
  await page.getByRole('checkbox', { name: 'Save the photos with their recipes' }).check();
  await page.getByRole('button', { name: 'Import 3 recipes' }).click();
  await expect(page.getByText('3 recipes imported.')).toBeVisible();
  await page.getByRole('button', { name: 'Discard all' }).click();
  await page.getByRole('link', { name: 'Recipes', exact: true }).first().click();
  await page.getByRole('link', { name: 'Oat slabs B' }).click();
  await expect(baker.row('3 cups rolled oats')).toContainText('243');
  await page.getByRole('link', { name: /^Text/ }).click();
  await page.getByRole('button', { name: 'Show photo' }).click();
  await expect(page.getByRole('img', { name: 'On the photo: Oat slabs B' })).toBeVisible();
  expect(troubles.splice(0).filter((said) => !RECOGNISER_TALK.test(said))).toEqual([]);
});

test.describe('out on paper', () => {
  test.use({ demo: true });

  test('a conversion chart is chosen, printed on one sheet and saved as a table', async ({
    baker,
    page,
  }) => {
    await baker.goTo('/ingredients');
    await page.getByRole('link', { name: 'Conversion chart' }).click();
    const chart = page.getByRole('region', { name: 'The chart' });
    const flour = chart.getByRole('row', { name: /^All-purpose wheat flour/ });
    await expect(flour).toContainText('125');
    await page.getByRole('searchbox', { name: 'Add an ingredient to the chart' }).fill('cocoa');
    await page
      .getByRole('button', { name: /^(Cocoa|Unsweetened cocoa)/ })
      .first()
      .click();
    await expect(chart.getByRole('row', { name: /cocoa/i })).toBeVisible();
    await page.getByLabel('Filled by').selectOption({ label: 'Grebe' });
    await expect(flour).not.toContainText('125');
    await chart.getByRole('button', { name: 'Leave out Honey' }).click();
    await expect(chart.getByRole('row', { name: /^Honey/ })).toHaveCount(0);
    const saving = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save table (CSV)' }).click();
    const table = await readFile(await (await saving).path(), 'utf8');
    expect(table.split('\n')[0]).toContain('1 cup g,1 cup from g,1 cup to g');
    expect(table).toMatch(/cocoa/i);
    await page.getByLabel('From what to what a cup goes').uncheck();
    expect((await printed(page, { format: 'A4' })).pages).toBe(1);
  });

  test('a book of all recipes is turned to another batch, printed, and comes in again', async ({
    baker,
    page,
    context,
  }) => {
    await baker.goTo('/recipes/import-and-export');
    await page.getByText('a book:').click();
    await page.getByLabel('Title of the book').fill('Towpath stall');
    const opening = context.waitForEvent('page');
    await page.getByRole('link', { name: 'Open book to print' }).click();
    const book = await opening;
    await expect(book.getByRole('heading', { name: 'Towpath stall' })).toBeVisible();
    const slabs = book.getByRole('article').filter({ hasText: 'Towpath oat slabs' });
    // Signs beyond ASCII come through the bundled server as they are written.
    await expect(slabs).toContainText(/×\s*1,/);
    await slabs.getByLabel('Batch').selectOption('2');
    await expect(slabs.getByRole('row', { name: /^3 cups rolled oats/ })).toContainText(
      '6 1/2 cups',
    );
    await book.getByRole('link', { name: 'A5', exact: true }).click();
    await book.waitForURL(/paper=a5&/);
    const { pages, width } = await printed(book, { preferCSSPageSize: true });
    expect(Math.round(width)).toBe(420);
    expect(pages).toBeGreaterThanOrEqual(10);
    // Folded, four of its pages lie on a sheet, and the last beside the first.
    await book.getByRole('link', { name: 'A5, folded from A4' }).click();
    await book.waitForURL(/paper=a5-folded&/);
    const folded = await printed(book, { preferCSSPageSize: true });
    expect(folded.pages).toBe(2 * Math.ceil(pages / 4));
    expect(Math.round(folded.width)).toBe(842);
    // As the printer gets it: each page once, and contents that name the page of a recipe.
    await book.evaluate(() => dispatchEvent(new Event('beforeprint')));
    const laidOut = book.locator('.pages .leaf');
    const numbers = (await laidOut.locator('footer').allTextContents()).map(Number);
    expect(numbers.sort((a, b) => a - b)).toEqual(
      Array.from({ length: pages - 1 }, (_, at) => at + 2),
    );
    const [, named] = /Towpath oat slabs\s*(\d+)/.exec(
      (await laidOut.filter({ hasText: 'Contents' }).textContent())!,
    )!;
    await expect(laidOut.filter({ hasText: '3 cups rolled oats' }).locator('footer')).toHaveText(
      named!,
    );
    await book.evaluate(() => dispatchEvent(new Event('afterprint')));
    await expect(laidOut).toHaveCount(0);
    const saving = book.waitForEvent('download');
    await book.getByRole('link', { name: 'Save as one file' }).click();
    const path = await (await saving).path();
    await page
      .getByLabel('Choose files')
      .setInputFiles({ name: 'book.html', mimeType: 'text/html', buffer: await readFile(path) });
    const coming = page.getByRole('region', { name: 'Preview of the import' });
    await expect(coming.getByText('already there')).toHaveCount(6);
  });
});

test('what another program shares with the installed one is a new recipe', async ({
  baker,
  browser,
}) => {
  const context = await browser.newContext({ serviceWorkers: 'allow' });
  const page = await context.newPage();
  const share = (what: { text?: string; file?: string }) =>
    page.evaluate(({ text, file }) => {
      const form = document.createElement('form');
      Object.assign(form, { action: '/share', method: 'post', enctype: 'multipart/form-data' });
      const words = document.createElement('input');
      Object.assign(words, { name: 'text', value: text ?? '' });
      const files = document.createElement('input');
      Object.assign(files, { name: 'files', type: 'file' });
      const transfer = new DataTransfer();
      if (file) transfer.items.add(new File([file], 'slabs.txt', { type: 'text/plain' }));
      files.files = transfer.files;
      form.append(words, ...(file ? [files] : []));
      document.body.append(form);
      form.submit();
    }, what);
  await page.goto(`${baker.server.address}/recipes`);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.reload();
  await expect
    .poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null))
    .toBe(true);

  await share({ file: 'Oat slabs\n\n3 cups rolled oats\n1 cup flour\n' });
  await expect(page.getByRole('heading', { name: 'Oat slabs' })).toBeVisible();
  // Another one does not take the place of what is there by itself.
  await share({ text: 'Rye crispbread\n\n2 cups dark rye flour' });
  await expect(page.getByText('Shared with this program: Rye crispbread')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Oat slabs' })).toBeVisible();
  await page.getByRole('button', { name: 'Use it in place of this text' }).click();
  await expect(page.getByRole('heading', { name: 'Rye crispbread' })).toBeVisible();
  // A page is shared as its title and its address.
  await share({ text: 'A fine page\nhttps://towpath.invalid/rye' });
  await page.getByRole('button', { name: 'Use it in place of this text' }).click();
  await expect(page.getByLabel('Web address of the recipe')).toHaveValue(
    'https://towpath.invalid/rye',
  );
  await context.close();
});
