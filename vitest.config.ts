import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'unit',
          include: ['{core,diagram,cli,web,scripts}/src/**/*.test.ts'],
          setupFiles: ['scripts/src/test-seed.ts'],
        },
      },
      {
        test: {
          name: 'server',
          globalSetup: 'scripts/src/test-database.ts',
          include: ['server/src/**/*.test.ts'],
          fileParallelism: false,
          testTimeout: 20_000,
          hookTimeout: 60_000,
        },
      },
    ],
  },
});
