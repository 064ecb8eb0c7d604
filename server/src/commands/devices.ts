import { askServer, sendJson } from './ask-server.js';
import { readHouse, runningAddress } from './passcode.js';
import type { WhichKitchen } from './kitchen-files.js';

/** Lists the phones and tablets that are let in. */
export async function listDevices(which: WhichKitchen): Promise<number> {
  const { devices, isOpen } = await readHouse(await runningAddress(which));
  console.log(isOpen ? 'Phones and tablets can connect.' : 'Phones and tablets can’t connect.');
  if (devices.length === 0) console.log('None was ever let in.');
  for (const { name, lastSeenAt } of devices) {
    console.log(`${name}  (last seen ${new Date(lastSeenAt).toLocaleString()})`);
  }
  return 0;
}

/** Lets phones and tablets connect, or no longer, now and at the next start. */
export async function allowDevices(isOpen: boolean, which: WhichKitchen): Promise<number> {
  await sendJson(await runningAddress(which), 'house', 'PUT', { isOpen });
  console.log(
    isOpen
      ? 'Phones and tablets can connect now. Their passcode: ypsigram passcode'
      : 'Phones and tablets can’t connect any more.',
  );
  return 0;
}

/** Removes a device by its name, or by the start of its id where several have that name. */
export async function removeDevice(name: string, which: WhichKitchen): Promise<number> {
  const address = await runningAddress(which);
  const { devices } = await readHouse(address);
  const wanted = name.toLowerCase();
  const found = devices.filter(
    (device) => device.name.toLowerCase() === wanted || device.id.startsWith(wanted),
  );
  const [device, ...others] = found;
  if (!device) throw new Error(`No device is called “${name}”. All of them: ypsigram devices`);
  if (others.length > 0) {
    const ids = found.map(({ id, lastSeenAt }) => `${id.slice(0, 8)} (last seen ${lastSeenAt})`);
    throw new Error(`Several devices are called “${name}”. Name one by: ${ids.join(', ')}`);
  }
  await askServer(address, `house/devices/${device.id}`, { method: 'DELETE' });
  console.log(`Removed ${device.name}. The passcode is another now.`);
  return 0;
}
