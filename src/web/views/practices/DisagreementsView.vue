<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import InputText from 'primevue/inputtext';
import { isAbout } from '../../../core/catalogue/disagreementsOn.ts';
import { DISAGREEMENTS, type Disagreement } from '../../../core/catalogue/data/disagreements.ts';
import type { Practice } from '../../../core/practice/practice.ts';
import { words } from '../../../locales/speech.ts';
import { catalogue } from '../../catalogue.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import FieldRow from '../../kit/FieldRow.vue';
import PageState from '../../kit/PageState.vue';
import ApproachTable from '../../parts/practice/ApproachTable.vue';
import { useHome } from '../../stores/home.ts';

/** The questions practitioners disagree about: each side, who argues for it and when it is right, and what this program does unless told otherwise. */
const route = useRoute();
const home = useHome();
const speech = useSpeech();
const t = computed(() => speech.value.t);
const sought = ref(typeof route.query['find'] === 'string' ? route.query['find'] : '');
const { state, load } = useLoading(() => home.load(String(route.params['homeId'])));
const practices = computed(() => catalogue.value?.practices ?? []);
const say = (text: string): string => words(speech.value, text);

/** The tasks a disagreement is about. */
const worksOf = (one: Disagreement): Practice[] =>
  practices.value.filter((practice) => isAbout(one, practice));

const topics = computed(() => {
  const wanted = sought.value.trim().toLowerCase();
  return DISAGREEMENTS.map((one) => {
    const works = worksOf(one);
    return {
      topic: say(one.topic),
      choice: 'choice' in one ? say(one.choice) : '',
      works: works.map((practice) => ({
        code: practice.code,
        title: say(practice.title),
        why: 'alternatives' in one ? say(practice.why) : '',
        practice: practice.kind === 'duty' && 'schoolsOf' in one ? practice : null,
      })),
    };
  }).filter(
    ({ topic, works }) =>
      wanted === '' ||
      [topic, ...works.map(({ title }) => title)].some((text) => text.toLowerCase().includes(wanted)),
  );
});
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ t('disagree.title') }}</h1>
      <p class="soft">{{ t('disagree.lead') }}</p>
    </header>
    <PageState
      v-if="state.kind !== 'ready'"
      class="column"
      :state="state"
      :loading="t('shell.loading')"
      :again="t('shell.tryAgain')"
      @again="load"
    />
    <div v-else class="column">
      <p>
        <RouterLink :to="{ name: 'practices', params: route.params }">{{ t('disagree.back') }}</RouterLink>
      </p>
      <FieldRow v-slot="{ id }" :label="t('disagree.search')" class="search no-print">
        <InputText :id="id" v-model="sought" type="search" />
      </FieldRow>
      <p class="soft small" role="status">{{ t('disagree.count', { n: topics.length }, topics.length) }}</p>
      <details v-for="one in topics" :key="one.topic" class="topic" :open="topics.length === 1">
        <summary>{{ one.topic }}</summary>
        <p v-if="one.choice">{{ one.choice }}</p>
        <div v-for="work in one.works" :key="work.code">
          <h2>{{ work.title }}</h2>
          <p v-if="work.why" class="small">{{ work.why }}</p>
          <ApproachTable v-if="work.practice" :practice="work.practice" :speech="speech" />
        </div>
      </details>
    </div>
  </div>
</template>

<style scoped>
.search {
  max-width: 24rem;
}

.topic {
  border-bottom: 1px solid var(--rule);
}

summary {
  padding: 0.5rem 0;
  font-size: 1.0625rem;
  cursor: pointer;
}

h2 {
  margin-top: calc(var(--line) / 2);
  font-size: 1rem;
  font-weight: 600;
}
</style>
