import { readingThatFound } from '../ledger/findingWhat.ts';
import type { EntryBody } from '../ledger/entry.ts';
import { readingOf } from './all.ts';
import { convert, dimensionOf, isUnit } from '../units/units.ts';
import { bandOf, byBand, judge, type Reading } from './reading.ts';
import { chartReading } from './recorded.ts';
import type { Outcome, Part } from './verdict.ts';

type Judged = Extract<Outcome, { kind: 'judged' }>;

/** The measurement an entry is of; undefined where nobody knows any more. */
export function readingOfEntry(
  body: Extract<EntryBody, { kind: 'reading' | 'finding' }>,
): Reading | undefined {
  const code = body.kind === 'reading' ? (body.judged?.reading ?? null) : readingThatFound(body.what);
  return code === null ? undefined : readingOf(code);
}

/** The values put in, judged by the approach of then; null where that no longer comes to the verdict that was written. */
export function judgedAgain(body: Extract<EntryBody, { kind: 'reading' | 'finding' }>): Judged | null {
  const reading = readingOfEntry(body);
  if (!reading) return null;
  const [school, written] =
    body.kind === 'reading' ? [body.judged?.school, body.judged?.verdict] : [undefined, body.verdict];
  const again = judge(reading, body.given ?? {}, { ...(school !== undefined && { school }) });
  if (!('outcome' in again) || again.outcome.kind !== 'judged') return null;
  return again.outcome.verdict === written ? again.outcome : null;
}

/** An entry of a measurement on its bands: as it is judged again, else its value alone, against the band its measure is shown on over time. */
export function judgedParts(
  body: Extract<EntryBody, { kind: 'reading' | 'finding' }>,
): { readonly reading: Reading; readonly school: string | null; readonly parts: readonly Part[] } | null {
  const [reading, again] = [readingOfEntry(body), judgedAgain(body)];
  if (reading && again) return { reading, school: again.school, parts: again.parts };
  return body.kind === 'reading' ? valueAlone(body) : null;
}

function valueAlone({ measure, value, unit, judged }: Extract<EntryBody, { kind: 'reading' }>) {
  const reading = readingOf(chartReading(measure) ?? '');
  const band = reading?.recorded?.chart?.band ?? judged?.school;
  if (!reading || band === undefined || !(band in reading.bands)) return null;
  const { bandUnit } = reading;
  if (bandUnit !== unit && !(isUnit(unit) && isUnit(bandUnit) && dimensionOf(unit) === dimensionOf(bandUnit)))
    return null;
  const shown = isUnit(unit) && isUnit(bandUnit) ? convert(value, unit, bandUnit) : value;
  const part = byBand(bandOf(reading, band), { code: measure, value: shown, unit: bandUnit });
  return {
    reading,
    school: judged?.school ?? null,
    parts: [{ ...part, verdict: judged?.verdict ?? part.verdict }],
  };
}
