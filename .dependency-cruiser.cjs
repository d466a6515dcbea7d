/** Which imports are not allowed; part of `npm test`. */
module.exports = {
  forbidden: [
    {
      name: 'no-cycles',
      comment: 'Files that import each other can only be understood together.',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'core-stands-alone',
      comment: 'core/ is computation: nothing of the server, the studio or the shop.',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: '^(server|app|layers|demo|benchmarks|e2e)/' },
    },
    { name: 'no-server-in-the-browser', severity: 'error', from: { path: '^(app|layers)/' }, to: { path: '^server/' } },
    { name: 'no-studio-in-the-server', severity: 'error', from: { path: '^server/' }, to: { path: '^(app|layers)/' } },
    {
      name: 'no-studio-in-the-shop',
      comment: 'The stand-in shop talks to Manada through the delivery contract.',
      severity: 'error',
      from: { path: '^layers/' },
      to: { path: '^app/' },
    },
    {
      name: 'database-behind-its-port',
      comment: 'Only server/store knows how things are kept (server/store/port.ts).',
      severity: 'error',
      from: { path: '^server/', pathNot: '^server/store/|\\.(test|testing)\\.ts$' },
      to: { path: '^server/store/sqlite/' },
    },
    {
      name: 'sql-in-one-place',
      severity: 'error',
      from: { path: '^(core|server|app|layers)/', pathNot: '^server/store/sqlite/|\\.test\\.ts$' },
      to: { path: 'node_modules/(sequelize|sqlite3|umzug)/' },
    },
    {
      name: 'declared',
      comment: 'What is imported stands in package.json; what the application needs, among its dependencies.',
      severity: 'error',
      from: {},
      to: { dependencyTypes: ['npm-no-pkg', 'npm-unknown'] },
    },
    {
      name: 'no-development-packages-in-what-ships',
      severity: 'error',
      from: { path: '^(core|server|app|layers|demo)/', pathNot: '\\.(test|testing)\\.ts$' },
      to: { dependencyTypes: ['npm-dev'], dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'no-tests-in-what-ships',
      severity: 'error',
      from: { pathNot: '\\.(test|testing|spec)\\.ts$|^(e2e|benchmarks)/' },
      to: { path: '\\.(test|testing)\\.ts$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '^(\\.nuxt|\\.output)' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.tools.json' },
  },
}
