import { expect, test } from '../kitchen/test';

test('a cup in the wash is left out of plans, and its owner can take that back', async ({
  baker,
  page,
}) => {
  await baker.saveNew('1 cup sugar\n1 cup milk');
  await expect(baker.row('1 cup sugar')).toContainText('1 cup');
  await baker.openPart('Tools');
  await page.getByRole('checkbox', { name: 'in the wash: 1 cup' }).check();
  await baker.leavePart();
  await expect(baker.row('1 cup sugar').getByText('1/2', { exact: true })).toHaveCount(2);
  await page.reload();
  await expect(baker.row('1 cup sugar').getByText('1/2', { exact: true })).toHaveCount(2);
  await baker.openPart('Tools');
  await page.getByRole('checkbox', { name: 'in the wash: 1 cup' }).uncheck();
  await baker.leavePart();
  await expect(baker.row('1 cup sugar').getByText('1/2', { exact: true })).toHaveCount(0);
});

test('a cup weighed three times with water counts for what it holds', async ({
  baker,
  page,
  server,
}) => {
  await baker.goTo('/kitchen/tools');
  await page.getByRole('button', { name: 'Calibrate 1 cup' }).click();
  const weight = page.getByLabel('Weighs, g');
  await weight.fill('a lot');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Write the water’s weight in grams')).toBeVisible();
  for (const grams of ['248,1', '247.6', '248.4']) {
    await weight.fill(grams);
    await page.keyboard.press('Enter');
  }
  await expect(
    page.getByText(/^Mean 248\.\d mL, ± \d\.\d mL \(95 %\)\. Recipes use this size\.$/),
  ).toBeVisible();
  await expect(page.getByRole('img', { name: /Fills of 1 cup: Mean 248/ })).toBeVisible();
  // A reload keeps what the server has acknowledged.
  await expect(async () => {
    const reply = await fetch(`${server.address}/api/kitchen`);
    const { tools } = (await reply.json()) as {
      tools: { name: string; calibration: { grams: number[] } | null }[];
    };
    expect(tools.find(({ name }) => name === '1 cup')?.calibration?.grams.length).toBe(3);
  }).toPass();
  await page.reload();
  await expect(page.getByText(/\+5\.\d ± 0\.\d %/)).toBeVisible();
  await page.getByRole('button', { name: 'Calibrate 1 cup' }).click();
  await page.getByRole('button', { name: 'Delete the fill of 247.6 g' }).click();
  await expect(page.getByText('1 more fill until recipes use this size.')).toBeVisible();
});

test('an odd mug goes into the drawer, out of it, and back', async ({ baker, page }) => {
  await baker.goTo('/kitchen/tools');
  await page.getByRole('button', { name: 'Add a tool' }).click();
  await page.getByLabel('Name').fill('1 cup');
  await page.getByLabel('Holds').fill('310');
  await page.getByRole('button', { name: 'Add tool' }).click();
  await expect(page.getByText('There is already a “1 cup”.')).toBeVisible();
  await page.getByLabel('Name').fill('blue mug');
  await page.getByRole('button', { name: 'Add tool' }).click();
  await expect(page.getByRole('heading', { name: 'blue mug' })).toBeVisible();
  // What is saved is told by the request itself: one of an earlier change may still be on its way.
  const savedWith = (isThere: boolean) =>
    page.waitForResponse((response) => {
      const sent = response.request().postData();
      return sent !== null && sent.includes('blue mug') === isThere;
    });
  const removed = savedWith(false);
  await page.getByRole('button', { name: 'Delete blue mug' }).click();
  await expect(page.getByRole('heading', { name: 'blue mug' })).toHaveCount(0);
  await removed;
  const saved = savedWith(true);
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved;
  await page.reload();
  await expect(page.getByRole('heading', { name: 'blue mug' })).toBeVisible();
});

test('cups of another country change what is measured, not what is weighed', async ({
  baker,
  page,
}) => {
  await baker.saveNew('3 cups sugar');
  await expect(baker.row('3 cups sugar')).toContainText('600 g');
  await baker.openPart('Tools');
  await page.getByLabel('Our cups and spoons').selectOption('Japanese');
  await baker.leavePart();
  const row = baker.row('3 cups sugar');
  await expect(row).toContainText('600 g');
  await expect(row).toContainText('3 1/2 cups');
});

test('a spoon is calibrated from the simulated scale', async ({ baker, page }) => {
  test.slow();
  await baker.goTo('/kitchen/tools');
  await baker.connectScale();
  await page.getByRole('button', { name: 'Simulation' }).click();
  await page.getByLabel('Kind of scale').selectOption('fine scale');
  await page.getByRole('button', { name: 'Calibrate 1 tbsp' }).click();
  const strip = page.getByRole('region', { name: 'Scale', exact: true });
  for (let fills = 1; fills <= 3; fills++) {
    await page.getByRole('button', { name: 'Fill one' }).click();
    await expect(strip.locator('output')).toContainText(/^\s*1[3-7]\.\d/);
    await page
      .getByRole('button', { name: /^Take [\d.]+ g from the scale$/ })
      .first()
      .click();
    await expect(page.getByRole('button', { name: /^Delete the fill/ })).toHaveCount(fills);
    await page.getByRole('button', { name: 'Take everything off' }).click();
    await expect(strip.locator('output')).toContainText(/^\s*0\.\d/);
  }
  await expect(
    page.getByText(/^Mean 1\d\.\d mL, ± \d\.\d mL \(95 %\)\. Recipes use this size\.$/),
  ).toBeVisible();
});

test('scales, containers and blocks of butter are part of the drawer', async ({ baker, page }) => {
  await baker.saveNew('200 g butter\n1 cup flour');
  await expect(baker.row('1 cup flour')).toContainText('125 g');
  await baker.openPart('Tools');
  await page
    .getByLabel('Our butter comes as')
    .selectOption({ label: '250 g blocks, marked every 25 g' });
  await page.getByRole('button', { name: 'Delete kitchen scale' }).click();
  await page.getByRole('button', { name: 'Add a scale' }).click();
  await page.getByLabel('Step, g').fill('2');
  await page.getByRole('button', { name: 'Add scale', exact: true }).click();
  await expect(page.getByText('Give the scale a name.')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('old scale');
  await page.getByRole('button', { name: 'Add scale', exact: true }).click();
  await expect(page.getByText('steps of 2 g up to 5000 g')).toBeVisible();
  await page.getByLabel('Container', { exact: true }).fill('brown jug');
  await page.getByLabel('Weight when empty, g').fill('410,5');
  await page.keyboard.press('Enter');
  await expect(page.getByText('410.5 g empty')).toBeVisible();
  await baker.leavePart();
  await expect(baker.row('1 cup flour')).toContainText('126 g');
  await baker.edit('200 g butter');
  await page.getByLabel('Your method for 200 g butter').selectOption('cut at the marks');
  await expect(baker.row('200 g butter')).toContainText('200 g at the mark');
});

test('a whole set goes into the wash and comes back', async ({ baker, page }) => {
  await baker.goTo('/kitchen/tools');
  await page.getByRole('button', { name: 'All in the wash: Spoons' }).click();
  await expect(page.getByRole('checkbox', { name: 'in the wash: 1 tsp' })).toBeChecked();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('checkbox', { name: 'in the wash: 1 tsp' })).not.toBeChecked();
});
