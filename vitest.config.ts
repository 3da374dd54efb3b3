import { defineConfig } from 'vitest/config';
import vue from '@vitejs/plugin-vue';

const closing = process.env['COUNTS_FILE'] ? ['default', './scripts/checks/countsReporter.ts'] : ['default'];

export default defineConfig({
  plugins: [vue()],
  test: {
    reporters: closing,
    projects: [
      {
        extends: true,
        test: {
          name: 'unit',
          include: ['src/**/*.test.ts', 'test/judgement/*.test.ts', 'test/dates/*.test.ts'],
          exclude: ['src/web/**'],
          setupFiles: ['test/support/properties.ts'],
          environment: 'node',
          // Nothing here keeps a state of its own: files share their imports, which takes half of the time otherwise.
          isolate: false,
          maxWorkers: 2,
          // No limit here is meant to be met: a test that hangs ends, however slow or busy the machine.
          testTimeout: 300_000,
          hookTimeout: 300_000,
        },
      },
      {
        extends: true,
        test: {
          name: 'unit-web',
          include: ['src/web/**/*.test.ts'],
          environment: 'node',
          maxWorkers: 2,
          testTimeout: 300_000,
          hookTimeout: 300_000,
        },
      },
      {
        extends: true,
        test: {
          name: 'api',
          include: ['test/api/**/*.test.ts', 'test/cli/**/*.test.ts'],
          globalSetup: ['test/support/cluster.ts'],
          isolate: false,
          testTimeout: 300_000,
          hookTimeout: 300_000,
          maxWorkers: 2,
        },
      },
      {
        extends: true,
        test: {
          name: 'browser',
          include: [
            'test/browser/**/*.test.ts',
            'test/faults/**/*.test.ts',
            'test/installation/**/*.test.ts',
          ],
          globalSetup: ['test/support/cluster.ts'],
          isolate: false,
          testTimeout: 300_000,
          hookTimeout: 300_000,
          // Each file has a server, a database and a browser of its own: two lanes fill two cores.
          maxWorkers: 2,
        },
      },
    ],
  },
});
