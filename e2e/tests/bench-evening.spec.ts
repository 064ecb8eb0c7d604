import { AtTheBench, type Line } from '../kitchen/bench';
import { CUT_OFF, expect, test } from '../kitchen/test';

test.use({ demo: true });

/** The lines that can be weighed on the kitchen scale, by name. */
const named = (lines: readonly Line[], name: string): Line =>
  lines.find((line) => line.name === name)!;

/** The next day by the clock on the wall, as a date field writes it. */
function dayAfter(now: Date): string {
  const next = new Date(now.getFullYear(), now.getMonth(), now.getDate() + 1);
  const two = (figure: number): string => String(figure).padStart(2, '0');
  return `${next.getFullYear()}-${two(next.getMonth() + 1)}-${two(next.getDate())}`;
}

test('evening before and morning after: the browser closed, the server restarted in between', async ({
  baker,
  browser,
  page,
  server,
  troubles,
}) => {
  test.slow();
  const tomorrow = dayAfter(new Date());
  const bench = new AtTheBench(baker.page, server);
  await bench.begin('Weighed, each on its own');
  await bench.connectScale();
  await page.getByText('More', { exact: true }).click();
  await page.getByRole('button', { name: 'Evening before' }).click();
  const milkBox = page.getByRole('checkbox', { name: 'Whole milk' });
  await expect(milkBox).toBeDisabled();
  await expect(page.getByText('Used warm or melted: do it just before').first()).toBeVisible();
  await expect(page.getByRole('checkbox', { name: 'Whole egg' }).first()).toBeDisabled();
  await expect(page.getByText('Stays in its shell').first()).toBeVisible();
  for (const name of ['Active dry yeast', 'Fine table salt', 'Ground cardamom']) {
    await page.getByRole('checkbox', { name }).first().uncheck();
  }
  await page.getByRole('checkbox', { name: 'Ground cardamom' }).nth(1).uncheck();
  await page.getByLabel('Work starts in the morning at').fill(`${tomorrow}T08:00`);
  await page.getByRole('button', { name: 'Do these tonight' }).click();

  const lines = await bench.lines();
  const tonight = ['Bread flour', 'Granulated sugar', 'Light brown sugar'].map((name) =>
    named(lines, name),
  );
  for (const [at, line] of tonight.entries()) {
    await bench.goTo(line);
    await bench.weighInContainer(line, 'white enamel bowl', line.weight.grams);
    await bench.expectReady(at + 1);
    await bench.goTo(line);
    await bench.press('Cover');
  }
  // The server is away for the last act: it is kept here and sent when the server is back.
  await server.stop('SIGKILL');
  const butter = named(lines, 'Butter');
  await bench.goTo(butter);
  await bench.type(Math.round(butter.weight.grams));
  await bench.press('Cover');
  await expect(page.getByText(/Kept on this device: \d to send/)).toBeVisible();
  await server.start();
  await expect(page.getByText(/Kept on this device/)).toHaveCount(0);
  await bench.expectReady(4);
  expect(await bench.keptGrams(butter)).toBe(Math.round(butter.weight.grams));
  const { readings } = await bench.bake();
  expect(new Set(readings.map(({ id }) => id)).size).toBe(readings.length);
  const address = page.url();
  await page.close();

  await server.stop();
  await server.start();
  const context = await browser.newContext();
  const morning = await context.newPage();
  await morning.clock.install({ time: new Date(`${tomorrow}T06:50:00`) });
  await morning.goto(address);
  const next = new AtTheBench(morning, server);
  await next.expectReady(4);
  await expect(morning.getByRole('heading', { name: /check the tray/ })).toBeVisible();
  await expect(morning.getByText('07:00 Butter, to soften, in pieces')).toBeVisible();
  await expect(morning.getByText(/07:15 Whole egg/)).toBeVisible();
  await morning.getByRole('checkbox', { name: /Bread flour/ }).check();
  await morning.getByRole('button', { name: 'All of it is there' }).click();
  await expect(next.atHand()).toBeVisible();
  for (const line of tonight) {
    await next.expectKept(line, line.weight.grams);
  }
  await context.close();
  // The scale and the bake were asked for while the server was away.
  expect(troubles.filter((trouble) => !CUT_OFF.test(trouble))).toEqual([]);
  troubles.length = 0;
});
