import { v7 as uuid } from 'uuid';
import { computed, ref } from 'vue';
import { finishRun } from '../../../core/runs/finishRun.ts';
import { words } from '../../../locales/speech.ts';
import { dropKnown } from '../../device/ask.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { useOutbox } from '../../stores/outbox.ts';
import { itemTitle, openedEarly, settledOf } from './runHouse.ts';
import type { useRunPage } from './useRunPage.ts';

/** The end of a run: everything it leaves is written at once, and what came of it is said. */
export function useFinishRun(
  { home, run, readings }: ReturnType<typeof useRunPage>,
  homeId: string,
  runId: string,
) {
  const outbox = useOutbox();
  const say = useSaying();
  const { tell, tellBody } = useErrorText();
  const t = computed(() => readings.speech.value.t);
  const busy = ref(false);
  const ended = ref(false);

  const entriesOn = (on: NonNullable<typeof home.on>) =>
    finishRun(run.state.value, {
      today: on,
      makeId: uuid,
      occurrenceOf: (duty, day) => openedEarly(home.rows, duty, day),
      settledOf: (code) => settledOf(code, readings.traits.value),
      titleOf: (one) => (home.house ? itemTitle(one, home.house, readings.speech.value) : ''),
    });

  async function send(written: ReturnType<typeof entriesOn>): Promise<void> {
    const batch = uuid();
    const label = words(readings.speech.value, run.state.value.title);
    const body = { run: runId, entries: written.map((one) => ({ ...one, batch })) };
    const outcome = await outbox.send({ route: 'finishRun', homeId, body, label });
    if (outcome.kind === 'refused') return say({ text: tellBody(outcome.error).text, wrong: true });
    ended.value = true;
    // Opened again without a signal it must not be finished once more.
    void dropKnown('run', { params: { homeId, runId } });
    const { length } = written;
    const key = outcome.kind === 'waiting' ? 'run.finishedOffline' : 'run.finished';
    say({ text: t.value(key, { n: length }, length) });
  }

  async function finish(): Promise<void> {
    if (busy.value || home.on === null) return;
    const written = entriesOn(home.on);
    if (written.length === 0) return say({ text: t.value('run.finishNone'), wrong: true });
    busy.value = true;
    try {
      await send(written);
    } catch (error) {
      say({ text: tell(error).text, wrong: true });
    } finally {
      busy.value = false;
    }
  }

  return { busy, ended, finish };
}
