/** Causes that a start or a command may meet, by what was said, and what to do about each. `folder`: where the data are. */
const CAUSES: readonly (readonly [RegExp, (folder: string) => string])[] = [
  [
    /ENOSPC|No space left on device/,
    (folder) =>
      `The disk that holds ${folder} is full. Free some space, then try again; what was written stays as it is.`,
  ],
  [
    /EACCES|EPERM|Permission denied/,
    (folder) =>
      `${folder} cannot be written. Let the user that runs this own the folder, or set DATA_DIR to another.`,
  ],
  [
    /ENOTDIR|EEXIST/,
    (folder) => `${folder} is no folder, and none can be made there. Set DATA_DIR to another.`,
  ],
  [
    /EROFS|Read-only file system/,
    (folder) => `The disk that holds ${folder} can only be read. Set DATA_DIR to another folder.`,
  ],
  [
    /ECONNREFUSED/,
    () => 'No PostgreSQL answers at the address in DATABASE_URL. Start it, or correct the address.',
  ],
  [/ENOTFOUND|EAI_AGAIN/, () => 'The host in DATABASE_URL is not known. Correct the address.'],
  [
    /password authentication failed|no pg_hba.conf entry/,
    () =>
      'PostgreSQL does not let in the role in DATABASE_URL. Correct its name or password, or let it in (pg_hba.conf).',
  ],
  [
    /permission denied to create (role|database)/,
    () =>
      'The role in DATABASE_URL may not make roles and databases, which the first start needs: ALTER ROLE its_name CREATEROLE CREATEDB.',
  ],
  [
    /could not (bind|create) .*(socket|lock file)|Address already in use/i,
    () => 'PostgreSQL could not listen on its port: another program has it. Try again.',
  ],
  [
    /database files are incompatible with server/,
    () =>
      'The database files are of another version of PostgreSQL. Install that version, then "npm run upgrade".',
  ],
];

/** An error as a person can act on it: what is the matter and what to do, then what was said. */
export function explain(error: unknown, folder: string): string {
  const said = saidBy(error);
  const cause = CAUSES.find(([pattern]) => pattern.test(said));
  return cause ? `${cause[1](folder)}\n(${said.trim().split('\n').at(-1)})` : said;
}

/** The message of an error, with its code; for several addresses, the message of each. */
function saidBy(error: unknown): string {
  if (error instanceof AggregateError) return error.errors.map(saidBy).join('\n');
  if (!(error instanceof Error)) return String(error);
  const code = 'code' in error ? `${String(error.code)}: ` : '';
  return error.message === '' ? code : `${code}${error.message}`;
}
