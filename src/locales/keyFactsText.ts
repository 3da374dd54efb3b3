import { keyFacts } from '../core/house/keyFacts.ts';
import type { Asset } from '../core/house/house.ts';
import { factName } from './factName.ts';
import { factText } from './factText.ts';
import { capital, type Speech } from './speech.ts';

/** The facts asked most of a thing, each with its name and what is known. */
export const keyFactsText = (
  speech: Speech,
  { kind, facts = {} }: Pick<Asset, 'kind' | 'facts'>,
): { code: string; name: string; text: string }[] =>
  keyFacts(facts).map((code) => ({
    code,
    name: factName(speech, code),
    text: capital(factText(speech, kind, code, facts[code] ?? null)),
  }));
