import { civil } from '../../src/core/calendar/civilDate.ts';
import type { Entry, EntryBody } from '../../src/core/ledger/entry.ts';
import type { Climate } from '../../src/core/climate/climateSchema.ts';
import { NO_WEATHER, type Weather } from '../../src/core/climate/weather.ts';
import type { Asset, Duty, House } from '../../src/core/house/house.ts';
import type { Timing } from '../../src/core/practice/timing.ts';
import { project, type DutyProjection, type HouseProjection } from '../../src/core/schedule/project.ts';
import type { Occurrence } from '../../src/core/schedule/occurrence.ts';
import type { Rule } from '../../src/core/practice/rule.ts';
import type { Factor, Terms } from '../../src/core/practice/terms.ts';

/** A home with one duty `d` on one asset, and the ledger of it. */
export interface OneDuty {
  readonly house: House;
  readonly entries: Entry[];
  /** The almanac; set it to the needs of a test's day. */
  weather: Weather;
}

export interface OneDutyOptions {
  readonly adopted?: string;
  readonly factors?: readonly number[];
  readonly zone?: string;
  readonly hemisphere?: 'north' | 'south';
  readonly climate?: Climate;
  readonly timing?: Partial<Timing>;
  readonly asset?: Partial<Asset>;
}

/** A duty in the home's own words, done to the asset `a`. */
export const homeDuty = (
  id: string,
  timing: Partial<Timing> = {},
  companions?: Duty['companions'],
): Duty => ({
  id,
  asset: 'a',
  practice: { from: 'home', title: id, lifeSafety: false, ...timing },
  ...(companions && { companions }),
});

/** The house with more duties beside its first, each adopted on a day with a rule. */
export function withDuties(
  one: OneDuty,
  adopted: string,
  ...more: readonly (readonly [duty: Duty, rule: Rule])[]
): OneDuty {
  const house = { ...one.house, duties: [...one.house.duties, ...more.map(([duty]) => duty)] };
  const all: OneDuty = { ...one, house };
  for (const [duty, rule] of more)
    write(all, adopted, { kind: 'adopted', duty: duty.id, terms: terms(rule) }, `adoption-${duty.id}`);
  return all;
}

export const terms = (rule: Rule, factors: readonly number[] = []): Terms => ({
  school: null,
  rule,
  factors: factors.map((value, index): Factor => ({ code: `factor-${index}`, value })),
  doer: 'self',
});

export function oneDuty(rule: Rule, options: OneDutyOptions = {}): OneDuty {
  const { adopted = '2026-11-20', zone = 'America/Chicago', hemisphere = 'north' } = options;
  const house: House = {
    home: {
      id: 'h',
      name: 'Test house',
      zone,
      hemisphere,
      units: 'us',
      vocabulary: 'en-US',
      currency: 'USD',
      climate: options.climate,
    },
    spaces: [],
    assets: [{ id: 'a', kind: 'other', name: 'Thing', ...options.asset }],
    duties: [homeDuty('d', options.timing)],
  };
  const duty: OneDuty = { house, entries: [], weather: NO_WEATHER };
  const doer = options.timing?.lead ? 'trade' : 'self';
  const own: Terms = { ...terms(rule, options.factors), doer };
  write(duty, adopted, { kind: 'adopted', duty: 'd', terms: own }, 'adoption');
  return duty;
}

/** Writes one entry and returns its id. */
export function write(duty: OneDuty, date: string, body: EntryBody, id = `e${duty.entries.length}`): string {
  duty.entries.push({ id, date: civil(date), stampedAt: '2026-11-20T12:00:00.000Z', by: 'p', body });
  return id;
}

export const done = (duty: OneDuty, date: string, id = 'd'): string =>
  write(duty, date, { kind: 'done', duty: id });

/** No practice of the catalogue: these houses keep their own words. */
export const NO_PRACTICES = (): undefined => undefined;

export const projected = ({ house, entries, weather }: OneDuty, today: string): HouseProjection =>
  project(house, entries, civil(today), { find: NO_PRACTICES, weather });

/** The projection of one duty (the first unless named) on a day. */
export function on(duty: OneDuty, today: string, id = 'd'): DutyProjection {
  const found = projected(duty, today).duties.find(({ dutyId }) => dutyId === id);
  if (!found) throw new Error('the duty has no projection');
  return found;
}

/** The outstanding occurrence on a day; fails where there is none. */
export function outstanding(duty: OneDuty, today: string, id = 'd'): Occurrence {
  const { occurrence } = on(duty, today, id);
  if (!occurrence) throw new Error('nothing is outstanding');
  return occurrence;
}

export const due = (duty: OneDuty, today: string, id = 'd'): string =>
  outstanding(duty, today, id).window.due;

/** The kinds of the steps that led to a date. */
export const steps = (duty: OneDuty, today: string, id = 'd'): string[] =>
  outstanding(duty, today, id).reasons.map(({ kind }) => kind);

export const windowOf = (duty: OneDuty, today: string, id = 'd') => outstanding(duty, today, id).window;
