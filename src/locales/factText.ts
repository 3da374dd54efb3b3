import type { AssetKind } from '../core/basics/assetKind.ts';
import type { FactValue } from '../core/basics/factValue.ts';
import { specOf } from '../core/house/factsOfKind.ts';
import { TRAIT_SPECS } from '../core/house/traitSpec.ts';
import { inHomeUnits } from '../core/units/quantity.ts';
import { facts } from './en-US/facts.ts';
import type { Speech } from './speech.ts';

const known = (
  options: Readonly<Record<string, Readonly<Record<string, string>>>>,
  code: string,
  value: string,
) => options[code]?.[value] !== undefined;

/** A fact's value in the home's words and units. */
export function factText(
  speech: Speech,
  kind: AssetKind | undefined,
  code: string,
  value: FactValue,
): string {
  const { t, formats, wording } = speech;
  if (value === null) return t('factUnknown');
  if (typeof value === 'boolean') return t(value ? 'factYes' : 'factNo');
  const spec = kind && specOf(kind, code);
  if (spec?.kind === 'number' && spec.unit !== '' && typeof value === 'number') {
    const shown = inHomeUnits({ value, unit: spec.unit }, wording.units);
    return t(`unit.${shown.unit}`, { n: formats.number(Math.round(shown.value * 10) / 10) });
  }
  if (known(facts.factOption, code, String(value))) return t(`factOption.${code}.${value}`);
  return typeof value === 'number' ? formats.number(value) : value;
}

/** The text of a trait. */
export function traitText(
  { t, formats }: Pick<Speech, 't' | 'formats'>,
  code: string,
  value: FactValue,
): string {
  if (value === null) return t('factUnknown');
  if (typeof value === 'boolean') return t(value ? 'factYes' : 'factNo');
  const spec = TRAIT_SPECS.find((one) => one.code === code);
  if (spec?.kind === 'country') return formats.country(String(value));
  if (spec?.kind === 'choice') return t(`traitOption.${code}.${value}`);
  // A year is no amount: it takes no separator.
  return code === 'built' ? String(value) : typeof value === 'number' ? formats.number(value) : value;
}
