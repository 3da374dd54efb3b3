import type { DayNumber } from '../../calendar/civilDate.ts';
import type { UnitAge } from '../../house/unitAge.ts';
import type { Terms } from '../../practice/terms.ts';
import type { Timing } from '../../practice/timing.ts';
import type { DutyEvent } from '../rules/dutyEvent.ts';
import type { CheckpointDuty } from './checkpoint.ts';
import type { DutyMemory } from './dutyMemory.ts';
import type { DutyHistory, TermsSegment } from './history.ts';
import type { StateChange } from './seasonState.ts';
import { NO_WEAR, wornAfter, type Wear } from './wear.ts';

/** The events gathered for one duty, entry by entry. */
export class DutyDraft {
  private adoption: DutyHistory['adoption'] | null = null;
  private firstTerms: Terms | null = null;
  private retiredOn: DayNumber | null = null;
  private dismissedAt: number | null = null;
  private wear: Wear = NO_WEAR;
  private memory: DutyMemory | null = null;
  private readonly laterTerms: { day: DayNumber; terms: Terms }[] = [];
  readonly events: { order: number; event: DutyEvent }[] = [];

  readonly duty: DutyHistory['duty'];
  readonly timing: Timing;
  readonly root: string;
  /** The code of its practice, and of those that doing it does as well. */
  readonly code: string | null;
  readonly covers: readonly string[];
  private readonly unit: UnitAge;

  constructor(
    parts: Pick<DutyDraft, 'duty' | 'timing' | 'root' | 'code' | 'covers'> & Pick<DutyHistory, 'unit'>,
  ) {
    this.duty = parts.duty;
    this.timing = parts.timing;
    this.root = parts.root;
    this.code = parts.code;
    this.covers = parts.covers;
    this.unit = parts.unit;
  }

  /** Goes on from what was gathered up to a checkpoint. */
  resume({ adoption, terms, retiredOn, dismissedAt, wear, memory, events }: CheckpointDuty): void {
    Object.assign(this, { adoption, retiredOn, dismissedAt, wear, memory });
    for (const { start, terms: own } of terms) {
      if (start === null) this.firstTerms = own;
      else this.changeTerms(start, own);
    }
    this.events.push(...events);
  }

  /** A second adoption changes nothing: the first one dates the duty. */
  adopt(entryId: string, day: DayNumber, terms: Terms): void {
    if (this.adoption) return;
    this.adoption = { entryId, day };
    this.firstTerms = terms;
  }

  changeTerms(day: DayNumber, terms: Terms): void {
    const last = this.laterTerms.at(-1);
    if (last?.day === day) last.terms = terms;
    else this.laterTerms.push({ day, terms });
  }

  retire(day: DayNumber): void {
    this.retiredOn ??= day;
  }

  /** The last proposal for its interval is not wanted. */
  dismiss(order: number): void {
    this.dismissedAt = order;
  }

  /** `since`: the place of the first entry after the checkpoint. `line`: the state a half of a pair hangs on; it begins and ceases to exist just after the act that turned it. */
  finish(line: readonly StateChange[], meters: DutyHistory['meters'], since: number): DutyHistory | null {
    if (!this.adoption || !this.firstTerms) return null;
    const { pair } = this.timing;
    const turns = line.flatMap(({ day, order, standing }): { order: number; event: DutyEvent }[] => {
      // The memory has turned with it already.
      if (this.memory && day <= this.memory.now) return [];
      const exists = (standing === 'open') === (pair?.half === 'closes');
      return [{ order: order + 0.5, event: { kind: 'turn', day, exists } }];
    });
    const events =
      turns.length === 0 ? this.events : [...this.events, ...turns].sort((a, b) => a.order - b.order);
    return {
      duty: this.duty,
      timing: this.timing,
      adoption: this.adoption,
      segments: this.segments(this.firstTerms),
      events,
      retiredOn: this.retiredOn,
      dismissedAt: this.dismissedAt,
      unit: this.unit,
      // The checkpoint's wear includes the time before.
      wearBefore: (end) =>
        wornAfter(
          this.wear,
          this.events.filter(({ order }) => order >= since && order < end),
        ),
      memory: this.memory,
      meters,
    };
  }

  private segments(firstTerms: Terms): TermsSegment[] {
    const starts = [{ day: -Infinity, terms: firstTerms }, ...this.laterTerms];
    return starts.map(({ day, terms }, index) => ({
      terms,
      start: day,
      end: starts[index + 1]?.day ?? Infinity,
    }));
  }
}
