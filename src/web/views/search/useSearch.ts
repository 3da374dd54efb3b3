import { refDebounced } from '@vueuse/core';
import { computed, ref, watch, type Ref } from 'vue';
import type { KnownBody } from '../../../contract/known.ts';
import type { LedgerPage } from '../../../contract/schemas.ts';
import { ask } from '../../device/ask.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { catalogue } from '../../catalogue.ts';
import { useHome } from '../../stores/home.ts';
import { HITS_SHOWN, howToHits, recordHits, taskHits, thingHits } from './hits.ts';

const TYPING_MS = 250;
/** Fewer letters than these would find half of the record. */
const LEAST_LETTERS = 2;

/** Answers of a home to what is being typed: its tasks, things and record, and how-tos. Only the record is asked of the server. */
export function useSearch(homeId: string, text: Ref<string>) {
  const home = useHome();
  const speech = useSpeech();
  const { tell } = useErrorText();
  const known = ref<KnownBody | null>(null);
  const lines = ref<LedgerPage['lines']>([]);
  const wrong = ref('');

  async function begin(): Promise<void> {
    try {
      if (home.house?.home.id !== homeId) await home.load(homeId);
      known.value = await ask('known', { params: { homeId } });
    } catch (error) {
      wrong.value = tell(error).text;
    }
  }

  const settled = refDebounced(text, TYPING_MS);
  watch(settled, async (typed) => {
    lines.value = [];
    const wanted = typed.trim();
    if (wanted.length < LEAST_LETTERS) return;
    try {
      const page = await ask('ledger', { params: { homeId }, query: { text: wanted, limit: HITS_SHOWN } });
      if (settled.value === typed) lines.value = page.lines;
    } catch (error) {
      wrong.value = tell(error).text;
    }
  });

  const groups = computed(() => {
    const { house, rows } = home;
    if (house === null) return [];
    const typed = text.value;
    const practices = catalogue.value?.practices ?? [];
    return [
      { group: 'tasks', hits: taskHits(typed, house, rows, known.value, speech.value) },
      { group: 'things', hits: thingHits(typed, house, speech.value) },
      { group: 'howTo', hits: howToHits(typed, house, practices, speech.value) },
      { group: 'record', hits: recordHits(settled.value.trim(), house, lines.value, speech.value) },
    ].filter(({ hits }) => hits.length > 0);
  });

  return { begin, groups, wrong };
}
