<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import AppSign from '../../kit/AppSign.vue';
import ContactList from '../../kit/ContactList.vue';
import type { KnownBody } from '../../../contract/known.ts';
import type { OpenFindingBody } from '../../../contract/schemas.ts';
import { currentUnit } from '../../../core/house/house.ts';
import { readingOf } from '../../../core/readings/all.ts';
import { settledBy } from '../../../core/readings/settled.ts';
import { stopHelp } from '../../../core/runs/stopHelp.ts';
import { findingText } from '../../../locales/findingText.ts';
import { stopInWords } from '../../../locales/stopText.ts';
import { useReadings } from '../../composables/useReadings.ts';
import { houseFacts } from '../../parts/thing/knownAssets.ts';
import { useHome } from '../../stores/home.ts';

/** Dangers that were found and are not put right: first on the page, with what to do now and whom to call. */
const props = defineProps<{
  findings: readonly OpenFindingBody[];
  /** Facts of the home beside its house; without it the numbers are those the home was described with. */
  known: KnownBody | null;
}>();
const emit = defineEmits<{ close: [finding: OpenFindingBody] }>();

const home = useHome();
const { speech } = useReadings();
const t = computed(() => speech.value.t);
const traits = computed(() => props.known?.traits ?? {});

const settledOf = (code: string) => {
  const reading = readingOf(code);
  return reading ? settledBy(reading, traits.value) : {};
};
const numbers = computed(() => houseFacts(home.house, props.known));
const stops = computed(() =>
  props.findings.map((finding) => {
    const asset = currentUnit(home.house?.assets ?? [], finding.asset);
    const help = stopInWords(speech.value, stopHelp(finding, home.find, settledOf));
    const contact = props.known?.facts[finding.asset]?.['contact'] ?? asset?.facts?.['contact'];
    return {
      finding,
      title: t.value('stop.title', { name: asset?.name ?? '' }),
      says: help.why.length > 0 ? help.why : [findingText(speech.value, finding.what)],
      now: help.now,
      // Without a number the trade cannot be called: it is asked for where numbers are kept.
      isUnknown:
        help.call.length > 0 && typeof contact !== 'string' && typeof numbers.value['trades'] !== 'string',
      call: [...help.call, ...(typeof contact === 'string' ? [t.value('stop.contact', { contact })] : [])],
    };
  }),
);
</script>

<template>
  <section v-if="stops.length > 0" class="stops" aria-labelledby="section-stops">
    <h2 id="section-stops" class="unseen">{{ t('run.stopTitle') }}</h2>
    <article v-for="stop in stops" :key="stop.finding.entryId" :data-stop="stop.finding.what">
      <h3><AppSign name="stop" />{{ ' ' }}{{ stop.title }}</h3>
      <p v-for="line in stop.says" :key="line" class="says">{{ line }}</p>
      <ol class="now">
        <li v-for="line in stop.now" :key="line">{{ line }}</li>
      </ol>
      <p v-for="line in stop.call" :key="line">
        <strong>{{ line }}</strong>
      </p>
      <p v-if="stop.isUnknown && home.mayWrite" class="small no-print">
        {{ t('stop.noNumber') }}
        <RouterLink :to="{ name: 'trouble', params: { homeId: home.house?.home.id ?? '' } }">{{
          t('stop.addNumber')
        }}</RouterLink>
      </p>
      <ContactList :facts="numbers" :country="traits['country']" :speech="speech" />
      <p v-if="home.mayWrite" class="no-print">
        <Button outlined data-act="close-stop" @click="emit('close', stop.finding)"
          >{{ t('findings.close') }}<span class="unseen"> {{ stop.title }}</span></Button
        >
      </p>
    </article>
  </section>
</template>

<style scoped>
.stops {
  display: grid;
  gap: var(--line);
}

article {
  display: grid;
  gap: 0.5rem;
  padding: calc(var(--line) / 2) 1.25rem var(--line);
  border: 3px solid var(--rust);
}

h3 {
  margin: 0;
  color: var(--rust);
  font-family: var(--serif);
  font-size: 1.5rem;
  line-height: 2rem;
}

.says {
  font-size: 1.125rem;
  font-weight: 600;
}

.now {
  padding-left: 1.25rem;
  list-style: decimal;
}

@media (max-width: 44rem) {
  article {
    padding: calc(var(--line) / 2) 0.75rem;
  }
}
</style>
