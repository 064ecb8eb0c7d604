import type { Page } from '@playwright/test';
import { printed } from '../kitchen/printed';
import { Practising } from '../kitchen/practice';
import { expect, test } from '../kitchen/test';

const strip = (page: Page) => page.locator('yg-try-strip');

test.describe('practice', () => {
  test('is reached from a technique, and a pressed cup is told from a light one', async ({
    baker,
    page,
  }) => {
    await baker.goTo('/ingredients/flour-wheat-all-purpose');
    await page.getByRole('link', { name: 'Practise this' }).click();
    await expect(page.getByRole('heading', { name: 'Fill and weigh' })).toBeVisible();
    await expect(page.getByText('Target 125 g')).toBeVisible();
    const hand = new Practising(page);

    // The first series: nothing stirred, pressed, the blade held anyhow.
    for (let time = 0; time < 2; time++) {
      await hand.fillToAHeap();
      // What was pressed down is no heap any more: only then is more spooned on top.
      await expect(async () => {
        await hand.do('Press', 'Press');
        await expect(page.getByText('The cup is well heaped.')).toHaveCount(0, { timeout: 500 });
      }).toPass();
      await hand.fillToAHeap();
      await hand.do('Sweep', 'Weigh it');
      await expect(page.getByText(/It was pressed: [\d.]+ g more/)).toBeVisible();
      await expect(page.getByText(/It lay settled in the bin: [\d.]+ g more/)).toBeVisible();
      await hand.do('Fill it again');
    }
    await expect(strip(page).locator('.told')).toContainText('2 tries');
    const first = await strip(page).locator('.told').innerText();

    // The second one does what it was told.
    for (let time = 0; time < 3; time++) {
      await hand.do('Stir the bin');
      await hand.fillToAHeap();
      await hand.sweep(0);
      await expect(page.getByText('full to the rim, swept level')).toBeVisible();
      await hand.do('Weigh it');
      await expect(page.locator('yg-fill-result')).toContainText('of 125 g');
      if (time < 2) await hand.do('Fill it again');
    }
    const away = (text: string): number => Number(/([\d.]+) % away/.exec(text)![1]);
    await expect(strip(page).locator('.told')).toContainText('5 tries');
    const both = await strip(page).locator('.told').innerText();
    // The mean of five, three of them near: well below the mean of the first two.
    expect(away(both)).toBeLessThan(0.8 * away(first));

    await page.reload();
    await expect(strip(page).locator('.told')).toHaveText(both);
    await page.getByRole('link', { name: 'Practice', exact: true }).first().click();
    await expect(page.getByRole('heading', { name: 'What you have tried' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Flour, spooned' }).first()).toBeVisible();
  });

  test('by hand on the drawing does what the buttons do', async ({ baker, page }) => {
    await baker.goTo('/practice/fill');
    const words = page.locator('yg-fill-counter .words');
    const svg = page.locator('yg-fill-counter svg');
    const box = (await svg.boundingBox())!;
    const at = (x: number, y: number) => ({
      x: box.x + (x / 780) * box.width,
      y: box.y + ((y - 40) / 310) * box.height,
    });
    const bin = at(120, 260);
    await page.mouse.move(bin.x, bin.y);
    await page.mouse.down();
    await expect(words).toContainText('well heaped');
    await page.mouse.up();
    // All that fell is drawn, and the blade lies in the place of the spoon.
    await expect(page.locator('yg-fill-counter .blade')).toBeVisible();
    // A push on the cup presses: it takes less room.
    const contents = page.locator('yg-fill-counter .contents');
    const before = (await contents.getAttribute('d'))!;
    const cup = at(380, 270);
    await page.mouse.click(cup.x, cup.y);
    await expect(contents).not.toHaveAttribute('d', before);
    // The blade lies lower by now: where it is told to be follows a frame later.
    await new Practising(page).drawn();
    // It is drawn across.
    const blade = page.locator('.blade .grip');
    const grip = (await blade.boundingBox())!;
    await page.mouse.move(grip.x + grip.width / 2, grip.y + grip.height / 2);
    await page.mouse.down();
    await page.mouse.move(grip.x - 160, grip.y + grip.height / 2, { steps: 8 });
    await page.mouse.up();
    await expect(words).toContainText('swept');
  });

  test('with a cup of one’s own becomes trials of the hand', async ({ baker, page }) => {
    await baker.goTo('/kitchen/people');
    await page.getByRole('textbox', { name: 'Name' }).fill('Coot');
    await page.getByRole('button', { name: 'Add person' }).click();
    await expect(page.getByRole('link', { name: /^Coot/ })).toBeVisible();
    await page.getByRole('link', { name: 'Practice', exact: true }).click();
    await expect(
      page.getByRole('combobox', { name: 'Who practises' }).getByRole('option', { selected: true }),
    ).toHaveText('Coot');
    await page.getByRole('link', { name: /^Fill and weigh/ }).click();
    await page.getByRole('button', { name: 'My own cup and scale' }).click();
    for (const weight of ['131', '128', '126']) {
      await page.getByRole('textbox', { name: '1 cup weighs, g' }).fill(weight);
      await page.keyboard.press('Enter');
    }
    await expect(page.getByText('3 good ones in a row: it is yours.')).toBeVisible();
    await page.getByRole('button', { name: 'Save these 3 fills as trials of Coot' }).click();
    await page.getByRole('link', { name: 'Open People' }).click();
    await expect(page.getByText('All 3 trials of Coot')).toBeVisible();
  });

  test('with a jug: from above it comes out short, at the line it is right', async ({
    baker,
    page,
  }) => {
    await baker.goTo('/practice/jug');
    const eye = new Practising(page);
    await eye.pourByEye();
    await eye.do('That is the mark');
    // By how much depends on the jug; of a large one it may be as near as anybody reads.
    await expect(page.getByText(/mL too little/)).toBeVisible();
    await expect(page.getByText(/From there it looked like/)).toBeVisible();
    await eye.do('What was there', 'Another one');
    await eye.eyeToTheLine();
    await eye.pourByEye();
    await eye.do('That is the mark');
    await expect(page.locator('.verdict.good')).toBeVisible();
    await expect(page.getByText('From there your eye sees it as it is.')).toBeVisible();
    await expect(page.getByText(/One good one\. Two more|Two in a row\. One more/)).toBeVisible();
  });

  test('with a jug on a tilted board, a slanted scale and a spoon', async ({ baker, page }) => {
    const eye = new Practising(page);
    await baker.goTo('/practice/jug?kind=tilted');
    await page.getByRole('slider', { name: 'Board' }).fill('0');
    await eye.eyeToTheLine();
    await eye.pourByEye();
    await eye.do('That is the mark');
    await expect(page.locator('.verdict.good')).toBeVisible();

    await page.getByRole('link', { name: 'Slanted scale inside' }).click();
    await expect(page.getByText(/^Pour in \d+ mL/)).toBeVisible();
    await eye.pourByEye();
    await eye.do('That is the mark');
    await expect(page.locator('.verdict.good')).toBeVisible();

    await page.getByRole('link', { name: 'A full spoon' }).click();
    await eye.dripToADome();
    await eye.do('That is full');
    await expect(page.getByText('that is right')).toBeVisible();
  });

  test('asks, explains with grams, and asks again, by keyboard alone', async ({ baker, page }) => {
    await baker.goTo('/practice/which?topic=heavier');
    const verdict = page.getByText(/^(Right|Not this one)\.$/);
    for (let asked = 0; asked < 3; asked++) {
      await expect(page.getByRole('heading', { name: /^Which is heavier, and/ })).toBeVisible();
      // The one before is gone: until then a key would be about that.
      await expect(verdict).toBeHidden();
      await page.keyboard.press('2');
      await expect(verdict).toBeVisible();
      await expect(page.getByText(/: \d+ g\. .*: \d+ g\./)).toBeVisible();
      await page.getByRole('button', { name: 'Next question' }).focus();
      await page.keyboard.press('Enter');
    }
    await expect(page.getByText(/[0-3] of 3 right so far\./)).toBeVisible();
    await page.getByRole('link', { name: 'Order by weight' }).click();
    await expect(page.getByRole('heading', { name: /^Put these cups in order/ })).toBeVisible();
    for (const key of ['3', '1', '4', '2']) await page.keyboard.press(key);
    await expect(verdict).toBeVisible();
    await page.getByRole('button', { name: 'Undo last try' }).click();
    await expect(page.getByText('Not asked yet.')).toBeVisible();
  });

  test('for five minutes goes from one thing to the next', async ({ baker, page }) => {
    await baker.goTo('/practice');
    await expect(page.getByRole('heading', { name: 'Begin with a few minutes' })).toBeVisible();
    await page.getByRole('link', { name: 'Start five minutes' }).click();
    const hand = new Practising(page);
    await expect(page.getByText('1 of 4: Flour, spooned')).toBeVisible();
    await hand.do('Stir the bin');
    await hand.fillToAHeap();
    await hand.sweep(0);
    await hand.do('Weigh it', 'Next');
    await expect(page.getByText('2 of 4: Pour to a mark')).toBeVisible();
    await hand.do('A little more', 'That is the mark', 'Next', 'Skip this one', 'Skip this one');
    await expect(page.getByText(/^[01] of 4 good$/)).toBeVisible();
  });
});

test('a class of three joins by code, and its results come in live', async ({
  baker,
  page,
  browser,
}) => {
  await baker.goTo('/practice/classes');
  await page.getByRole('textbox', { name: 'Name of the class' }).fill('Towpath morning');
  await page.getByLabel('Ingredient', { exact: true }).fill('all-purpose wheat flour');
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: 'Add task' }).click();
  await expect(page.getByText('125 g ± 6 %')).toBeVisible();
  await page.getByRole('button', { name: 'Start the class' }).click();
  const code = (await page.locator('.code').innerText()).trim();
  expect(code).toMatch(/^[A-Z0-9]{3}-[A-Z0-9]{4}$/);

  const people = [
    { name: 'Teal', grams: '127', told: 'Good: +1.6 %, within 6 %.' },
    { name: 'Wigeon', grams: '139', told: 'That is what it weighs dipped' },
    { name: 'Dabchick', grams: '4.4', told: 'Read as ounces it would be 125 g.' },
  ];
  const contexts = await Promise.all(
    people.map(async (person) => {
      const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
      const phone = await context.newPage();
      await phone.goto(`${baker.server.address}/join`);
      await phone.getByRole('textbox', { name: 'Code' }).fill(code.toLowerCase());
      await phone.getByRole('button', { name: 'Join', exact: true }).click();
      await expect(phone.getByRole('heading', { name: 'Towpath morning' })).toBeVisible();
      return { ...person, context, phone };
    }),
  );
  await Promise.all(
    contexts.map(async ({ name, grams, told, phone }) => {
      await phone.getByRole('textbox', { name: /^Your name/ }).fill(name);
      await phone.getByRole('textbox', { name: 'Weighed, g' }).fill(grams);
      await phone.getByRole('button', { name: 'Hand in' }).click();
      await expect(phone.getByText(told)).toBeVisible();
    }),
  );
  // All of it is on the teacher's page by itself, with what most likely went wrong.
  for (const { name } of people) {
    await expect(page.locator('.results li').filter({ hasText: name })).toHaveCount(1);
  }
  await expect(page.getByText(/^1 of 3 good\./)).toBeVisible();
  await expect(page.locator('.results li').filter({ hasText: 'Dabchick' })).toContainText(
    'Set the scale to grams.',
  );

  // Somebody without a phone weighs at this scale, in turn.
  await page.getByRole('combobox', { name: 'Name', exact: true }).fill('Heron');
  await page.getByRole('textbox', { name: 'Weighed, g' }).fill('122');
  await page.getByRole('button', { name: 'Add result' }).click();
  await expect(page.getByText(/^2 of 4 good\./)).toBeVisible();

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save results (CSV)' }).click();
  const csv = await (await download).createReadStream();
  let table = '';
  for await (const part of csv) table += String(part);
  expect(table.trim().split(/\r?\n/).length).toBe(5);
  expect(table).toContain('Teal,127,125,1.6,yes');

  await page.getByRole('link', { name: 'Sheet to print' }).click();
  await expect(page.getByRole('heading', { name: 'Towpath morning' })).toBeVisible();
  await expect(page.getByRole('row')).toHaveCount(13);
  for (const format of ['A4', 'Letter'] as const) {
    expect((await printed(page, { format })).pages, format).toBe(1);
  }
  await page.getByRole('link', { name: 'Back to the class' }).click();

  await page.getByRole('button', { name: 'Remove class' }).click();
  await page.getByRole('button', { name: 'Remove for good' }).click();
  await expect(page.getByText('No classes yet.')).toBeVisible();
  const { phone } = contexts[0]!;
  await phone.getByRole('textbox', { name: 'Weighed, g' }).fill('130');
  await phone.getByRole('button', { name: 'Hand in' }).click();
  await expect(phone.getByText('There is no class with this code.')).toBeVisible();
  await Promise.all(contexts.map(({ context }) => context.close()));
});
