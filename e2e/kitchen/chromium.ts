import { CHROMIUM as executablePath, CHROMIUM_FLAGS } from '../../scripts/chromium.cjs';

/** Debian's headless Chromium, as it runs where there is no network and no graphics card. */
export const CHROMIUM = { executablePath, args: CHROMIUM_FLAGS };

/** One that trusts the certificate of the house, as a device does that was told to. */
export const TRUSTING_CHROMIUM = {
  ...CHROMIUM,
  args: [...CHROMIUM.args, '--ignore-certificate-errors'],
};
