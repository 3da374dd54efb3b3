import { refDebounced } from '@vueuse/core';
import { computed, ref, watch, type Ref } from 'vue';
import type { RouteLocationRaw } from 'vue-router';
import type { KnownBody } from '../../../contract/known.ts';
import type { LedgerPage } from '../../../contract/schemas.ts';
import { searchIn } from '../../../core/basics/textSearch.ts';
import { currentUnit } from '../../../core/house/house.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { dateText, words } from '../../../locales/speech.ts';
import { ask } from '../../device/ask.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { catalogue } from '../../catalogue.ts';
import { lineInWords } from '../../parts/entry/describe.ts';
import { useHome } from '../../stores/home.ts';

/** One answer to a search, and where it leads. */
export interface Hit {
  readonly key: string;
  readonly title: string;
  readonly more: string;
  readonly to: RouteLocationRaw;
}
export const HIT_GROUPS = ['tasks', 'things', 'howTo', 'record'] as const;
export type HitGroup = (typeof HIT_GROUPS)[number];

/** So many answers of a group are shown: who sees more than these types another word. */
const SHOWN = 5;
const TYPING_MS = 250;

/** Answers of a home to what is being typed: its tasks, things and record, and how-tos. Only the record is asked of the server. */
export function useSearch(text: Ref<string>) {
  const home = useHome();
  const speech = useSpeech();
  const { tell } = useErrorText();
  const known = ref<KnownBody | null>(null);
  const lines = ref<LedgerPage['lines']>([]);
  const wrong = ref('');
  const homeId = (): string => home.house?.home.id ?? '';

  async function begin(id: string): Promise<void> {
    try {
      if (home.house?.home.id !== id) await home.load(id);
      known.value = await ask('known', { params: { homeId: id } });
    } catch (error) {
      wrong.value = tell(error).text;
    }
  }

  const settled = refDebounced(text, TYPING_MS);
  watch(settled, async (wanted) => {
    lines.value = [];
    if (wanted.trim().length < 2) return;
    try {
      const query = { text: wanted.trim().slice(0, 100), limit: SHOWN };
      const page = await ask('ledger', { params: { homeId: homeId() }, query });
      if (settled.value === wanted) lines.value = page.lines;
    } catch (error) {
      wrong.value = tell(error).text;
    }
  });

  const thing = (assetId: string): RouteLocationRaw => ({
    name: 'thing',
    params: { homeId: homeId(), assetId },
  });

  const tasks = computed((): Hit[] => {
    const { house, rows } = home;
    const all = (house?.duties ?? []).flatMap((duty) => {
      const asset = currentUnit(house?.assets ?? [], duty.asset);
      return asset ? [{ duty, asset, title: practiceTitle(speech.value, duty.practice) }] : [];
    });
    return searchIn(text.value, all, ({ title, asset }) => [title, asset.name])
      .slice(0, SHOWN)
      .map(({ duty, asset, title }) => {
        const occurrence = rows.find(({ dutyId }) => dutyId === duty.id)?.occurrence;
        const last = known.value?.lastDone[duty.id];
        return {
          key: duty.id,
          title,
          more: [
            asset.name,
            last
              ? speech.value.t('today.lastDone', { on: dateText(speech.value, last) })
              : speech.value.t('search.neverDone'),
            occurrence
              ? speech.value.t('today.due', { due: dateText(speech.value, occurrence.window.due) })
              : '',
          ]
            .filter(Boolean)
            .join(' · '),
          to: thing(asset.id),
        };
      });
  });

  const things = computed((): Hit[] => {
    const { house } = home;
    const current = (house?.assets ?? []).filter(({ id }) => currentUnit(house?.assets ?? [], id)?.id === id);
    return searchIn(text.value, current, ({ name, kind }) => [name, speech.value.t(`assetKind.${kind}`)])
      .slice(0, SHOWN)
      .map(({ id, name, space, kind }) => {
        const room = house?.spaces.find((one) => one.id === space)?.name;
        return { key: id, title: name, more: room ?? speech.value.t(`assetKind.${kind}`), to: thing(id) };
      });
  });

  const howTo = computed((): Hit[] =>
    searchIn(text.value, catalogue.value?.practices ?? [], ({ title }) => [words(speech.value, title)])
      .slice(0, SHOWN)
      .map(({ code, title, system }) => ({
        key: code,
        title: words(speech.value, title),
        more: speech.value.t(`system.${system}`),
        to: { name: 'practices', params: { homeId: homeId() }, query: { find: words(speech.value, title) } },
      })),
  );

  const record = computed((): Hit[] => {
    const { house } = home;
    return house === null
      ? []
      : lines.value.map(({ entry }) => {
          const { on, kind, text: said } = lineInWords(entry, house, speech.value);
          return {
            key: entry.id,
            title: `${kind}: ${said}`,
            more: on,
            to: { name: 'ledger', params: { homeId: homeId() }, query: { text: settled.value.trim() } },
          };
        });
  });

  const groups = computed(() =>
    HIT_GROUPS.map((group) => ({
      group,
      hits: { tasks: tasks.value, things: things.value, howTo: howTo.value, record: record.value }[group],
    })).filter(({ hits }) => hits.length > 0),
  );

  return { begin, groups, wrong };
}
