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
    {
      name: 'server-one-way',
      severity: 'error',
      comment: 'Areas stand on what all of them share, which knows none of them.',
      from: {
        path: '^server/src/(context|database|http|tables|workers|devices|house)/',
        pathNot: '\\.spec\\.ts$',
      },
      to: { path: '^server/src/(areas|demo|app|main)' },
    },
    {
      name: 'database-knows-no-http',
      severity: 'error',
      comment: 'What the database can’t do is answered with a status by http.',
      from: { path: '^server/src/database/' },
      to: { path: '^server/src/http/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules|/dist/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
  },
};
