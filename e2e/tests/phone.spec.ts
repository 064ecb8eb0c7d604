import { AtTheBench } from '../kitchen/bench';
import { expect, test } from '../kitchen/test';

const LOAF = `Banana loaf
Makes 1 loaf

2 cups flour, sifted
1 tsp baking soda
3/4 cup brown sugar
1/2 cup butter, softened
2 eggs

Cream the butter and sugar.
Beat in the eggs, then the flour and soda.
Bake at 180 °C for 50 to 60 minutes.
`;

const PHONE = { width: 390, height: 844 };
/** A finger's width, in CSS pixels. */
const FINGER = 44;

test.describe('on a phone', () => {
  test.use({ viewport: PHONE, hasTouch: true, isMobile: true });

  test('a recipe becomes a tray weighed on a scale of one’s own', async ({
    baker,
    page,
    server,
  }) => {
    test.slow();
    const tap = (name: string | RegExp) => page.getByRole('button', { name }).first().tap();

    // The three questions stand first, and the way to paste below them.
    await baker.goTo('/recipes');
    await page.getByLabel('Which scale?').selectOption('one, in whole grams');
    await page.getByRole('button', { name: 'Done', exact: true }).tap();
    await page.getByRole('link', { name: 'Paste a recipe' }).tap();
    await baker.write(LOAF);
    await tap(/before/);
    await tap('Save recipe');
    await page.waitForURL(/\/amounts/);

    // The first ingredient stands in the upper half; the batch is behind one button.
    const first = baker.row('2 cups flour');
    await expect(first).toContainText('230 g');
    expect((await first.boundingBox())!.y).toBeLessThan(PHONE.height / 2);
    await tap(/Change$/);
    await tap('×2');
    await tap('Done');
    await expect(page.getByRole('button', { name: /Change$/ })).toBeFocused();
    await expect(first).toContainText('460 g');
    // The sheet does not stay over what is worked with below it.
    const sheet = page.getByRole('group', { name: 'Batch and way' });
    await tap(/Change$/);
    await expect(sheet).toBeVisible();
    await first.getByRole('button').first().focus();
    await expect(sheet).toBeHidden();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
      PHONE.width,
    );

    // One bowl, running total: the scale shows all that is in it, and each line keeps its own.
    await page.getByRole('link', { name: /^Measure/ }).tap();
    await page.getByRole('radio', { name: /running total/ }).check();
    await tap('Begin the bake');
    await page.waitForURL(/\/measure\/.+/);
    const bench = new AtTheBench(page, server);
    const lines = await bench.lines();
    const full = page.getByRole('heading', { name: 'The tray is full' });
    const go = bench.atHand().locator('.go');
    const stage = bench.atHand().or(full);
    let most = 0;
    let words = await stage.innerText();
    for (let taps = 0; taps < 40 && !words.includes('The tray is full'); taps++) {
      expect((await go.boundingBox())!.height).toBeGreaterThanOrEqual(FINGER);
      const shown = /It shows ([\d.]+) g/.exec(words);
      if (shown) most = Math.max(most, Number(shown[1]));
      await go.tap();
      // The next tap is for what this one has led to.
      await expect(stage).not.toHaveText(words, { useInnerText: true });
      words = await stage.innerText();
    }
    await expect(full).toBeVisible();
    expect(most).toBeGreaterThan(460);
    for (const line of lines.filter(({ route }) => route === 'total')) {
      await bench.expectKept(line, line.weight.grams);
    }
    await expect(page.getByText('2 loaves').first()).toBeAttached();
  });
});
