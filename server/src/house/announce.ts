import QRCode from 'qrcode';
import type { HouseDoor } from './house.js';

/** What is printed once the house is open: where, the passcode, and both as a picture to scan. */
export async function announceHouse(house: HouseDoor): Promise<string> {
  const [likeliest, ...others] = house.addresses();
  const passcode = house.passcode?.shown ?? '';
  if (likeliest === undefined) return 'The house is open, but this machine is in no network.';
  const picture = await QRCode.toString(pairingAddress(likeliest, passcode), {
    type: 'utf8',
    errorCorrectionLevel: 'L',
  });
  return [
    `Other devices come in at ${[likeliest, ...others].join(' or ')}`,
    `Passcode: ${passcode}`,
    picture,
    'The certificate was made by this machine: each device asks once whether to trust it.',
    `It should show ${house.authority?.fingerprint ?? ''}`,
  ].join('\n');
}

/** The passcode stands behind the #, so that it is never sent or logged with the address. */
const pairingAddress = (address: string, passcode: string): string =>
  `${address}/pair#${passcode.replace(/\D/g, '')}`;
