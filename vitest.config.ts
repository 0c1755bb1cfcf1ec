import { defineConfig } from 'vitest/config';

/** Starts the real commands, database and all. */
const NEEDS_DATABASE = 'scripts/src/run-server.test.ts';

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'unit',
          include: ['{core,diagram,cli,web,scripts}/src/**/*.test.ts'],
          exclude: [NEEDS_DATABASE],
          setupFiles: ['scripts/src/test-seed.ts'],
        },
      },
      {
        test: {
          name: 'server',
          globalSetup: 'scripts/src/test-database.ts',
          include: ['server/src/**/*.test.ts', NEEDS_DATABASE],
          fileParallelism: false,
          testTimeout: 20_000,
          hookTimeout: 60_000,
        },
      },
    ],
  },
});
