import { expect, test } from '../kitchen/test';

test.use({ demo: true });

test('addresses of earlier versions lead on', async ({ baker, page }) => {
  const leads: readonly (readonly [string, RegExp])[] = [
    ['/book', /\/recipes$/],
    ['/book/import-and-export', /\/recipes\/import-and-export$/],
    ['/shelf', /\/ingredients$/],
    ['/shelf/honey', /\/ingredients\/honey$/],
    ['/drawer', /\/kitchen\/tools$/],
    ['/drawer/ovens', /\/kitchen\/ovens$/],
    ['/hand', /\/kitchen\/people$/],
    ['/authors', /\/kitchen\/authors/],
    ['/settings', /\/kitchen\/settings$/],
    ['/new/reading', /\/new\/text$/],
  ];
  for (const [from, to] of leads) {
    await baker.goTo(from);
    await expect(page, from).toHaveURL(to);
  }
  await baker.goTo('/recipes');
  await page.getByRole('link', { name: 'Cardamom knots' }).click();
  await page.waitForURL(/\/amounts$/);
  const recipe = new URL(page.url()).pathname.replace('/amounts', '');
  for (const [from, to] of [
    ['reading', 'text'],
    ['balance', 'amounts'],
    ['chance', 'how-sure'],
    ['bench', 'measure'],
  ] as const) {
    await baker.goTo(`${recipe}/${from}`);
    await expect(page, from).toHaveURL(new RegExp(`${recipe}/${to}$`));
  }
});

test('the kitchen tells of each part how it stands, and leads there', async ({ baker, page }) => {
  await baker.goTo('/kitchen');
  await expect(page.getByRole('listitem').filter({ hasText: 'Tools' })).toContainText(
    /\d+ tools, 1 in the wash/,
  );
  for (const [part, heading] of [
    ['Tools', 'Tools'],
    ['Ovens', 'Ovens'],
    ['People', 'People'],
    ['Authors', 'Authors'],
    ['Settings', 'Settings'],
  ] as const) {
    await baker.openPart(part);
    await expect(page.getByRole('heading', { name: heading, level: 1 })).toBeVisible();
  }
});

test('the scale is chosen by keyboard, and Escape gives the keyboard back', async ({
  baker,
  page,
}) => {
  await baker.goTo('/recipes');
  const opener = page.getByRole('button', { name: 'Connect the scale' });
  await opener.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Simulated scale' })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Simulated scale' })).toHaveCount(0);
  await expect(opener).toBeFocused();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('the places are a bar at the foot, away while measuring', async ({ baker, page }) => {
    await baker.goTo('/recipes');
    const places = page.getByRole('navigation', { name: 'Places' });
    const box = (await places.boundingBox())!;
    expect(Math.round(box.y + box.height)).toBe(844);
    await places.getByRole('button', { name: 'Ask a quick question' }).tap();
    await expect(page.getByRole('dialog')).toBeVisible();
    await page.keyboard.press('Escape');
    await places.getByRole('link', { name: 'Kitchen' }).tap();
    await page.getByRole('main').getByRole('link', { name: 'Practice' }).tap();
    await page.waitForURL(/\/practice/);
    await places.getByRole('link', { name: 'Recipes' }).tap();
    await page.getByRole('link', { name: 'Cardamom knots' }).tap();
    // The first ingredient stands on the first screen, and three more.
    const first = (await baker.row('4 cups bread flour').boundingBox())!;
    expect(first.y).toBeLessThan(844);
    await page.getByRole('link', { name: /^Measure/ }).tap();
    await page.getByRole('button', { name: 'Begin the bake' }).tap();
    await page.waitForURL(/\/measure\/.+/);
    await expect(places).toBeHidden();
  });
});
