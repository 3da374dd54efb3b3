import { civil } from '../../src/core/calendar/civilDate.ts';
import type { Entry, EntryBody } from '../../src/core/ledger/entry.ts';
import type { House } from '../../src/core/house/house.ts';
import { project } from '../../src/core/schedule/project.ts';
import type { DutyProjection } from '../../src/core/schedule/projectDuty.ts';
import type { Occurrence } from '../../src/core/schedule/occurrence.ts';
import type { Rule } from '../../src/core/schedule/rule.ts';
import type { Factor, Terms } from '../../src/core/schedule/terms.ts';

/** A home with one duty `d` on one asset, and the ledger of it. */
export interface OneDuty {
  readonly house: House;
  readonly entries: Entry[];
}

export interface OneDutyOptions {
  readonly adopted?: string;
  readonly factors?: readonly number[];
  readonly zone?: string;
  readonly hemisphere?: 'north' | 'south';
  readonly lifeSafety?: boolean;
  readonly graceDays?: number;
  readonly earlyDays?: number;
}

export const terms = (rule: Rule, factors: readonly number[] = []): Terms => ({
  school: null,
  rule,
  factors: factors.map((value, index): Factor => ({ code: `factor-${index}`, value })),
  doer: 'self',
});

export function oneDuty(rule: Rule, options: OneDutyOptions = {}): OneDuty {
  const { adopted = '2026-11-20', zone = 'America/Chicago', hemisphere = 'north' } = options;
  const { lifeSafety = false, earlyDays, graceDays } = options;
  const house: House = {
    home: {
      id: 'h',
      name: 'Test house',
      zone,
      hemisphere,
      units: 'us',
      vocabulary: 'en-US',
      currency: 'USD',
    },
    spaces: [],
    assets: [{ id: 'a', kind: 'other', name: 'Thing' }],
    duties: [
      {
        id: 'd',
        asset: 'a',
        practice: {
          from: 'home',
          title: 'Work',
          lifeSafety,
          ...(earlyDays !== undefined && { earlyDays }),
          ...(graceDays !== undefined && { graceDays }),
        },
      },
    ],
  };
  const duty: OneDuty = { house, entries: [] };
  write(duty, adopted, { kind: 'adopted', duty: 'd', terms: terms(rule, options.factors) }, 'adoption');
  return duty;
}

/** Writes one entry and returns its id. */
export function write(duty: OneDuty, date: string, body: EntryBody, id = `e${duty.entries.length}`): string {
  duty.entries.push({ id, date: civil(date), stampedAt: '2026-11-20T12:00:00.000Z', by: 'p', body });
  return id;
}

export const done = (duty: OneDuty, date: string): string => write(duty, date, { kind: 'done', duty: 'd' });

/** The projection of the one duty on a day. */
export function on(duty: OneDuty, today: string): DutyProjection {
  const found = project(duty.house, duty.entries, civil(today)).duties[0];
  if (!found) throw new Error('the duty has no projection');
  return found;
}

/** The outstanding occurrence on a day; fails where there is none. */
export function outstanding(duty: OneDuty, today: string): Occurrence {
  const { occurrence } = on(duty, today);
  if (!occurrence) throw new Error('nothing is outstanding');
  return occurrence;
}

export const due = (duty: OneDuty, today: string): string => outstanding(duty, today).window.due;
