import { computed, ref, shallowRef, watch, type Ref } from 'vue';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import type { FirstAnswers } from '../../../contract/firstPage.ts';
import type { KnownBody } from '../../../contract/known.ts';
import type { AcceptedPlan } from '../../../contract/plan.ts';
import type { ClimateView, NewEntry } from '../../../contract/schemas.ts';
import { plannedWhen, type PlannedWhen } from '../../../core/planning/home/plannedWhen.ts';
import { ask } from '../../device/ask.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { loadLaterTexts } from '../../i18n.ts';
import type { Unit } from '../../parts/task/lines.ts';
import { useHome } from '../../stores/home.ts';

/**
 * All that Today shows, read at once so that nothing moves when the last of it comes. The due tasks are needed; of the rest, what cannot be
 * read is missing from the page, and that is said.
 */
export function useTodayData(homeId: string) {
  const home = useHome();
  const { tell } = useErrorText();
  const known = shallowRef<KnownBody | null>(null);
  const climate = shallowRef<ClimateView | null>(null);
  const accepted = shallowRef<AcceptedPlan | null>(null);
  /** Why something beside the due tasks is missing; empty where nothing is. */
  const missing = ref('');

  async function read(): Promise<void> {
    const params = { homeId };
    const rest = Promise.allSettled([
      ask('standing', { params }),
      ask('known', { params }),
      ask('climate', { params }),
      ask('acceptedPlan', { params }),
      loadLaterTexts(),
    ]);
    await home.load(homeId);
    const [standing, knows, weather, plan, texts] = await rest;
    take({
      ...(standing.status === 'fulfilled' && { standing: standing.value }),
      ...(knows.status === 'fulfilled' && { known: knows.value }),
      ...(weather.status === 'fulfilled' && { climate: weather.value }),
      ...(plan.status === 'fulfilled' && { acceptedPlan: plan.value }),
    });
    const failed = [standing, knows, weather, plan, texts].find((one) => one.status === 'rejected');
    missing.value = failed ? tell(failed.reason).text : '';
  }

  /** Takes over what was answered; what was not stays as it is. */
  function take(
    answers: Partial<Pick<FirstAnswers, 'standing' | 'known' | 'climate' | 'acceptedPlan'>>,
  ): void {
    if (answers.standing) home.standing = answers.standing;
    if (answers.known) known.value = answers.known;
    if (answers.climate) climate.value = answers.climate;
    if (answers.acceptedPlan) accepted.value = answers.acceptedPlan.plan;
  }

  /** The lists beside the tasks are read again when the house was. */
  watch(
    () => home.standing,
    async (now, before) => {
      if (now !== null || before === null || home.house?.home.id !== homeId) return;
      try {
        home.standing = await ask('standing', { params: { homeId } });
      } catch (error) {
        missing.value = tell(error).text;
      }
    },
  );

  const { hours, plannedOf } = usePlanned(known, accepted);

  /** The last day of tasks, with what was done since the page was opened. */
  const doneHere = ref(new Map<string, CivilDate>());
  const lastDone = (dutyId: string): CivilDate | undefined =>
    doneHere.value.get(dutyId) ?? known.value?.lastDone[dutyId];
  function noteDone(entries: readonly NewEntry[]): void {
    for (const { body, date } of entries)
      if (body.kind === 'done' && (lastDone(body.duty) ?? '') < date) doneHere.value.set(body.duty, date);
  }

  return { read, take, known, climate, missing, hours, plannedOf, lastDone, noteDone };
}

/** The hours the household has for the house in a week, and which of the tasks the accepted plan has in it. */
function usePlanned(known: Ref<KnownBody | null>, accepted: Ref<AcceptedPlan | null>) {
  const home = useHome();
  const hours = computed(() => {
    const minutes = known.value?.weekMinutes ?? null;
    return minutes === null ? null : minutes / 60;
  });

  /** The days of the accepted plan, by task. */
  const planned = computed(() => {
    const days = new Map<string, CivilDate[]>();
    for (const { duty, day } of accepted.value?.weeks ?? []) days.set(duty, [...(days.get(duty) ?? []), day]);
    return days;
  });
  const plannedOf = ({ duty, occurrence }: Unit): PlannedWhen =>
    home.on === null
      ? null
      : plannedWhen(planned.value.get(duty.id) ?? [], occurrence.window.earliest, home.on);

  return { hours, plannedOf };
}
