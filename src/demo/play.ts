import { toCivilDate, toDay, type DayNumber } from '../core/calendar/civilDate.ts';
import { findPractice } from '../core/catalogue/catalogue.ts';
import { stationWeather } from '../core/climate/stationWeather.ts';
import { NO_WEATHER, type Weather } from '../core/climate/weather.ts';
import { companionsOf } from '../core/house/companions.ts';
import type { Duty, House } from '../core/house/house.ts';
import { timingOf } from '../core/house/timingOf.ts';
import type { Entry, EntryBody } from '../core/ledger/entry.ts';
import { project, type DutyProjection } from '../core/schedule/project.ts';
import { countingRules } from '../core/practice/rule.ts';
import type { Terms } from '../core/practice/terms.ts';
import type { DemoHome, Habit, Kept } from './demoHome.ts';
import { READINGS } from './readings.ts';

/** A duty of a demo home, and how it is kept. */
export interface Played {
  readonly duty: Duty;
  /** The code of its practice, or its title. */
  readonly code: string;
  readonly terms: Terms;
  readonly habit: Habit;
  readonly minutes: number;
  readonly cost: number | null;
}

type Standing = Omit<House, 'duties'>;

/** The days after which a household looks at the list again where nothing tells it sooner: storms come unannounced. */
const GLANCE_DAYS = { stormy: 7, calm: 45 } as const;
/** Like work due within so many days is done on one round. */
const ROUND_DAYS = 14;

/** Duties that are played together: like work, what shares its dates, and the halves of a pair. */
export function clustersOf(house: Standing, duties: readonly Played[]): Played[][] {
  const whole: House = { ...house, duties: duties.map(({ duty }) => duty) };
  const bound = new Map(
    companionsOf(whole, findPractice).bound.flatMap((ids, index) => ids.map((id) => [id, `bound ${index}`])),
  );
  const clusters: { keys: Set<string>; members: Played[] }[] = [];
  for (const played of duties) {
    const { duty, code } = played;
    const asset = house.assets.find(({ id }) => id === duty.asset);
    const { pair } = timingOf(duty, asset, findPractice);
    const keys = [code, bound.get(duty.id) ?? '', pair ? `${duty.asset} ${pair.state}` : ''].filter(Boolean);
    const joined = clusters.filter((cluster) => keys.some((key) => cluster.keys.has(key)));
    for (const cluster of joined) clusters.splice(clusters.indexOf(cluster), 1);
    clusters.push({
      keys: new Set([...keys, ...joined.flatMap((cluster) => [...cluster.keys])]),
      members: [...joined.flatMap(({ members }) => members), played],
    });
  }
  return clusters.map(({ members }) => members);
}

/** Plays a household's habits forward from the adoption, one occurrence after another, and answers with what it wrote. */
export function playCluster(
  house: Standing,
  cluster: readonly Played[],
  told: readonly Entry[],
  today: DayNumber,
  random: () => number,
  demo: Pick<DemoHome, 'people'>,
): Entry[] {
  return new Play(house, cluster, told, today, random, demo).run();
}

/** Only the things these duties are done to, and what those are part of or succeed. */
function nearTo({ assets }: Standing, cluster: readonly Played[]): Pick<House, 'assets'> {
  const near = new Set(cluster.map(({ duty }) => duty.asset));
  for (const { id, partOf, succeeds } of [...assets].reverse()) {
    if (succeeds !== undefined && near.has(succeeds)) near.add(id);
    if (near.has(id) && partOf !== undefined) near.add(partOf);
  }
  return { assets: assets.filter(({ id }) => near.has(id)) };
}

/** Rules whose date goes by when it is let pass, rather than waiting. */
const LISTED = ['dates', 'clockChange', 'season'];

class Play {
  private readonly house: House;
  private readonly before: Entry[];
  private readonly written: Entry[] = [];
  /** When each occurrence is going to be done; Infinity: let pass. */
  private readonly meant = new Map<string, DayNumber>();
  private readonly times = new Map<string, number>();
  private readonly weather: Weather;
  private readonly glance: number;

  constructor(
    standing: Standing,
    private readonly cluster: readonly Played[],
    told: readonly Entry[],
    private readonly today: DayNumber,
    private readonly random: () => number,
    private readonly demo: Pick<DemoHome, 'people'>,
  ) {
    this.house = { ...standing, ...nearTo(standing, cluster), duties: cluster.map(({ duty }) => duty) };
    this.glance = cluster.some(({ terms }) => countingRules(terms.rule).some(({ kind }) => kind === 'event'))
      ? GLANCE_DAYS.stormy
      : GLANCE_DAYS.calm;
    const ids = new Set(cluster.map(({ duty }) => duty.id));
    this.before = told.filter(
      ({ body }) => body.kind === 'trait' || (body.kind === 'adopted' && ids.has(body.duty)),
    );
    this.weather = this.heedsWeather() ? stationWeather(standing.home, toCivilDate(today)) : NO_WEATHER;
  }

  /** Whether a storm, a snowfall or a frost can move any of these duties. */
  private heedsWeather(): boolean {
    return this.cluster.some(({ duty, terms }) => {
      const asset = this.house.assets.find(({ id }) => id === duty.asset);
      return (
        countingRules(terms.rule).some(({ kind }) => kind === 'event') ||
        timingOf(duty, asset, findPractice).freezeGuard !== undefined
      );
    });
  }

