import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import type { AssetKind } from '../../../core/basics/assetKind.ts';
import { fitsSpec, type FactSpec } from '../../../core/house/factSpec.ts';
import { factsOfKind } from '../../../core/house/factsOfKind.ts';
import type { FactValue } from '../../../core/basics/factValue.ts';
import type { Home } from '../../../core/house/house.ts';
import type { EntryBody } from '../../../core/ledger/entry.ts';
import { inHomeUnits } from '../../../core/units/quantity.ts';
import { readTypedNumber } from '../../../core/units/typedNumber.ts';

/** The values of the fields, by fact: as typed, in the home's own units. */
export type FactDraft = Record<string, string>;

/** A field that is left like this is not known yet. */
export const NOT_KNOWN = '';

/** The unit a number is typed in: the home's own. */
export const typedUnit = (spec: FactSpec, units: Home['units']): string =>
  spec.kind === 'number' && spec.unit !== '' ? inHomeUnits({ value: 1, unit: spec.unit }, units).unit : '';

/** A known value as its field shows it. */
export function toField(spec: FactSpec, value: FactValue | undefined, units: Home['units']): string {
  if (value === undefined || value === null) return NOT_KNOWN;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (spec.kind !== 'number' || typeof value !== 'number') return String(value);
  const shown = inHomeUnits({ value, unit: spec.unit }, units).value;
  return String(Math.round(shown * 1_000) / 1_000);
}

/** The value of a field in its stored unit; undefined where there is none to keep. */
export function fromField(spec: FactSpec, text: string, units: Home['units']): FactValue | undefined {
  const said = text.trim();
  if (said === NOT_KNOWN) return null;
  const value = readField(spec, said, units);
  return value !== null && fitsSpec(spec, value) ? value : undefined;
}

function readField(spec: FactSpec, said: string, units: Home['units']): FactValue {
  switch (spec.kind) {
    case 'yesNo':
      return said === 'yes';
    case 'choice':
      return spec.options.find((option) => String(option) === said) ?? null;
    case 'number': {
      const read = readTypedNumber(said);
      if (!read.ok) return null;
      const unit = typedUnit(spec, units);
      return unit === '' || unit === spec.unit
        ? read.value
        : inHomeUnits({ value: read.value, unit }, 'metric').value;
    }
    case 'date':
    case 'text':
      return said;
  }
}

export type ReadFacts =
  | { readonly ok: true; readonly bodies: Extract<EntryBody, { kind: 'fact' }>[] }
  | { readonly ok: false; readonly spec: FactSpec };

/** The entries that tell what was changed in the fields, or the first field that says nothing that can be kept. */
export function changedFacts(
  asset: { readonly id: string; readonly kind: AssetKind },
  known: Readonly<Record<string, FactValue>>,
  draft: FactDraft,
  units: Home['units'],
): ReadFacts {
  const bodies: Extract<EntryBody, { kind: 'fact' }>[] = [];
  for (const spec of factsOfKind(asset.kind)) {
    const before = toField(spec, known[spec.code], units);
    const text = draft[spec.code] ?? before;
    if (text.trim() === before) continue;
    const value = fromField(spec, text, units);
    if (value === undefined) return { ok: false, spec };
    bodies.push(makeBody('fact', { asset: asset.id, fact: spec.code, value }));
  }
  return { ok: true, bodies };
}
