import type { AssetKind } from '../../core/house/assetKind.ts';
import type { Home } from '../../core/house/house.ts';
import type { EntryBody } from '../../core/ledger/entry.ts';
import type { Rule } from '../../core/schedule/rule.ts';
import type { Doer, Factor } from '../../core/schedule/terms.ts';

/** How a demo household has kept a duty: how many days late at the most, how often let pass, or never done at all. */
export type Habit = { readonly late: number; readonly lapses: number } | 'never' | 'since-lately' | 'as-told';

/** Something the household noted so many days before the demo is loaded. */
export interface Told {
  readonly daysAgo: number;
  readonly body: EntryBody;
}

export interface DemoDuty {
  /** A catalogue practice, or a title in the home's own words. */
  readonly practice: string | { readonly title: string; readonly lifeSafety: boolean };
  readonly units: readonly string[];
  readonly school?: string;
  readonly rule?: Rule;
  readonly factors?: readonly Factor[];
  readonly doer?: Doer;
  readonly habit: Habit;
  readonly minutes: number;
  readonly costs?: number;
}

export interface DemoAsset {
  readonly id: string;
  readonly kind: AssetKind;
  readonly name: string;
  readonly space: string;
  readonly partOf?: string;
  readonly facts?: Record<string, string | number | boolean | null>;
}

export interface DemoHome {
  readonly home: Home;
  readonly people: readonly { readonly id: string; readonly name: string }[];
  readonly spaces: readonly { readonly id: string; readonly name: string; readonly storey?: number }[];
  readonly assets: readonly DemoAsset[];
  readonly duties: readonly DemoDuty[];
  readonly told?: readonly Told[];
  readonly seed: number;
}

const careful: Habit = { late: 6, lapses: 0.05 };
const easy: Habit = { late: 24, lapses: 0.15 };

const coldWinterHouse: DemoHome = {
  home: {
    id: 'juniper-bend',
    name: '14 Juniper Bend',
    zone: 'America/Chicago',
    hemisphere: 'north',
    units: 'us',
    vocabulary: 'en-US',
    currency: 'USD',
    climate: { station: 'cold-plains' },
  },
  people: [{ id: 'ines', name: 'Ines' }],
  spaces: [
    { id: 'basement', name: 'Basement', storey: -1 },
    { id: 'hall', name: 'Hall', storey: 0 },
    { id: 'kitchen', name: 'Kitchen', storey: 0 },
    { id: 'landing', name: 'Landing', storey: 1 },
    { id: 'bedroom', name: 'Back bedroom', storey: 1 },
    { id: 'laundry', name: 'Laundry', storey: 0 },
    { id: 'outside', name: 'Outside' },
  ],
  assets: [
    { id: 'furnace', kind: 'air-handler', name: 'Furnace', space: 'basement' },
    {
      id: 'filter',
      kind: 'filter-position',
      name: 'Return filter',
      space: 'basement',
      partOf: 'furnace',
      facts: { thicknessMm: 25.4, filter: 'panel', thickness: 'thin', positions: 1 },
    },
    { id: 'alarms', kind: 'smoke-alarm', name: 'Smoke alarms', space: 'hall' },
    {
      id: 'alarm-hall',
      kind: 'smoke-alarm',
      name: 'Hall',
      space: 'hall',
      partOf: 'alarms',
      facts: { made: '2017-03' },
    },
    {
      id: 'alarm-landing',
      kind: 'smoke-alarm',
      name: 'Landing',
      space: 'landing',
      partOf: 'alarms',
      facts: { made: '2021' },
    },
    { id: 'alarm-bedroom', kind: 'smoke-alarm', name: 'Back bedroom', space: 'bedroom', partOf: 'alarms' },
    { id: 'alarm-basement', kind: 'smoke-alarm', name: 'Basement', space: 'basement', partOf: 'alarms' },
    { id: 'co-basement', kind: 'co-alarm', name: 'CO alarm by the furnace', space: 'basement' },
    { id: 'gutters', kind: 'gutter-run', name: 'Gutters', space: 'outside' },
    { id: 'dryer', kind: 'dryer', name: 'Dryer', space: 'laundry' },
    { id: 'gfci-kitchen', kind: 'protected-outlet', name: 'Counter outlet', space: 'kitchen' },
    { id: 'gfci-laundry', kind: 'protected-outlet', name: 'Laundry outlet', space: 'laundry' },
    {
      id: 'hose-bib',
      kind: 'outside-tap',
      name: 'Back hose bib',
      space: 'outside',
      facts: { tap: 'ordinary' },
    },
    { id: 'humidifier', kind: 'humidifier', name: 'Humidifier', space: 'basement', partOf: 'furnace' },
    { id: 'roof', kind: 'roof', name: 'Roof', space: 'outside', facts: { covering: 'shingle' } },
    { id: 'steps', kind: 'other', name: 'Front steps', space: 'outside' },
    { id: 'door', kind: 'other', name: 'Front door', space: 'hall' },
  ],
  duties: [
    {
      practice: 'air-filter-panel-replace',
      units: ['filter'],
      school: 'three-months',
      factors: [{ code: 'shedding-pets', value: 0.67 }],
      habit: { late: 34, lapses: 0 },
      minutes: 10,
      costs: 1299,
    },
    {
      practice: 'smoke-alarm-test',
      units: ['alarm-hall', 'alarm-landing', 'alarm-bedroom', 'alarm-basement'],
      school: 'every-month',
      habit: careful,
      minutes: 3,
    },
    {
      practice: 'smoke-alarm-battery-swap',
      units: ['alarm-hall', 'alarm-landing', 'alarm-bedroom', 'alarm-basement'],
      school: 'with-the-clocks',
      habit: { late: 9, lapses: 0.2 },
      minutes: 5,
      costs: 310,
    },
    {
      practice: 'co-alarm-test-and-battery',
      units: ['co-basement'],
      school: 'every-month',
      habit: careful,
      minutes: 3,
    },
    {
      practice: 'gutter-clean',
      units: ['gutters'],
      school: 'autumn-and-spring',
      habit: easy,
      minutes: 90,
    },
    {
      practice: 'outdoor-tap-shut-and-drain',
      units: ['hose-bib'],
      school: 'start-of-cold',
      habit: 'as-told',
      minutes: 15,
    },
    {
      practice: 'outdoor-tap-reopen',
      units: ['hose-bib'],
      school: 'freezing-over',
      habit: 'as-told',
      minutes: 15,
    },
    {
      practice: 'humidity-read-and-adjust',
      units: ['humidifier'],
      school: 'weekly',
      habit: 'since-lately',
      minutes: 5,
    },
    {
      practice: 'roof-storm-look',
      units: ['roof'],
      school: 'storms-and-spring',
      habit: 'since-lately',
      minutes: 20,
    },
    {
      practice: 'smoke-alarm-age-replace',
      units: ['alarm-hall', 'alarm-landing'],
      school: 'ten-years',
      habit: 'as-told',
      minutes: 20,
    },
    { practice: 'dryer-vent-clean', units: ['dryer'], school: 'yearly', habit: 'never', minutes: 45 },
    {
      practice: 'gfci-test',
      units: ['gfci-kitchen', 'gfci-laundry'],
      school: 'monthly-label',
      habit: 'since-lately',
      minutes: 2,
    },
    {
      practice: { title: 'Oil the front door', lifeSafety: false },
      units: ['door'],
      rule: { kind: 'dates', monthDays: ['04-15', '10-15'] },
      habit: { late: 30, lapses: 0.2 },
      minutes: 30,
    },
    {
      practice: { title: 'Reseal the steps', lifeSafety: false },
      units: ['steps'],
      rule: { kind: 'dates', monthDays: ['11-15'], cycle: { years: 2, baseYear: 2026 } },
      habit: 'never',
      minutes: 120,
    },
  ],
  told: [
    { daysAgo: 590, body: { kind: 'trait', trait: 'shedding-pets', value: true } },
    { daysAgo: 400, body: { kind: 'shut', asset: 'hose-bib', state: 'outdoor-tap' } },
    { daysAgo: 200, body: { kind: 'opened', asset: 'hose-bib', state: 'outdoor-tap' } },
    { daysAgo: 41, body: { kind: 'shut', asset: 'hose-bib', state: 'outdoor-tap' } },
    {
      daysAgo: 5,
      body: { kind: 'reading', asset: 'filter', measure: 'filter-grade', value: 0.5, unit: 'grade' },
    },
  ],
  seed: 20_417,
};

