import { z } from 'zod';
import { text } from '../core/basics/text.ts';
import { uuidSchema } from './basics.ts';

/** Kinds of image that are read. Whatever comes is kept as JPEG, sized down, without what the camera wrote into it. */
export const PHOTO_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;
/** Bytes of one photo as it is sent, in base 64. */
const MOST_IMAGE_TEXT = 16_000_000;
export const newPhotoSchema = z.strictObject({
  asset: uuidSchema.optional(),
  caption: text().trim().max(200),
  image: z.base64().min(1).max(MOST_IMAGE_TEXT),
});
export const placePhotoSchema = z.strictObject({ asset: uuidSchema.nullable() });
export const photoSchema = z.strictObject({
  id: uuidSchema,
  asset: uuidSchema.nullable(),
  caption: z.string(),
  width: z.int(),
  height: z.int(),
  addedAt: z.iso.datetime(),
  by: uuidSchema,
});
export type PhotoBody = z.infer<typeof photoSchema>;
