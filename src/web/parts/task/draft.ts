import { v7 as uuid } from 'uuid';
import type { Addition } from '../../../contract/schemas.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import type { Span } from '../../../core/calendar/span.ts';
import type { Anchor } from '../../../core/climate/anchor.ts';
import type { DutyPracticeRecord, Practice, School } from '../../../core/practice/practice.ts';
import type { AssetKind } from '../../../core/basics/assetKind.ts';
import type { Asset, DutyPractice } from '../../../core/house/house.ts';
import { codeSchema } from '../../../core/basics/code.ts';
import { takesFactors, type Rule } from '../../../core/practice/rule.ts';
import type { Doer, Factor, Terms } from '../../../core/practice/terms.ts';
import { termsOfSchool } from '../../../core/upkeep/schoolTerms.ts';
import { toMillimetres } from '../../../core/units/quantity.ts';
import { readInteger, readNumber, type NumberFault, type ReadNumber } from '../typed/fields.ts';

/** The choice, in several lists, that is none of those listed. */
export const OWN = 'own';
export const NONE = '';

/** The rules that can be typed; those inside others come with the schools of the catalogue. */
export const TYPED_RULES = [
  'interval',
  'dates',
  'clockChange',
  'season',
  'usage',
  'age',
  'event',
] as const satisfies readonly Rule['kind'][];
export type TypedRule = (typeof TYPED_RULES)[number];

/** The form's values, as typed. Ids are made once, so that sending the form twice adds things once. */
export interface Draft {
  readonly ids: Ids;
  source: 'new' | 'existing';
  existing: string;
  kind: AssetKind;
  name: string;
  space: string;
  spaceName: string;
  installed: string;
  thickness: string;
  units: string;
  practice: string;
  title: string;
  lifeSafety: boolean;
  school: string;
  ruleKind: TypedRule;
  count: string;
  unit: Span['unit'];
  floor: string;
  monthDays: string;
  clock: 'spring' | 'autumn' | 'both';
  anchor: Anchor;
  offset: string;
  meter: string;
  limit: string;
  perDay: string;
  trigger: string;
  respond: string;
  factors: { code: string; value: string }[];
  doer: Doer;
  lastDone: string;
}

interface Ids {
  readonly batch: string;
  readonly space: string;
  readonly asset: string;
  /** The ids of the nth unit: its asset, its duty, the entry that adopts it, the entry that says when it was last done. */
  unit(index: number): {
    readonly asset: string;
    readonly duty: string;
    readonly entry: string;
    readonly done: string;
  };
}

function makeIds(): Ids {
  const units: ReturnType<Ids['unit']>[] = [];
  return {
    batch: uuid(),
    space: uuid(),
    asset: uuid(),
    unit: (index) => (units[index] ??= { asset: uuid(), duty: uuid(), entry: uuid(), done: uuid() }),
  };
}

export const emptyDraft = (): Draft => ({
  ids: makeIds(),
  source: 'new',
  existing: '',
  kind: 'smoke-alarm',
  name: '',
  space: NONE,
  spaceName: '',
  installed: '',
  thickness: '',
  units: '',
  practice: NONE,
  title: '',
  lifeSafety: false,
  school: '',
  ruleKind: 'interval',
  count: '3',
  unit: 'months',
  floor: '',
  monthDays: '',
  clock: 'both',
  anchor: 'firstFreeze',
  offset: '-14',
  meter: 'run-hours',
  limit: '300',
  perDay: '',
  trigger: 'windstorm',
  respond: '5',
  factors: [],
  doer: 'self',
  lastDone: '',
});

/** The duties known for a kind of asset, less those the home hides. */
export const practicesFor = (
  kind: AssetKind,
  practices: readonly Practice[],
  hidden: readonly string[],
): DutyPracticeRecord[] =>
  practices.filter(
    (practice): practice is DutyPracticeRecord =>
      practice.kind === 'duty' && practice.appliesTo.includes(kind) && !hidden.includes(practice.code),
  );

