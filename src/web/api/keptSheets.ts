import { z } from 'zod';
import { houseSchema, knownSchema, standingSchema } from '../../contract/schemas.ts';

/** What the emergency sheet needs of a home, kept on the device so that it opens without a signal. */
const keptSheetSchema = z.object({
  version: z.literal(2),
  personId: z.string(),
  keptAt: z.iso.datetime(),
  house: houseSchema,
  known: knownSchema,
  standing: standingSchema,
});
export type KeptSheet = z.infer<typeof keptSheetSchema>;

const PREFIX = 'salt-ledger sheet ';

/** Keeps a sheet. Where the device has no room left it is simply not kept. */
export function keepSheet(sheet: KeptSheet): void {
  try {
    localStorage.setItem(`${PREFIX}${sheet.house.home.id}`, JSON.stringify(sheet));
  } catch (error) {
    // A full store is no reason to fail: the sheet is on screen, and what is kept already stays.
    if (!(error instanceof DOMException)) throw error;
  }
}

/** The sheet kept of a home for a person; null where there is none that can be read. */
export function keptSheet(homeId: string, personId: string | null): KeptSheet | null {
  const text = localStorage.getItem(`${PREFIX}${homeId}`);
  if (text === null) return null;
  try {
    const parsed = keptSheetSchema.safeParse(JSON.parse(text));
    return parsed.success && (personId === null || parsed.data.personId === personId) ? parsed.data : null;
  } catch {
    return null;
  }
}

/** Forgets every sheet: whoever signs out leaves nothing of the house on the device. */
export function forgetSheets(): void {
  for (const key of Object.keys(localStorage)) if (key.startsWith(PREFIX)) localStorage.removeItem(key);
}
