import reporters from 'jasmine-reporters';

/** Writes what npm test adds up. */
jasmine.getEnv().addReporter(
  new reporters.JUnitXmlReporter({
    savePath: new URL('../../var/test-reports', import.meta.url).pathname,
    filePrefix: 'package',
    consolidateAll: true,
  }),
);
