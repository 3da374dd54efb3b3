import { appendFileSync } from 'node:fs';
import { relative } from 'node:path';
import type { Reporter, TestModule } from 'vitest/node';
import { z } from 'zod';

/** The counts of one run: how many tests passed, and the names of those that failed. */
export const countsSchema = z.object({ passed: z.number().int(), failed: z.array(z.string()) });

/** Adds what a run counted to COUNTS_FILE, a line each, for the closing lines of `npm test`. */
export default class CountsReporter implements Reporter {
  onTestRunEnd(modules: readonly TestModule[], unhandled: readonly { message?: string }[]): void {
    const file = process.env['COUNTS_FILE'];
    if (!file) return;
    let passed = 0;
    // A file that could not be loaded has no tests to fail, and still is a failure.
    const failed = unhandled.map(({ message = '' }) => `an error outside every test: ${message}`);
    for (const module of modules) {
      const path = relative(process.cwd(), module.moduleId);
      if (module.errors().length > 0) failed.push(path);
      for (const test of module.children.allTests()) {
        const { state } = test.result();
        if (state === 'passed') passed += 1;
        else failed.push(`${path} > ${test.fullName} (${state})`);
      }
    }
    const counts: z.infer<typeof countsSchema> = { passed, failed };
    appendFileSync(file, `${JSON.stringify(counts)}\n`);
  }
}
