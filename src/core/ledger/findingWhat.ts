const READING = 'reading.';

/** The name of a finding that a reading led to. */
export const foundByReading = (code: string): string => `${READING}${code}`;

/** The reading that led to a finding, by what it is called; null where none did. */
export const readingThatFound = (what: string): string | null =>
  what.startsWith(READING) ? what.slice(READING.length) : null;
