import { roundOf } from '../../core/runs/rounds.ts';
import { assertNever } from '../../core/basics/result.ts';
import type { FieldProblem } from '../../core/readings/reading.ts';
import type { QuantityProblem } from '../../core/units/parseQuantity.ts';
import { inHomeUnits } from '../../core/units/quantity.ts';
import type { Verdict } from '../../core/basics/verdict.ts';
import type { Because, Figure, Follow, Outcome } from '../../core/readings/verdict.ts';
import { practiceTitle } from '../practiceText.ts';
import { capital, daysText, words, type Speech } from '../speech.ts';
import { BECAUSE, FIGURES, MISSING, DO_NOW, TRADE_NAMES, VERDICT_WORDS } from './outcomes.ts';
import { ABOUT, type About } from './about.ts';
import { BANDS, FIELDS, OPTIONS, SCHOOLS } from './fields.ts';
import { READING_TITLES } from './titles.ts';

/** The context of these texts: the home's words, and its currency where money is told. */
export type ReadingSpeech = Speech & { readonly currency: string };

/** How the units are written behind a number; one that is not listed writes itself. */
const SYMBOLS: Readonly<Record<string, string>> = {
  F: '°F',
  C: '°C',
  dF: '°F',
  K: '°C',
  'Bq/m3': 'Bq/m³',
  in2: 'in²',
  ft3: 'ft³',
  cm2: 'cm²',
  ft2: 'ft²',
  m2: 'm²',
  gpm: 'gal/min',
  cfm: 'ft³/min',
  'm3/h': 'm³/h',
  kmh: 'km/h',
  'gal-uk': 'gal',
  grade: '',
  count: '',
  loads: 'loads',
};

export const unitSymbol = (unit: string): string => SYMBOLS[unit] ?? unit;

/** Digits worth showing: none of a large number's crumbs, two that matter of a small one. */
const digits = (value: number): number => {
  const size = Math.abs(value);
  if (size >= 100) return Math.round(value);
  if (size >= 1) return Math.round(value * (size >= 10 ? 10 : 100)) / (size >= 10 ? 10 : 100);
  return Number(value.toPrecision(2));
};

/** Every digit worth showing is shown; the home's wording writes decimal sign and thousands. */
const numberText = (speech: Pick<Speech, 'wording'>, value: number): string =>
  new Intl.NumberFormat(speech.wording.vocabulary, { maximumSignificantDigits: 6 }).format(digits(value));

/** A quantity in the home's units, as it is read. */
export function quantityText(speech: ReadingSpeech, value: number, unit: string): string {
  const { formats, wording } = speech;
  if (unit === 'money') return formats.money(Math.round(value * 100), speech.currency);
  const shown = inHomeUnits({ value, unit }, wording.units);
  const symbol = unitSymbol(shown.unit);
  const number = numberText(speech, shown.value);
  return symbol === '' ? number : `${number} ${symbol}`;
}

const fill = (text: string, named: Readonly<Record<string, string>>): string =>
  text.replace(/\{(what|n|low|high)\}/g, (mark, name: string) => named[name] ?? mark);

/** A quantity as it was entered, in its own unit. */
export const enteredText = (speech: Pick<Speech, 'wording'>, value: number, unit: string): string => {
  const symbol = unitSymbol(unit);
  const number = numberText(speech, value);
  return symbol === '' ? number : `${number} ${symbol}`;
};

export const verdictWord = (verdict: Verdict): string => VERDICT_WORDS[verdict] ?? verdict;

/** The purpose of a reading, in the home's words. */
export function aboutText(speech: ReadingSpeech, code: string): About & { readonly title: string } {
  const [about, title] = [ABOUT[code], READING_TITLES[code]];
  if (!about || title === undefined) throw new Error(`no text for the reading ${code}`);
  return {
    title: words(speech, title),
    about: words(speech, about.about),
    formula: about.formula,
    source: words(speech, about.source),
  };
}

export const fieldText = (speech: ReadingSpeech, field: string): string =>
  words(speech, FIELDS[field] ?? field);
export const optionText = (speech: Pick<Speech, 'wording'>, field: string, option: string): string =>
  words(speech, OPTIONS[field]?.[option] ?? option);
