<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import AppSign from '../../kit/AppSign.vue';
import type { OpenFindingBody } from '../../../contract/schemas.ts';
import { currentUnit } from '../../../core/house/house.ts';
import { findingText } from '../../../locales/findingText.ts';
import { thingName } from '../../../locales/thingName.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { capital, dateText, type Speech } from '../../../locales/speech.ts';
import { usePhotos } from '../../composables/usePhotos.ts';
import { useHome } from '../../stores/home.ts';

/** Problems that were found and are not fixed: by when, and what fixes them. */
const props = defineProps<{ findings: readonly OpenFindingBody[]; speech: Speech }>();
const emit = defineEmits<{ close: [finding: OpenFindingBody] }>();
const home = useHome();
const { address } = usePhotos(home.house?.home.id ?? '');
const t = computed(() => props.speech.t);

function nameOf(id: string | undefined): string {
  const asset = id === undefined ? undefined : currentUnit(home.house?.assets ?? [], id);
  return asset ? thingName(props.speech, asset, home.house?.spaces ?? []) : '';
}

const problems = computed(() =>
  props.findings.map((finding) => ({
    finding,
    what: capital(findingText(props.speech, finding.what)),
    thing: [nameOf(finding.asset), finding.place].filter(Boolean).join(', '),
    by: t.value(`findings.by.${finding.verdict}`, { on: dateText(props.speech, finding.due) }),
    late: finding.due < props.speech.today,
    work: [
      ...workOf(finding.duties),
      ...finding.repairs.map((code) => ({
        title: practiceTitle(props.speech, { from: 'catalogue', code }),
        query: { practice: code, thing: finding.asset, finding: finding.entryId },
      })),
    ],
  })),
);

/** The work that answers a problem, by its name; like work on several things is taken as one. */
function workOf(duties: readonly string[]): { title: string; query: Record<string, string> }[] {
  const byTitle = new Map<string, string[]>();
  for (const id of duties) {
    const title = props.speech.dutyTitle(id);
    byTitle.set(title, [...(byTitle.get(title) ?? []), id]);
  }
  return [...byTitle].map(([title, ids]) => ({ title, query: { duty: ids.join() } }));
}
</script>

<template>
  <section v-if="problems.length > 0" aria-labelledby="section-findings">
    <h2 id="section-findings">{{ t('findings.title') }}</h2>
    <ul class="plain">
      <li
        v-for="{ finding, what, thing, by, late, work } in problems"
        :key="finding.entryId"
        :data-finding="finding.what"
      >
        <p>
          <AppSign :name="finding.verdict" /> {{ what }}
          <span class="soft small"
            >{{ thing }}, <span :class="{ past: late }">{{ by }}</span></span
          >
        </p>
        <p v-if="finding.note" class="small">{{ finding.note }}</p>
        <p class="ways no-print">
          <template v-if="home.mayWrite">
            <RouterLink
              v-for="one in work"
              :key="one.title"
              class="k-button k-word"
              data-act="repair"
              :to="{ name: 'runs', params: { homeId: home.house?.home.id ?? '' }, query: one.query }"
              >{{ one.title }}</RouterLink
            >
          </template>
          <a
            v-if="finding.photo"
            class="k-button k-word"
            :href="address(finding.photo)"
            target="_blank"
            rel="noopener"
            >{{ t('findings.photoShow') }}<span class="unseen">: {{ what }}</span></a
          >
          <Button
            v-if="home.mayWrite"
            text
            data-act="close"
            :aria-label="`${t('findings.close')} ${what}`"
            :label="t('findings.close')"
            @click="emit('close', finding)"
          />
        </p>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.75rem;
}

.ways .k-button {
  padding: 0;
  border: 0;
}
</style>