/** The schools of a practice; only duties have any. */
export const schoolsOf = (practice: Practice | undefined): readonly School[] =>
  practice?.kind === 'duty' ? practice.schools : [];

/** Something typed that is not right: the field, and the code of what would be. */
export interface Fault extends NumberFault {
  readonly field: string;
}

export type Read<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly fault: Fault };

const good = <T>(value: T): Read<T> => ({ ok: true, value });
const bad = (field: string, problem: string): Read<never> => ({ ok: false, fault: { field, problem } });

const inField = (read: ReadNumber, field: string): Read<number> =>
  read.ok ? read : { ok: false, fault: { ...read.fault, field } };

function readAtLeast(text: string, field: string, minimum: number): Read<number> {
  if (text.trim() === '') return bad(field, 'missing');
  return inField(readNumber(text, minimum), field);
}

const readCount = (text: string, field: string): Read<number> => inField(readInteger(text, 1, 99_999), field);

/** The rule typed, or the one of the chosen school. */
export function readRule(draft: Draft, practice: Practice | undefined): Read<Rule> {
  const school = schoolsOf(practice).find(({ code }) => code === draft.school);
  if (school) return good(school.rule);
  switch (draft.ruleKind) {
    case 'clockChange':
      return good({ kind: 'clockChange', on: draft.clock });
    case 'dates': {
      const monthDays = draft.monthDays.split(/[,;\s]+/).filter((text) => text !== '');
      return monthDays.length > 0 ? good({ kind: 'dates', monthDays }) : bad('monthDays', 'month-day');
    }
    case 'season':
      return readSeason(draft);
    case 'usage':
      return readUsage(draft);
    case 'age': {
      const count = readCount(draft.count, 'count');
      return count.ok ? good({ kind: 'age', lifespan: { unit: draft.unit, count: count.value } }) : count;
    }
    case 'event': {
      const respond = readAtLeast(draft.respond, 'respond', 0);
      if (!respond.ok) return respond;
      return good({ kind: 'event', triggers: [draft.trigger], respondDays: Math.round(respond.value) });
    }
    case 'interval': {
      const count = readCount(draft.count, 'count');
      if (!count.ok) return count;
      const every: Span = { unit: draft.unit, count: count.value };
      if (draft.floor.trim() === '') return good({ kind: 'interval', every });
      const floor = readCount(draft.floor, 'floor');
      return floor.ok ? good({ kind: 'interval', every, floorDays: floor.value }) : floor;
    }
  }
}

function readSeason({ anchor, offset }: Draft): Read<Rule> {
  const days = inField(readInteger(offset, -180, 180, 'season-offset'), 'offset');
  return days.ok ? good({ kind: 'season', anchor, offsetDays: days.value }) : days;
}

function readUsage({ meter, limit, perDay }: Draft): Read<Rule> {
  const code = meter.trim().toLowerCase().replaceAll(/\s+/g, '-');
  if (!codeSchema.safeParse(code).success) return bad('meter', 'code');
  const most = readAtLeast(limit, 'limit', 0.1);
  if (!most.ok) return most;
  if (perDay.trim() === '') return good({ kind: 'usage', meter: code, limit: most.value });
  const rate = readAtLeast(perDay, 'perDay', 0.001);
  return rate.ok ? good({ kind: 'usage', meter: code, limit: most.value, expectedPerDay: rate.value }) : rate;
}

function readFactors(draft: Draft): Read<Factor[]> {
  const factors: Factor[] = [];
  for (const { code, value } of draft.factors) {
    if (code.trim() === '') return bad('factors', 'missing');
    const read = readNumber(value);
    if (!read.ok && read.fault.options !== undefined)
      return { ok: false, fault: { ...read.fault, field: 'factors' } };
    if (!read.ok || !(read.value > 0 && read.value <= 10)) return bad('factors', 'factor');
    factors.push({ code: code.trim(), value: read.value });
  }
  return good(factors);
}

