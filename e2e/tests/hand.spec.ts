import type { Page } from '@playwright/test';
import { expect, test, type Baker } from '../kitchen/test';

test.use({ demo: true });

const strip = (page: Page) => page.getByRole('region', { name: 'Scale', exact: true });

async function connect(baker: Baker, page: Page): Promise<void> {
  await baker.connectScale();
  await page.getByRole('button', { name: 'Simulation' }).click();
}

/** Waits until the scale has settled on something, and takes it. */
async function take(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Take \d+ g from the scale$/ }).click();
}

const flourOfSlabs = async (baker: Baker, page: Page) => {
  await page.getByRole('link', { name: 'Recipes', exact: true }).click();
  await page.getByRole('link', { name: 'Towpath oat slabs' }).click();
  return baker.row('1 1/2 cups all-purpose flour');
};

test('a hand is calibrated with eight simulated fills, one untared, and the Balance goes by it', async ({
  baker,
  page,
}) => {
  test.slow();
  await baker.goTo('/kitchen/people');
  await page.getByRole('button', { name: 'Add a person' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Coot');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: /^Coot/ })).toBeVisible();
  await page.getByLabel('Ingredient', { exact: true }).fill('all-purpose wheat flour');
  await page.keyboard.press('Tab');
  await page.getByRole('combobox', { name: 'With', exact: true }).selectOption('1 cup');
  await page.getByRole('button', { name: 'Start weighing' }).click();
  await expect(page.getByText('Coot has no trials here yet.')).toBeVisible();

  await connect(baker, page);
  const bowl = page.getByRole('button', { name: /^white enamel bowl/ });
  const fill = page.getByRole('button', { name: 'Fill one' });
  const clear = page.getByRole('button', { name: 'Take everything off' });
  for (let weighed = 1; weighed <= 8; weighed++) {
    const isUntared = weighed === 4;
    if (isUntared) await bowl.click();
    await fill.click();
    await expect(strip(page)).toContainText('steady');
    await expect(strip(page).locator('output')).toContainText(
      isUntared ? /^\s*4\d\d/ : /^\s*1\d\d/,
    );
    await take(page);
    await expect(page.getByText(`All ${weighed} trials of Coot`)).toBeVisible();
    await clear.click();
    // A scale drifts: empty again, it may show a gram either way.
    await expect(strip(page).locator('output')).toContainText(/^\s*[-−]?[0-2]\s*g/);
  }

  const doubt = page.getByRole('group', { name: /^Doubt about 4\d\d g/ });
  await expect(doubt).toContainText('by the weight of the white enamel bowl (312 g)');
  await expect(page.getByText('Coot’s fill, 7 trials count')).toBeVisible();
  await doubt.getByRole('button', { name: 'Leave it out' }).click();
  await expect(doubt).toHaveCount(0);
  await expect(page.getByText('Coot’s fill, 7 trials count')).toBeVisible();

  // What lies over the foot of the page is put away, as who works in it would.
  await page.getByRole('button', { name: 'Simulation' }).click();
  const flour = await flourOfSlabs(baker, page);
  await expect(flour).toContainText(/Grebe fills \d+ % (heavier|lighter)/);
  await page.getByRole('button', { name: /^Your way/ }).click();
  await page.getByLabel('Measured by').selectOption('anyone');
  await expect(flour).not.toContainText('Grebe fills');
  await page.getByLabel('Measured by').selectOption('Coot');
  // How far Coot is from the table is luck, and what there is to say of it moves the lines: by the keyboard
  // the line is met wherever it stands.
  await flour.getByRole('button', { name: 'Edit' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Your measure: your trials' })).toBeVisible();
  await expect(page.getByText('Source: Coot, 7 trials.')).toBeVisible();
});

test('a doubted trial counts when the baker says it was right, and a deleted one comes back', async ({
  baker,
  page,
}) => {
  await baker.goTo('/kitchen/people');
  await page.getByRole('link', { name: /^Moorhen/ }).click();
  await expect(page.getByText('Moorhen’s fill, 18 trials count')).toBeVisible();
  await expect(page.getByText('Over 5 weeks this hand has become')).toBeVisible();
  await page.getByRole('button', { name: 'Count it' }).click();
  await expect(page.getByText('Moorhen’s fill, 19 trials count')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Moorhen’s fill, 18 trials count')).toBeVisible();
  await page.getByText(/^All 20 trials of Moorhen/).click();
  await page.getByRole('button', { name: 'Delete the trial of 446 g' }).click();
  await expect(page.getByText('All 19 trials of Moorhen')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('All 20 trials of Moorhen')).toBeVisible();
  await page.reload();
  await expect(page.getByText('All 20 trials of Moorhen')).toBeVisible();
  await page.getByRole('button', { name: 'Delete Moorhen' }).click();
  await expect(page.getByRole('link', { name: /^Moorhen/ })).toHaveCount(0);
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: /^Moorhen 42 trials/ })).toBeVisible();
});

test('a table with two bad rows comes in without them, and can be taken back', async ({
  baker,
  page,
}) => {
  await baker.goTo('/kitchen/people');
  const row = (grams: string, at: number): string =>
    `Grebe,honey,poured,1 cup,236.59,${grams},2026-03-1${at}T08:00:00Z`;
  const table = [
    'hand,ingredient_id,method,tool,millilitres,grams,at',
    row('338', 1),
    row('a lot', 2),
    row('341', 3),
    'Grebe,honey,poured',
    row('336', 5),
  ].join('\n');
  await page.getByLabel('Import trials from a CSV file').setInputFiles({
    name: 'honey.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(table),
  });
  const preview = page.getByRole('region', { name: 'Preview of the import' });
  await expect(preview).toContainText('3 trials can be imported. 2 rows can’t be read');
  await expect(preview).toContainText('Row 3: grams');
  await expect(preview).toContainText('Row 5: 3 cells instead of 7');
  await expect(page.getByRole('link', { name: /^Honey, poured/ })).toHaveCount(0);
  await preview.getByRole('button', { name: 'Import 3' }).click();
  await page.getByRole('link', { name: /^Honey, poured, 1 cup/ }).click();
  await expect(page.getByText('Grebe’s fill, 3 trials count')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: /^Honey, poured/ })).toHaveCount(0);
});

