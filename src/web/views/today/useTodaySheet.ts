import { computed } from 'vue';
import { useKeySetting } from '../../composables/useKeySetting.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useWaitingDuties } from '../../composables/useWaitingDuties.ts';
import { useHome } from '../../stores/home.ts';
import { useTodayData } from './useTodayData.ts';
import { useWeek } from './useWeek.ts';

/** All that Today shows of a home: what it reads, the week chosen from it, and what all its lines have in common. */
export function useTodaySheet(homeId: string) {
  const home = useHome();
  const speech = useSpeech();
  const waiting = useWaitingDuties();
  const keys = useKeySetting();
  const data = useTodayData(homeId);
  const week = useWeek(data.hours, data.plannedOf);

  const restCount = computed(() =>
    Object.values(week.week.value?.rest ?? {}).reduce((sum, lines) => sum + lines.length, 0),
  );
  /** Dangers that were found and are not put right. */
  const stops = computed(() => (home.standing?.findings ?? []).filter(({ verdict }) => verdict === 'stop'));

  /** How long the week's tasks take, and how long the household has. */
  const lead = computed(() => {
    if (!week.week.value) return '';
    const { t, formats } = speech.value;
    const { trips, minutes } = week.week.value;
    const count = trips.reduce((sum, { along }) => sum + 1 + along.length, 0);
    if (count === 0) return t(restCount.value > 0 ? 'today.nothingPlanned' : 'today.allDone');
    const about = t('today.lead', { n: count, time: formats.hours(minutes) }, count);
    const hours = data.hours.value;
    return hours === null ? about : `${about} ${t('today.yourWeek', { time: formats.hours(hours * 60) })}`;
  });

  const lineProps = computed(() => ({
    speech: speech.value,
    mayWrite: home.mayWrite,
    waiting: waiting.value,
    settled: week.settled.value,
    lastDone: data.lastDone,
    keys: keys.value,
  }));

  return { data, week, speech, waiting, restCount, stops, lead, lineProps };
}