export const schoolText = (speech: ReadingSpeech, school: string): string =>
  words(speech, SCHOOLS[school] ?? BANDS[school] ?? school);
/** The name of a number that a verdict was reached from. */
export const figureName = (speech: ReadingSpeech, { code }: Figure): string =>
  capital(words(speech, FIGURES[code] ?? code));
export const figureText = (speech: ReadingSpeech, figure: Figure): string =>
  `${figureName(speech, figure)}: ${quantityText(speech, figure.value, figure.unit)}`;
export const missingText = (speech: ReadingSpeech, code: string): string =>
  words(speech, MISSING[code] ?? code);

/** Why a part was judged so. */
export function becauseText(speech: ReadingSpeech, { code, figure, over, under }: Because): string {
  const text = (value: number | null | undefined): string =>
    value === null || value === undefined || !figure ? '' : quantityText(speech, value, figure.unit);
  const named = {
    what: figure ? capital(words(speech, FIGURES[figure.code] ?? figure.code)) : '',
    n: figure ? quantityText(speech, figure.value, figure.unit) : '',
    low: text(over),
    high: text(under),
  };
  return words(speech, fill(BECAUSE[code === 'band' ? stretchOf(over, under) : code] ?? code, named));
}

function stretchOf(over: number | null | undefined, under: number | null | undefined): string {
  const [low, high] = [typeof over === 'number', typeof under === 'number'];
  if (low && high) return 'between';
  if (low) return 'over';
  return high ? 'under' : 'alone';
}

/** The consequence, as a sentence. */
export function followText(speech: ReadingSpeech, follow: Follow): string {
  switch (follow.kind) {
    case 'do':
      return words(speech, DO_NOW[follow.what] ?? follow.what);
    case 'duty': {
      const title = practiceTitle(speech, { from: 'catalogue', code: follow.practice });
      return follow.days === 0 ? `Now: ${title}.` : `Within ${daysText(speech, follow.days)}: ${title}.`;
    }
    case 'retest':
      return `Measure again in ${daysText(speech, follow.days)}.`;
    case 'trade':
      return `Call ${TRADE_NAMES[follow.trade] ?? follow.trade}.`;
    case 'run':
      return `Start the checklist “${words(speech, roundOf(follow.round)?.title ?? follow.round)}”.`;
    case 'emergency':
      return 'Call the emergency number, from outside.';
    default:
      return assertNever(follow);
  }
}

/** The verdict with its response time, as one line. */
export function verdictText(speech: ReadingSpeech, outcome: Extract<Outcome, { kind: 'judged' }>): string {
  const { verdict, days } = outcome;
  if (verdict !== 'act' || days === null) return verdictWord(verdict);
  return days === 0 ? 'Fix it today' : `Fix it within ${daysText(speech, days)}`;
}

/** The fault of a field, and the right value. */
export function problemText(
  speech: ReadingSpeech,
  { problem, limit }: Omit<FieldProblem, 'field'>,
  unit: string,
): string {
  const edge = limit === undefined ? '' : quantityText(speech, limit, unit);
  switch (problem) {
    case 'missing':
      return 'This is needed.';
    case 'number':
      return 'Write a number, such as 18, 20.5 or 3/16.';
    case 'too-small':
      return `Must be at least ${edge}.`;
    case 'too-large':
      return `Must be at most ${edge}.`;
    case 'option':
    case 'yes-no':
      return 'Choose one of these.';
    case 'unit':
      return `Write it in ${unitSymbol(unit)}, or in a unit of the same kind.`;
    default:
      return assertNever(problem);
  }
}

/** Why a text is no quantity, and what would be one. */
export function unreadableText(problem: QuantityProblem, unit: string): string {
  const symbol = unitSymbol(unit);
  switch (problem) {
    case 'number':
      return `Write a number and, if you like, its unit: 18 ${symbol}, 20.5 ${symbol}, 1 1/2 ${symbol}.`;
    case 'ambiguous-comma':
      return 'Is the comma a decimal sign? Write 1200, or 1.2.';
    case 'unit-unknown':
      return `That unit is not known here. Write it in ${symbol}.`;
    case 'unit-of-something-else':
      return `That unit measures something else. Write it in ${symbol}.`;
    default:
      return assertNever(problem);
  }
}
