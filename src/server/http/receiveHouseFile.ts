import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import type { RequestHandler } from 'express';
import multer, { MulterError } from 'multer';
import { Failure } from '../services/failure.ts';

/** More than the photos and papers of almost any home; the command line has no limit. */
const MOST_BYTES = 500_000_000;

/** Each file gets a folder that only this user may open: it holds a whole home. */
const storage = multer.diskStorage({
  destination: (_request, _file, done) => {
    mkdtemp(join(tmpdir(), 'salt-import-')).then(
      (folder) => {
        done(null, folder);
      },
      (error: Error) => {
        done(error, '');
      },
    );
  },
  filename: (_request, _file, done) => {
    done(null, 'house-file');
  },
});
const take = multer({
  storage,
  limits: { fileSize: MOST_BYTES, files: 1, fields: 0, parts: 1 },
}).single('file');

/** Saves the one file of a form in a folder of its own, which is deleted after the answer. */
export const receiveHouseFile: RequestHandler = (request, response, next) => {
  response.once('close', () => {
    const { file } = request;
    // A folder that cannot be deleted is left to the system, which empties its temporary folder.
    if (file) rm(dirname(file.path), { recursive: true, force: true }).catch(() => undefined);
  });
  void take(request, response, (error: unknown) => {
    next(error === undefined ? undefined : refusalOf(error));
  });
};

/** A form that is not readable or holds more than one file is the sender's error; an error of the disk is ours. */
function refusalOf(error: unknown): unknown {
  if (error instanceof MulterError && error.code === 'LIMIT_FILE_SIZE') return new Failure('too-large');
  const isOfDisk = error instanceof Error && 'errno' in error;
  return isOfDisk ? error : new Failure('invalid', 'file', { kind: 'invalid' });
}
