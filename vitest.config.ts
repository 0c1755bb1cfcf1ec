import { defineConfig } from 'vitest/config';

/** Tests of the scripts that need a database: those that start the real commands, and faults put to a server. */
const NEED_DATABASE = ['scripts/src/run-server.test.ts', 'scripts/src/faults/server-faults.test.ts'];

/** Tests that work for seconds (worlds in small, broken documents, shaken boards): a busy machine gives them time. */
const SLOW = [
  'core/src/answers/**/*.test.ts',
  'core/src/keeping/machine.test.ts',
  'core/src/play/{gate,edit,content}.test.ts',
  'core/src/motion/{run,hostile,meeting,endings}.test.ts',
  'core/src/defence/**/*.test.ts',
  'scripts/src/faults/faults.test.ts',
  'cli/src/main.test.ts',
  'web/src/questions/answer.test.ts',
];

export default defineConfig({
  test: {
    // Both cores: left to itself it keeps one for whoever watches.
    maxWorkers: 2,
    projects: [
      {
        test: {
          name: 'unit',
          // Nothing of the core keeps anything: its modules are read once for all files.
          isolate: false,
          include: ['{core,diagram,paper,words,cli,scripts}/src/**/*.test.ts'],
          exclude: [...NEED_DATABASE, ...SLOW],
          setupFiles: ['scripts/src/test-seed.ts'],
          // How long something takes is measured by the bench: a slow machine is no fault.
          testTimeout: 20_000,
        },
      },
      {
        test: {
          name: 'web',
          include: ['web/src/**/*.test.ts'],
          exclude: SLOW,
          setupFiles: ['scripts/src/test-seed.ts'],
          testTimeout: 20_000,
        },
      },
      {
        test: {
          name: 'slow',
          isolate: false,
          include: SLOW,
          setupFiles: ['scripts/src/test-seed.ts'],
          testTimeout: 60_000,
        },
      },
      {
        test: {
          name: 'server',
          globalSetup: 'scripts/src/test-database.ts',
          include: ['server/src/**/*.test.ts', ...NEED_DATABASE],
          fileParallelism: false,
          // Processes, queues and a database beside other tests: once more before it is a fault.
          retry: 1,
          testTimeout: 20_000,
          hookTimeout: 60_000,
        },
      },
    ],
  },
});
