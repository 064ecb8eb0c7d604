// Takes the pictures of docs/screenshots anew, from a fresh demo kitchen.
import { Buffer } from 'node:buffer';
import { build, install, root } from './prepare.mjs';
import { openBrowser, openServer } from './stage.mjs';

process.chdir(root);
install();
build();

const SLABS = '# Pear slabs\nMakes 8 slabs\n\n- 2 cups flour\n- 1/2 cup butter\n- 2 pears\n';
const ROUNDS = JSON.stringify({
  '@graph': [
    {
      '@type': 'Recipe',
      name: 'Honey rounds',
      author: { name: 'Coot' },
      recipeYield: '20 rounds',
      recipeIngredient: ['2 cups rye flour', '1/4 cup honey', '1 tsp sumac'],
      recipeInstructions: 'Mix.\nBake 12 minutes.',
    },
    { '@type': 'Recipe', name: 'Lean sponge', recipeIngredient: ['4 eggs', '1 cup sugar'] },
  ],
});

const server = await openServer({ demo: true });
const { address } = server;
const browser = await openBrowser();
// A picture that can't be taken leaves no server behind.
process.once('exit', () => server.close());
const LAPTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

/** What each place is was told before. */
const SEEN_ALL =
  'recipes files text amounts how-sure measure make log ingredients kitchen tools ovens people authors settings practice';

/** Only these, where some are named: node scripts/screenshots.mjs oven log */
const only = new Set(process.argv.slice(2));

const CARD = `<!doctype html><meta charset="utf-8"><style>
  body { margin: 0; background: #7d6a55 }
  main { margin: 60px; padding: 50px 60px; background: #f3ead3; color: #2c2620;
    font: 34px/1.5 'Liberation Serif', serif; transform: rotate(1.5deg) }
  h1 { font-size: 48px; margin: 0 0 10px } p { margin: 0 }
</style><main><h1>Hatch granola</h1><p>Makes 1 jar</p><p>3 cups rolled oats</p><p>½ cup honey</p>
<p>⅓ cup sunflower oil</p><p>1 cup hazelnuts</p><p>½ tsp fine salt</p><p>Stir and bake at 150 °C.</p></main>`;

async function picture(name, viewport, act) {
  if (only.size > 0 && !only.has(name)) return;
  const page = await browser.newPage({ viewport });
  await page.addInitScript(
    (seen) => globalThis.localStorage.setItem('ypsigram.about-seen', seen),
    SEEN_ALL,
  );
  await act(page);
  await page.mouse.move(0, 0);
  await page.waitForTimeout(600);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await page.close();
  console.log(name);
}
const open = (recipe, place) => async (page) => {
  await page.goto(`${address}/recipes`);
  await page.getByRole('link', { name: recipe, exact: true }).click();
  await page.getByRole('link', { name: place }).first().click();
};

