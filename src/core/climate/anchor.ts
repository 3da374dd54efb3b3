import { z } from 'zod';
import { daysFromCivil, daysInMonth } from '../calendar/civilDate.ts';

/** A month and a day of it, written `MM-DD`; `02-29` is allowed and becomes the 28th in common years. */
export const monthDaySchema = z
  .string()
  .refine(isMonthDay, {
    params: { problem: 'month-day' },
    message: 'must be a day of the year written MM-DD, such as 04-15',
  })
  .meta({ description: 'A day of the year, MM-DD' });

function isMonthDay(text: string): boolean {
  const match = /^(\d{2})-(\d{2})$/.exec(text);
  if (!match) return false;
  const [month, day] = [Number(match[1]), Number(match[2])];
  return month >= 1 && month <= 12 && day >= 1 && day <= daysInMonth(2000, month);
}

/** The day a month-day falls on in a year; 29 February clamps in common years. */
export function monthDayIn(year: number, monthDay: string): number {
  const month = Number(monthDay.slice(0, 2));
  return daysFromCivil(year, month, Math.min(Number(monthDay.slice(3)), daysInMonth(year, month)));
}

/** The turning points of a year that work hangs on. */
export const anchorSchema = z
  .enum([
    'firstFreeze',
    'lastFreeze',
    'heatingStart',
    'heatingEnd',
    'coolingStart',
    'coolingEnd',
    'leafFall',
    'lateWinter',
    'midwinter',
    'lateSummer',
  ])
  .meta({ id: 'SeasonAnchor' });
export type Anchor = z.infer<typeof anchorSchema>;
export const ANCHORS: readonly Anchor[] = anchorSchema.options;

/** In how many winters of a hundred the first freeze comes earlier, or the last later, than the date. */
export const freezeRiskSchema = z.union([z.literal(10), z.literal(50), z.literal(90)]);
export type FreezeRisk = z.infer<typeof freezeRiskSchema>;
export const FREEZE_RISKS: readonly FreezeRisk[] = [10, 50, 90];

/** A stretch of the year in which some work makes sense. */
export const seasonSchema = z.enum(['heating', 'cooling', 'freezing', 'frostFree']).meta({ id: 'Season' });
export type Season = z.infer<typeof seasonSchema>;

/** Dates a household sets for its own home: a day of the year, or `none` where the season never comes. */
const setDate = z.union([monthDaySchema, z.literal('none')]).optional();
export const setDatesSchema = z
  .strictObject({
    firstFreeze: setDate,
    firstFreeze50: setDate,
    firstFreeze90: setDate,
    lastFreeze: setDate,
    lastFreeze50: setDate,
    lastFreeze90: setDate,
    heatingStart: setDate,
    heatingEnd: setDate,
    coolingStart: setDate,
    coolingEnd: setDate,
    leafFall: setDate,
    lateWinter: setDate,
    midwinter: setDate,
    lateSummer: setDate,
  })
  .meta({
    id: 'SetSeasonDates',
    description: 'Season dates set for this home; firstFreeze and lastFreeze stand for 10 % risk',
  });
export type SetDates = z.infer<typeof setDatesSchema>;
export type AnchorKey = keyof SetDates;
export const ANCHOR_KEYS = Object.keys(setDatesSchema.shape) as readonly AnchorKey[];

/** The key of an anchor at a risk; only freezes have more than one. */
export function anchorKey(anchor: Anchor, risk: FreezeRisk): AnchorKey {
  if (risk === 10 || (anchor !== 'firstFreeze' && anchor !== 'lastFreeze')) return anchor;
  return `${anchor}${risk}`;
}