export function readTerms(draft: Draft, practice: Practice | undefined): Read<Terms> {
  const rule = readRule(draft, practice);
  if (!rule.ok) return rule;
  const factors = takesFactors(rule.value) ? readFactors(draft) : good([]);
  if (!factors.ok) return factors;
  const school = schoolsOf(practice).find(({ code }) => code === draft.school);
  const kept = { factors: factors.value, doer: draft.doer };
  return good(
    school
      ? termsOfSchool({ ...school, rule: rule.value }, kept)
      : { school: null, rule: rule.value, ...kept },
  );
}

export function readPractice(draft: Draft): Read<DutyPractice> {
  if (draft.practice !== OWN) return good({ from: 'catalogue', code: draft.practice });
  const title = draft.title.trim();
  return title === '' ? bad('title', 'missing') : good({ from: 'home', title, lifeSafety: draft.lifeSafety });
}

/** Millimetres of the filter thickness typed; null when left empty. */
function readThickness(draft: Draft, unit: 'mm' | 'in'): Read<number | null> {
  if (draft.thickness.trim() === '') return good(null);
  const read = inField(readNumber(draft.thickness), 'thickness');
  if (!read.ok) return read;
  return read.value > 0 ? good(toMillimetres({ value: read.value, unit })) : bad('thickness', 'above-zero');
}

const unitNames = (draft: Draft): string[] =>
  draft.units
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');

/** The new assets: one thing, or a set and its units. The first list is what duties are kept on. */
function readAssets(draft: Draft, lengthUnit: 'mm' | 'in'): Read<{ units: string[]; assets: Asset[] }> {
  if (draft.source === 'existing') {
    return draft.existing === '' ? bad('existing', 'missing') : good({ units: [draft.existing], assets: [] });
  }
  const name = draft.name.trim();
  if (name === '') return bad('name', 'missing');
  if (draft.space === OWN && draft.spaceName.trim() === '') return bad('spaceName', 'missing');
  const thickness = readThickness(draft, lengthUnit);
  if (!thickness.ok) return thickness;
  const { kind, ids } = draft;
  const space = draft.space === NONE ? undefined : draft.space === OWN ? ids.space : draft.space;
  const common = {
    kind,
    ...(space !== undefined && { space }),
    ...(draft.installed !== '' && { installed: draft.installed as CivilDate }),
    ...(kind === 'filter-position' && { facts: { thicknessMm: thickness.value } }),
  };
  const names = unitNames(draft);
  const first: Asset = { id: ids.asset, name, ...common };
  if (names.length === 0) return good({ units: [first.id], assets: [first] });
  const parts = names.map((unit, index): Asset => ({
    id: ids.unit(index).asset,
    name: unit,
    ...common,
    partOf: first.id,
  }));
  return good({ units: parts.map(({ id }) => id), assets: [first, ...parts] });
}

/** The request the form stands for, and the duties it adopts with the unit each is kept on. */
export function readAddition(
  draft: Draft,
  on: CivilDate,
  lengthUnit: 'mm' | 'in',
  practice: Practice | undefined,
): Read<Addition> {
  const things = readAssets(draft, lengthUnit);
  if (!things.ok) return things;
  const { assets, units } = things.value;
  const { ids } = draft;
  const space =
    draft.source === 'new' && draft.space === OWN
      ? { id: ids.space, name: draft.spaceName.trim() }
      : undefined;
  const base = { batch: ids.batch, on, assets, ...(space && { space }) };
  if (draft.practice === NONE) {
    return assets.length > 0 ? good({ ...base, duties: [] }) : bad('practice', 'missing');
  }
  const kept = readPractice(draft);
  if (!kept.ok) return kept;
  const terms = readTerms(draft, practice);
  if (!terms.ok) return terms;
  const adopted = units.map((asset, index) => ({
    asset,
    duty: ids.unit(index).duty,
    entry: ids.unit(index).entry,
  }));
  return good({ ...base, duties: [{ practice: kept.value, terms: terms.value, units: adopted }] });
}
