/** Debian's headless Chromium, as it runs where there is no network and no graphics card. */
export const CHROMIUM = {
  executablePath: process.env['CHROME_BIN'] ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};

/** One that trusts the certificate of the house, as a device does that was told to. */
export const TRUSTING_CHROMIUM = {
  ...CHROMIUM,
  args: [...CHROMIUM.args, '--ignore-certificate-errors'],
};
