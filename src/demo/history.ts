import { toCivilDate, toDay, type CivilDate, type DayNumber } from '../core/calendar/civilDate.ts';
import { findPractice } from '../core/catalogue/catalogue.ts';
import { HOUSE_FILE_FORMAT, HOUSE_FILE_VERSION, type HouseFile } from '../core/formats/houseFile.ts';
import { NO_WEATHER } from '../core/climate/weather.ts';
import type { Duty, DutyPractice } from '../core/house/house.ts';
import type { Entry, EntryBody } from '../core/ledger/entry.ts';
import { project, type DutyProjection } from '../core/schedule/project.ts';
import type { Terms } from '../core/schedule/terms.ts';
import type { DemoDuty, DemoHome, Habit, Told } from './data/homes.ts';
import { seededRandom } from './random.ts';

/** How far back a demo household's record goes. */
const RECORD_DAYS = 600;
const LATELY_DAYS = 40;

/** A demo home with a believable record up to `today`. The same day gives the same file. */
export function demoHouse(demo: DemoHome, today: CivilDate): HouseFile {
  const writer = new Writer(demo, toDay(today));
  const duties = demo.duties.flatMap((duty, index) =>
    duty.units.map((asset, unit) => ({
      id: `${asset}-${index}`,
      asset,
      practice: practiceOf(duty),
      duty,
      index,
      unit,
    })),
  );
  duties.forEach(({ id, duty }) => writer.adopt(id, duty));
  for (const { id, asset, practice, duty, index, unit } of duties) {
    // Units of one duty are done on one round, so they share their luck; now and then the last one is forgotten.
    const forgetful = unit > 2 && unit === duty.units.length - 1;
    writer.keep({ id, asset, practice }, duty, { random: seededRandom(demo.seed + index), forgetful });
  }
  demo.told?.forEach((told, index) => {
    writer.tell(told, index);
  });
  return {
    format: HOUSE_FILE_FORMAT,
    version: HOUSE_FILE_VERSION,
    home: demo.home,
    people: [...demo.people],
    spaces: [...demo.spaces],
    assets: demo.assets.map((asset) => ({ ...asset })),
    duties: duties.map(({ id, asset, practice }) => ({ id, asset, practice })),
    entries: writer.finish(),
  };
}

function practiceOf({ practice }: DemoDuty): DutyPractice {
  return typeof practice === 'string' ? { from: 'catalogue', code: practice } : { from: 'home', ...practice };
}

function termsOf(duty: DemoDuty): Terms {
  const practice = typeof duty.practice === 'string' ? findPractice(duty.practice) : undefined;
  const schools = practice?.kind === 'duty' ? practice.schools : [];
  const rule = duty.rule ?? schools.find(({ code }) => code === duty.school)?.rule;
  if (!rule) throw new Error(`the demo duty ${JSON.stringify(duty.practice)} names no rule`);
  const doer = duty.doer ?? practice?.doers[0] ?? 'self';
  return { school: duty.rule ? null : (duty.school ?? null), rule, factors: [...(duty.factors ?? [])], doer };
}

interface Luck {
  readonly random: () => number;
  readonly forgetful: boolean;
}

const lateness = (habit: Exclude<Habit, string>, random: Luck['random']): number =>
  Math.round((random() * 1.2 - 0.2) * habit.late);

class Writer {
  private readonly entries: Entry[] = [];
  private readonly by: string;

  constructor(
    private readonly demo: DemoHome,
    private readonly today: DayNumber,
  ) {
    this.by = demo.people[0]?.id ?? '';
  }

  adopt(id: string, duty: DemoDuty): void {
    const since = duty.habit === 'since-lately' ? LATELY_DAYS : RECORD_DAYS;
    // Adopted without a record: the last adoption of a never-done duty is recent, as when a list is first written.
    const day = this.today - (duty.habit === 'never' ? LATELY_DAYS + 12 : since);
    this.write(`${id}-adopted`, day, { kind: 'adopted', duty: id, terms: termsOf(duty) });
  }

  /** Plays the household's habit forward from the adoption, one occurrence after another. */
  keep(kept: Duty, duty: DemoDuty, { random, forgetful }: Luck): void {
    if (typeof duty.habit === 'string') return;
    const { id } = kept;
    const adopted = this.entries.find((entry) => entry.id === `${id}-adopted`);
    if (!adopted) return;
    const own: Entry[] = [adopted];
    for (let day = toDay(adopted.date); ;) {
      const projection = this.projectionOf(kept, own, day);
      const occurrence = projection.occurrence;
      if (!occurrence) return;
      const due = toDay(occurrence.window.due);
      const done = Math.max(day, due + lateness(duty.habit, random));
      if (done > this.today - (forgetful ? LATELY_DAYS : 1)) return;
      const lapsed = random() < duty.habit.lapses;
      if (!lapsed) own.push(this.done(id, `${id}-${own.length}`, done, duty, random));
      // One let pass is done weeks later or, where the calendar lists the dates, not before the next one opens.
      day = lapsed
        ? Math.max(done + 2 * duty.habit.late, toDay(projection.changesOn ?? occurrence.window.due))
        : done + 1;
    }
  }

  private projectionOf(duty: Duty, own: readonly Entry[], day: DayNumber): DutyProjection {
    const { home, spaces, assets } = this.demo;
    const house = { home, spaces, assets, duties: [duty] };
    const around = { find: findPractice, weather: NO_WEATHER };
    const [projection] = project(house, own, toCivilDate(day), around).duties;
    if (!projection) throw new Error(`the demo duty ${duty.id} was never adopted`);
    return projection;
  }

  /** What the household has noted besides its work. */
  tell({ daysAgo, body }: Told, index: number): void {
    this.write(`told-${index}`, this.today - daysAgo, body);
  }

  private done(
    id: string,
    entryId: string,
    day: DayNumber,
    { minutes, costs }: DemoDuty,
    random: Luck['random'],
  ): Entry {
    const spread = Math.max(1, Math.round(minutes * (0.8 + random() * 0.6)));
    return this.write(entryId, day, {
      kind: 'done',
      duty: id,
      who: this.by,
      minutes: spread,
      ...(costs !== undefined && { cost: costs }),
    });
  }

  private write(id: string, day: DayNumber, body: EntryBody): Entry {
    const date = toCivilDate(day);
    const entry: Entry = { id, date, stampedAt: `${date}T20:15:00.000Z`, by: this.by, body };
    this.entries.push(entry);
    return entry;
  }

  /** Everything in the order it was written. */
  finish(): Entry[] {
    return [...this.entries].sort((a, b) =>
      a.stampedAt < b.stampedAt ? -1 : a.stampedAt > b.stampedAt ? 1 : 0,
    );
  }
}
