import { civil } from '../../src/core/calendar/civilDate.ts';
import type { Span } from '../../src/core/calendar/span.ts';
import {
  ANCHOR_KEYS,
  ANCHORS,
  monthDaySchema,
  setDatesSchema,
  type Anchor,
} from '../../src/core/climate/anchor.ts';
import type { Weather } from '../../src/core/climate/weather.ts';
import type { Asset, Duty, House } from '../../src/core/house/house.ts';
import type { Entry, EntryBody } from '../../src/core/ledger/entry.ts';
import { ruleSchema, type Rule } from '../../src/core/practice/rule.ts';
import type { Terms } from '../../src/core/practice/terms.ts';
import type { Gate, Timing } from '../../src/core/practice/timing.ts';
import type { NeutralCase, NeutralDuty, NeutralEntry, NeutralRule } from './neutralCase.ts';

/** A case as a house of this program, its ledger up to and past its day, and what the almanac tells. */
export interface AsHouse {
  readonly house: House;
  readonly entries: readonly Entry[];
  readonly weather: Weather;
}

/** Names of a case, in camel case, as the codes of this program. */
const code = (name: string): string => name.replaceAll(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

const UNITS = { day: 'days', week: 'weeks', month: 'months', year: 'years' } as const;
const spanOf = ({ every, unit }: { every: number; unit: keyof typeof UNITS }): Span => ({
  unit: UNITS[unit],
  count: every,
});

/** All duties of a case are done to one thing. */
export const ASSET = 'asset';

/** The house of a case; amendments that set a date later than their own are left out, as such a ledger would be refused. */
export function asHouse(from: NeutralCase): AsHouse {
  const written = [...from.entries].sort((a, b) => a.seq - b.seq).filter((each) => !isAhead(each));
  const duties = new Map(from.duties.map((duty) => [duty.id, duty]));
  const replaced = written.filter((each) => each.kind === 'replaced');
  const house: House = {
    home: {
      id: 'h',
      name: 'Case',
      zone: from.home.zone,
      hemisphere: from.home.southern ? 'south' : 'north',
      units: 'metric',
      vocabulary: 'en-GB',
      currency: 'EUR',
      climate: { set: climateOf(from.home) },
    },
    spaces: [],
    assets: [unitOf(from.duties.find(({ asset }) => asset)?.asset), ...successors(replaced)],
    duties: from.duties.map((duty) => dutyOf(duty, from.duties)),
  };
  const entries = [
    ...from.home.traits.map((trait) =>
      entry(`trait-${trait}`, '1990-01-01', { kind: 'trait', trait, value: true }),
    ),
    ...from.duties.flatMap((duty) => started(duty, from)),
    ...written.flatMap((each) => asEntries(each, duties, from)),
  ];
  return { house, entries, weather: { passed: [], outlook: from.outlook.map(weatherDay) } };
}

export const isAhead = (each: NeutralEntry): boolean => each.kind === 'amends' && each.set.date > each.date;

function weatherDay({ date, low, windstorm, heavyRain }: NeutralCase['outlook'][number]) {
  return { date: civil(date), low, ...(windstorm && { gust: 25 }), ...(heavyRain && { rain: 30 }) };
}

/** Every turning point set by hand; one the case does not tell of never comes, conventions apart. */
function climateOf({ climate, overrides }: NeutralCase['home']) {
  const told = { ...climate, ...overrides };
  const set: Record<string, string> = {};
  for (const key of ANCHOR_KEYS) {
    const risk = key.endsWith('50') ? '50' : key.endsWith('90') ? '90' : '10';
    const value = told[key.replace(/[59]0$/, '')];
    if (value !== undefined) set[key] = typeof value === 'string' ? value : value[risk];
    else if (!['lateWinter', 'midwinter', 'lateSummer'].includes(key)) set[key] = 'none';
  }
  return setDatesSchema.parse(set);
}

const dutyOf = (duty: NeutralDuty, all: readonly NeutralDuty[]): Duty => ({
  id: duty.id,
  asset: ASSET,
  practice: { from: 'home', title: duty.id, ...timingOf(duty) },
  companions: {
    bound: sharing(duty, all, 'bound'),
    handy: sharing(duty, all, 'handy'),
  },
});

const sharing = (duty: NeutralDuty, all: readonly NeutralDuty[], how: 'bound' | 'handy'): string[] =>
  duty[how] === undefined
    ? []
    : all.filter((other) => other !== duty && other[how] === duty[how]).map(({ id }) => id);

function timingOf(duty: NeutralDuty): Timing {
  const { window, gate, pair, closing, freezeGuard, trade, supplies } = duty;
  const half = pair
    ? ({ state: code(pair.state), half: pair.role === 'close' ? 'closes' : 'opens' } as const)
    : closing
      ? ({ state: `closing-${duty.id}`, half: 'closes' } as const)
      : null;
  return {
    lifeSafety: duty.lifeSafety ?? false,
    ...(window?.early !== undefined && { earlyDays: window.early }),
    ...(window?.grace !== undefined && { graceDays: window.grace }),
    ...(gate && { gates: [gateOf(gate)] }),
    ...(freezeGuard && { freezeGuard: { atOrBelow: freezeGuard.threshold ?? 0 } }),
    ...(half && { pair: half }),
    ...(trade && { lead: leadOf(trade) }),
    ...(supplies && {
      needs: [{ supply: `supply-${duty.id}`, quantity: 1, deliveryDays: supplies.deliveryDays }],
    }),
  };
}

function gateOf(gate: NonNullable<NeutralDuty['gate']>): Gate {
  if ('season' in gate) return { kind: 'season', season: gate.season };
  if ('trait' in gate) return { kind: 'trait', trait: gate.trait };
  return { kind: 'state', state: code(gate.state), standing: gate.is };
}

function leadOf({ leadDays, busy }: NonNullable<NeutralDuty['trade']>): NonNullable<Timing['lead']> {
  const turn = (on: string): Anchor | string =>
    ANCHORS.find((anchor) => anchor === on) ?? monthDaySchema.parse(on);
  return {
    days: leadDays,
    ...(busy && { busy: { days: busy.leadDays, from: turn(busy.from), to: turn(busy.to) } }),
  };
}

export function ruleOf(rule: NeutralRule): Rule {
  return ruleSchema.parse(shapeOf(rule));
}

function shapeOf(rule: NeutralRule): unknown {
  switch (rule.kind) {
    case 'interval':
      return {
        kind: 'interval',
        every: spanOf(rule),
        ...(rule.floor !== undefined && { floorDays: rule.floor }),
      };
    case 'dates': {
      const { monthDays, everyYears, baseYear } = rule;
      const cycle = everyYears === undefined ? {} : { cycle: { years: everyYears, baseYear } };
      return { kind: 'dates', monthDays, ...cycle, ...worthOf(rule) };
    }
    case 'clockChange':
      return { kind: 'clockChange', on: rule.which, ...worthOf(rule) };
    case 'season': {
      const { anchor, days, risk } = rule;
      return {
        kind: 'season',
        anchor,
        offsetDays: days,
        ...(risk !== undefined && { risk }),
        ...worthOf(rule),
      };
    }
    case 'usage': {
      const { meter, limit, expectedPerDay } = rule;
      const rate = expectedPerDay === undefined ? {} : { expectedPerDay };
      return { kind: 'usage', meter: code(meter), limit, ...rate };
    }
    case 'condition': {
      const [finding = ''] = rule.actOn;
      return {
        kind: 'condition',
        look: shapeOf(rule.inspect),
        change: { finding },
        respondDays: rule.responseDays,
      };
    }
    case 'age':
      return { kind: 'age', lifespan: spanOf(rule.lifespan) };
    case 'event':
      return { kind: 'event', triggers: [code(rule.trigger)], respondDays: rule.days };
    case 'first':
      return { kind: 'first', of: rule.rules.map(shapeOf) };
  }
}

function worthOf({ worthUntil }: Extract<NeutralRule, { kind: 'dates' | 'clockChange' | 'season' }>) {
  if (!worthUntil) return {};
  if (!('anchor' in worthUntil)) return { worthUntil };
  const { anchor: season, days, risk } = worthUntil;
  return { worthUntil: { season, days, ...(risk !== undefined && { risk }) } };
}

function termsOf({ factors = [], trade }: NeutralDuty, rule: NeutralRule, traits: readonly string[]): Terms {
  return {
    school: null,
    rule: ruleOf(rule),
    factors: factors
      .filter(({ trait }) => traits.includes(trait))
      .map(({ trait, factor }) => ({ code: trait, value: factor })),
    ...(rule.allowsFor && { allowsFor: rule.allowsFor }),
    doer: trade ? 'trade' : 'self',
  };
}

function unitOf(asset: NeutralDuty['asset']): Asset {
  const { manufactured, installed, printedLife } = asset ?? {};
  return {
    id: ASSET,
    kind: 'smoke-alarm',
    name: 'Unit',
    ...(installed && { installed: civil(installed) }),
    facts: factsOf(manufactured, printedLife),
  };
}

const factsOf = (made: string | undefined, life: { every: number } | undefined) => ({
  ...(made !== undefined && { made }),
  ...(life && { life: life.every }),
});

/** Each replacement brings a unit of its own. */
function successors(replaced: readonly Extract<NeutralEntry, { kind: 'replaced' }>[]): Asset[] {
  let succeeds = ASSET;
  return replaced.map(({ id, manufactured, printedLife }) => {
    const before = succeeds;
    succeeds = `new-${id}`;
    return {
      id: `new-${id}`,
      kind: 'smoke-alarm',
      name: 'Unit',
      succeeds: before,
      facts: factsOf(manufactured, printedLife),
    };
  });
}

function started(duty: NeutralDuty, { home, today }: NeutralCase): Entry[] {
  const adopted = entry(`adopted-${duty.id}`, duty.adopted, {
    kind: 'adopted',
    duty: duty.id,
    terms: termsOf(duty, duty.rule, home.traits),
  });
  if (!duty.supplies?.inStock) return [adopted];
  return [
    adopted,
    entry(`stock-${duty.id}`, today, { kind: 'stockMoved', supply: `supply-${duty.id}`, change: 9_999 }),
  ];
}

function asEntries(
  each: NeutralEntry,
  duties: ReadonlyMap<string, NeutralDuty>,
  { home }: NeutralCase,
): Entry[] {
  const duty = 'duty' in each ? duties.get(each.duty) : undefined;
  const asset = ASSET;
  const one = (body: EntryBody): Entry[] => [entry(each.id, each.date, body)];
  switch (each.kind) {
    case 'done':
      return [
        ...(each.meterValue === undefined || !duty
          ? []
          : [reading(`meter-${each.id}`, each.date, asset, meterOf(duty.rule), each.meterValue)]),
        ...one({ kind: 'done', duty: each.duty }),
        // A closing that is no half of a pair closes nothing that would have to be opened.
        ...(duty?.closing && !duty.pair
          ? [entry(`open-${each.id}`, each.date, { kind: 'opened', asset, state: `closing-${each.duty}` })]
          : []),
      ];
    case 'skipped':
      return one({ kind: 'skipped', duty: each.duty, why: each.why ?? 'no need' });
    case 'replaced':
      return one({ kind: 'replaced', asset, successor: `new-${each.id}` });
    case 'putOff':
      return one({
        kind: 'putOff',
        duty: each.duty,
        occurrence: `${each.duty}:${each.occurrence}`,
        to: civil(each.to),
        why: each.why,
        acknowledged: true,
      });
    case 'paused':
    case 'resumed':
      return one({ kind: each.kind, duty: each.duty });
    case 'terms':
      return duty
        ? one({ kind: 'terms', duty: each.duty, terms: termsOf(duty, each.rule, home.traits) })
        : [];
    case 'reading':
      return [reading(each.id, each.date, asset, each.meter, each.value)];
    case 'finding': {
      const acts = duty !== undefined && actsOn(duty.rule).includes(each.grade);
      return one({
        kind: 'finding',
        asset,
        duty: each.duty,
        what: each.grade,
        verdict: acts ? 'act' : 'sound',
      });
    }
    case 'shut':
    case 'opened':
      return one({ kind: each.kind, asset, state: code(each.state) });
    case 'event':
      return one({ kind: 'event', trigger: code(each.trigger) });
    case 'amends':
      return one({ kind: 'amends', target: each.target, change: { date: civil(each.set.date) } });
    case 'voids':
      return one({ kind: 'voids', target: each.target });
  }
}

const reading = (id: string, date: string, asset: string, meter: string, value: number): Entry =>
  entry(id, date, { kind: 'reading', asset, measure: code(meter), value, unit: 'h' });

function meterOf(rule: NeutralRule): string {
  if (rule.kind === 'usage') return rule.meter;
  if (rule.kind === 'condition') return meterOf(rule.inspect);
  return rule.kind === 'first' ? (rule.rules.map(meterOf).find((meter) => meter !== '') ?? '') : '';
}

function actsOn(rule: NeutralRule): readonly string[] {
  if (rule.kind === 'condition') return rule.actOn;
  return rule.kind === 'first' ? rule.rules.flatMap(actsOn) : [];
}

const entry = (id: string, date: string, body: EntryBody): Entry => ({
  id,
  date: civil(date),
  stampedAt: '2026-01-01T00:00:00.000Z',
  by: 'p',
  body,
});
