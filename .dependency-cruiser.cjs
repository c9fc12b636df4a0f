/** The layers of docs/architecture.md, enforced. */
const only = (name, from, to) => ({
  name,
  severity: 'error',
  from: { path: from, pathNot: '\\.test\\.ts$' },
  to: { pathNot: to, dependencyTypesNot: ['type-only'] },
});

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    only('core-knows-only-itself', '^src/core/', ['^src/core/', 'node_modules/@date-fns/tz/']),
    only('contract-over-core', '^src/contract/', ['^src/(contract|core)/', 'node_modules/zod/']),
    only('data-owns-the-database', '^src/data/', [
      '^src/(data|core|config)/',
      'node_modules/(knex|pg|server-only)/',
      'node_modules/next/dist/compiled/server-only',
      '^(crypto|node:crypto)$',
    ]),
    only('server-over-core-and-data', '^src/server/', [
      '^src/(server|contract|formats|data|core|config)/',
      'node_modules/(zod|server-only)/',
      '^(fs|os|path|worker_threads|node:)',
    ]),
    {
      name: 'core-through-the-door',
      severity: 'error',
      from: { path: '^src/(?!core/)', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/core/[^/]+/(?!index\\.ts$)' },
    },
    {
      name: 'core-domains-through-the-door',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/core/[^/]+/(?!index\\.ts$)', pathNot: '^src/core/$1/' },
    },
    only('formats-over-core', '^src/formats/', ['^src/(formats|core)/']),
    only('workers-over-core', '^src/workers/', ['^src/(workers|core)/', 'node_modules/comlink/']),
    {
      name: 'workers-through-their-client',
      severity: 'error',
      from: { path: '^src/(?!workers/)' },
      to: { path: '^src/workers/[^/]+/(?!client\\.ts$)' },
    },
    {
      name: 'ui-stays-in-the-browser',
      severity: 'error',
      from: { path: '^src/ui/' },
      to: { path: '^src/(server|data|config)/' },
    },
    { name: 'app-goes-through-server', severity: 'error', from: { path: '^src/app/' }, to: { path: '^src/data/' } },
    {
      name: 'knex-and-pg-only-in-data',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/data/' },
      to: { path: 'node_modules/(knex|pg)/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'require', 'node', 'default'] },
  },
};