  run(): Entry[] {
    const adopted = this.before.flatMap(({ body, date }) => (body.kind === 'adopted' ? [toDay(date)] : []));
    let day = Math.min(...adopted);
    while (day < this.today) {
      const projections = this.project(day);
      const next = this.nextOf(projections, day);
      if (next !== null && next.day <= day) this.doRound(next.played, projections, day);
      // Whatever comes first: the work meant next, a change of what is due, another glance at the list.
      else day = Math.min(next?.day ?? Infinity, this.changeAfter(projections, day));
    }
    return this.written;
  }

  private project(day: DayNumber): DutyProjection[] {
    const on = toCivilDate(day);
    const passed = this.weather.passed.filter(({ date }) => date <= on);
    const around = { find: findPractice, weather: { passed, outlook: [] } };
    return [...project(this.house, [...this.before, ...this.written], on, around).duties];
  }

  private changeAfter(projections: readonly DutyProjection[], day: DayNumber): DayNumber {
    const changes = projections.flatMap(({ changesOn }) => (changesOn === null ? [] : [toDay(changesOn)]));
    return Math.max(day + 1, Math.min(day + this.glance, ...changes));
  }

  /** The work meant to be done next. */
  private nextOf(
    projections: readonly DutyProjection[],
    day: DayNumber,
  ): { played: Played; day: DayNumber } | null {
    const meant = projections.flatMap(({ dutyId, occurrence }) => {
      const played = this.cluster.find(({ duty }) => duty.id === dutyId);
      if (!played || !occurrence) return [];
      const on = this.meantFor(played, occurrence.key, toDay(occurrence.window.due), day);
      return Number.isFinite(on) ? [{ played, day: Math.max(on, toDay(occurrence.window.earliest)) }] : [];
    });
    return meant.reduce<(typeof meant)[number] | null>(
      (least, one) => (least === null || one.day < least.day ? one : least),
      null,
    );
  }

  private meantFor({ habit, terms }: Played, key: string, due: DayNumber, day: DayNumber): DayNumber {
    const known = this.meant.get(key);
    if (known !== undefined) return known;
    const on = this.decide(habit, Math.max(due, day), LISTED.includes(terms.rule.kind));
    this.meant.set(key, on);
    return on;
  }

  /** A little early at times, late up to what is usual here; one let pass comes weeks after or, listed, not at all. */
  private decide(habit: Habit, due: DayNumber, listed: boolean): DayNumber {
    if (habit === 'never') return Infinity;
    const { late, lapses, until = 0 }: Kept = habit === 'lately' ? { late: 4, lapses: 0 } : habit;
    const [chance, share] = [this.random(), this.random()];
    if (chance < lapses && listed) return Infinity;
    const on = due + Math.round((share * 1.2 - 0.2) * late) + (chance < lapses ? 3 * late + 20 : 0);
    return on > this.today - Math.max(1, until) ? Infinity : on;
  }

  /** Everything like it that is about due is done on the same round. */
  private doRound(first: Played, projections: readonly DutyProjection[], day: DayNumber): void {
    const due = (played: Played): DutyProjection | undefined =>
      projections.find(({ dutyId }) => dutyId === played.duty.id);
    const lead = due(first)?.occurrence;
    const round = this.cluster.filter((played) => {
      const occurrence = due(played)?.occurrence;
      if (played.code !== first.code || !lead || !occurrence || toDay(occurrence.window.earliest) > day)
        return false;
      if (!Number.isFinite(this.meantFor(played, occurrence.key, toDay(occurrence.window.due), day)))
        return false;
      return Math.abs(toDay(occurrence.window.due) - toDay(lead.window.due)) <= ROUND_DAYS;
    });
    const batch = round.length > 1 ? `${first.duty.id}-round-${day}` : undefined;
    const who = this.demo.people[this.random() < 0.7 ? 0 : this.demo.people.length - 1]?.id ?? '';
    for (const played of round) this.done(played, due(played), day, who, batch);
  }

  private done(
    played: Played,
    projection: DutyProjection | undefined,
    day: DayNumber,
    who: string,
    batch: string | undefined,
  ): void {
    const { duty, code, minutes, cost } = played;
    const times = this.times.get(duty.id) ?? 0;
    this.times.set(duty.id, times + 1);
    const id = `${duty.id}-${times + 1}`;
    for (const [index, { daysBefore, body }] of (
      READINGS[code]?.(duty.asset, times, this.random) ?? []
    ).entries())
      this.write(`${id}-read-${index}`, day - daysBefore, body);
    const spread = Math.max(1, Math.round(minutes * (0.8 + this.random() * 0.6)));
    const occurrence = projection?.occurrence;
    if (occurrence?.asks === 'look') {
      this.write(id, day, {
        kind: 'finding',
        asset: duty.asset,
        duty: duty.id,
        what: 'look',
        verdict: 'sound',
      });
      return;
    }
    this.write(
      id,
      day,
      { kind: 'done', duty: duty.id, who, minutes: spread, ...(cost !== null && { cost }) },
      batch,
    );
  }

  private write(id: string, day: DayNumber, body: EntryBody, batch?: string): void {
    const date = toCivilDate(day);
    this.written.push({
      id,
      date,
      stampedAt: `${date}T20:15:00.000Z`,
      by: this.demo.people[0]?.id ?? '',
      ...(batch !== undefined && { batch }),
      body,
    });
  }
}
