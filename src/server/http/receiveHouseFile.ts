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
    next(error instanceof MulterError ? refusalOf(error) : error);
  });
};

const refusalOf = ({ code }: MulterError): Failure =>
  code === 'LIMIT_FILE_SIZE'
    ? new Failure('too-large')
    : new Failure('invalid', 'file', { kind: 'unknown-field' });
