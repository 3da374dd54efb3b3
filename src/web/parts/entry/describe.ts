import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import type { EntryBody } from '../../../core/ledger/entry.ts';
import type { Terms } from '../../../core/practice/terms.ts';
import type { HouseBody } from '../../../contract/schemas.ts';
import type { Verdict } from '../../../core/basics/verdict.ts';
import { assertNever } from '../../../core/basics/result.ts';
import { currentUnit } from '../../../core/house/house.ts';
import { inHomeUnits } from '../../../core/units/quantity.ts';
import { factorName } from '../../../locales/reasonText.ts';
import { practiceTitle, termsText } from '../../../locales/practiceText.ts';
import { findingText } from '../../../locales/findingText.ts';
import { enteredText } from '../../../locales/readings/readingText.ts';
import { factName, factText, traitText } from '../../../locales/factText.ts';
import { capital, dateText, daysText, nameIn, type Speech } from '../../../locales/speech.ts';

/** One thing an entry says besides its kind and day, such as minutes or a note. */
export interface Saying {
  readonly field: string;
  readonly text: string;
}

/** What an entry is about, and what else it says, in words. */
export interface Description {
  readonly about: string;
  readonly says: readonly Saying[];
}

const ABOUT_NOTHING = '';

type DutyKind =
  'adopted' | 'retired' | 'terms' | 'done' | 'skipped' | 'putOff' | 'paused' | 'resumed' | 'dismissed';
type DutyBody = Extract<EntryBody, { kind: DutyKind }>;
const speaksOfDuty = (body: EntryBody): body is DutyBody => 'duty' in body && body.kind !== 'finding';

/** Puts an entry's body into words, with the names this home knows things by. */
export function describeBody(body: EntryBody, house: HouseBody, speech: Speech): Description {
  if (speaksOfDuty(body))
    return { about: dutyName(house, body.duty, speech), says: dutySays(body, house, speech) };
  return describeOther(body, house, speech);
}

/** An entry in one line: its day, its kind, and everything it says. */
export function lineInWords(
  { date, body }: { readonly date: CivilDate; readonly body: EntryBody },
  house: HouseBody,
  speech: Speech,
): { on: string; kind: string; text: string } {
  const { about, says } = describeBody(body, house, speech);
  return {
    on: dateText(speech, date),
    kind: speech.t(`ledger.kind.${body.kind}`),
    text: [about, ...says.map((one) => one.text)].filter((one) => one !== ABOUT_NOTHING).join('; '),
  };
}

const say = (field: string, text: string | undefined): Saying[] =>
  text === undefined ? [] : [{ field, text }];

function dutySays(body: DutyBody, house: HouseBody, speech: Speech): Saying[] {
  switch (body.kind) {
    case 'adopted':
      return say('text', termsInWords(body.terms, speech));
    case 'terms':
      return [...say('text', termsInWords(body.terms, speech)), ...say('why', body.why)];
    case 'done':
      return workSays(body, house, speech);
    case 'resumed':
      return [];
    case 'dismissed':
      return [...say('text', daysText(speech, body.days)), ...say('why', body.why)];
    case 'skipped':
    case 'retired':
    case 'paused':
      return say('why', body.why);
    case 'putOff':
      return [...say('to', dateText(speech, body.to)), ...say('why', body.why)];
  }
  return assertNever(body);
}

const termsInWords = (terms: Terms, speech: Speech): string =>
  termsText(speech, terms, (code) => factorName(speech, code));

