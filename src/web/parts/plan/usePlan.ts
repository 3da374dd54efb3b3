import { computed, shallowRef } from 'vue';
import type { PlanBody } from '../../../contract/plan.ts';
import { movedTasks, type MovedTask } from '../../../core/planning/home/whyMoved.ts';
import { USUAL_MOVES, type Plan } from '../../../core/planning/solve.ts';
import { ask } from '../../device/ask.ts';
import { useHome } from '../../stores/home.ts';
import { shownPlan, type Placing, type ShownPlan } from './shownPlan.ts';
import { useAcceptedPlan } from './useAcceptedPlan.ts';
import { useImproving } from './useImproving.ts';

export type { Placing, ShownPlan };

/** The words it needs: what a saved plan is called, and that the worker died. */
interface PlanWords {
  readonly label: () => string;
  readonly workerDied: () => string;
}

const movedIn = (
  { ready, current }: ShownPlan,
  seen: ReadonlyMap<string, number>,
  plan: Plan['plan'],
): MovedTask[] => movedTasks(ready, seen, plan, new Set(current.held.keys()));

/** The plan of the home on screen: read, improved beside the page, and accepted for every device. */
export function usePlan(homeId: string, { label, workerDied }: PlanWords) {
  const home = useHome();
  const { accepted, replaced, trouble, accept, putBack, lookAgain } = useAcceptedPlan(homeId, label);
  const { progress, improved, stop } = useImproving();
  const body = shallowRef<PlanBody | null>(null);
  const placings = shallowRef<readonly Placing[]>([]);
  const moved = shallowRef<readonly MovedTask[]>([]);

  const weeks = computed(() => accepted.value?.weeks ?? null);
  const shown = computed(() => body.value && shownPlan(body.value, weeks.value, placings.value));
  /** The house has changed since the plan was accepted. */
  const isOld = computed(() => (accepted.value?.seq ?? Infinity) < (body.value?.seq ?? 0));

  async function read(): Promise<void> {
    const [plan] = await Promise.all([ask('plan', { params: { homeId } }), home.load(homeId)]);
    body.value = plan;
    accepted.value = plan.accepted;
    placings.value = plan.placings;
    replaced.value = null;
    if (plan.accepted === null && plan.tasks.length > 0) await improve();
  }

  /** Improves the plan by the usual effort and goes by it; stopped, the plan stays as it is. */
  async function improve(): Promise<void> {
    const from = shown.value;
    if (!from) return;
    trouble.value = '';
    let plan: Plan | null = null;
    try {
      plan = await improved(from.current.problem);
    } catch {
      trouble.value = workerDied();
    }
    if (!plan) return;
    moved.value = movedIn(from, from.current.seen, plan.plan);
    await accept(from, plan.plan, USUAL_MOVES);
  }

  /** Goes by what is now placed by hand, after `written` entries. */
  async function follow(next: readonly Placing[], written: number): Promise<void> {
    const before = shown.value;
    if (!body.value || !before) return;
    body.value = { ...body.value, seq: body.value.seq + written };
    placings.value = next;
    const now = shown.value;
    if (!now) return;
    const { plan } = now.current.plan;
    moved.value = movedIn(now, new Map(Object.entries(before.current.plan.plan)), plan);
    await accept(now, plan, accepted.value?.moves ?? 0);
  }

  const look = (): Promise<void> => (progress.value === null ? lookAgain() : Promise.resolve());

  return {
    read,
    shown,
    isOld,
    progress,
    improve,
    stop,
    moved,
    trouble,
    replaced,
    placings,
    follow,
    putBack,
    look,
  };
}
