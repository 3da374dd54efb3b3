import { appendFileSync } from 'node:fs';
import type { Reporter, TestModule } from 'vitest/node';

/** Adds how many tests passed and failed to COUNTS_FILE, for the closing line of `npm test`. */
export default class CountsReporter implements Reporter {
  onTestRunEnd(modules: readonly TestModule[], unhandled: readonly unknown[]): void {
    const file = process.env['COUNTS_FILE'];
    if (!file) return;
    let passed = 0;
    // A file that could not be loaded has no tests to fail, and still is a failure.
    let failed = unhandled.length + modules.filter((module) => module.errors().length > 0).length;
    for (const module of modules) {
      for (const test of module.children.allTests()) {
        if (test.result().state === 'passed') passed += 1;
        else failed += 1;
      }
    }
    appendFileSync(file, `${passed} ${failed}\n`);
  }
}
