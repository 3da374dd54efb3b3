import { readingThatFound } from '../core/ledger/findingWhat.ts';
import { ABOUT } from './readings/about.ts';
import { nameIn, words, type Speech } from './speech.ts';

/** The name of a finding: by a reading, by a name of the catalogue, or as someone wrote it. */
export function findingText(speech: Speech, what: string): string {
  const reading = readingThatFound(what);
  const title = reading === null ? undefined : ABOUT[reading]?.title;
  if (title !== undefined) return speech.t('findings.what.reading', { title: words(speech, title) });
  return nameIn(speech, 'finding', what);
}
