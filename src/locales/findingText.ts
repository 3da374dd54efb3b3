import { readingThatFound } from '../core/ledger/findingWhat.ts';
import { READING_TITLES } from './readings/titles.ts';
import { nameIn, words, type Speech } from './speech.ts';

/** The name of a finding: by a reading, by a name of the catalogue, or as someone wrote it. */
export function findingText(speech: Speech, what: string): string {
  const reading = readingThatFound(what);
  const title = reading === null ? undefined : READING_TITLES[reading];
  if (title !== undefined) return speech.t('findings.what.reading', { title: words(speech, title) });
  return nameIn(speech, 'finding', what);
}
