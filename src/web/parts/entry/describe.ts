import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import type { EntryBody } from '../../../core/ledger/entry.ts';
import type { HouseBody } from '../../../contract/schemas.ts';
import { assertNever } from '../../../core/basics/result.ts';
import type { About, Told } from '../../../core/ledger/kinds/told.ts';
import { kindOfBody } from '../../../core/ledger/references.ts';
import { currentUnit } from '../../../core/house/house.ts';
import { inHomeUnits } from '../../../core/units/quantity.ts';
import { factorName } from '../../../locales/reasonText.ts';
import { practiceTitle, termsText } from '../../../locales/practiceText.ts';
import { findingText } from '../../../locales/findingText.ts';
import { enteredText, optionText } from '../../../locales/readings/readingText.ts';
import { thingName } from '../../../locales/thingName.ts';
import { factName } from '../../../locales/factName.ts';
import { factText, traitText } from '../../../locales/factText.ts';
import { capital, dateText, daysText, nameIn, type Speech } from '../../../locales/speech.ts';

/** One thing an entry says besides its kind and day, such as minutes or a note. */
export interface Saying {
  readonly field: string;
  readonly text: string;
}

/** The subject and content of an entry, in words. */
export interface Description {
  readonly about: string;
  readonly says: readonly Saying[];
}

const ABOUT_NOTHING = '';

/** Puts an entry's body into words, with the names this home knows things by. */
export function describeBody(body: EntryBody, house: HouseBody, speech: Speech): Description {
  const kind = kindOfBody(body);
  const about = kind.about(body as never);
  return {
    about: about ? aboutText(about, house, speech) : ABOUT_NOTHING,
    says: kind
      .tells(body as never)
      .map((told): Saying => ({ field: told.field, text: toldText(told, house, speech) })),
  };
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

function aboutText(about: About, house: HouseBody, speech: Speech): string {
  switch (about.what) {
    case 'duty':
      return dutyName(house, about.id, speech);
    case 'asset':
      return assetName(house, about.id, speech);
    case 'finding':
      return capital(findingText(speech, about.code));
    case 'trait':
    case 'trigger':
    case 'supply':
      return nameIn(speech, about.what, about.code);
  }
  return assertNever(about);
}

/** One thing an entry says, in words. */
function toldText(told: Told, house: HouseBody, speech: Speech): string {
  const { t, formats } = speech;
  switch (told.as) {
    case 'text':
      return told.text;
    case 'date':
      return dateText(speech, told.date);
    case 'days':
      return daysText(speech, told.days);
    case 'number':
      return formats.number(told.number);
    case 'minutes':
      return t('minutes', { n: told.minutes }, told.minutes);
    case 'money':
      return formats.money(told.cost, house.home.currency);
    case 'person':
      return personName(house, told.id);
    case 'asset':
      return assetName(house, told.id, speech);
    case 'state':
      return nameIn(speech, 'state', told.code);
    case 'finding':
      return partText(findingText(speech, told.what), told.part, speech);
    case 'verdict':
      return t(`note.verdicts.${told.verdict}`);
    case 'used':
      return t('record.used', { what: formats.list(told.used.map((one) => usedText(one, speech))) });
    case 'terms':
      return termsText(speech, told.terms, (code) => factorName(speech, code));
    case 'fact':
      return factSays(told, house, speech);
    case 'trait':
      return traitText(speech, told.trait, told.value);
    case 'reading':
      return readingText(told, house, speech);
  }
  return assertNever(told);
}

type ToldAs<A extends Told['as']> = Extract<Told, { as: A }>;

function factSays({ asset, fact, value }: ToldAs<'fact'>, house: HouseBody, speech: Speech): string {
  const kind = house.assets.find(({ id }) => id === asset)?.kind;
  return `${factName(speech, fact)}: ${factText(speech, kind, fact, value)}`;
}

/** A reading as it was entered, and in the home's own units where those differ. */
function readingText(told: ToldAs<'reading'>, house: HouseBody, speech: Speech): string {
  const { value, unit } = inHomeUnits(told, house.home.units);
  const entered = enteredText(speech, told.value, told.unit);
  const text = unit === told.unit ? entered : `${entered} (${enteredText(speech, value, unit)})`;
  const before = told.before && inHomeUnits(told.before, house.home.units);
  const was = before
    ? `, ${speech.t('record.before', { n: enteredText(speech, before.value, before.unit) })}`
    : '';
  return `${partText(nameIn(speech, 'measure', told.measure), told.part, speech)}: ${text}${was}`;
}

/** The measure, with the part of the thing it was measured at. */
const partText = (what: string, part: string | undefined, speech: Speech): string =>
  part === undefined ? what : `${what}, ${optionText(speech, 'floor', part)}`;

const usedText = ({ supply, quantity }: ToldAs<'used'>['used'][number], speech: Speech): string =>
  `${speech.formats.number(quantity)} × ${nameIn(speech, 'supply', supply)}`;

function assetName(house: HouseBody, id: string, speech: Speech): string {
  const asset = house.assets.find((one) => one.id === id);
  return asset ? thingName(speech, asset, house.spaces) : id;
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
