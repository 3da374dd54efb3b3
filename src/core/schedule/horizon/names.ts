import type { DutyReplay } from '../replay/dutyReplay.ts';
import type { Cause } from '../rules/course.ts';

/**
 * Names of what several rules bring about: parts that restarted on one day name their dates alike, and one that ended before another leads
 * leaves that one a name of its own.
 */
export class Names {
  private readonly ended = new Set<string>();
  private readonly given = new Map<Cause, string>();
  private last = '';

  constructor(private readonly member: DutyReplay) {}

  give(cause: Cause, base: string): void {
    this.last = this.member.unusedKey(base, this.ended);
    this.given.set(cause, this.last);
  }

  /** The first date has its name already. */
  begin(key: string): void {
    this.last = key;
  }

  end(): void {
    this.ended.add(this.last);
  }

  of(cause: Cause): string | undefined {
    return this.given.get(cause);
  }
}
