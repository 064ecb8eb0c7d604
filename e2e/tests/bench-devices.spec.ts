import { AxeBuilder } from '@axe-core/playwright';
import { AtTheBench } from '../kitchen/bench';
import { printed } from '../kitchen/printed';
import { expect, test } from '../kitchen/test';

test.use({ demo: true });

const SIZES = [
  { width: 1280, height: 800 },
  { width: 1024, height: 768 },
  { width: 820, height: 1180 },
  { width: 390, height: 844 },
] as const;

test('two devices at one bake see each other, and the later act on a line wins', async ({
  baker,
  browser,
  page,
  server,
}) => {
  const bench = new AtTheBench(baker.page, server);
  await bench.begin('By cup and spoon');
  const [yeast, milk] = (await bench.lines()) as [never, never];
  const context = await browser.newContext();
  const phone = await context.newPage();
  await phone.goto(page.url());
  const other = new AtTheBench(phone, server);
  await expect(other.atHand()).toBeVisible();

  await bench.press('Add 1 tbsp');
  await expect(other.atHand().getByRole('button', { name: /^1 of 1\s+1 tbsp in/ })).toBeVisible();
  await expect(phone.getByText('Active dry yeast was changed on another device.')).toBeVisible();

  // The phone goes on where the tablet began, and takes its own act back again.
  await other.press('Add 1 tsp');
  await other.press('Add 1/2 tsp');
  await bench.expectReady(1);
  await phone.getByRole('button', { name: 'Undo' }).click();
  await bench.expectReady(0);
  await phone.getByRole('button', { name: 'Redo' }).click();
  await bench.expectReady(1);

  // Of two routes for the same line the later one holds, on both.
  await bench.goTo(milk);
  await other.goTo(milk);
  await bench.atHand().getByRole('radio', { name: 'Own container' }).click();
  await expect(other.atHand().getByRole('radio', { name: 'Own container' })).toBeChecked();
  await other.atHand().getByRole('radio', { name: 'Bowl, total' }).click();
  await expect(bench.atHand().getByRole('radio', { name: 'Bowl, total' })).toBeChecked();

  // A reload loses nothing.
  await page.reload();
  await bench.expectReady(1);
  await expect.poll(async () => (await bench.keptFills(yeast)).length).toBe(3);
  await context.close();
});

test('the recipe is changed meanwhile: the bake says so and takes the new text when asked', async ({
  baker,
  page,
  server,
}) => {
  const bench = new AtTheBench(baker.page, server);
  await bench.begin('Weighed, each on its own');
  const address = page.url();
  const lines = await bench.lines();
  const named = (name: string) => lines.find((line) => line.name === name)!;
  await bench.goTo(named('Bread flour'));
  await bench.atHand().getByRole('textbox').fill('1069');
  await bench.press('Add');
  await bench.expectReady(1);
  await page.getByRole('link', { name: /^Text/ }).click();
  const text = page.getByRole('textbox', { name: 'Recipe text' });
  await expect(text).toContainText('1/2 cup sugar');
  const changed = (await text.innerText())
    .replace(/\n\n/g, '\n')
    .replace('1/2 cup sugar', '1 cup sugar');
  await baker.write(changed);
  await baker.expectSaved();
  await page.goto(address);
  await expect(page.getByText('The recipe was changed after this bake was begun.')).toBeVisible();
  await bench.goTo(named('Granulated sugar'));
  await expect(bench.atHand()).toContainText('200');
  await page.getByRole('button', { name: 'Use the new text for what is still to do' }).click();
  await expect(bench.atHand()).toContainText('400');
  await bench.expectReady(1);
  await page.getByRole('link', { name: 'Recipes', exact: true }).click();
  await expect(page.getByRole('link', { name: /Cardamom knots.*1 of 12 ready/ })).toBeVisible();
});

