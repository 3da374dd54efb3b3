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
          include: ['src/**/*.test.ts', 'test/judgement/*.test.ts'],
          environment: 'node',
        },
      },
      {
        extends: true,
        test: {
          name: 'api',
          include: ['test/api/**/*.test.ts', 'test/cli/**/*.test.ts'],
          globalSetup: ['test/support/cluster.ts'],
          testTimeout: 60_000,
          hookTimeout: 60_000,
          maxWorkers: 2,
        },
      },
      {
        extends: true,
        test: {
          name: 'browser',
          include: ['test/browser/**/*.test.ts', 'test/faults/**/*.test.ts'],
          globalSetup: ['test/support/cluster.ts'],
          testTimeout: 90_000,
          hookTimeout: 90_000,
          fileParallelism: false,
        },
      },
    ],
  },
});
