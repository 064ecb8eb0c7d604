import { house, type House } from '@ypsigram/contract/house';
import { ownCommand } from '../own-command.js';
import { askServer, sendJson } from './ask-server.js';
import { kitchenFile, type WhichKitchen } from './kitchen-files.js';
import { serverOf } from './running.js';

/** The address of the server of a kitchen. @throws Error in a sentence where none runs */
export async function runningAddress(which: WhichKitchen): Promise<string> {
  const running = await serverOf(kitchenFile(which));
  if (running) return running.address;
  throw new Error(`Ypsigram is not running. Start it first: ${ownCommand('home')}`);
}

export const readHouse = async (address: string): Promise<House> =>
  house.parse(await (await askServer(address, 'house')).json());

/** Shows what a phone or tablet is let in by, or a new passcode in its place. */
export async function passcode(
  which: WhichKitchen & { readonly renew?: boolean },
): Promise<number> {
  const address = await runningAddress(which);
  if (which.renew) await sendJson(address, 'house/passcode', 'POST', {});
  const { isOpen, passcode: shown, addresses } = await readHouse(address);
  if (!isOpen || shown === null) {
    throw new Error('Phones and tablets can’t connect now. Let them in: ypsigram devices allow');
  }
  console.log(`Passcode  ${shown}`);
  addresses.forEach((at, index) => console.log(`${index === 0 ? 'Address ' : '        '}  ${at}`));
  return 0;
}
