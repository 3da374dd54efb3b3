import { z } from 'zod';
import { dropAnswers } from './keptAnswers.ts';
import { dropParcelsOf } from './outboxStorage.ts';

/**
 * All that is kept on this device stands under one beginning. What is not the device's own is some person's, and goes when they sign out:
 * a new kind of thing is forgotten without anybody thinking of it.
 */
const PREFIX = 'salt-ledger ';
/** The name under which the service worker keeps photos that were shown. */
const PHOTO_CACHE = `${PREFIX}photos`;
const DEVICE_OWN = {
  theme: `${PREFIX}theme`,
  keysOn: `${PREFIX}keys`,
  signingOut: `${PREFIX}signing out`,
  lastPerson: `${PREFIX}last person`,
} as const;
export const { theme: THEME, keysOn: KEYS_ON, signingOut: SIGNING_OUT } = DEVICE_OWN;

/** Who is signed in on this device, as far as it knows; null where nobody is. */
export const lastPerson = (): string | null => localStorage.getItem(DEVICE_OWN.lastPerson);

/** Notes who is signed in; null where nobody is any more. */
export function noteLastPerson(personId: string | null): void {
  if (personId === null) localStorage.removeItem(DEVICE_OWN.lastPerson);
  else localStorage.setItem(DEVICE_OWN.lastPerson, personId);
}

/** Where something of a kind is kept. */
export const keyOf = (kind: 'walk' | 'run', id: string): string => `${PREFIX}${kind} ${id}`;

/** Leaves nothing of a person on this device, sent or not; what belongs to somebody else stays. */
export async function forgetAll(personId: string): Promise<void> {
  await Promise.all([dropParcelsOf(personId), dropAnswers(personId), dropPhotos()]);
  const own = Object.values<string>(DEVICE_OWN);
  for (const key of Object.keys(localStorage))
    if (key.startsWith(PREFIX) && !own.includes(key) && isOf(key, personId)) localStorage.removeItem(key);
}

const ownerSchema = z.object({ personId: z.string().optional() });

/** Whether something on the device is a person's; what does not say whose it is was kept for whoever was here last. */
function isOf(key: string, personId: string): boolean {
  try {
    const { data } = ownerSchema.safeParse(JSON.parse(localStorage.getItem(key) ?? 'null'));
    return data?.personId === undefined || data.personId === personId;
  } catch {
    return true;
  }
}

/** Photos that were shown are kept by the service worker, where there is one. */
async function dropPhotos(): Promise<void> {
  if ('caches' in window) await caches.delete(PHOTO_CACHE);
}
