import type { DutyReplay } from '../replay/dutyReplay.ts';
import type { Cause, Course } from '../rules/course.ts';

/**
 * Names of what several rules bring about: parts that restarted on one day name their dates alike, and one that ended before another leads
 * leaves that one a name of its own. They are worked out once one of them is asked for; while it is stepped only the causes are noted.
 */
export class Names {
  private readonly causes: Cause[] = [];
  private names: Map<Cause, string> | null = null;
  private first = '';

  constructor(
    private readonly member: DutyReplay,
    private readonly course: Course,
  ) {}

  /** The first date has its name already. */
  begin(key: string): void {
    this.first = key;
  }

  /** The causes of the dates, in order, once each; the cause that is asked for later must be the very one that is noted. */
  note(cause: Cause): void {
    this.causes.push(cause);
  }

  of(cause: Cause): string | undefined {
    this.names ??= this.workedOut();
    return this.names.get(cause);
  }

  private workedOut(): Map<Cause, string> {
    const names = new Map<Cause, string>();
    const ended = new Set<string>();
    let name = this.first;
    let before: string | null = null;
    for (const [index, cause] of this.causes.entries()) {
      const base = this.course.dateOf(cause)?.key ?? '';
      if (index > 0) {
        if (base !== before) ended.add(name);
        name = this.member.unusedKey(base, ended);
        names.set(cause, name);
      }
      before = base;
    }
    return names;
  }
}
