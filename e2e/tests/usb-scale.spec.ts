import { expect, test } from '../kitchen/test';

/** A browser with a scale on USB: its reports are sent from here, byte by byte. */
function withUsbScale(): void {
  const device = Object.assign(new EventTarget(), {
    vendorId: 1,
    productId: 2,
    productName: 'Kitchen scale',
    opened: false,
    collections: [],
    open: async () => void (device.opened = true),
    close: async () => void (device.opened = false),
    sendReport: () => Promise.reject(new Error('It takes none.')),
  });
  const hid = Object.assign(new EventTarget(), { requestDevice: async () => [device] });
  Object.defineProperty(navigator, 'hid', { value: hid });
  Object.assign(window, {
    usb: {
      send: (...bytes: number[]) =>
        device.dispatchEvent(
          Object.assign(new Event('inputreport'), {
            reportId: 3,
            data: new DataView(Uint8Array.from(bytes).buffer),
          }),
        ),
      tell: (what: string) => hid.dispatchEvent(Object.assign(new Event(what), { device })),
    },
  });
}

interface Usb {
  send(...bytes: number[]): void;
  tell(what: 'connect' | 'disconnect'): void;
}
declare const usb: Usb;

test('a scale on USB is chosen, read, unplugged, and comes back', async ({ baker, page }) => {
  await page.addInitScript(withUsbScale);
  await baker.goTo('/recipes');
  await page.getByRole('button', { name: 'Connect the scale' }).click();
  await page.getByRole('button', { name: 'Scale on USB' }).click();
  const strip = page.getByRole('region', { name: 'Scale' });
  // Settled, grams, tenths: 123.4 g.
  await expect(async () => {
    await page.evaluate(() => usb.send(4, 2, 0xff, 0xd2, 0x04));
    await expect(strip).toContainText('123.4', { timeout: 200 });
  }).toPass();
  await expect(strip).toContainText('Kitchen scale');
  await expect(strip).not.toContainText('simulated');

  await page.evaluate(() => usb.send(6, 2, 0, 0, 0));
  await expect(strip).not.toContainText('123.4');
  await strip.getByRole('button', { name: 'Tare' }).click();
  await expect(strip.getByText('Press tare on the scale itself')).toBeVisible();
  await page.evaluate(() => usb.send(4, 2, 0xff, 0xd2, 0x04));
  await expect(strip).toContainText('123.4');
  await expect(strip.getByText('Press tare on the scale itself')).toBeVisible();

  await page.evaluate(() => usb.tell('disconnect'));
  await expect(strip.getByText('was unplugged')).toBeVisible();
  await page.evaluate(() => usb.tell('connect'));
  await expect(async () => {
    await page.evaluate(() => usb.send(4, 11, 0xff, 0x2c, 0));
    await expect(strip).toContainText('4.4', { timeout: 200 });
  }).toPass();
  await expect(strip).toContainText('oz');
});
