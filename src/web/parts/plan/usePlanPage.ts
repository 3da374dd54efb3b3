import { useEventListener } from '@vueuse/core';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { useLoading } from '../../composables/useLoading.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useHome } from '../../stores/home.ts';
import { usePlacing } from './usePlacing.ts';
import { usePlan } from './usePlan.ts';

/** All that a page of the plan has in common: the plan of the home in the address, its reading, and the ways to change it. */
export function usePlanPage() {
  const route = useRoute();
  const home = useHome();
  const speech = useSpeech();
  const t = computed(() => speech.value.t);
  const plan = usePlan(String(route.params['homeId']), {
    label: () => t.value('plan.saved'),
    workerDied: () => t.value('plan.workerDied'),
  });
  const { shown, progress, isOld, moved, trouble, replaced } = plan;
  const placing = usePlacing(speech, plan);
  const { state, load } = useLoading(plan.read);
  // Whoever comes back to the page learns whether somebody else has planned meanwhile.
  useEventListener(window, 'focus', () => void plan.look().catch(() => undefined));

  const putOne = async (key: string, week: number): Promise<void> => {
    if (shown.value) await placing.place(shown.value, [key], week);
  };
  const noticeProps = computed(() =>
    shown.value && home.house
      ? {
          shown: shown.value,
          house: home.house,
          people: home.house.people,
          progress: progress.value,
          isOld: isOld.value,
          moved: moved.value,
          trouble: trouble.value,
          replaced: replaced.value,
          speech: speech.value,
        }
      : null,
  );
  const listProps = computed(() =>
    shown.value && home.house
      ? {
          shown: shown.value,
          house: home.house,
          speech: speech.value,
          mayMove: home.mayWrite,
          busy: placing.busy.value,
        }
      : null,
  );
  /** Nothing is there to plan. */
  const isEmpty = computed(() => shown.value?.body.tasks.length === 0);
  return { home, speech, t, plan, placing, state, load, putOne, noticeProps, listProps, isEmpty };
}
