// Stands in the package for the finder of compiled drivers: this package brings its own.
/* global BUNDLE_FOLDER, SQLITE3_VERSION -- put in by the bundler */
const { existsSync } = require('node:fs');
const { join } = require('node:path');

/** Compiled for this kind of machine, and beside the bundle. */
const OWN = join(BUNDLE_FOLDER, '../../native', `${process.platform}-${process.arch}`);

module.exports = (name) => {
  const own = join(OWN, name);
  if (existsSync(own)) return require(own);
  try {
    // Installed beside this package by its owner.
    return require(`sqlite3/build/Release/${name}`);
  } catch (error) {
    if (error.code !== 'MODULE_NOT_FOUND') throw error;
    console.error(
      `This package has no database driver for ${process.platform} on ${process.arch}. ` +
        'Compile one, which needs Python and a C++ compiler, then start again: ' +
        `npm install --global sqlite3@${SQLITE3_VERSION} --allow-scripts=sqlite3`,
    );
    process.exit(1);
  }
};
