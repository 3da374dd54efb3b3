import { execFile } from 'node:child_process';

/** Fifty days of a house with its reasons are some megabytes. */
const MOST_OUTPUT = 100_000_000;

/** Runs one of the npm scripts as a person would. */
export function command(
  name: string,
  ...args: string[]
): Promise<{ code: number; out: string; err: string }> {
  return new Promise((resolve) => {
    const options = { maxBuffer: MOST_OUTPUT };
    execFile('npm', ['run', '--silent', name, '--', ...args], options, (error, out, err) => {
      resolve({ code: error ? Number(error.code) : 0, out, err });
    });
  });
}
