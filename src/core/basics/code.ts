import { z } from 'zod';

/** A code of the catalogue's lists, or the household's own: lower-case words joined by `-`. */
export const codeSchema = z
  .string()
  .max(60)
  .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'must be lower-case words joined by -');
