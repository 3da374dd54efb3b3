import { z } from 'zod';

/** The answer of a server that is well; one that is not refuses with `unavailable`. */
export const healthSchema = z.strictObject({ ok: z.literal(true) });
