import { expect, test } from '../kitchen/test';

const KNOTS = `Salt knots
Makes 12

3 cups cake flour, sifted
2 tbsp kosher salt
1 tsp baekign powder
1 cup (12 g) bread flour
1 large egg plus 1 yolk
1 cup butter

Method
Heat the oven to 350 °F and grease a 23 cm round tin.
Bake 25 to 30 minutes.`;

test('questions stand in the order of their grams, and go with one key each', async ({
  baker,
  page,
}) => {
  await baker.goTo('/new/text');
  await baker.write(KNOTS);
  const open = page.getByRole('navigation', { name: /^Questions/ });
  await expect(open.getByRole('button')).toHaveText([
    /baekign powder.*no weight yet/,
    /1 cup \(12 g\).*111 g/,
    /3 cups cake flour.*39 g/,
    /kosher salt.*12\.0 g/,
  ]);
  const understood = page.getByRole('region', { name: 'As understood' });

  // The keyboard goes from one to the next by itself.
  await open.getByRole('button').first().focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('1');
  await expect(understood).toContainText('Your answer: baking powder.');
  await expect(page.getByRole('button', { name: /the weight as written/ })).toBeFocused();
  await page.keyboard.press('2');
  await expect(understood).toContainText('Your answer: the volume.');
  await expect(page.getByRole('button', { name: /after \d+ g/ })).toBeFocused();
  await page.keyboard.press('2');
  await expect(understood).toContainText('Your answer: sifted before measuring.');
  await page.keyboard.press('2');
  await expect(understood).toContainText('Your answer: coarse salt (dense grain).');
  await expect(open.getByRole('button')).toHaveCount(0);

  // What was answered is what Amounts weighs, and stays.
  await page.getByRole('button', { name: 'Save recipe' }).click();
  await expect(baker.row('3 cups cake flour, sifted')).toContainText('288 g');
  await expect(baker.row('baekign powder')).toContainText('4.6 g');
  await expect(baker.row('2 tbsp kosher salt')).toContainText('29 g');
  await page.reload();
  await expect(baker.row('2 tbsp kosher salt')).toContainText('29 g');

  // And the text is as it was written.
  await page.getByRole('link', { name: /^Text/ }).click();
  await expect(page.locator('.cm-content')).toContainText('1 tsp baekign powder');
  await page
    .locator('yg-understood-line', { hasText: 'dense grain' })
    .getByRole('button', { name: 'ask again' })
    .click();
  await expect(page.getByRole('button', { name: /light hollow flake/ })).toBeVisible();
});

test('an answer goes for the whole kitchen when it is told to', async ({ baker, page }) => {
  await baker.goTo('/new/text');
  await baker.write('1 tbsp kosher salt');
  await page.getByRole('button', { name: /dense grain/ }).click();
  await page.getByLabel('Use this answer').selectOption('always, in this kitchen');
  await expect(page.getByLabel('Use this answer')).toHaveValue('kitchen');
  await baker.write('3 tbsp kosher salt');
  const understood = page.getByRole('region', { name: 'As understood' });
  await expect(understood).toContainText('Your answer: coarse salt (dense grain).');
  await expect(understood).toContainText('43 g');
  await page.getByRole('button', { name: 'ask again' }).click();
  await expect(page.getByRole('button', { name: /dense grain/ })).toBeVisible();
});

test('a line is corrected beside the text, which stays', async ({ baker, page }) => {
  await baker.goTo('/new/text');
  await baker.write('1 cup milk\nthe usual amount of honey, love');
  await page.getByRole('button', { name: 'Fix 1 cup milk' }).click();
  await page.getByRole('textbox', { name: 'Amount' }).fill('1 1/2');
  await page.getByLabel('Ingredient').fill('Buttermilk');
  await page.getByRole('button', { name: 'Use this' }).click();
  const understood = page.getByRole('region', { name: 'As understood' });
  await expect(understood).toContainText('1 1/2 cups Buttermilk');
  await expect(understood).toContainText('You corrected this line.');
  await expect(page.locator('.cm-content')).toContainText('1 cup milk');

  await page.getByRole('button', { name: 'say what this is' }).click();
  await page.getByRole('textbox', { name: 'Amount' }).fill('2');
  await page.getByLabel('Unit').selectOption('tbsp');
  await page.getByLabel('Ingredient').fill('Honey');
  await page.getByRole('button', { name: 'Use this' }).click();
  await expect(understood).toContainText('2 tbsp Honey');
  await page.getByRole('button', { name: 'undo' }).first().click();
  await expect(understood).toContainText('1 cup Whole milk');
});