function describeOther(body: Exclude<EntryBody, DutyBody>, house: HouseBody, speech: Speech): Description {
  const { formats } = speech;
  const asset = (id: string): string => house.assets.find((one) => one.id === id)?.name ?? id;
  switch (body.kind) {
    case 'fact':
      return { about: asset(body.asset), says: say('text', factSays(body, house, speech)) };
    case 'trait':
      return {
        about: nameIn(speech, 'trait', body.trait),
        says: say('text', traitText(speech, body.trait, body.value)),
      };
    case 'reading':
      return { about: asset(body.asset), says: readingSays(body, house, speech) };
    case 'finding':
      return {
        about: body.duty === undefined ? asset(body.asset) : dutyName(house, body.duty, speech),
        says: findingSays(body, speech),
      };
    case 'removed':
      return { about: asset(body.asset), says: say('why', body.why) };
    case 'opened':
    case 'shut':
      return {
        about: asset(body.asset),
        says: [...say('text', body.state && nameIn(speech, 'state', body.state)), ...say('note', body.note)],
      };
    case 'replaced':
      return {
        about: asset(body.asset),
        says: [...say('to', asset(body.successor)), ...say('note', body.note)],
      };
    case 'findingClosed':
      return {
        about: body.what === undefined ? ABOUT_NOTHING : capital(findingText(speech, body.what)),
        says: workSays(body, house, speech),
      };
    case 'event':
      return { about: nameIn(speech, 'trigger', body.trigger), says: say('note', body.note) };
    case 'stockMoved':
      return { about: nameIn(speech, 'supply', body.supply), says: say('text', formats.number(body.change)) };
    case 'bought':
      return {
        about: nameIn(speech, 'supply', body.supply),
        says: say('text', formats.number(body.quantity)),
      };
    case 'note':
      return {
        about: body.asset === undefined ? ABOUT_NOTHING : asset(body.asset),
        says: say('text', body.text),
      };
    case 'amends':
    case 'voids':
      return { about: ABOUT_NOTHING, says: say('why', body.why) };
  }
  return assertNever(body);
}

function factSays(
  { asset, fact, value }: Extract<EntryBody, { kind: 'fact' }>,
  house: HouseBody,
  speech: Speech,
): string {
  const kind = house.assets.find(({ id }) => id === asset)?.kind;
  return `${factName(speech, fact)}: ${factText(speech, kind, fact, value)}`;
}

const verdictSays = ({ t }: Speech, verdict: Verdict | undefined): Saying[] =>
  say('verdict', verdict && t(`note.verdicts.${verdict}`));

const readingSays = (
  body: Extract<EntryBody, { kind: 'reading' }>,
  house: HouseBody,
  speech: Speech,
): Saying[] => [
  ...say('text', readingText(body, house, speech)),
  ...verdictSays(speech, body.judged?.verdict),
  ...say('note', body.note),
];

const findingSays = (body: Extract<EntryBody, { kind: 'finding' }>, speech: Speech): Saying[] => [
  ...say('text', findingText(speech, body.what)),
  ...verdictSays(speech, body.verdict),
  ...say('place', body.place),
  ...say('note', body.note),
];

/** A reading as it was entered, and in the home's own units where those differ. */
function readingText(
  body: Extract<EntryBody, { kind: 'reading' }>,
  house: HouseBody,
  speech: Speech,
): string {
  const { value, unit } = inHomeUnits(body, house.home.units);
  const entered = enteredText(speech, body.value, body.unit);
  const text = unit === body.unit ? entered : `${entered} (${enteredText(speech, value, unit)})`;
  return `${nameIn(speech, 'measure', body.measure)}: ${text}`;
}

function workSays(
  body: Pick<Extract<EntryBody, { kind: 'done' }>, 'who' | 'minutes' | 'cost' | 'used' | 'note'>,
  house: HouseBody,
  speech: Speech,
): Saying[] {
  const { t, formats } = speech;
  const { who, minutes, cost, note } = body;
  const used = (body.used ?? [])
    .filter(({ quantity }) => quantity > 0)
    .map(({ supply, quantity }) => `${formats.number(quantity)} × ${nameIn(speech, 'supply', supply)}`);
  return [
    ...(who === undefined ? [] : [{ field: 'who', text: personName(house, who) }]),
    ...(minutes === undefined ? [] : [{ field: 'minutes', text: t('minutes', { n: minutes }, minutes) }]),
    ...(cost === undefined ? [] : [{ field: 'cost', text: formats.money(cost, house.home.currency) }]),
    ...(used.length === 0 ? [] : [{ field: 'used', text: t('record.used', { what: formats.list(used) }) }]),
    ...(note === undefined ? [] : [{ field: 'note', text: note }]),
  ];
}

/** "Test the smoke alarm, Hall". */
export function dutyName(house: HouseBody, id: string, speech: Speech): string {
  const duty = house.duties.find((one) => one.id === id);
  if (!duty) return id;
  return `${practiceTitle(speech, duty.practice)}, ${currentUnit(house.assets, duty.asset)?.name ?? duty.asset}`;
}

/** Someone erased is spoken of by the id alone. */
export const personName = (house: HouseBody, id: string): string =>
  house.people.find((person) => person.id === id)?.name ?? id;
