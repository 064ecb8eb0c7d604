import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import type { ChanceReply } from '@ypsigram/contract';
import { expect, test, type Baker } from '../kitchen/test';

const hero = (page: Page) => page.getByText(/^(under |over )?\d+ in 100$/).first();
const goodOf = async (page: Page): Promise<number> =>
  Number(/\d+/.exec((await hero(page).textContent()) ?? '')![0]);
const bakes = (page: Page) => page.getByRole('combobox', { name: 'Simulated bakes' });
const isDone = async (page: Page): Promise<void> => {
  await expect(hero(page)).toBeVisible();
  await expect(page.getByRole('progressbar')).toHaveCount(0);
};

async function openChance(baker: Baker, page: Page, recipe: string): Promise<void> {
  await baker.goTo('/recipes');
  await page.getByRole('link', { name: recipe }).click();
  await page.getByRole('link', { name: 'How likely is a good bake?' }).click();
  await expect(page.getByRole('heading', { name: 'Where weighing pays' })).toBeVisible();
  await page.getByText('Details', { exact: true }).click();
}

test.describe('with the demo kitchen', () => {
  test.use({ demo: true });

  test('what pays to weigh is named, applied with one key, and the chance rises', async ({
    baker,
    page,
  }) => {
    await openChance(baker, page, 'Polenta and pear tin');
    await page.getByLabel('How exact').selectOption('normal');
    await page.getByLabel('It is a').selectOption('airy');
    await isDone(page);
    const before = await goodOf(page);
    expect(before).toBeLessThan(80);
    await page.getByRole('button', { name: '90 %' }).click();
    const pays = page.getByRole('region', { name: 'Where weighing pays' });
    await expect(pays).toContainText(/Weigh the .+ cups and spoons are fine/);
    const promised = Number(/→ (\d+)/.exec((await pays.textContent()) ?? '')![1]);
    expect(promised).toBeGreaterThanOrEqual(90);

    await page.keyboard.press('e');
    await expect(pays).toContainText('You are there already');
    await isDone(page);
    expect(await goodOf(page)).toBe(promised);
    await baker.expectSaved();

    await page.getByRole('link', { name: /^Amounts/ }).click();
    const weighed = page.getByRole('cell', { name: 'weighed', exact: true });
    await expect(weighed.first()).toBeVisible();
    await page.getByRole('link', { name: /^How sure/ }).click();
    await isDone(page);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(pays).toContainText(/Weigh the .+ cups and spoons are fine/);
    await isDone(page);
    expect(await goodOf(page)).toBe(before);
  });

  test('a long run shows how far it is, and is stopped', async ({ baker, page }) => {
    await openChance(baker, page, 'Cardamom knots');
    await isDone(page);
    const rough = await goodOf(page);
    await bakes(page).selectOption('2000000');
    await expect(page.getByRole('progressbar', { name: 'Simulated bakes done' })).toBeVisible();
    await page.getByRole('button', { name: 'Stop' }).click();
    await expect(
      page.getByText('Stopped early: the numbers are from the bakes done so far.'),
    ).toBeVisible();
    await expect(page.getByRole('progressbar')).toHaveCount(0);
    expect(Math.abs((await goodOf(page)) - rough)).toBeLessThan(3);
    await expect(page.getByText('from 2\u202f000\u202f000 simulated bakes')).toHaveCount(0);

    await page.getByRole('button', { name: 'Run again' }).click();
    await expect(page.getByRole('progressbar', { name: 'Simulated bakes done' })).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByText('Stopped early')).toBeVisible();
    await bakes(page).selectOption('2000');
    await expect(page.getByText('from 2\u202f000 simulated bakes')).toBeVisible();
  });

  test('the same random seed gives the same figures here and from the server', async ({
    baker,
    page,
    server,
  }) => {
    await openChance(baker, page, 'Towpath oat slabs');
    await bakes(page).selectOption('2000');
    await page.getByRole('button', { name: 'Run again' }).click();
    await expect(page.getByText('from 2\u202f000 simulated bakes')).toBeVisible();
    await isDone(page);
    await page.getByText('Each ingredient on its own').click();
    const id = /recipes\/([^/]+)/.exec(page.url())![1];
    const saved = await page.request.get(`${server.address}/api/recipes/${id}`);
    const { batch } = (await saved.json()) as { batch: object };
    const answer = await page.request.post(`${server.address}/api/chances`, {
      data: { recipeId: id, batch, bakes: 2000, seed: 2 },
    });
    const { good, lines } = (await answer.json()) as ChanceReply;
    expect(await goodOf(page)).toBe(Math.round(100 * good));
    const rows = page.getByRole('region', { name: 'Each ingredient on its own' }).getByRole('row');
    await expect(rows).toHaveCount(lines.length + 1);
    for (const [at, { within }] of lines.entries()) {
      const shown = (await rows
        .nth(at + 1)
        .getByRole('cell')
        .nth(1)
        .textContent())!.trim();
      const exact = 100 * within;
      const expected =
        within === 1 || within === 0
          ? String(exact)
          : exact > 99
            ? 'over 99'
            : exact < 1
              ? 'under 1'
              : String(Math.round(exact));
      expect(shown).toBe(expected);
    }
  });

  test('a picture is saved as a drawing and as a table', async ({ baker, page }) => {
    await openChance(baker, page, 'Cardamom knots');
    await isDone(page);
    const saved = async (name: string): Promise<string> => {
      const [file] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name }).first().click(),
      ]);
      return readFile(await file.path(), 'utf8');
    };
    const svg = await saved('Save picture (SVG)');
    expect(svg).toMatch(/^<svg/);
    expect(svg).toContain('flour spooned');
    const csv = await saved('Save numbers (CSV)');
    expect(csv.split('\r\n')[0]).toBe('how,mean,5 in 100 below,5 in 100 above,"within, in 100"');
    expect(csv.trim().split('\r\n').length).toBe(5);
  });
});

test('what has no weight is left out and said; where nothing has one, there is nothing to bake', async ({
  baker,
  page,
}) => {
  await baker.saveNew('Moon rounds\n2 cups flour\n1 cup water\n1 cup moon dust');
  await expect(baker.row('2 cups flour')).toBeVisible();
  await page.keyboard.press('c');
  await expect(
    page.getByText('Left out, because their weight is not known: “1 cup moon dust”.'),
  ).toBeVisible();
  await isDone(page);
  await baker.saveNew('Dust\n1 cup moon dust');
  await page.getByRole('link', { name: /^How sure/ }).click();
  await expect(page.getByRole('heading', { name: 'Nothing to bake yet' })).toBeVisible();
});
