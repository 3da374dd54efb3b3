import type { AssetKind } from '../../basics/assetKind.ts';
import { readingOf } from '../all.ts';
import type { Reading } from '../reading.ts';
import { typedOf, type Measures, type Typed } from '../typed.ts';
import {
  burner,
  count,
  dose,
  fact,
  filterKind,
  filterStock,
  firstOf,
  flameToBlower,
  lastGiven,
  lastGrade,
  lowestAhead,
  monthsSince,
  pourNow,
  printedLife,
  side,
  sinceFact,
  storeys,
  trait,
  vent,
  workHours,
} from './fillers.ts';
import type { FilledIn, Filler, KnownForReading } from './known.ts';

const ALARM = { age: sinceFact('made', 'years'), 'printed-life': printedLife } as const;

/** By reading and field: how a house fills it in. */
const FILLERS: Readonly<Record<string, Readonly<Record<string, Filler>>>> = {
  'temperature-split': { filter: lastGrade, 'new-house': trait('builder-cover') },
  'face-velocity': { width: side(0), height: side(1), 'filter-kind': filterKind },
  'filter-order': { positions: count('filter-position', 'positions'), 'in-stock': filterStock },
  'filter-cost': { positions: count('filter-position', 'positions') },
  'flame-to-blower': { delay: flameToBlower },
  'gas-flame': { burner },
  'winter-humidity': {
    'lowest-ahead': lowestAhead,
    glass: lastGiven('indoor-humidity', 'glass'),
    control: lastGiven('humidifier-control', 'control'),
  },
  'ventilator-filter': {
    'since-renewal': firstOf(
      monthsSince('ventilator-two-year-service'),
      sinceFact('last-serviced', 'months'),
    ),
  },
  'ventilator-setting': { tight: trait('tight-house') },
  'condensate-dose': {
    tons: fact('tons'),
    dose,
    'poured-last': lastGiven('drain-dose', 'pour-now'),
    'pour-now': pourNow,
  },
  'tank-solids': { depth: fact('depthMm', 'mm') },
  'plant-load': { 'design-flow': fact('litres-a-day', 'l') },
  'leak-area': { storeys },
  'concrete-age': { age: sinceFact('made', 'months') },
  'vent-clearance': { vent, label: lastGiven('vent-clearance', 'label') },
  'window-film': {
    windows: count('window', 'windows'),
    width: side(0),
    height: side(1),
  },
  weatherstrip: { doors: count('door') },
  'smoke-alarm-age': ALARM,
  'co-alarm-age': ALARM,
  'gas-detector-age': ALARM,
  'emergency-stock': { people: trait('people') },
  'own-work': { hours: workHours },
};

/** Kinds of thing a sum that is never recorded is filled in from. */
const FILLED_FROM: Readonly<Record<string, readonly AssetKind[]>> = {
  'face-velocity': ['filter-position'],
  'window-film': ['window'],
};

/** The things of a house that a reading may be about, in their order. */
export function thingsOf<A extends { readonly kind: AssetKind }>(reading: string, assets: readonly A[]): A[] {
  const kinds = readingOf(reading)?.recorded?.of ?? FILLED_FROM[reading] ?? [];
  return assets.filter(({ kind }) => kinds.includes(kind));
}

/** All that a house knows of what a reading asks about a thing, by field. What is typed always goes before it. */
export function fillIn(
  reading: string,
  asset: string,
  known: KnownForReading,
): Readonly<Record<string, FilledIn>> {
  const fields = readingOf(reading)?.fields ?? {};
  return Object.fromEntries(
    Object.entries(FILLERS[reading] ?? {}).flatMap(([code, fill]) => {
      const filled = code in fields ? fill(asset, known) : null;
      return filled ? [[code, filled]] : [];
    }),
  );
}

/** The content of the fields of a form: the text that was typed, an emptied field too; else what is filled in. */
export function standingIn(
  { fields }: Pick<Reading, 'fields'>,
  filled: Readonly<Record<string, FilledIn>>,
  typed: Typed,
  measures: Measures,
): Typed {
  const known = Object.entries(filled).flatMap(([code, { value }]) => {
    const field = fields[code];
    return field ? [[code, typedOf(field, value, measures)] as const] : [];
  });
  return { ...Object.fromEntries(known), ...typed };
}
