import type { ComputedRef } from 'vue';
import { toCivilDate, type CivilDate } from '../../../core/calendar/civilDate.ts';
import type { NewEntry } from '../../../contract/schemas.ts';
import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import type { Speech } from '../../../locales/speech.ts';
import { useSaidWrites } from '../../composables/useSaidWrites.ts';
import type { Placing, ShownPlan, usePlan } from './usePlan.ts';

/** Puts tasks in weeks by hand, leaves them to the planner, and undoes both, also after the page was left. */
export function usePlacing(speech: ComputedRef<Speech>, plan: ReturnType<typeof usePlan>) {
  let next: readonly Placing[] = [];
  const { busy, send, undo } = useSaidWrites(speech, {
    undone: (entries) => void takeOut(new Set(entries.map(({ id }) => id))),
    taken: ({ entries }) => {
      next = next.map((one) => {
        const entry = entries.find(
          ({ body }) => body.kind === 'placed' && body.duty === one.duty && body.number === one.number,
        );
        return one.entryId === '' && entry ? { ...one, entryId: entry.id, batch: entry.batch ?? null } : one;
      });
    },
  });

  /** Puts times of tasks in a week. */
  async function place(shown: ShownPlan, keys: readonly string[], week: number): Promise<void> {
    const { tasks } = shown.body;
    const day = mondayOf(shown, week);
    const chosen = tasks.filter(({ key }) => keys.includes(key));
    const fresh = chosen.map(({ key, duty, number }): Placing => {
      const at = shown.current.plan.plan[key];
      const from = at === undefined ? null : mondayOf(shown, at);
      return { entryId: '', batch: null, by: '', duty, number, day, from };
    });
    const gone = new Set(chosen.map(({ key }) => shown.current.held.get(key)));
    next = [...plan.placings.value.filter((one) => !gone.has(one)), ...fresh];
    const date = speech.value.today;
    const wanted = fresh.map(({ duty, number, from }) => ({
      date,
      body: makeBody('placed', { duty, number: number ?? 1, day, from: from ?? undefined }),
    }));
    const text = speech.value.t('plan.placed', { week: speech.value.formats.date(day, date) });
    if (await send(wanted, text)) await plan.follow(next, wanted.length);
  }

  /** Leaves a time of a task that was placed by hand to the planner again. */
  async function letGo(placing: Placing): Promise<void> {
    const { duty, day } = placing;
    next = plan.placings.value.filter((one) => one !== placing);
    const wanted = [{ date: speech.value.today, body: makeBody('unplaced', { duty, day }) }];
    if (await send(wanted, speech.value.t('plan.letGo'))) await plan.follow(next, 1);
  }

  /** Undoes what was placed last, with all that was placed with it. */
  const undoLast = (): Promise<boolean> => undo(placedLast(plan.placings.value, speech.value.today));

  /** Placings that no longer stand: what they placed goes back to where the plan had it. */
  async function takeOut(gone: ReadonlySet<string>): Promise<void> {
    const back = plan.placings.value.filter(({ entryId }) => gone.has(entryId));
    // That one was left to the planner is undone too: then it is held again, as the server knows.
    if (back.length === 0) return plan.read();
    for (const { duty, number, from } of back) if (from) plan.putBack(duty, number, from);
    await plan.follow(
      plan.placings.value.filter((one) => !back.includes(one)),
      back.length,
    );
  }

  return { busy, place, letGo, undoLast };
}

const mondayOf = ({ toPlan: { weeks } }: ShownPlan, week: number): CivilDate =>
  toCivilDate(weeks.first(week));

/** The entries of the last placing, as they were sent. */
function placedLast(placings: readonly Placing[], date: CivilDate): NewEntry[] {
  const last = placings.at(-1);
  return placings
    .filter((one) => one === last || (last?.batch && one.batch === last.batch))
    .map(({ entryId: id, duty, number, day }) => ({
      id,
      date,
      body: makeBody('placed', { duty, number: number ?? 1, day }),
    }));
}
