import { z } from 'zod';

/** What a page needs to open without a signal, kept on the device for one person. */
export interface Kept<T extends { readonly personId: string }> {
  /** Keeps it. Where the device has no room left it is simply not kept. */
  readonly keep: (id: string, value: T) => void;
  /** What is kept for a person, or for whoever was here last; null where there is nothing that can be read. */
  readonly find: (id: string, personId: string | null) => T | null;
  readonly forget: (id: string) => void;
}

/** The kinds of pages that are kept: all of them are forgotten together, also those not looked at since the last start. */
const KINDS = ['sheet', 'open run'] as const;
const prefixOf = (kind: (typeof KINDS)[number]): string => `salt-ledger ${kind} `;

/** A place on the device for one kind of page. What an older page kept and this one cannot read is as good as not there. */
export function keptOnDevice<T extends { readonly personId: string }>(
  kind: (typeof KINDS)[number],
  schema: z.ZodType<T>,
): Kept<T> {
  const keyOf = (id: string): string => `${prefixOf(kind)}${id}`;
  return {
    keep: (id, value) => {
      try {
        localStorage.setItem(keyOf(id), JSON.stringify(value));
      } catch (error) {
        // A full store is no reason to fail: the page is on screen, and what is kept already stays.
        if (!(error instanceof DOMException)) throw error;
      }
    },
    find: (id, personId) => {
      const text = localStorage.getItem(keyOf(id));
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
      localStorage.removeItem(keyOf(id));
    },
  };
}

/** Forgets every page kept for a person. */
export function forgetPagesOf(personId: string): void {
  for (const key of Object.keys(localStorage))
    if (KINDS.some((kind) => key.startsWith(prefixOf(kind))) && isOf(key, personId))
      localStorage.removeItem(key);
}

const ownerSchema = z.object({ personId: z.string().optional() });

/** Whether something on the device is a person's; what does not say whose it is was kept by an older page, for whoever was here last. */
export function isOf(key: string, personId: string): boolean {
  try {
    const { data } = ownerSchema.safeParse(JSON.parse(localStorage.getItem(key) ?? 'null'));
    return data?.personId === undefined || data.personId === personId;
  } catch {
    return true;
  }
}
