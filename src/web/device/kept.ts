import { z } from 'zod';
import { dropParcelsOf } from './outboxStorage.ts';

/**
 * All that is kept on this device stands under one beginning. What is not the device's own is some person's, and goes when they sign out:
 * a new kind of thing is forgotten without anybody thinking of it.
 */
const PREFIX = 'salt-ledger ';
const DEVICE_OWN = {
  theme: `${PREFIX}theme`,
  keysOn: `${PREFIX}keys`,
  signingOut: `${PREFIX}signing out`,
} as const;
export const { theme: THEME, keysOn: KEYS_ON, signingOut: SIGNING_OUT } = DEVICE_OWN;

/** Where something of a kind is kept. */
export const keyOf = (kind: 'sheet' | 'open run' | 'walk' | 'run', id: string): string =>
  `${PREFIX}${kind} ${id}`;

/** Leaves nothing of a person on this device, sent or not; what belongs to somebody else stays. */
export async function forgetAll(personId: string): Promise<void> {
  await dropParcelsOf(personId);
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

/** The data a page needs to open without a signal, kept on the device for one person. */
export interface Kept<T extends { readonly personId: string }> {
  /** Keeps it. Where the device has no room left it is simply not kept. */
  readonly keep: (id: string, value: T) => void;
  /** The data kept for a person, or for whoever was here last; null where there is nothing that can be read. */
  readonly find: (id: string, personId: string | null) => T | null;
  readonly forget: (id: string) => void;
}

/** A place on the device for one kind of page. What an older page kept and this one cannot read is as good as not there. */
export function keptOnDevice<T extends { readonly personId: string }>(
  kind: 'sheet' | 'open run',
  schema: z.ZodType<T>,
): Kept<T> {
  return {
    keep: (id, value) => {
      try {
        localStorage.setItem(keyOf(kind, id), JSON.stringify(value));
      } catch (error) {
        // A full store is no reason to fail: the page is on screen, and what is kept already stays.
        if (!(error instanceof DOMException)) throw error;
      }
    },
    find: (id, personId) => {
      const text = localStorage.getItem(keyOf(kind, id));
      if (text === null) return null;
      try {
        const parsed = schema.safeParse(JSON.parse(text));
        return parsed.success && (personId === null || parsed.data.personId === personId)
          ? parsed.data
          : null;
      } catch {
        return null;
      }
    },
    forget: (id) => {
      localStorage.removeItem(keyOf(kind, id));
    },
  };
}
