// The browser that tests and pictures use: Debian's headless Chromium, or the one in CHROME_BIN.
const { existsSync } = require('node:fs');

/** Debian's package of it. The one that is nothing but headless does the same with half the work. */
exports.CHROMIUM_PACKAGE = 'chromium-headless-shell';

// Not its script in /usr/bin: whoever stops that leaves the browser behind, and waits for ever.
const PLACES = [`/usr/lib/chromium/${exports.CHROMIUM_PACKAGE}`, '/usr/bin/chromium'];

/** @type {string} */
exports.CHROMIUM = process.env.CHROME_BIN ?? PLACES.find((place) => existsSync(place)) ?? PLACES[0];

/** As it runs as root, with neither network nor graphics card. */
exports.CHROMIUM_FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];
