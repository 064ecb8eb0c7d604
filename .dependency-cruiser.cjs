/** What may import what, beyond what ESLint says line by line: no file leads back to itself. */
module.exports = {
  forbidden: [
    {
      name: 'no-circular',
      severity: 'error',
      comment: 'Two files that need each other are one thing, or share a third.',
      from: {},
      to: { circular: true },
    },
    {
      name: 'no-orphans',
      severity: 'error',
      comment: 'A file that nobody imports is dead, or an entry that belongs into this list.',
      from: {
        orphan: true,
        pathNot: ['\\.d\\.ts$', '\\.worker\\.ts$', '\\.spec\\.ts$', '(^|/)testing/'],
      },
      to: {},
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules|/dist/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
  },
};
