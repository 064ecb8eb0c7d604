import { plannedFills } from '../kitchen/bench';
import { TRUSTING_CHROMIUM } from '../kitchen/chromium';
import { HouseDevice, PHONE, TABLET } from '../kitchen/house';
import { expect, test } from '../kitchen/test';

test.use({ demo: true, house: true, launchOptions: TRUSTING_CHROMIUM });

test('a tablet and a phone bake one recipe together, with the server and the network gone in between', async ({
  browser,
  server,
}) => {
  test.slow();
  const tablet = await HouseDevice.of(browser, server, 'Counter tablet', TABLET);
  const phone = await HouseDevice.of(browser, server, 'Heron’s phone', PHONE);

  // Nobody sees anything before the passcode.
  await tablet.goTo('/recipes');
  await expect(tablet.page.getByRole('heading', { name: 'Pair this device' })).toBeVisible();
  await expect(tablet.page.getByText('Cardamom knots')).toHaveCount(0);
  await tablet.typePasscode('1234 567');
  await expect(tablet.page.getByText('A passcode has eight digits.')).toBeVisible();
  const passcode = await server.passcode();
  await tablet.typePasscode(passcode === '1111 1111' ? '2222 2222' : '1111 1111');
  await expect(tablet.page.getByText('That is not the passcode.')).toBeVisible();
  await tablet.typePasscode(passcode);
  await expect(tablet.page.getByRole('link', { name: 'Cardamom knots' })).toBeVisible();
  // The phone scans: its address brings the passcode along.
  await phone.goTo(`/pair#${passcode.replace(' ', '')}`);
  await phone.page.getByRole('button', { name: 'Pair', exact: true }).click();
  await expect(phone.page.getByRole('link', { name: 'Cardamom knots' })).toBeVisible();

  // What begins on the tablet is on the phone's Book by itself.
  await tablet.page.getByRole('link', { name: 'Cardamom knots' }).click();
  await tablet.page.getByRole('textbox', { name: 'Factor' }).fill('2');
  await expect(tablet.page.getByText('Saved', { exact: true })).toBeVisible();
  await tablet.page.getByRole('link', { name: /^Measure/ }).click();
  await tablet.page.getByRole('radio', { name: 'By cup and spoon' }).check();
  await tablet.page.getByRole('button', { name: 'Begin the bake' }).click();
  const onTablet = tablet.bench();
  await expect(onTablet.atHand()).toBeVisible();
  await phone.page.getByRole('link', { name: /Cardamom knots ×2/ }).click();
  const onPhone = phone.bench();
  await expect(onPhone.atHand()).toBeVisible();
  const lines = await onTablet.lines();
  const [first, second, third, fourth] = lines as [never, never, never, never];
  const addAll = async (bench: typeof onTablet, line: (typeof lines)[number]): Promise<void> => {
    await bench.goTo(line);
    for (const fill of line.measure.fills) {
      for (let made = 0; made < fill.count; made++) await bench.addFill(fill);
    }
  };
  await phone.keepsThePage();
  await addAll(onTablet, first);
  await onPhone.expectReady(1);

  // The phone is out of the network, and the server crashes: both go on.
  await phone.context.setOffline(true);
  await addAll(onPhone, second);
  await onPhone.expectReady(2);
  await server.stop('SIGKILL');
  await addAll(onTablet, third);
  await onTablet.expectReady(2);
  await expect(tablet.page.getByText(/Saved here and sent later: \d+ steps?/)).toBeVisible();
  // The phone even opens its page anew, from what it kept.
  await phone.page.reload();
  await onPhone.expectReady(2);
  await addAll(onPhone, fourth);
  await onPhone.expectReady(3);

  await server.start();
  await onTablet.expectReady(2);
  await phone.context.setOffline(false);
  await onTablet.expectReady(4);
  await onPhone.expectReady(4);
  await expect(tablet.page.getByText('Offline.')).toHaveCount(0);
  await expect(phone.page.getByText('Offline.')).toHaveCount(0);

  // Each fill is there once, in the order in which it was done.
  for (const line of [first, second, third, fourth] as (typeof lines)[number][]) {
    await onTablet.expectFills(line, plannedFills(line));
  }
  await tablet.context.close();
  await phone.context.close();
});

