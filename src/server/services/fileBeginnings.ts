/** The first bytes by which a file shows what it is; null: any byte. */
const BEGINNINGS = {
  'application/pdf': [0x25, 0x50, 0x44, 0x46],
  'image/jpeg': [0xff, 0xd8, 0xff],
  'image/png': [0x89, 0x50, 0x4e, 0x47],
  'image/webp': [0x52, 0x49, 0x46, 0x46, null, null, null, null, 0x57, 0x45, 0x42, 0x50],
} as const satisfies Record<string, readonly (number | null)[]>;

/** Whether a file begins as files of a type do. */
export const beginsAs = (bytes: Buffer, type: keyof typeof BEGINNINGS): boolean =>
  BEGINNINGS[type].every((byte, place) => byte === null || bytes[place] === byte);
