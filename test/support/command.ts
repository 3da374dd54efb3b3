import { execFile } from 'node:child_process';

/** Runs one of the npm scripts as a person would. */
export function command(
  name: string,
  ...args: string[]
): Promise<{ code: number; out: string; err: string }> {
  return new Promise((resolve) => {
    execFile('npm', ['run', '--silent', name, '--', ...args], (error, out, err) => {
      resolve({ code: error ? Number(error.code) : 0, out, err });
    });
  });
}