await picture('recipes', LAPTOP, (page) => page.goto(`${address}/recipes`));
await picture('text', LAPTOP, open('Towpath oat slabs', 'Text'));
await picture('import-and-export', LAPTOP, async (page) => {
  await page.goto(`${address}/recipes/import-and-export`);
  await page.getByLabel('Choose files').setInputFiles([
    { name: 'slabs.md', mimeType: 'text/markdown', buffer: Buffer.from(SLABS) },
    { name: 'rounds.json', mimeType: 'application/json', buffer: Buffer.from(ROUNDS) },
    {
      name: 'photo.txt',
      mimeType: 'text/plain',
      buffer: Buffer.from('\0\x01\x02 picture \x03\x04'),
    },
  ]);
  await page.getByRole('region', { name: 'Preview of the import' }).waitFor();
});
await picture('amounts', LAPTOP, open('Towpath oat slabs', 'Amounts'));
const openChance = async (page) => {
  await open('Lean sponge', 'Amounts')(page);
  await page.getByRole('link', { name: 'How likely is a good bake?' }).click();
  await page.getByRole('button', { name: 'Weigh these' }).waitFor();
  await page.waitForTimeout(3000);
};
await picture('how-sure', LAPTOP, openChance);
await picture('card', LAPTOP, async (page) => {
  await open('Cardamom knots', 'Amounts')(page);
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('link', { name: 'Print card' }).click();
});
await picture('ingredients', LAPTOP, (page) =>
  page.goto(`${address}/ingredients/flour-wheat-cake`),
);
const openHand = async (page) => {
  await page.goto(`${address}/kitchen/people`);
  await page.getByRole('link', { name: /^Moorhen/ }).click();
  await page.getByRole('img', { name: /Moorhen: mean/ }).waitFor();
};
await picture('people', LAPTOP, openHand);
await picture('scale', LAPTOP, async (page) => {
  await openHand(page);
  await page.getByRole('button', { name: 'Connect the scale' }).click();
  await page.getByRole('button', { name: 'Simulated scale' }).click();
  await page.getByRole('button', { name: 'Simulation' }).click();
  await page.getByRole('button', { name: /^white enamel bowl/ }).click();
  await page.getByText('Not tared').waitFor();
});
async function send(path, body) {
  const reply = await fetch(`${address}/api${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  return reply.json();
}
/** A bake of the doubled cardamom knots by one route, with some of it done. */
async function openBench(page, way, done) {
  await open('Cardamom knots', 'Amounts')(page);
  await page.getByRole('textbox', { name: 'Factor' }).fill('2');
  await page.getByText('Saved', { exact: true }).waitFor();
  const recipeId = /recipes\/([\w-]+)/.exec(page.url())[1];
  const bake = await send('/bakes', { id: crypto.randomUUID(), recipeId, handId: null, way });
  const acts = done(bake.plan.lines);
  if (acts.length > 0) await send(`/bakes/${bake.id}/readings`, doneNow(acts));
  await page.goto(`${address}/recipes/${recipeId}/measure/${bake.id}`);
}
/** Readings of these acts, as of now. */
const doneNow = (acts) => {
  const at = new Date().toISOString();
  const said = { at, device: 'server', handId: null };
  const readings = acts.map((act) => ({ id: crypto.randomUUID(), ...said, act }));
  return { sentAt: at, readings };
};
/** A bake of a recipe with everything on its tray. */
async function beginAll(page, title) {
  await open(title, 'Amounts')(page);
  await page.waitForURL(/amounts/);
  const recipeId = /recipes\/([\w-]+)/.exec(page.url())[1];
  const bake = await send('/bakes', { id: crypto.randomUUID(), recipeId, handId: null });
  await send(
    `/bakes/${bake.id}/readings`,
    doneNow(bake.plan.lines.map(({ id }) => ({ do: 'finish', line: id }))),
  );
  return { recipeId, bake };
}
const weighed = ({ id, intendedGrams, weight }, times = 1) => ({
  do: 'weigh',
  route: 'container',
  line: id,
  grams: Number((Math.round((intendedGrams * times) / weight.grid) * weight.grid).toFixed(1)),
  scale: 'kitchen scale',
});
await picture('measure', LAPTOP, async (page) => {
  await openBench(page, 'fill', (lines) => {
    const flour = lines.find(({ name }) => name === 'Bread flour');
    const cup = { do: 'fill', line: flour.id, tool: '1 cup', grams: null, scale: null };
    const ready = lines.filter(({ name }) => /yeast|milk/.test(name));
    return [...ready.map((line) => weighed(line)), cup, cup, cup];
  });
  await page.getByRole('button', { name: /^Bread flour:/ }).click();
  await page.evaluate(() => globalThis.scrollTo(0, 0));
});
await picture('log', LAPTOP, async (page) => {
  await open('Rye and honey crispbread', 'Amounts')(page);
  await page.getByRole('link', { name: /^Log/ }).last().click();
  await page.getByRole('heading', { name: 'What it forgives' }).waitFor();
  await page.waitForTimeout(800);
});
await picture('diagnosis', LAPTOP, async (page) => {
  await page.goto(`${address}/log`);
  await page.getByRole('link', { name: /Moorhen says the oven/ }).click();
  const why = page.getByRole('region', { name: 'Why?' });
  await why.getByRole('listitem').first().waitFor();
  await page.waitForTimeout(2500);
  await why.evaluate((element) => element.scrollIntoView());
  // It scrolls gently.
  await page.waitForTimeout(1200);
});
await picture('make', LAPTOP, async (page) => {
  const { recipeId, bake } = await beginAll(page, 'Lean sponge');
  const act = { do: 'stage', stage: 'oven' };
  await send(`/bakes/${bake.id}/readings`, doneNow([act]));
  await page.goto(`${address}/recipes/${recipeId}/make/${bake.id}`);
  await page.getByRole('button', { name: /Bake$/ }).click();
  await page.getByRole('button', { name: 'The tray goes in' }).click();
  await page.getByText('First look: The tray').waitFor();
});
const { items: timers } = await (await fetch(`${address}/api/timers`)).json();
for (const { id } of timers) await fetch(`${address}/api/timers/${id}`, { method: 'DELETE' });
await picture('tools', LAPTOP, async (page) => {
  await page.goto(`${address}/kitchen/tools`);
  await page.getByRole('button', { name: 'Calibrate blue enamel mug' }).click();
  const done = page.getByRole('button', { name: 'Done blue enamel mug' });
  await done.evaluate((element) => element.closest('li').scrollIntoView({ block: 'center' }));
});
await picture('practice', LAPTOP, async (page) => {
  await page.goto(`${address}/practice`);
  await page.getByRole('heading', { name: 'How near you come' }).waitFor();
  await page.waitForTimeout(1200);
});
/** Holds a button down for so long. */
async function hold(page, name, milliseconds) {
  await page.getByRole('button', { name }).hover();
  await page.mouse.down();
  await page.waitForTimeout(milliseconds);
  await page.mouse.up();
}
await picture('practice-fill', LAPTOP, async (page) => {
  await page.goto(`${address}/practice/fill`);
  await page.getByRole('button', { name: 'Stir the bin' }).click();
  await hold(page, /^Spoon in/, 4200);
  for (let press = 0; press < 3; press++) {
    await page.getByRole('button', { name: 'Press' }).click();
  }
  await hold(page, /^Spoon in/, 1500);
  await page.getByRole('slider', { name: 'Blade' }).fill('5');
  await page.getByRole('button', { name: 'Sweep' }).click();
  await page.getByRole('button', { name: 'Weigh it' }).click();
});
await picture('conversion-chart', LAPTOP, async (page) => {
  await page.goto(`${address}/ingredients/chart`);
  await page.getByRole('row', { name: /^Honey/ }).waitFor();
});
/** A printed card, turned a little, as a telephone would take it. */
async function cardPhoto() {
  const page = await browser.newPage({ viewport: { width: 1000, height: 1100 } });
  await page.setContent(CARD);
  const buffer = await page.screenshot({ type: 'jpeg', quality: 80 });
  await page.close();
  return { name: 'card.jpg', mimeType: 'image/jpeg', buffer };
}
await picture('photo', LAPTOP, async (page) => {
  await page.goto(`${address}/new/text`);
  await page.getByLabel('Start from photos').setInputFiles(await cardPhoto());
  await page.getByRole('button', { name: 'Read photo' }).click();
  await page.getByRole('textbox', { name: 'Recipe text' }).getByText('honey').click();
  await page.getByRole('img', { name: /^On the photo: .*honey/ }).waitFor();
});
await picture('amounts-phone', PHONE, open('Lean sponge', 'Amounts'));

await browser.close();
process.exit(0);
