import type { DayNumber } from '../../calendar/civilDate.ts';
import type { DutyEvent, PuttingOff } from '../rules/dutyEvent.ts';
import { countingRules } from '../../practice/rule.ts';
import { earliestDue, shareWindow } from './bound.ts';
import type { Placed } from './place.ts';
import type { OpenedEarly, DutyReplay } from './dutyReplay.ts';

/** Moves a date before a forecast freeze as seen on a day; the same date where none is near. */
export type Pull = (replay: DutyReplay, placed: Placed, on: DayNumber) => Placed;

/** Duties that share every date, replayed together; most groups have one member. */
export class Group {
  constructor(
    readonly members: readonly DutyReplay[],
    private readonly pull: Pull,
  ) {}

  /** Takes in all that happened up to `end`, day by day: what was open in the morning is what that day's acts answer. */
  run(today: DayNumber): void {
    const end = ({ history }: DutyReplay): DayNumber => Math.min(today, history.retiredOn ?? Infinity);
    const acts = this.members.flatMap((member) =>
      member.history.events
        .filter(({ event }) => event.day <= end(member))
        .map(({ order, event }) => ({ order, event, member })),
    );
    if (this.members.length > 1) acts.sort((a, b) => a.order - b.order);
    for (let index = 0; index < acts.length;) {
      const day = acts[index]?.event.day ?? today;
      this.elapse(day);
      const openedEarly = this.openedEarlyOn(day);
      for (; acts[index]?.event.day === day; index += 1) {
        const act = acts[index];
        if (act) this.take(act.member, act.event, openedEarly);
      }
    }
    for (const member of this.members) member.elapse(end(member));
  }

  /** Whether what was known of the weather decides how something done is taken. */
  get hangsOnWeather(): boolean {
    return this.members.some(
      ({ history: { timing, segments } }) =>
        timing.freezeGuard !== undefined ||
        segments.some(({ terms }) => countingRules(terms.rule).some(({ kind }) => kind === 'event')),
    );
  }

  /** The members that are not given up by a day. */
  living(today: DayNumber): Group {
    return new Group(
      this.members.filter(({ history }) => (history.retiredOn ?? Infinity) > today),
      this.pull,
    );
  }

  /** Every member's date on a day, after the pull and with the window they share. */
  dates(on: DayNumber): (Placed | null)[] {
    const placed = this.members.map((member) => member.placed && this.pull(member, member.placed, on));
    return shareWindow(this.members, placed);
  }

  private elapse(day: DayNumber): void {
    for (const member of this.members) member.elapse(day);
  }

  private openedEarlyOn(day: DayNumber): OpenedEarly {
    const shared = this.members.length > 1 ? earliestDue(this.dates(day))?.earliest : undefined;
    return (placed) => {
      const member = this.members.find(({ history }) => placed.date.key.startsWith(`${history.duty.id}:`));
      const pulled = member ? this.pull(member, placed, day).earliest : placed.earliest;
      return Math.min(pulled, shared ?? Infinity);
    };
  }

  private take(member: DutyReplay, event: DutyEvent, openedEarly: OpenedEarly): void {
    if (event.kind === 'putOff') this.putOffAll(member, event);
    member.take(event, openedEarly);
  }

  /** Putting off one of those that share their dates puts off all that are outstanding. */
  private putOffAll(member: DutyReplay, event: PuttingOff): void {
    if (this.members.length === 1 || member.placed?.date.key !== event.occurrence) return;
    for (const other of this.members) {
      const key = other.placed?.date.key;
      if (other !== member && key !== undefined) other.putOff(key, event);
    }
  }
}
