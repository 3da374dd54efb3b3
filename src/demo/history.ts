import { civil, daysBetween, toCivilDate, toDay, type CivilDate } from '../core/calendar/civilDate.ts';
import { PRACTICES } from '../core/catalogue/catalogue.ts';
import { planFor } from '../core/catalogue/planFor.ts';
import { HOUSE_FILE_FORMAT, HOUSE_FILE_VERSION, type HouseFile } from '../core/formats/houseFileShape.ts';
import type { FactValue } from '../core/basics/factValue.ts';
import type { Asset, Duty } from '../core/house/house.ts';
import type { Entry, EntryBody } from '../core/ledger/entry.ts';
import type { Terms } from '../core/practice/terms.ts';
import { termsOfPlan } from '../core/walkthrough/adoption.ts';
import type { DemoHome, Habit, Teller } from './demoHome.ts';
import { clustersOf, playCluster, type Played } from './play.ts';
import { seededRandom } from '../core/basics/random.ts';

/** How far back a demo household's record goes. */
export const RECORD_DAYS = 760;
const LATELY_DAYS = 40;
const NEVER_DAYS = 52;

/** A demo home with two years of believable record up to `today`. The same day gives the same file. */
export function demoHouse(demo: DemoHome, today: CivilDate): HouseFile {
  const assets = assetsOf(demo, today);
  const duties = dutiesOf(demo, assets);
  const writer = new Writer(demo, today, duties);
  for (const [trait, value] of Object.entries(demo.traits))
    writer.write(RECORD_DAYS, { kind: 'trait', trait, value });
  for (const { duty, terms, habit } of duties)
    writer.write(adoptedDaysAgo(habit), { kind: 'adopted', duty: duty.id, terms }, `${duty.id}-adopted`);
  const house = { home: demo.home, spaces: demo.spaces, assets };
  clustersOf(house, duties).forEach((cluster, index) => {
    const random = seededRandom(demo.seed + index);
    for (const entry of playCluster(house, cluster, writer.entries, toDay(today), random, demo))
      writer.add(entry);
  });
  demo.story(writer.teller());
  return {
    format: HOUSE_FILE_FORMAT,
    version: HOUSE_FILE_VERSION,
    home: demo.home,
    people: [...demo.people],
    spaces: [...demo.spaces],
    assets: [...assets],
    duties: duties.map(({ duty }) => duty),
    entries: writer.finish(),
  };
}

const adoptedDaysAgo = (habit: Habit): number =>
  habit === 'never' ? NEVER_DAYS : habit === 'lately' ? LATELY_DAYS : RECORD_DAYS;

const assetsOf = (demo: DemoHome, today: CivilDate): Asset[] =>
  demo.assets(Number(today.slice(0, 4))).map(({ installed, ...asset }) => ({
    ...asset,
    ...(installed !== undefined && { installed: civil(installed) }),
  }));

/** The duties a good plan gives the home, less those it has not taken up, by the schools and doers it has chosen; and its own. */
function dutiesOf(demo: DemoHome, assets: readonly Asset[]): Played[] {
  const standing = assets.filter(({ id }) => !assets.some(({ succeeds }) => succeeds === id));
  const traits = new Map<string, FactValue>(Object.entries(demo.traits));
  const plan = planFor({ ...demo.home, assets: standing, traits }, PRACTICES);
  const planned = plan.duties
    .filter(({ practice }) => !(demo.without ?? []).includes(practice.code))
    .map((one): Played => {
      const { code, minutes } = one.practice;
      const root = rootOf(assets, one.asset);
      const chosen = one.practice.schools.find((school) => school.code === demo.schools?.[code]);
      const terms = termsOfPlan({ ...one, school: chosen ?? one.school }, traits);
      return {
        duty: { id: `${root}-${code}`, asset: root, practice: { from: 'catalogue', code } },
        code,
        terms: { ...terms, doer: demo.doers?.[code] ?? terms.doer },
        habit: demo.habits[`${code}@${root}`] ?? demo.habits[code] ?? demo.usual,
        minutes,
        cost: demo.costs?.[code] ?? null,
      };
    });
  return [...planned, ...ownDuties(demo)];
}

const rootOf = (assets: readonly Asset[], { id, succeeds }: Asset): string => {
  const before = assets.find((asset) => asset.id === succeeds);
  return before ? rootOf(assets, before) : id;
};

const ownDuties = ({ own = [] }: DemoHome): Played[] =>
  own.flatMap(({ title, units, rule, habit, minutes }, index) =>
    units.map((asset): Played => {
      const duty: Duty = {
        id: `${asset}-own-${index}`,
        asset,
        practice: { from: 'home', title, lifeSafety: false },
      };
      const terms: Terms = { school: null, rule, factors: [], doer: 'self' };
      return { duty, code: title, terms, habit, minutes, cost: null };
    }),
  );

class Writer {
  readonly entries: Entry[] = [];
  private readonly by: string;

  constructor(
    demo: DemoHome,
    private readonly today: CivilDate,
    private readonly duties: readonly Played[],
  ) {
    this.by = demo.people[0]?.id ?? '';
  }

  write(daysAgo: number, body: EntryBody, id = `told-${this.entries.length}`): string {
    const date = toCivilDate(toDay(this.today) - daysAgo);
    this.add({ id, date, stampedAt: `${date}T20:15:00.000Z`, by: this.by, body });
    return id;
  }

  add(entry: Entry): void {
    this.entries.push(entry);
  }

  /** Everything in the order it was written. */
  finish(): Entry[] {
    return [...this.entries].sort((a, b) =>
      a.stampedAt < b.stampedAt ? -1 : a.stampedAt > b.stampedAt ? 1 : 0,
    );
  }

  teller(): Teller {
    const dutyOf = (practice: string, asset: string): string => {
      const found = this.duties.find(({ code, duty }) => code === practice && duty.asset === asset);
      if (!found) throw new Error(`the demo keeps no ${practice} on ${asset}`);
      return found.duty.id;
    };
    return {
      today: this.today,
      tell: (daysAgo, body) => this.write(daysAgo, body),
      duty: dutyOf,
      lastDone: (practice, atLeast = 0) => this.lastDone(practice, atLeast),
    };
  }

  private lastDone(practice: string, atLeast: number): ReturnType<Teller['lastDone']> {
    const ids = new Set(this.duties.filter(({ code }) => code === practice).map(({ duty }) => duty.id));
    const done = this.entries
      .filter(({ body }) => body.kind === 'done' && ids.has(body.duty))
      .map(({ id, date }) => ({ id, date, daysAgo: daysBetween(date, this.today) }))
      .filter(({ daysAgo }) => daysAgo >= atLeast)
      .sort((a, b) => a.daysAgo - b.daysAgo);
    return done[0] ?? null;
  }
}
