import { z } from 'zod';

/** The units a home is measured in. */
export const unitSystemSchema = z.enum(['us', 'metric']);
export type UnitSystem = z.infer<typeof unitSystemSchema>;
