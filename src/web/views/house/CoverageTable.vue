<script setup lang="ts">
import { computed } from 'vue';
import type { HouseBody, KnownBody } from '../../../contract/schemas.ts';
import { alarmCoverage } from '../../../core/house/alarmCoverage.ts';
import { coveragePlace } from '../../../locales/coverageText.ts';
import type { Speech } from '../../../locales/speech.ts';
import { knownAssets } from '../../parts/thing/knownAssets.ts';

/** Where alarms belong by the rules, which place has one and which has none: the missing first. */
const props = defineProps<{ house: HouseBody; known: KnownBody; speech: Speech }>();
const t = computed(() => props.speech.t);

const coverage = computed(() => {
  const assets = knownAssets(props.house, props.known);
  return alarmCoverage(props.house.spaces, assets, new Map(Object.entries(props.known.traits)));
});
const nameOf = (id: string): string => props.house.assets.find((asset) => asset.id === id)?.name ?? id;
const rows = computed(() =>
  coverage.value.places
    .map((place) => ({
      key: `${place.rule} ${place.space ?? ''} ${place.storey ?? ''}`,
      place: coveragePlace(props.speech, place, props.house.spaces),
      alarm: t.value(`coverage.${place.alarm}`),
      rule: t.value(`coverage.rules.${place.rule}`),
      by: props.speech.formats.list(place.covered.map(nameOf)),
      missing: place.covered.length === 0,
    }))
    .sort((a, b) => (a.missing === b.missing ? 0 : a.missing ? -1 : 1)),
);
</script>

<template>
  <section :aria-label="t('coverage.title')" data-test="coverage">
    <h2>{{ t('coverage.title') }}</h2>
    <p class="soft small">{{ t('coverage.codeFirst') }}</p>
    <p v-if="!coverage.known">{{ t('coverage.unknown') }}</p>
    <template v-else>
      <p v-if="rows.every(({ missing }) => !missing)">{{ t('coverage.complete') }}</p>
      <ul class="ruled">
        <li v-for="row in rows" :key="row.key" class="row" :class="{ missing: row.missing }">
          <span
            ><strong v-if="row.missing">{{ t('coverage.missing') }}: </strong>{{ row.place }}, {{ row.alarm }}
            {{ ' ' }}<span class="soft small">{{ row.rule }}</span></span
          >
          <span v-if="!row.missing" class="soft small">{{ row.by }}</span>
        </li>
      </ul>
    </template>
    <p v-if="coverage.placeless.length > 0" class="notice">
      {{ t('coverage.placeless', { alarms: speech.formats.list(coverage.placeless.map(nameOf)) }) }}
    </p>
  </section>
</template>

<style scoped>
.missing strong {
  color: var(--rust);
}
</style>
