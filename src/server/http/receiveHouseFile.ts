import { rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import type { RequestHandler } from 'express';
import multer, { MulterError } from 'multer';
import { Failure } from '../services/failure.ts';

/** Larger than any home within the limits of photos and papers packs to, most of the time; the command line takes any. */
const MOST_BYTES = 500_000_000;

const take = multer({
  dest: tmpdir(),
  limits: { fileSize: MOST_BYTES, files: 1, fields: 0, parts: 1 },
}).single('file');

/** Takes one file of a form to a place of its own, from where it goes once it was answered. */
export const receiveHouseFile: RequestHandler = (request, response, next) => {
  response.once('close', () => {
    // A file that cannot be deleted lies where the system clears up by itself.
    if (request.file) rm(request.file.path, { force: true }).catch(() => undefined);
  });
  void take(request, response, (error: unknown) => {
    next(error === undefined ? undefined : refusalOf(error));
  });
};

/** What the reader of forms says of a form that is none, or holds more than the one file; an error of the disk stays one. */
function refusalOf(error: unknown): unknown {
  if (error instanceof MulterError && error.code === 'LIMIT_FILE_SIZE') return new Failure('too-large');
  const isOfDisk = error instanceof Error && 'errno' in error;
  return isOfDisk ? error : new Failure('invalid', 'file', { kind: 'invalid' });
}
