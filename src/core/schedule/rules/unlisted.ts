import type { Course } from './course.ts';
import type { RuleDate } from './ruleDate.ts';
import type { RuleMemory } from './ruleMemory.ts';
import type { RuleState, Taken } from './ruleState.ts';
import type { RuleEvent } from './dutyEvent.ts';
import type { Sleep } from '../reason.ts';
import type { Opens } from './ruleState.ts';

/** A rule that lists no dates: nothing passes it, and pausing or opening something changes nothing of it. */
export abstract class Unlisted implements RuleState {
  abstract date(): RuleDate | null;
  abstract sleep(): Sleep | null;
  abstract take(event: RuleEvent, opens: Opens | null): Taken;

  abstract course(): Course | null;

  abstract remember(): RuleMemory;
  abstract recall(memory: RuleMemory): void;

  next = () => null;
  adopt = () => undefined;
  dropBefore = () => undefined;
  pause = () => undefined;
  reopen = () => [];
  listedFrom = () => null;
  listedUpTo = () => null;
  forget = () => undefined;
}
