import { computed, ref, shallowRef } from 'vue';
import type { PlanBody } from '../../../contract/plan.ts';
import { toCivilDate } from '../../../core/calendar/civilDate.ts';
import { arrange, type HomePlan, type HomeToPlan } from '../../../core/planning/home/arrange.ts';
import { currentPlan, type CurrentPlan } from '../../../core/planning/home/currentPlan.ts';
import { movedTasks, type MovedTask } from '../../../core/planning/home/whyMoved.ts';
import { readyProblem, type ReadyProblem } from '../../../core/planning/ready.ts';
import { USUAL_MOVES, type Plan } from '../../../core/planning/solve.ts';
import { ask } from '../../device/ask.ts';
import { useActs } from '../../composables/useActs.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useHome } from '../../stores/home.ts';
import { planInWorker, type Planning } from '../../workers/planner.ts';
import { planFrom } from './planFrom.ts';

const SEED = 1;
export type Placing = PlanBody['placings'][number];
type Accepted = PlanBody['accepted'];

/** A plan as it is shown: the home, the plan it goes by, its days, and the same as numbers, to try changes on. */
export interface ShownPlan {
  readonly body: PlanBody;
  readonly toPlan: HomeToPlan;
  readonly current: CurrentPlan<Placing>;
  readonly year: HomePlan;
  readonly ready: ReadyProblem;
}

/** The words it needs: what a saved plan is called, and that the worker died. */
interface PlanWords {
  readonly label: () => string;
  readonly workerDied: () => string;
}

/** The plan of the home on screen: read, improved beside the page, and accepted for every device. */
export function usePlan(homeId: string, { label, workerDied }: PlanWords) {
  const home = useHome();
  const { actNow } = useActs();
  const { tell } = useErrorText();
  const body = shallowRef<PlanBody | null>(null);
  /** Weeks that were improved and could not be kept yet: by them the page goes on. */
  const accepted = shallowRef<Accepted>(null);
  const placings = shallowRef<readonly Placing[]>([]);
  /** How far an improvement has come, 0 to 1; null where none is under way. */
  const progress = ref<number | null>(null);
  const moved = shallowRef<readonly MovedTask[]>([]);
  /** Why the plan could not be improved or kept; empty where it could. */
  const trouble = ref('');
  /** Who accepted another plan meanwhile, and when. */
  const replaced = shallowRef<{ readonly by: string; readonly savedAt: string } | null>(null);
  let running: Planning | null = null;

  const shown = computed((): ShownPlan | null => {
    if (!body.value) return null;
    const toPlan = planFrom(body.value);
    const current = currentPlan(toPlan, accepted.value?.weeks ?? null, placings.value);
    return {
      body: body.value,
      toPlan,
      current,
      year: arrange(toPlan, current.plan),
      ready: readyProblem(current.problem),
    };
  });
  /** The house has changed since the plan was accepted. */
  const isOld = computed(
    () => body.value !== null && accepted.value !== null && accepted.value.seq < body.value.seq,
  );

  async function read(): Promise<void> {
    const [plan] = await Promise.all([ask('plan', { params: { homeId } }), home.load(homeId)]);
    body.value = plan;
    accepted.value = plan.accepted;
    placings.value = plan.placings;
    if (plan.accepted === null && plan.tasks.length > 0) await improve();
  }

  /** Improves the plan by the usual effort and goes by it; stopped, the plan stays as it is. */
  async function improve(): Promise<void> {
    const from = shown.value;
    if (!from || progress.value !== null) return;
    progress.value = 0;
    trouble.value = '';
    try {
      running = planInWorker({ problem: from.current.problem, moves: USUAL_MOVES, seed: SEED }, (done) => {
        progress.value = done / USUAL_MOVES;
      });
      const plan = await running.plan;
      if (plan) await goBy(from, plan, USUAL_MOVES);
    } catch {
      trouble.value = workerDied();
    } finally {
      running = null;
      progress.value = null;
    }
  }
  const stop = (): void => running?.stop();

  /** Goes by a plan: its weeks are kept for every device, and what it moved is told. */
  async function goBy(from: ShownPlan, plan: Plan, moves: number): Promise<void> {
    moved.value = movedTasks(from.ready, from.current.seen, plan.plan, new Set(from.current.held.keys()));
    await accept(from, plan.plan, moves);
  }

  async function accept(
    { body: { seq, tasks }, toPlan: { weeks } }: ShownPlan,
    plan: Readonly<Record<string, number>>,
    moves: number,
  ): Promise<void> {
    const kept = tasks.flatMap(({ key, duty, number }) => {
      const week = plan[key];
      return week === undefined ? [] : [{ key, duty, number, day: toCivilDate(weeks.first(week)) }];
    });
    const head = { seed: SEED, moves, seq };
    const saw = accepted.value?.revision ?? 0;
    const mine = { by: '', savedAt: new Date().toISOString() };
    accepted.value = {
      ...head,
      ...mine,
      revision: saw,
      weeks: kept.map(({ duty, number, day }) => ({ duty, number, day })),
    };
    if (!home.mayWrite) return;
    const weeksByKey = Object.fromEntries(kept.map(({ key, day }) => [key, day]));
    try {
      const saved = await actNow({
        route: 'savePlan',
        homeId,
        body: { saw, ...head, weeks: weeksByKey },
        label: label(),
      });
      accepted.value = { ...accepted.value, revision: saved.revision };
      replaced.value = saved.replaced;
    } catch (error) {
      trouble.value = tell(error).text;
    }
  }

  /** Takes over a placing by hand, or that one no longer stands, and keeps the plan that follows. */
  async function follow(next: readonly Placing[], written: number): Promise<void> {
    if (!body.value) return;
    const before = shown.value;
    body.value = { ...body.value, seq: body.value.seq + written };
    placings.value = next;
    const now = shown.value;
    if (!now || !before) return;
    moved.value = movedTasks(
      now.ready,
      new Map(Object.entries(before.current.plan.plan)),
      now.current.plan.plan,
      new Set(now.current.held.keys()),
    );
    await accept(now, now.current.plan.plan, accepted.value?.moves ?? 0);
  }

  /** The accepted weeks with one time of a task in another week, as undoing a placing needs it. */
  function putBack(duty: string, number: number | null, day: Placing['day']): void {
    if (!accepted.value) return;
    accepted.value = {
      ...accepted.value,
      weeks: accepted.value.weeks.map((one) =>
        one.duty === duty && one.number === number ? { ...one, day } : one,
      ),
    };
  }

  /** Asks whether somebody else has accepted another plan. */
  async function lookAgain(): Promise<void> {
    const now = await ask('acceptedPlan', { params: { homeId } });
    if (now && now.revision !== accepted.value?.revision && progress.value === null) replaced.value = now;
  }

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
    lookAgain,
  };
}
