import { AtTheBench, plannedFills, type Line } from '../kitchen/bench';
import { expect, test } from '../kitchen/test';

test.use({ demo: true });

/** The lines that can be weighed on the kitchen scale, by name. */
const named = (lines: readonly Line[], name: string): Line =>
  lines.find((line) => line.name === name)!;

test('all by cup: fills are counted by tap, key, pedal and the scale under the bowl', async ({
  baker,
  page,
  server,
}) => {
  test.slow();
  const bench = new AtTheBench(baker.page, server);
  await bench.begin('By cup and spoon');
  const lines = await bench.lines();
  let ready = 0;

  // By tap, and one tap too many taken back.
  const [yeast] = lines as readonly [Line];
  await expect(bench.atHand().getByRole('heading', { name: yeast.name })).toBeVisible();
  const tablespoon = bench.atHand().getByRole('button', { name: /^0 of 1\s+1 tbsp in/ });
  await tablespoon.click();
  await bench.press('Take back one 1 tbsp');
  await expect(tablespoon).toBeVisible();
  // By key, and by pedal.
  for (const key of ['Space', 'PageDown', 'Enter']) {
    await page.locator('body').click({ position: { x: 5, y: 400 } });
    await page.keyboard.press(key);
  }
  await bench.expectReady(++ready);
  await page.keyboard.press('PageDown');

  for (const line of lines.slice(1)) {
    await expect(bench.atHand().getByRole('heading', { name: line.name })).toBeVisible();
    if (line.name === 'Bread flour') {
      // A scale under the bowl counts by itself.
      await bench.connectScale();
      await bench.simulate({ do: 'seed', seed: 11 });
      const fill = {
        do: 'typical-fill',
        handId: null,
        ingredientId: line.ingredientId,
        form: null,
      };
      for (const { tool, count } of line.measure.fills) {
        for (let made = 1; made <= count; made++) {
          await bench.simulate({ ...fill, method: line.measure.method, tool });
          await expect(bench.atHand()).toContainText(
            made === count && tool === line.measure.fills.at(-1)!.tool
              ? /in\s/
              : new RegExp(`${made} of ${count}`),
          );
        }
      }
      const loads = await bench.loads();
      await expect(async () => {
        expect((await bench.keptFills(line)).length).toBe(loads.length);
      }).toPass();
      const kept = await bench.keptFills(line);
      for (const [at, { grams, tool }] of kept.entries()) {
        expect(Math.abs(grams! - loads[at]!.grams)).toBeLessThanOrEqual(2);
        expect(tool).toBe(at < 8 ? '1 cup' : '1/3 cup');
      }
      const counted = kept.reduce((sum, { grams }) => sum + grams!, 0);
      // All together are what the scale shows, to the gram.
      expect(Math.abs(counted - (await bench.shownGrams()))).toBeLessThanOrEqual(1);
      // What the cups gave is offered to the hand.
      await bench.press(/^Add \d+ trials to Grebe’s hand$/);
      await expect(bench.atHand()).toContainText('Added to Grebe’s hand.');
      await bench.simulate({ do: 'clear' });
      await page.getByRole('button', { name: 'Disconnect' }).click();
    } else {
      for (const fill of line.measure.fills) {
        for (let made = 0; made < fill.count; made++) await bench.addFill(fill);
      }
    }
    await bench.expectReady(++ready);
    if (ready < lines.length) await bench.press('Next');
  }
  await expect(page.getByRole('heading', { name: 'The tray is full' })).toBeVisible();
  await expect(page.getByText(/of 100 trays like this|Everything is within/)).toBeVisible();
  for (const line of lines) {
    if (line.name === 'Bread flour') continue;
    await bench.expectFills(line, plannedFills(line));
  }
  await page.getByRole('button', { name: 'On to the oven' }).click();
  await expect(page).toHaveURL(/\/make\//);
  await expect(page.getByRole('region', { name: 'Step at hand' })).toBeVisible();
});

test('one bowl with tare between: what is too much is scaled away, and every ratio kept', async ({
  baker,
  page,
  server,
}) => {
  test.slow();
  const bench = new AtTheBench(baker.page, server);
  await bench.begin('Weighed into one bowl');
  await bench.connectScale();
  const lines = await bench.lines();
  const [flour, sugar] = [named(lines, 'Bread flour'), named(lines, 'Granulated sugar')];

  await bench.goTo(flour);
  await bench.weighInContainer(flour, 'white enamel bowl', flour.weight.grams);
  await bench.expectReady(1);
  const flourGrams = await bench.keptGrams(flour);

  // Tare between is asked for: the pedal does it.
  await bench.goTo(sugar);
  await expect(bench.atHand().getByRole('button', { name: 'Tare the scale' })).toBeVisible();
  await page.keyboard.press('PageDown');
  await expect(bench.strip().locator('output')).toContainText(/^\s*[-−]?[01]\s*g/);
  await bench.simulate({ do: 'put', ingredientId: sugar.ingredientId, grams: 220 });
  await expect(page.getByRole('heading', { name: /too much: 10 % over/ })).toBeVisible();
  await expect(page.getByText('can’t follow')).toHaveCount(0);
  await bench.press('Scale the rest ×1.100');
  await bench.expectReady(1);
  const sugarGrams = await bench.keptGrams(sugar);
  expect(Math.abs(sugarGrams - 220)).toBeLessThanOrEqual(1);
  const times = sugarGrams / sugar.intendedGrams;

  // The flour that is in is short by as much now, and is topped up.
  await bench.goTo(flour);
  await expect(bench.atHand()).toContainText(
    `“Bread flour, ${Math.round(flour.intendedGrams * times)} g”`,
  );
  await bench.press('Tare the scale');
  const missing = Math.round(flour.intendedGrams * times) - flourGrams;
  await expect(bench.atHand()).toContainText(/to come/);
  await bench.simulate({ do: 'put', ingredientId: flour.ingredientId, grams: missing });
  await bench.expectReady(2);
  await bench.expectKept(flour, flourGrams + missing);

  // What is still to come follows: the milk is weighed as the bench asks for it.
  const milk = named(lines, 'Whole milk');
  await bench.goTo(milk);
  const wanted = Math.round(milk.intendedGrams * times);
  await expect(bench.atHand()).toContainText(`${wanted} g`);
  await bench.weighInContainer(milk, 'white enamel bowl', wanted);
  await bench.expectReady(3);
  const milkGrams = await bench.keptGrams(milk);
  expect(Math.abs(milkGrams - wanted)).toBeLessThanOrEqual(1);
  expect(milkGrams / sugarGrams).toBeCloseTo(milk.intendedGrams / sugar.intendedGrams, 1);

  // Everything can be undone, the scaling too.
  for (let back = 0; back < 3; back++) await page.keyboard.press('ControlOrMeta+z');
  await bench.goTo(milk);
  await expect(bench.atHand()).toContainText(`“Whole milk, ${milk.weight.grams} g”`);
});
