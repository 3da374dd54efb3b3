import { randomBytes } from 'node:crypto';
import { closeSync, existsSync, fsyncSync, openSync, readFileSync, renameSync, writeSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { z } from 'zod';

const secretsSchema = z.strictObject({
  superuser: z.string().min(1),
  owner: z.string().min(1),
  app: z.string().min(1),
  session: z.string().min(32),
  demo: z.string().min(1),
});
export type Secrets = z.infer<typeof secretsSchema>;

const NAME = 'secrets.json';

/** Where an installation's secrets stand. */
export const secretsFile = (folder: string): string => join(folder, NAME);

/** The secrets of a data folder, made the first time. Throws where they cannot be read, and says how to go on. */
export function openSecrets(folder: string): Secrets {
  const file = secretsFile(folder);
  if (existsSync(file)) return readSecrets(file);
  if (existsSync(join(folder, 'cluster', 'PG_VERSION')))
    throw new Error(
      `${file} is missing, and without it the database in ${folder} cannot be opened. Put it back from a backup, or set DATA_DIR to another folder.`,
    );
  const secrets = newSecrets();
  writeWhole(file, JSON.stringify(secrets));
  return secrets;
}

/** Reads a file of secrets. Throws where it was cut off or is something else. */
export function readSecrets(file: string): Secrets {
  const read = secretsSchema.safeParse(parse(readFileSync(file, 'utf8')));
  if (read.success) return read.data;
  const fields = read.error.issues.map(({ path }) => path.join('.')).filter((path) => path !== '');
  throw new Error(
    `${file} cannot be read${fields.length > 0 ? ` (${fields.join(', ')})` : ': it was cut off, or is not JSON'}. Put it back from a backup; the data need the very secrets they were made with.`,
  );
}

/** Parses JSON; any other text becomes null, which the schema refuses. */
function parse(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return null;
  }
}

/** Writes a file completely or not at all: to a temporary file, flushed, then renamed. Only the owner may read it. */
export function writeWhole(file: string, text: string): void {
  const aside = `${file}.new-${process.pid}`;
  const open = openSync(aside, 'w', 0o600);
  try {
    writeSync(open, text);
    fsyncSync(open);
  } finally {
    closeSync(open);
  }
  renameSync(aside, file);
  const folder = openSync(dirname(file), 'r');
  fsyncSync(folder);
  closeSync(folder);
}

function newSecrets(): Secrets {
  const secret = (): string => randomBytes(24).toString('base64url');
  return {
    superuser: secret(),
    owner: secret(),
    app: secret(),
    session: secret() + secret(),
    demo: 'salt-and-water',
  };
}