test('what is not known goes in Ingredients from here, and each ingredient of a line counts', async ({
  baker,
  page,
}) => {
  await baker.goTo('/new/text');
  await baker.write('1/2 cup dragonfruit powder\n1 large egg plus 1 yolk');
  await page.getByRole('button', { name: 'None of these: add an ingredient' }).click();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('dragonfruit powder');
  await page.getByLabel('One cup weighs').fill('110');
  await page.getByRole('button', { name: 'Add ingredient' }).click();
  const understood = page.getByRole('region', { name: 'As understood' });
  await expect(understood).toContainText('55 g');

  await expect(understood).toContainText('Whole egg');
  await expect(understood).toContainText('Egg yolk');
  await expect(page.locator('.cm-line').nth(1).locator('.yg-ingredient')).toHaveText([
    'egg',
    'yolk',
  ]);
});

test('a recipe in another language is read, and its country offered', async ({ baker, page }) => {
  await baker.goTo('/new/text');
  await baker.write('Mohnkuchen\n\n250 g Mehl\n2 EL Zucker\n1 TL Backpulver');
  const understood = page.getByRole('region', { name: 'As understood' });
  await expect(understood).toContainText('2 tbsp Granulated sugar');
  await page.getByRole('button', { name: /^Use metric/i }).click();
  await expect(page.getByLabel('Cups and spoons used')).toHaveValue('metric');
});

test('two thousand lines are pasted and read while the page goes on', async ({ baker, page }) => {
  test.slow();
  await baker.goTo('/new/text');
  const block = KNOTS.split('\n').slice(3, 9);
  const lines = Array.from({ length: 2000 }, (_, at) => block[at % block.length]!);
  await page.evaluate(() => {
    const seen = ((window as unknown as { blocked: number[] }).blocked = [] as number[]);
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) seen.push(entry.duration);
    }).observe({ entryTypes: ['longtask'] });
  });
  await baker.write(lines.join('\n'));
  await expect(page.getByText(/2000 lines read/)).toBeVisible();
  // Only what is near the window is drawn, and what comes near it is.
  expect(await page.locator('yg-understood-line').count()).toBeLessThan(200);
  // The text grows as its questions are drawn, so that its end is reached step by step.
  await expect(async () => {
    await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
    await expect(page.locator('yg-understood-line').last()).toBeInViewport({ timeout: 500 });
  }).toPass();
  // Typing goes on in a text of that length.
  await page.locator('.cm-content').press('ControlOrMeta+End');
  await page.keyboard.type('\n1 cup honey');
  await expect(page.getByText(/2001 lines read/)).toBeVisible();
});

test('a list that is pasted from a page keeps its lines', async ({ baker, page }) => {
  await baker.goTo('/new/text');
  const text = page.getByRole('textbox', { name: 'Recipe text' });
  await text.click();
  await text.evaluate((editor) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', 'Oat slabs 3 cups rolled oats 1 cup flour');
    clipboardData.setData(
      'text/html',
      '<h2>Oat slabs</h2><ul><li>3&nbsp;cups <b>rolled oats</b></li><li>1 cup flour</li></ul>',
    );
    const paste = new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true });
    editor.dispatchEvent(paste);
  });
  await expect(text.locator('.cm-line')).toHaveText([
    'Oat slabs',
    '3 cups rolled oats',
    '1 cup flour',
  ]);
});