test('what is changed on one device is on the other at once; what is edited there stays', async ({
  browser,
  server,
}) => {
  const tablet = await HouseDevice.of(browser, server, 'Counter tablet', TABLET);
  const phone = await HouseDevice.of(browser, server, 'Heron’s phone', PHONE);
  for (const device of [tablet, phone]) {
    await device.goTo('/pair');
    await device.typePasscode(await server.passcode());
    await device.page.getByRole('link', { name: 'Towpath oat slabs' }).click();
  }
  const factor = ({ page }: HouseDevice) => page.getByRole('textbox', { name: 'Factor' });
  const openControls = () => phone.page.getByRole('button', { name: /Change$/ }).click();
  await openControls();
  await factor(tablet).fill('3');
  await expect(factor(phone)).toHaveValue('3');

  // Without the network a change waits on the device, also over a reload.
  await phone.keepsThePage();
  await phone.context.setOffline(true);
  await factor(phone).fill('5');
  await expect(phone.page.getByText('Kept here')).toBeVisible();
  await phone.page.reload();
  await openControls();
  await expect(factor(phone)).toHaveValue('5');
  await expect(phone.page.getByText('Saved here and sent later: 1 changed recipe.')).toBeVisible();
  await phone.page.getByRole('button', { name: 'Done' }).click();
  await phone.page.getByRole('link', { name: 'Recipes', exact: true }).click();
  await expect(phone.page.getByRole('link', { name: 'Lean sponge' })).toBeVisible();
  await phone.context.setOffline(false);
  await expect(factor(tablet)).toHaveValue('5');

  // Changed on both: nothing is lost, and somebody chooses.
  await phone.page.getByRole('link', { name: 'Towpath oat slabs' }).click();
  await openControls();
  await phone.context.setOffline(true);
  await factor(phone).fill('7');
  await expect(phone.page.getByText('Kept here')).toBeVisible();
  await factor(tablet).fill('2');
  await expect(tablet.page.getByText('Saved', { exact: true })).toBeVisible();
  await phone.context.setOffline(false);
  await expect(phone.page.getByText('Which version do you want to keep?')).toBeVisible();
  await phone.page.getByRole('button', { name: 'Done' }).click();
  await phone.page.getByRole('button', { name: 'Keep this version' }).click();
  await expect(factor(tablet)).toHaveValue('7');

  // A device that is removed at the machine is out at once; no other device can do that.
  await tablet.goTo('/kitchen/settings');
  await expect(tablet.page.getByText('This one can leave by itself')).toBeVisible();
  await expect(tablet.page.getByRole('button', { name: 'Remove Heron’s phone' })).toHaveCount(0);
  const machine = await (await browser.newContext()).newPage();
  await machine.goto(`${server.address}/kitchen/settings`);
  await machine.getByRole('button', { name: 'Remove Heron’s phone' }).click();
  await expect(machine.getByText('Heron’s phone is removed')).toBeVisible();
  await expect(phone.page.getByRole('heading', { name: 'Pair this device' })).toBeVisible();
  // It keeps nothing to look at of what it had seen.
  const seen = () =>
    phone.page.evaluate(
      () =>
        new Promise<number>((done) => {
          const opening = indexedDB.open('ypsigram-offline');
          opening.onsuccess = () => {
            const database = opening.result;
            const count = database.transaction('answers').objectStore('answers').count();
            count.onsuccess = () => {
              database.close();
              done(count.result);
            };
          };
        }),
    );
  await expect.poll(seen).toBe(0);
  await machine.getByRole('button', { name: 'Undo' }).last().click();
  await expect(machine.getByText('Heron’s phone is removed')).toHaveCount(0);
  await machine.context().close();
  await phone.goTo('/recipes');
  await expect(phone.page.getByRole('link', { name: 'Lean sponge' })).toBeVisible();
  await tablet.context.close();
  await phone.context.close();
});

test('the house is opened and closed in the settings of this machine', async ({
  baker,
  page,
  server,
}) => {
  await baker.goTo('/kitchen/settings');
  const open = page.getByRole('switch', { name: 'Let phones and tablets connect' });
  await expect(open).toBeChecked();
  const before = await server.passcode();
  await page.getByRole('button', { name: 'Another passcode' }).click();
  await expect(page.getByText(before)).toHaveCount(0);
  await open.click();
  await expect(page.getByText('Off: nothing outside this computer reaches it.')).toBeVisible();
  await open.click();
  await expect.poll(() => server.passcode()).not.toBeNull();
  await expect(page.getByText(await server.passcode())).toBeVisible();
});
