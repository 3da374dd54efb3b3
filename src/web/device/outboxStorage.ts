import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { z } from 'zod';
import { errorBodySchema } from '../../contract/errors.ts';
import { waitingRouteSchema } from './writeRoutes.ts';

/** One write on its way. `label` says in words what it is, for the person who has to be told about it. */
export const parcelSchema = z.object({
  version: z.literal(1),
  id: z.string(),
  personId: z.string(),
  homeId: z.string(),
  route: waitingRouteSchema,
  /** The ids in its address, the home apart; empty where an older page kept it. */
  params: z.record(z.string(), z.string()).default({}),
  body: z.unknown(),
  label: z.string(),
  /** How often the server has failed at it. */
  tries: z.int().default(0),
  refused: errorBodySchema.nullable(),
});
export type Parcel = z.infer<typeof parcelSchema>;

interface Schema extends DBSchema {
  parcels: { key: string; value: unknown };
}

let opened: Promise<IDBPDatabase<Schema>> | null = null;

function database(): Promise<IDBPDatabase<Schema>> {
  opened ??= openDB<Schema>('salt-ledger', 1, {
    upgrade: (db) => void db.createObjectStore('parcels'),
    // The browser may close it, when it clears what a page has kept: the next asking opens it again.
    terminated: () => (opened = null),
  });
  return opened;
}

/** Every parcel on this device, oldest first: ids are made in the order of time. */
export async function allParcels(): Promise<Parcel[]> {
  const stored = await (await database()).getAll('parcels');
  return stored.flatMap((value) => {
    const parsed = parcelSchema.safeParse(asWrittenNow(value));
    return parsed.success ? [parsed.data] : [];
  });
}

const oldMemberSchema = z.looseObject({
  route: z.literal('setMember'),
  id: z.string(),
  body: z.object({ email: z.string(), role: z.string() }),
});

/** An older page let people into a home at once; what waits of that is sent as an invitation. */
function asWrittenNow(value: unknown): unknown {
  const old = oldMemberSchema.safeParse(value);
  if (!old.success) return value;
  const { id, body } = old.data;
  return { ...old.data, route: 'invite', body: { id, email: body.email, role: body.role } };
}

/** Keeps a parcel. The copy is plain data: the browser's database takes no reactive objects. */
export async function keepParcel(parcel: Parcel): Promise<void> {
  await (await database()).put('parcels', JSON.parse(JSON.stringify(parcel)), parcel.id);
}

/** Keeps what has become of a parcel; one that was deleted meanwhile stays deleted. */
export async function updateParcel(parcel: Parcel): Promise<void> {
  const change = (await database()).transaction('parcels', 'readwrite');
  if ((await change.store.getKey(parcel.id)) !== undefined)
    await change.store.put(JSON.parse(JSON.stringify(parcel)), parcel.id);
  await change.done;
}

export async function dropParcel(id: string): Promise<void> {
  await (await database()).delete('parcels', id);
}

/** Deletes everything of a person, sent or not, also what this page cannot read; what does not say whose it is goes too. */
export async function dropParcelsOf(personId: string): Promise<void> {
  const parcels = await database();
  for (const key of await parcels.getAllKeys('parcels')) {
    const read = z.object({ personId: z.string() }).safeParse(await parcels.get('parcels', key));
    if (!read.success || read.data.personId === personId) await parcels.delete('parcels', key);
  }
}
