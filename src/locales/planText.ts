import { toCivilDate, type CivilDate } from '../core/calendar/civilDate.ts';
import type { House } from '../core/house/house.ts';
import type { UnplacedTask } from '../core/planning/home/arrange.ts';
import type { HomeTask } from '../core/planning/home/homeTask.ts';
import type { Trip } from '../core/planning/home/trips.ts';
import type { Weeks } from '../core/planning/home/weeks.ts';
import type { TriedMove } from '../core/planning/tryMove.ts';
import type { Speech } from './speech.ts';
import { thingName } from './thingName.ts';

/** The thing a planned task is done to, and whether it is only checked. */
export function plannedThing(
  speech: Speech,
  house: Pick<House, 'assets' | 'spaces'>,
  task: HomeTask,
): string {
  const asset = house.assets.find(({ id }) => id === task.asset);
  const name = asset ? thingName(speech, asset, house.spaces) : '';
  return task.asks === 'look' ? `${name} (${speech.t('plan.checkOnly')})` : name;
}

/** The task and the thing, where one line has to say both. */
export const plannedName = (
  speech: Speech,
  house: Pick<House, 'assets' | 'spaces'>,
  task: HomeTask,
): string =>
  speech.t('plan.taskOf', { task: speech.dutyTitle(task.duty), thing: plannedThing(speech, house, task) });

/** A week by its first day, as a date. */
export const weekDate = (weeks: Weeks, week: number): CivilDate => toCivilDate(weeks.first(week));

/** The consequences of a change, the gravest first; where nothing does, that it is on time. `nameOf`: a task by its key. */
export function triedText({ t, formats }: Speech, tried: TriedMove, nameOf: (key: string) => string): string {
  if (tried.forbidden) {
    const { with: other } = tried.forbidden;
    return other === null ? t('plan.tried.closed') : t('plan.tried.order', { other: nameOf(other) });
  }
  const parts = [
    tried.weeksLate > 0 ? t('plan.tried.late', { n: tried.weeksLate }, tried.weeksLate) : '',
    tried.visits.length > 0 ? t('plan.tried.visit') : '',
    tried.more.supplies > 0 ? t('plan.tried.supplies') : '',
    ...tried.setUps.map((setUp) => t('plan.tried.setUp', { setUp: t(`plan.setUp.${setUp}`) })),
    tried.over > 0 ? t('plan.tried.over', { time: formats.hours(tried.over) }) : '',
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(' · ') : t('plan.tried.fine');
}

/** Why no week is left to a task. */
export const unplacedText = (
  { t }: Speech,
  why: UnplacedTask['why'],
  nameOf: (task: HomeTask) => string,
): string =>
  why.rule === 'order' && why.with
    ? t('plan.why.order', { other: nameOf(why.with) })
    : t(`plan.why.${why.rule === 'order' ? 'closed' : why.rule}`);

/** The thing all tasks of a trip share: the visit, the set-ups, or where one stands. */
export function tripText(
  { t, formats }: Speech,
  { visit, setUps, outdoors }: Pick<Trip, 'visit' | 'setUps' | 'outdoors'>,
): string {
  if (visit !== null) return t('plan.trip.visit', { system: t(`system.${visit}`) });
  if (setUps.length > 0)
    return t('plan.trip.setUps', { setUps: formats.list(setUps.map((setUp) => t(`plan.setUp.${setUp}`))) });
  return t(outdoors ? 'plan.trip.outdoors' : 'plan.trip.indoors');
}
