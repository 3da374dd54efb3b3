import { z } from 'zod';
import { idSchema } from '../../basics/id.ts';
import { civilDateSchema } from '../../calendar/civilDate.ts';
import { longText, shortText } from './fields.ts';

/** The fields an amendment may change; null clears an optional field. */
export const changeSchema = z
  .strictObject({
    date: civilDateSchema.optional(),
    who: idSchema.nullable().optional(),
    minutes: z.int().min(0).max(10_000).nullable().optional(),
    cost: z.int().min(0).max(1_000_000_000).nullable().optional(),
    note: longText.nullable().optional(),
    why: shortText.optional(),
    text: longText.optional(),
  })
  .refine((change) => Object.values(change).some((value) => value !== undefined), {
    params: { problem: 'nothing-changed' },
    message: 'must change at least one thing',
  });
export type Change = z.infer<typeof changeSchema>;
