import { z } from 'zod';
import { text } from '../core/basics/text.ts';
import { roleSchema } from './access.ts';
import { uuidSchema } from './basics.ts';

/** An e-mail address, in lower case. */
export const emailSchema = text()
  .trim()
  .toLowerCase()
  .pipe(z.email())
  .refine((text) => text.length <= 254, { params: { problem: 'email' } });

/** A password that is chosen. How strong it must be is settled besides. */
const newPassword = text().min(10).max(200);
/** A password that is told: whatever was once taken. */
const toldPassword = text().min(1).max(200);
/** The name of a person. */
export const personName = text().trim().min(1).max(120);

export const signUpSchema = z.strictObject({ name: personName, email: emailSchema, password: newPassword });
export const signInSchema = z.strictObject({ email: emailSchema, password: toldPassword });
export const meSchema = z.strictObject({
  personId: uuidSchema,
  name: z.string(),
  email: z.string(),
  demo: z.boolean(),
});
export type Me = z.infer<typeof meSchema>;

export const installationSchema = z.strictObject({
  demo: z.strictObject({ email: z.string(), password: z.string() }).nullable(),
});

/** The old password told, and the new one chosen. */
export const changePasswordSchema = z.strictObject({ password: toldPassword, newPassword });
/** The password told once more, before what cannot be taken back. */
export const confirmationSchema = z.strictObject({ password: toldPassword });

/** A browser that is signed in. `agent`: what it called itself. */
export const signedInBrowserSchema = z.strictObject({
  id: uuidSchema,
  agent: z.string(),
  since: z.string(),
  seenAt: z.string(),
  here: z.boolean(),
});
export type SignedInBrowser = z.infer<typeof signedInBrowserSchema>;

/** All that is kept of an account, the hash of its password apart. */
export const accountExportSchema = z.strictObject({
  format: z.literal('salt-ledger-account'),
  version: z.literal(1),
  account: meSchema.extend({ madeAt: z.string() }),
  homes: z.array(z.strictObject({ id: uuidSchema, name: z.string(), role: roleSchema })),
  browsers: z.array(signedInBrowserSchema),
  signIns: z.array(z.strictObject({ at: z.string(), agent: z.string() })),
});
