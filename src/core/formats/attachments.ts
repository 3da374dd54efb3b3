import { z } from 'zod';
import { idSchema } from '../basics/id.ts';
import { text } from '../basics/text.ts';
import { civilDateSchema } from '../calendar/civilDate.ts';

export const PAPER_KINDS = ['manual', 'receipt', 'report', 'warranty', 'other'] as const;
/** Types of file that papers are kept in, as they are. */
export const PAPER_TYPES = ['application/pdf', 'image/jpeg', 'image/png', 'text/plain'] as const;

/** The SHA-256 of a file in hex, which is its name in a packed house file. */
export const sha256Schema = z
  .string()
  .regex(/^[0-9a-f]{64}$/)
  .meta({ description: 'SHA-256 in hex' });

const added = { by: idSchema, addedAt: z.iso.datetime() } as const;

/** A photo beside the file, as JPEG. */
export const keptPhotoSchema = z.strictObject({
  id: idSchema,
  asset: idSchema.optional(),
  caption: text().max(200),
  file: sha256Schema,
  ...added,
});
export type KeptPhoto = z.infer<typeof keptPhotoSchema>;

/** A paper of a thing beside the file, as it came. */
export const keptPaperSchema = z.strictObject({
  id: idSchema,
  asset: idSchema,
  kind: z.enum(PAPER_KINDS),
  title: text().trim().min(1).max(200),
  coverEnds: civilDateSchema.nullable(),
  fileName: text().trim().min(1).max(200),
  type: z.enum(PAPER_TYPES),
  file: sha256Schema,
  ...added,
});
export type KeptPaper = z.infer<typeof keptPaperSchema>;
