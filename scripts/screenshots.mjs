// Takes the pictures of docs/screenshots anew, from a fresh demo kitchen.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { build, install, root } from './prepare.mjs';

process.chdir(root);
install();
build();

const folder = mkdtempSync(join(tmpdir(), 'ypsigram-pictures-'));
const server = spawn(process.execPath, ['server/dist/main.js'], {
  env: {
    ...process.env,
    PORT: '0',
    DATABASE: join(folder, 'demo.sqlite'),
    DEMO: '1',
    LOG_LEVEL: 'error',
  },
  stdio: ['ignore', 'pipe', 'inherit'],
});
const address = await new Promise((resolve) => {
  server.stdout.on('data', (data) => resolve(/http:\/\/\S+/.exec(String(data))[0]));
});
const browser = await chromium.launch({
  executablePath: process.env.CHROME_BIN ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});
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
server.kill('SIGTERM');
rmSync(folder, { recursive: true });
