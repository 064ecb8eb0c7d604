// Takes the pictures of docs/screenshots anew, from a fresh demo kitchen.
import { build, install, root } from './prepare.mjs';
import { openBrowser, openServer } from './stage.mjs';

process.chdir(root);
install();
build();

const server = await openServer({ demo: true });
const { address } = server;
const browser = await openBrowser();
const LAPTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

async function picture(name, viewport, act) {
  const page = await browser.newPage({ viewport });
  await act(page);
  await page.waitForTimeout(600);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await page.close();
  console.log(name);
}
const open = (recipe, place) => async (page) => {
  await page.goto(`${address}/book`);
  await page.getByRole('link', { name: recipe }).click();
  await page.getByRole('link', { name: place }).first().click();
};

await picture('book', LAPTOP, (page) => page.goto(`${address}/book`));
await picture('reading', LAPTOP, open('Towpath oat slabs', 'Reading'));
await picture('balance', LAPTOP, open('Towpath oat slabs', 'Balance'));
await picture('balance-basis', LAPTOP, async (page) => {
  await open('Cardamom knots', 'Balance')(page);
  await page.getByLabel('or times').fill('1 1/2');
  await page.getByLabel('Your method for 4 cups bread flour').selectOption('dipped');
  await page.getByRole('button', { name: 'Basis: reference, of 4 cups bread flour' }).click();
});
await picture('shelf', LAPTOP, (page) => page.goto(`${address}/shelf/flour-wheat-cake`));
await picture('drawer', LAPTOP, async (page) => {
  await page.goto(`${address}/drawer`);
  const calibrate = page.getByRole('button', { name: 'Calibrate blue enamel mug' });
  await calibrate.click();
  await calibrate.evaluate((element) => element.closest('li').scrollIntoView({ block: 'center' }));
});
await picture('balance-phone', PHONE, open('Lean sponge', 'Balance'));

await browser.close();
server.close();