test('the scale warns of slips, pours while held, and survives a lost connection', async ({
  baker,
  page,
  server,
  troubles,
}) => {
  test.slow();
  await baker.goTo('/ingredients/honey');
  await connect(baker, page);
  await page.getByRole('button', { name: /^white enamel bowl/ }).click();
  await expect(strip(page)).toContainText('Not tared: the white enamel bowl (312 g)');
  await page.getByRole('button', { name: 'Tare' }).click();
  await expect(strip(page)).not.toContainText('Not tared');
  await expect(strip(page)).toContainText('steady, net');
  const pour = page.getByRole('button', { name: 'Hold to pour' });
  await pour.focus();
  await page.keyboard.down('Space');
  await expect(strip(page).locator('output')).toContainText(/^\s*[4-9]\d\s/);
  await page.keyboard.up('Space');
  await expect(strip(page)).toContainText('steady, net');
  await page.getByLabel('Unit of the scale').selectOption('mL');
  await expect(strip(page)).toContainText('a scale takes everything for water');
  await page.getByLabel('Unit of the scale').selectOption('oz');
  await expect(strip(page)).toContainText('The scale shows ounces: this is');

  await server.stop('SIGKILL');
  await expect(strip(page)).toContainText('reconnecting');
  await server.start();
  await expect(strip(page)).toContainText('steady');
  await page.reload();
  await expect(strip(page)).toContainText('steady');
  await page.getByRole('button', { name: 'Disconnect' }).click();
  await expect(strip(page)).toHaveCount(0);
  // The page said that it lost its server: that was meant.
  troubles.length = 0;
});
