import type { CivilDate } from '../calendar/civilDate.ts';
import { codeOfLook, daysToRepair, nameOfLook, type Look, type LookChoice } from '../practice/look.ts';
import type { Practice, Step } from '../practice/practice.ts';
import { severity } from '../basics/verdict.ts';
import type { ItemState, RunState } from './runState.ts';

/** An answer to a look at one thing at a step of a run. */
export type Seen = ItemState['seen'][number];

/** Where a look is asked: the step, the practice it belongs to and the thing. */
export interface LookedAt {
  readonly step: number;
  readonly practice: string;
  readonly asset: string;
  readonly date: CivilDate;
}

/** The answer to a look: as long as what was seen is named in words, nothing else need be known to write it down. */
export function seenBy(look: Look, choice: LookChoice, says: string, at: LookedAt): Seen {
  const { step, practice, asset, date } = at;
  return {
    step,
    asset,
    look: nameOfLook(practice, look.code),
    choice: choice.code,
    what: says.slice(0, 200),
    verdict: choice.verdict,
    days: daysToRepair(choice),
    repairs: choice.repairs ?? [],
    date,
  };
}

/** An item's answers with some more: one asked again takes the place of its last answer, and is not left out any more. */
export function withSeen(
  { seen, leftOut: out }: Pick<ItemState, 'seen' | 'leftOut'>,
  more: readonly Seen[],
): Pick<ItemState, 'seen' | 'leftOut'> {
  const isOf = (one: Seen, old: Seen): boolean =>
    one.step === old.step && one.asset === old.asset && one.look === old.look;
  const answered = new Set(more.map(({ step, look }) => leftOut(step, codeOfLook(look))));
  return {
    seen: [...seen.filter((old) => !more.some((one) => isOf(one, old))), ...more],
    leftOut: out.filter((left) => !answered.has(left)),
  };
}

/** The name under which a look or a measurement of a step is left out on purpose. */
export const leftOut = (step: number, what: string): string => `${step} ${what}`;

/** The looks and measurements of a step that have no answer yet, by their codes; “not looked at” and “not measured” are answers. */
export function unanswered(
  step: Step,
  place: number,
  practice: Pick<Practice, 'code'>,
  state: Pick<ItemState, 'seen' | 'readings' | 'leftOut'>,
): { readonly looks: readonly string[]; readonly reads: readonly string[] } {
  const isLeft = (what: string): boolean => state.leftOut.includes(leftOut(place, what));
  const looks = (step.looks ?? [])
    .map(({ code }) => code)
    .filter(
      (code) =>
        !isLeft(code) &&
        !state.seen.some((one) => one.step === place && one.look === nameOfLook(practice.code, code)),
    );
  const isMeasured = state.readings.some((one) => one.step === place);
  const reads = isMeasured ? [] : step.reads.filter((measure) => !isLeft(measure));
  return { looks, reads };
}

/** The gravest of what was seen; null where nothing was. */
export const gravest = (seen: readonly Seen[]): Seen | null =>
  seen.reduce<Seen | null>(
    (worst, one) => (worst === null || severity(one.verdict) > severity(worst.verdict) ? one : worst),
    null,
  );

/** The answer to a look that stopped a run; null where something else did, or nothing. */
export const seenThatStopped = ({ stop, states }: RunState): Seen | null => {
  if (!stop || stop.look === undefined) return null;
  return (
    states[stop.item]?.seen.find(({ look, verdict }) => look === stop.look && verdict === 'stop') ?? null
  );
};
