import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { RequestHandler } from 'express';
import multer, { MulterError } from 'multer';
import { Failure } from '../services/failure.ts';

/** More than the photos and papers of almost any home; the command line has no limit. */
const MOST_BYTES = 500_000_000;
const LIMITS = { fileSize: MOST_BYTES, files: 1, fields: 0, parts: 1 } as const;

/**
 * Saves the one file of a form. It holds a whole home, so it gets a folder that only this user may open, which is deleted after the answer,
 * also where the sending broke off.
 */
export const receiveHouseFile: RequestHandler = (request, response, next) => {
  mkdtemp(join(tmpdir(), 'salt-import-')).then((folder) => {
    response.once('close', () => {
      // A folder that cannot be deleted is left to the system, which empties its temporary folder.
      rm(folder, { recursive: true, force: true }).catch(() => undefined);
    });
    void multer({ dest: folder, limits: LIMITS }).single('file')(request, response, (error: unknown) => {
      next(error === undefined ? undefined : refusalOf(error));
    });
  }, next);
};

/** A form that is not readable or holds more than one file is the sender's error; an error of the disk is ours. */
function refusalOf(error: unknown): unknown {
  if (error instanceof MulterError && error.code === 'LIMIT_FILE_SIZE') return new Failure('too-large');
  const isOfDisk = error instanceof Error && 'errno' in error;
  return isOfDisk ? error : new Failure('invalid', 'file', { kind: 'invalid' });
}
