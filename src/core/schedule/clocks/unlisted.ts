import type { Clock, RuleDate, Taken } from './clock.ts';
import type { ClockMark } from '../mark.ts';
import type { Sleep } from '../reason.ts';
import type { Opens } from './clock.ts';

/** A rule that lists no dates: nothing passes it, and pausing or opening something changes nothing of it. */
export abstract class Unlisted implements Clock {
  abstract date(): RuleDate | null;
  abstract sleep(): Sleep | null;
  abstract take(mark: ClockMark, opens: Opens | null): Taken;

  next = () => null;
  adopt = () => undefined;
  dropBefore = () => undefined;
  pause = () => undefined;
  reopen = () => [];
  listedFrom = () => null;
  listedUpTo = () => null;
  forget = () => undefined;
}
