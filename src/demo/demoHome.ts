import type { AssetKind } from '../core/basics/assetKind.ts';
import type { FactValue } from '../core/basics/factValue.ts';
import type { Home, Person, Space } from '../core/house/house.ts';
import type { EntryBody } from '../core/ledger/entry.ts';
import type { RoundCode } from '../core/basics/roundCode.ts';
import type { DOCUMENT_KINDS } from '../contract/record.ts';
import type { Rule } from '../core/practice/rule.ts';
import type { Doer } from '../core/practice/terms.ts';

/** How a household keeps something: at the most so many days late, some let pass, perhaps given over so many days ago. */
export interface Kept {
  readonly late: number;
  readonly lapses: number;
  readonly until?: number;
}
/** Or not at all: never done since the list was first written, or begun just lately. */
export type Habit = Kept | 'never' | 'lately';

/** A thing of a demo home; years are told from the day of loading, so that what is old stays old. */
export interface DemoAsset {
  readonly id: string;
  readonly kind: AssetKind;
  readonly name: string;
  readonly space?: string;
  readonly partOf?: string;
  readonly succeeds?: string;
  readonly installed?: string;
  readonly facts?: Record<string, FactValue>;
}

/** A duty in the household's own words. */
export interface OwnDuty {
  readonly title: string;
  readonly units: readonly string[];
  readonly rule: Rule;
  readonly habit: Habit;
  readonly minutes: number;
}

/** The tools of a home's story: write an entry so many days before the day of loading. */
export interface Teller {
  /** The day of loading. */
  readonly today: string;
  /** Writes an entry; answers with its id, for a correction to name. */
  tell(daysAgo: number, body: EntryBody): string;
  /** The id, date and days passed of a duty's last completion older than so many days; null where there is none. */
  lastDone(practice: string, atLeastDaysAgo?: number): { id: string; date: string; daysAgo: number } | null;
  /** The id of the duty of a practice on an asset. */
  duty(practice: string, asset: string): string;
}

/** A paper kept with a thing, named; a cover it gives ends so many days after the day of loading. */
export interface DemoPaper {
  readonly thing: string;
  readonly kind: (typeof DOCUMENT_KINDS)[number];
  readonly title: string;
  readonly endsIn: number | null;
  readonly text: string;
}

/** A round begun so many days ago, its first pieces done with so many minutes each, and left. */
export interface DemoRun {
  readonly round: RoundCode;
  readonly daysAgo: number;
  readonly done: number;
  readonly minutes: number;
}

export interface DemoHome {
  readonly home: Home;
  readonly people: readonly Person[];
  readonly spaces: readonly Space[];
  /** `year`: of the day of loading. */
  readonly assets: (year: number) => readonly DemoAsset[];
  readonly traits: Readonly<Record<string, FactValue>>;
  readonly usual: Kept;
  /** Habits that differ, by practice; of one thing by `practice@thing`. */
  readonly habits: Readonly<Record<string, Habit>>;
  readonly schools?: Readonly<Record<string, string>>;
  readonly doers?: Readonly<Record<string, Doer>>;
  /** Practices of a good plan that this household has not taken up. */
  readonly without?: readonly string[];
  /** The cost of a visit, in the smallest unit of the currency, by practice. */
  readonly costs?: Readonly<Record<string, number>>;
  readonly own?: readonly OwnDuty[];
  readonly papers?: readonly DemoPaper[];
  readonly run?: DemoRun;
  readonly story: (teller: Teller) => void;
  readonly seed: number;
}
