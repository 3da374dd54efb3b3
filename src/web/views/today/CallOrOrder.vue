<script setup lang="ts">
import { computed } from 'vue';
import type { StandingBody } from '../../../contract/schemas.ts';
import type { Duty } from '../../../core/house/house.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { capital, dateText, nameIn, type Speech } from '../../../locales/speech.ts';
import { useHome } from '../../stores/home.ts';

/** Visits to book and supplies to order by now or within two weeks, and warranties that end. */
const props = defineProps<{ covers: StandingBody['covers']; speech: Speech }>();
const home = useHome();
const t = computed(() => props.speech.t);
const SHOWN = 5;

interface Errand {
  readonly key: string;
  readonly text: string;
  readonly by: CivilDate;
  readonly word: 'book' | 'order';
}

/** A booking names the task, an order its supplies. */
function namesOf(word: Errand['word'], { practice }: Duty): string[] {
  const title = practiceTitle(props.speech, practice);
  const found = practice.from === 'catalogue' ? home.find(practice.code) : undefined;
  const supplies = found?.supplies.map(({ supply }) => capital(nameIn(props.speech, 'supply', supply))) ?? [];
  return word === 'order' && supplies.length > 0 ? supplies : [title];
}

/** One line for each thing to call about or order, with the earliest of its days. */
const errands = computed((): Errand[] => {
  const byKey = new Map<string, Errand>();
  for (const { dutyId, occurrence } of home.rows) {
    const duty = home.house?.duties.find(({ id }) => id === dutyId);
    if (!duty || !occurrence) continue;
    for (const [word, by] of [
      ['book', occurrence.bookBy],
      ['order', occurrence.orderBy],
    ] as const)
      for (const text of by === null || by > props.speech.today ? [] : namesOf(word, duty)) {
        const key = `${word} ${text}`;
        const known = byKey.get(key);
        if (by !== null && (!known || by < known.by)) byKey.set(key, { key, text, by, word });
      }
  }
  return [...byKey.values()].sort((a, b) => (a.by < b.by ? -1 : 1));
});
const covers = computed(() =>
  props.covers.map(({ id, asset, title, ends }) => ({
    id,
    asset,
    text: t.value(ends < props.speech.today ? 'documents.endedOn' : 'documents.endsOn', {
      title,
      name: home.house?.assets.find((one) => one.id === asset)?.name ?? '',
      on: dateText(props.speech, ends),
    }),
  })),
);
const thingPage = (assetId: string) => ({
  name: 'thing',
  params: { homeId: home.house?.home.id ?? '', assetId },
  query: { tab: 'papers' },
});
</script>

<template>
  <section v-if="errands.length + covers.length > 0" aria-labelledby="section-errands">
    <h2 id="section-errands">{{ t('errands.title') }}</h2>
    <ul class="plain">
      <li v-for="one in errands.slice(0, SHOWN)" :key="one.key" :data-errand="one.word">
        <span class="soft">{{ t(`errands.${one.word}`) }}</span> {{ one.text }}
        <span class="small past">{{ t('errands.since', { on: dateText(speech, one.by) }) }}</span>
      </li>
      <li v-for="cover in covers" :key="cover.id">
        <RouterLink :to="thingPage(cover.asset)">{{ cover.text }}</RouterLink>
      </li>
      <li v-if="errands.length > SHOWN" class="soft small">
        {{ t('errands.more', { n: errands.length - SHOWN }, errands.length - SHOWN) }}
      </li>
    </ul>
  </section>
</template>
