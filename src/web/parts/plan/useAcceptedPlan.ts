import { ref, shallowRef } from 'vue';
import type { PlanBody } from '../../../contract/plan.ts';
import { toCivilDate } from '../../../core/calendar/civilDate.ts';
import { ask } from '../../device/ask.ts';
import { useActs } from '../../composables/useActs.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useHome } from '../../stores/home.ts';
import type { Placing, ShownPlan } from './shownPlan.ts';

/** Changes are tried in one order: the same on every device. */
export const SEED = 1;

/** The plan a home goes by: kept on the server, the same for every device; the later of two wins and the earlier is told. */
export function useAcceptedPlan(homeId: string, label: () => string) {
  const home = useHome();
  const { actNow } = useActs();
  const { tell } = useErrorText();
  /** On screen at once; what could not be kept goes on from here. */
  const accepted = shallowRef<PlanBody['accepted']>(null);
  /** Who accepted another plan meanwhile, and when. */
  const replaced = shallowRef<{ readonly by: string; readonly savedAt: string } | null>(null);
  /** Why the plan could not be kept; empty where it could. */
  const trouble = ref('');

  async function accept(
    shown: ShownPlan,
    plan: Readonly<Record<string, number>>,
    moves: number,
  ): Promise<void> {
    const { tasks, seq } = shown.body;
    const { weeks } = shown.toPlan;
    const kept = tasks.flatMap(({ key, duty, number }) => {
      const week = plan[key];
      return week === undefined ? [] : [{ key, duty, number, day: toCivilDate(weeks.first(week)) }];
    });
    const head = { seed: SEED, moves, seq };
    const saw = accepted.value?.revision ?? 0;
    accepted.value = {
      ...head,
      revision: saw,
      by: '',
      savedAt: new Date().toISOString(),
      weeks: kept.map(({ key: _key, ...one }) => one),
    };
    if (!home.mayWrite) return;
    const body = { saw, ...head, weeks: Object.fromEntries(kept.map(({ key, day }) => [key, day])) };
    try {
      const saved = await actNow({ route: 'savePlan', homeId, body, label: label() });
      accepted.value = { ...accepted.value, revision: saved.revision };
      replaced.value = saved.replaced;
    } catch (error) {
      trouble.value = tell(error).text;
    }
  }

  /** Has one time of a task in another week, as undoing a placing needs it. */
  function putBack(duty: string, number: number | null, day: Placing['day']): void {
    if (!accepted.value) return;
    const weeks = accepted.value.weeks.map((one) =>
      one.duty === duty && one.number === number ? { ...one, day } : one,
    );
    accepted.value = { ...accepted.value, weeks };
  }

  /** Asks whether somebody else has accepted another plan. */
  async function lookAgain(): Promise<void> {
    const { plan: now } = await ask('acceptedPlan', { params: { homeId } });
    if (now && accepted.value && now.revision !== accepted.value.revision) replaced.value = now;
  }

  return { accepted, replaced, trouble, accept, putBack, lookAgain };
}
