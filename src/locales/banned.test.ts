import { expect, test } from 'vitest';
import { PRACTICES } from '../core/catalogue/catalogue.ts';
import { DISAGREEMENTS } from '../core/catalogue/data/disagreements.ts';
import * as hazards from '../core/catalogue/data/hazards.ts';
import * as gates from '../core/runs/data/gates.ts';
import { REFUSALS } from '../core/runs/data/refusals.ts';
import { ROUNDS } from '../core/runs/rounds.ts';
import { DRAWING_TEXTS } from './drawings/all.ts';
import { enGB } from './en-GB.ts';
import { enUS } from './en-US.ts';
import * as about from './readings/about.ts';
import * as fields from './readings/fields.ts';
import * as outcomes from './readings/outcomes.ts';
import { READING_TITLES } from './readings/titles.ts';
import { FIRST_STEPS } from './troubleText.ts';

/** Words of this program, or of old books, that nobody says at the kitchen table. */
const WORDS =
  /\b(dut(y|ies)|practices?|schools?|standing(?! water)|lapsed|baselines?|put(s|ting)? (it |this )?off|strike[s]? out|struck out|gives? (it )?up (?!water)|given up|takes? (it )?up again|taken up again|told|besides|gist|almanac|upkeep|foretells?|foretold)\b/i;

/** Sentences that once stood on a page and must not come back. */
const PHRASES = [
  'Lives depend on it',
  'Nobody has said how',
  'Stands shut',
  'stands shut',
  'Found, and not yet put right',
  'It is put right',
  'Put right …',
  'Write it down',
  'Keep it so',
  'Note it',
  'Note it',
  'Tell it so',
  'by whose lights',
  'The schools, side by side',
  'The looks speak for',
  'An interval of one’s own',
  'The next three',
  'the other half',
  'To be put right within',
  'It is done as it says',
  'write it all into the ledger',
  'Past its middle age',
  'set its own times',
  'still answer for it',
  'still answers',
  'someone who will look each month',
  'easy on ladders',
  'timber floors over air',
  'What was done before',
  'put right what is not',
  'What the years came to',
  'Words in it',
  'Opens from everywhere',
  'Out first',
  'orange or roaming',
  'Nothing here is logged',
  'It is no longer in the house',
  'in the house no more',
  'not yours to see',
  'Pull growths',
  'Look at the ceilings under the roof',
  'Have the solids pumped out',
  'Copy the address of this page',
  'Prove the smoke sensor',
  'Restock cells',
  'What is likely is filled in',
  'stood shut',
  'Show these',
  'four up for one out',
  'nobody has noted',
  'Nobody has noted',
  'should have been opened by the other',
  'in the stead',
  'by the trade’s thumb',
  'hose bib',
  'Hose bib',
  'is to be put right',
  'cells',
  'Round about',
  'The builder answers',
  'unwell',
  'thick media',
  'wants their',
];

/** Every sentence or label within a value; codes, which hold no space and no capital, are left out. */
function textsIn(value: unknown): string[] {
  if (typeof value === 'string') return /[\sA-Z]/.test(value) ? [value] : [];
  if (typeof value !== 'object' || value === null) return [];
  return Object.values(value).flatMap(textsIn);
}

/** Filled fields are not listed here. */
const said = (text: string): string => text.replaceAll(/\{\w+\}/g, '');

test('nothing that people read says what nobody says', () => {
  const texts = [
    enUS,
    enGB,
    DISAGREEMENTS,
    hazards,
    gates,
    FIRST_STEPS,
    about,
    fields,
    outcomes,
    READING_TITLES,
    PRACTICES,
    DRAWING_TEXTS,
    ROUNDS,
    REFUSALS,
  ].flatMap(textsIn);
  expect(texts.length).toBeGreaterThan(5_000);
  const wrong = texts.filter(
    (text) => WORDS.test(said(text)) || PHRASES.some((phrase) => said(text).includes(phrase)),
  );
  expect(wrong).toEqual([]);
});
