import { z } from 'zod';

/** Identifiers: the database and the browser make UUIDs; a house file written by hand may use short words. */
const ID = /^[A-Za-z0-9][A-Za-z0-9_-]{0,63}$/;
export const idSchema = z
  .string()
  .refine((text) => ID.test(text), {
    params: { problem: 'id' },
    message: 'must be 1 to 64 letters, digits, - or _',
  })
  .meta({ pattern: ID.source, description: 'An identifier: 1 to 64 letters, digits, - or _' });
