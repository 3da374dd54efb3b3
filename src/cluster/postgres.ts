import { execFile, execFileSync } from 'node:child_process';
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';

const run = promisify(execFile);

/** Where Debian's packages put PostgreSQL, one folder a version. */
const ROOT = '/usr/lib/postgresql';

export const isRoot = process.getuid?.() === 0;

/** The versions of PostgreSQL on this machine, the newest first. */
export function versionsHere(): number[] {
  const names = existsSync(ROOT) ? readdirSync(ROOT) : [];
  return names
    .map(Number)
    .filter((version) => existsSync(join(ROOT, String(version), 'bin', 'initdb')))
    .sort((a, b) => b - a);
}

/** The newest PostgreSQL on this machine. Throws where there is none. */
export function newestVersion(): number {
  const [newest] = versionsHere();
  if (newest === undefined)
    throw new Error(`PostgreSQL was not found below ${ROOT}. Install it: apt-get install postgresql`);
  return newest;
}

/** The programs of a version. Throws where it is not installed, and says how to go on. */
export function binFolder(version: number): string {
  if (!versionsHere().includes(version)) {
    const [newest] = versionsHere();
    throw new Error(
      `The database files were made by PostgreSQL ${version}, which is not installed here. ` +
        `Install it: apt-get install postgresql-${version}.` +
        (newest !== undefined && newest > version
          ? ` Once it is there, "npm run upgrade" moves the data to PostgreSQL ${newest}.`
          : ''),
    );
  }
  return join(ROOT, String(version), 'bin');
}

/** A program of PostgreSQL that failed, with what it said. */
export class ProgramFailed extends Error {}

/** PostgreSQL refuses to run as root; as root its programs are run as Debian's user postgres. Throws ProgramFailed. */
export async function asServerUser(version: number, program: string, args: string[]): Promise<string> {
  const path = join(binFolder(version), program);
  const [command, all] = isRoot ? ['runuser', ['-u', 'postgres', '--', path, ...args]] : [path, args];
  return runProgram(command, all, {});
}

/** Runs a program of PostgreSQL as whoever runs this. `environment`: more variables, such as a password. Throws ProgramFailed. */
export const asOneself = (
  version: number,
  program: string,
  args: string[],
  environment: Readonly<Record<string, string>>,
): Promise<string> => runProgram(join(binFolder(version), program), args, environment);

async function runProgram(
  command: string,
  args: string[],
  environment: Readonly<Record<string, string>>,
): Promise<string> {
  try {
    const { stdout } = await run(command, args, {
      cwd: '/',
      maxBuffer: 1 << 24,
      // PostgreSQL speaks the language of the machine, and its words are looked at.
      env: { ...process.env, LC_ALL: 'C', ...environment },
    });
    return stdout;
  } catch (error) {
    const output = error instanceof Error && 'stderr' in error ? String(error.stderr).trim() : String(error);
    const name = args.find((arg) => arg.startsWith(ROOT)) ?? command;
    throw new ProgramFailed(`${name.split('/').at(-1)}: ${output.slice(-2_000)}`, { cause: error });
  }
}

/** Whether the user that runs PostgreSQL can reach a folder; a checkout in a private home folder may be out of its reach. */
export function serverUserReaches(folder: string): boolean {
  if (!isRoot) return true;
  try {
    execFileSync('runuser', ['-u', 'postgres', '--', 'test', '-x', folder], { cwd: '/', stdio: 'ignore' });
    return true;
  } catch {
    // `test` answers "no" by failing; that is the answer, not an error.
    return false;
  }
}
