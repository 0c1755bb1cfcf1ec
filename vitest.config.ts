import { defineConfig } from 'vitest/config';

/** Tests of the scripts that need a database: those that start the real commands, and faults put to a server. */
const NEED_DATABASE = ['scripts/src/run-server.test.ts', 'scripts/src/faults/server-faults.test.ts'];

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'unit',
          include: ['{core,diagram,cli,web,scripts}/src/**/*.test.ts'],
          exclude: NEED_DATABASE,
          setupFiles: ['scripts/src/test-seed.ts'],
        },
      },
      {
        test: {
          name: 'server',
          globalSetup: 'scripts/src/test-database.ts',
          include: ['server/src/**/*.test.ts', ...NEED_DATABASE],
          fileParallelism: false,
          testTimeout: 20_000,
          hookTimeout: 60_000,
        },
      },
    ],
  },
});
