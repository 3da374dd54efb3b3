/** Kinds of house that make some answers likely. */
export const HOUSE_KINDS = ['family', 'new-build', 'terrace', 'manufactured', 'cabin', 'apartment'] as const;
export type HouseKind = (typeof HOUSE_KINDS)[number];
