import { AtTheBench } from '../kitchen/bench';
import { expect, test } from '../kitchen/test';

test.use({ demo: true });

test('all weighed in containers, small amounts on the fine scale', async ({
  baker,
  page,
  server,
}) => {
  test.slow();
  const bench = new AtTheBench(baker.page, server);
  await bench.begin('Weighed, each on its own');
  await bench.connectScale();
  const lines = await bench.lines();
  // Those of one scale after another, as a baker would.
  const byScale = [...lines].sort((a, b) => b.weight.grid - a.weight.grid);
  for (const [at, line] of byScale.entries()) {
    const nth = lines.filter(({ name }) => name === line.name).indexOf(line);
    await bench.goTo(line, nth);
    const container = line.weight.grid < 1 ? 'steel cup' : 'white enamel bowl';
    await bench.weighInContainer(line, container, line.weight.grams);
    // It takes itself, once it has stood at the mark for a second.
    await bench.expectReady(at + 1);
  }
  await expect(page.getByRole('heading', { name: 'The tray is full' })).toBeVisible();
  for (const line of lines) {
    const near = line.weight.grid < 1 ? 0.25 : 1;
    expect(
      Math.abs((await bench.keptGrams(line)) - line.weight.grams),
      line.name,
    ).toBeLessThanOrEqual(near);
  }
  await expect(page.getByText('Everything is within what this bake forgives.')).toBeVisible();
});