const terrace: DemoHome = {
  home: {
    id: 'weir-lane',
    name: '3 Weir Lane',
    zone: 'Europe/London',
    hemisphere: 'north',
    units: 'metric',
    vocabulary: 'en-GB',
    currency: 'GBP',
    climate: { station: 'mild-wet' },
  },
  people: [{ id: 'tomasz', name: 'Tomasz' }],
  spaces: [
    { id: 'hall', name: 'Hall', storey: 0 },
    { id: 'landing', name: 'Landing', storey: 1 },
    { id: 'utility', name: 'Utility room', storey: 0 },
    { id: 'outside', name: 'Back yard' },
  ],
  assets: [
    { id: 'alarm-hall', kind: 'smoke-alarm', name: 'Hall', space: 'hall' },
    { id: 'alarm-landing', kind: 'smoke-alarm', name: 'Landing', space: 'landing' },
    { id: 'co', kind: 'co-alarm', name: 'CO alarm by the boiler', space: 'utility' },
    { id: 'gutters', kind: 'gutter-run', name: 'Gutters', space: 'outside' },
    { id: 'dryer', kind: 'dryer', name: 'Tumble dryer', space: 'utility' },
  ],
  duties: [
    {
      practice: 'smoke-alarm-test',
      units: ['alarm-hall', 'alarm-landing'],
      school: 'every-month',
      habit: easy,
      minutes: 3,
    },
    {
      practice: 'smoke-alarm-battery-swap',
      units: ['alarm-hall', 'alarm-landing'],
      school: 'each-autumn',
      habit: careful,
      minutes: 5,
    },
    {
      practice: 'co-alarm-test-and-battery',
      units: ['co'],
      school: 'every-month',
      habit: careful,
      minutes: 3,
    },
    {
      practice: 'gutter-clean',
      units: ['gutters'],
      school: 'yearly',
      habit: { late: 40, lapses: 0 },
      minutes: 90,
      doer: 'trade',
      costs: 8500,
    },
    {
      practice: 'dryer-vent-clean',
      units: ['dryer'],
      school: 'yearly',
      factors: [{ code: 'many-loads', value: 0.5 }],
      habit: careful,
      minutes: 45,
    },
  ],
  seed: 90_210,
};

export const DEMO_HOMES: readonly DemoHome[] = [coldWinterHouse, terrace];
