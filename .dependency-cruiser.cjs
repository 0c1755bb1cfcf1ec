/** Imports run one way: web → diagram → core, server → diagram → core. Core knows no interface, server or Node module. */
module.exports = {
  forbidden: [
    {
      name: 'core-is-pure',
      severity: 'error',
      comment: 'core imports only itself, zod and the assignment solver',
      from: { path: '^core/src', pathNot: '\\.test(-data)?\\.ts$' },
      to: { pathNot: ['^core/src', 'node_modules/(zod|linear-sum-assignment)/'] },
    },
    {
      name: 'diagram-on-core-only',
      severity: 'error',
      from: { path: '^diagram/src', pathNot: '\\.test\\.ts$' },
      to: { pathNot: ['^diagram/src', '^core/src', 'node_modules/d3-'] },
    },
    {
      name: 'cli-on-core-only',
      severity: 'error',
      comment: 'no server and no browser on the command line',
      from: { path: '^cli/src', pathNot: '\\.test\\.ts$' },
      to: { path: ['^server/', '^web/', '^scripts/', 'node_modules/(react|pg|hono)/'] },
    },
    {
      name: 'server-without-interface',
      severity: 'error',
      from: { path: '^server/src' },
      to: { path: ['^web/', 'node_modules/react'] },
    },
    {
      name: 'web-without-server',
      severity: 'error',
      from: { path: '^web/src' },
      to: { path: ['^server/', 'node_modules/(pg|drizzle-orm|hono)/'] },
    },
    {
      name: 'web-without-node',
      severity: 'error',
      from: { path: '^web/src', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'node', 'default'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.json'],
    },
  },
};
