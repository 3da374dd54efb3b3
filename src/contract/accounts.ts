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

/** A new password. The server also checks how easy it is to guess. */
const newPassword = text().min(10).max(200);
/** An existing password: any that was accepted in the past. */
const existingPassword = text().min(1).max(200);
/** The name of a person. */
export const personName = text().trim().min(1).max(120);

export const signUpSchema = z.strictObject({ name: personName, email: emailSchema, password: newPassword });
export const signInSchema = z.strictObject({ email: emailSchema, password: existingPassword });
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

/** The old password and the new one. */
export const changePasswordSchema = z.strictObject({ password: existingPassword, newPassword });
/** The password, entered again before an act that cannot be undone. */
export const confirmationSchema = z.strictObject({ password: existingPassword });

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
