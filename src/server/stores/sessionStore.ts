import { and, gt, ne, sql, type SQL } from 'drizzle-orm';
import { z } from 'zod';
import type { Database, Tx } from '../db/database.ts';
import { session } from '../db/tables/index.ts';

/** The content of the session of a signed-in browser. Times are epoch milliseconds. */
const contentSchema = z.object({
  personId: z.string(),
  handle: z.string().default(''),
  agent: z.string().default(''),
  since: z.number().default(0),
  seenAt: z.number().default(0),
});
export type SessionContent = z.infer<typeof contentSchema>;

const ofPerson = (personId: string): SQL => sql`(${session.sess} ->> 'personId') = ${personId}`;

/** The sessions of a person that have not run out. Ids are secrets, and stay here. */
export async function listSessions(db: Database | Tx, personId: string): Promise<SessionContent[]> {
  const rows = await db
    .select({ sess: session.sess })
    .from(session)
    .where(and(ofPerson(personId), gt(session.expire, sql`now()`)));
  return rows.map(({ sess }) => contentSchema.parse(sess));
}

/** Ends the session with a handle, which is no secret; false where the person has none with it. */
export async function endSession(db: Database | Tx, personId: string, handle: string): Promise<boolean> {
  const rows = await db
    .delete(session)
    .where(and(ofPerson(personId), sql`(${session.sess} ->> 'handle') = ${handle}`))
    .returning({ sid: session.sid });
  return rows.length > 0;
}

/** Ends every session of a person but one, or all where none is named. */
export async function endSessions(db: Database | Tx, personId: string, except: string | null): Promise<void> {
  await db
    .delete(session)
    .where(and(ofPerson(personId), ...(except === null ? [] : [ne(session.sid, except)])));
}
