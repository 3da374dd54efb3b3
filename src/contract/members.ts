import { z } from 'zod';
import { text } from '../core/basics/text.ts';
import { roleSchema } from './access.ts';
import { emailSchema } from './accounts.ts';
import { uuidSchema } from './basics.ts';

export const memberSchema = z.strictObject({ personId: uuidSchema, name: z.string(), role: roleSchema });
export type Member = z.infer<typeof memberSchema>;
export const setMemberSchema = z.strictObject({ role: roleSchema });

/** How many days the link of an invitation can be used. */
export const INVITATION_DAYS = 7;

/** The secret of a link: 32 bytes, as letters that stand in an address as they are. */
const tokenSchema = z.string().regex(/^[\w-]{43}$/);

export const inviteSchema = z.strictObject({ id: uuidSchema, email: emailSchema, role: roleSchema });
export const invitedSchema = z.strictObject({ token: tokenSchema, expiresAt: z.string() });
export const invitationSchema = z.strictObject({
  id: uuidSchema,
  email: z.string(),
  role: roleSchema,
  expiresAt: z.string(),
});
export type Invitation = z.infer<typeof invitationSchema>;

export const tokenBodySchema = z.strictObject({ token: tokenSchema });
/** The content of an invitation. `mine`: whether it was made for the account that asks. */
export const offerSchema = z.strictObject({
  homeName: z.string(),
  role: roleSchema,
  byName: z.string(),
  expiresAt: z.string(),
  mine: z.boolean(),
});
export type Offer = z.infer<typeof offerSchema>;
export const joinedSchema = z.strictObject({ homeId: uuidSchema });

const act = <K extends string>(kind: K) => ({ act: z.literal(kind) });
const role = { role: roleSchema };
const person = { person: uuidSchema };
const name = { name: z.string() };

/** An act on a home that is not part of its record, with its details. */
export const homeActSchema = z.discriminatedUnion('act', [
  z.strictObject({ ...act('signedIn'), agent: z.string() }),
  z.strictObject({ ...act('invited'), email: z.string(), ...role }),
  z.strictObject({ ...act('invitationWithdrawn'), email: z.string() }),
  z.strictObject({ ...act('joined'), ...role }),
  z.strictObject({ ...act('roleChanged'), ...person, ...role }),
  z.strictObject({ ...act('removed'), ...person }),
  z.strictObject({ ...act('left'), ...person }),
  z.strictObject({ ...act('photoRemoved'), ...name }),
  z.strictObject({ ...act('paperRemoved'), ...name }),
  z.strictObject({ ...act('exported') }),
  z.strictObject({ ...act('imported') }),
]);
export type HomeAct = z.infer<typeof homeActSchema>;

export const actLineSchema = z.strictObject({
  id: uuidSchema,
  at: z.string(),
  by: uuidSchema,
  what: homeActSchema,
});
export type ActLine = z.infer<typeof actLineSchema>;
export const actsQuerySchema = z.strictObject({
  before: z.iso.datetime().optional(),
  limit: z.coerce.number().int().min(1).max(200).default(50),
});

export const eraseHomeSchema = z.strictObject({ name: text().max(200) });