test('fits on every screen, with its figure and its button, and is accessible there', async ({
  baker,
  page,
  server,
}) => {
  test.slow();
  const bench = new AtTheBench(baker.page, server);
  await bench.begin('By cup and spoon');
  await bench.connectScale();
  const lines = await bench.lines();
  for (const size of SIZES) {
    await page.setViewportSize(size);
    for (const [name, route] of [
      ['Bread flour', 'Fill'],
      ['Whole milk', 'Own container'],
    ] as const) {
      await bench.goTo(lines.find((line) => line.name === name)!);
      await bench.atHand().getByRole('radio', { name: route }).click();
      await page.evaluate(() => scrollTo(0, 0));
      const sideways = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect(sideways, `${size.width}: ${name}`).toBeLessThanOrEqual(0);
      const strip = (await bench.strip().boundingBox())!;
      const parts = [
        bench.atHand().getByRole('heading', { name }),
        route === 'Fill'
          ? bench.atHand().getByText('8 2/3 cups').first()
          : bench.atHand().locator('.big'),
        bench.atHand().locator('.go'),
      ];
      for (const part of parts) {
        const box = (await part.boundingBox())!;
        expect(box.y, `${size.width}: ${name}`).toBeGreaterThanOrEqual(0);
        expect(box.y + box.height, `${size.width}: ${name}`).toBeLessThanOrEqual(strip.y);
      }
      const found = await new AxeBuilder({ page }).analyze();
      expect(found.violations, `${size.width}: ${name}`).toEqual([]);
    }
  }
});

test('order by dragging and by keys; keys of its own; labels to print', async ({
  baker,
  page,
  server,
}) => {
  const bench = new AtTheBench(baker.page, server);
  await bench.begin('By cup and spoon');
  const tray = page.getByRole('group', { name: /^Tray/ });
  const names = () => tray.getByRole('button').allInnerTexts();
  await expect
    .poll(async () => (await names()).slice(0, 2))
    .toEqual(['Active dry yeast', 'Whole milk']);
  await page.keyboard.press('Alt+ArrowRight');
  await expect.poll(async () => (await names())[0]).toBe('Whole milk');
  await page.keyboard.press('ControlOrMeta+z');
  await expect.poll(async () => (await names())[0]).toBe('Active dry yeast');
  const from = (await tray.getByRole('button', { name: /^Granulated sugar/ }).boundingBox())!;
  const to = (await tray.getByRole('button', { name: /^Whole milk/ }).boundingBox())!;
  await page.mouse.move(from.x + from.width / 2, from.y + 20);
  await page.mouse.down();
  await page.waitForTimeout(300);
  await page.mouse.move(to.x + to.width / 2, to.y + 20, { steps: 12 });
  await page.mouse.up();
  await expect.poll(async () => (await names()).slice(0, 3)).toContain('Granulated sugar');

  await page.keyboard.press('?');
  await expect(page.getByRole('region', { name: 'What is this? Measure' })).toContainText(
    'do what the large button says',
  );
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('button', { name: 'Keys, sounds and scale' }).click();
  const sheet = page.getByRole('dialog', { name: 'This device at the bench' });
  await sheet.getByRole('button', { name: 'Add a key' }).first().click();
  await page.keyboard.press('b');
  await expect(sheet.locator('kbd', { hasText: /^B$/ })).toBeVisible();
  await sheet.getByRole('button', { name: 'Close' }).click();
  await page.keyboard.press('b');
  await expect(bench.atHand().getByRole('button', { name: /^1 of 1\s+1 tbsp in/ })).toBeVisible();

  await page.getByText('More', { exact: true }).click();
  await page.getByRole('link', { name: 'Labels to print' }).click();
  await expect(page.getByText('contains gluten: wheat')).toBeVisible();
  for (const [paper, width] of [
    ['a4', 595],
    ['letter', 612],
    ['roll', 175],
  ] as const) {
    await page.getByLabel('Paper').selectOption(paper);
    const out = await printed(page, { preferCSSPageSize: true });
    // Twelve ingredients: one sheet of twelve, or a label each.
    expect(out.pages, paper).toBe(paper === 'roll' ? 12 : 1);
    expect(Math.abs(out.width - width), paper).toBeLessThan(2);
  }
  const found = await new AxeBuilder({ page }).analyze();
  expect(found.violations).toEqual([]);
});
