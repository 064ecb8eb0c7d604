// Unit tests run in Debian's headless Chromium; CHROME_BIN names another one.
const { join } = require('node:path');
const { CHROMIUM, CHROMIUM_FLAGS } = require('./scripts/chromium.cjs');

process.env.CHROME_BIN = CHROMIUM;

module.exports = (config) =>
  config.set({
    frameworks: ['jasmine'],
    plugins: [
      require('karma-jasmine'),
      require('karma-chrome-launcher'),
      require('karma-junit-reporter'),
    ],
    // The report is what npm test adds up; the dots are for whoever waits.
    reporters: ['dots', 'junit'],
    junitReporter: {
      outputDir: join(__dirname, 'var/test-reports'),
      outputFile: `${process.env.REPORT_NAME ?? 'karma'}.xml`,
      useBrowserName: false,
    },
    browsers: ['Headless'],
    customLaunchers: {
      Headless: {
        base: 'ChromeHeadless',
        flags: CHROMIUM_FLAGS,
      },
    },
    browserNoActivityTimeout: 120000,
    captureTimeout: 120000,
    restartOnFileChange: false,
    singleRun: true,
  });
