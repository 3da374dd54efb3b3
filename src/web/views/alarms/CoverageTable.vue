<script setup lang="ts">
import { computed } from 'vue';
import type { HouseBody } from '../../../contract/schemas.ts';
import type { KnownBody } from '../../../contract/known.ts';
import { alarmCoverage } from '../../../core/house/alarmCoverage.ts';
import { alarmDistance } from '../../../core/readings/alarmDistance.ts';
import { judge } from '../../../core/readings/reading.ts';
import type { Part } from '../../../core/readings/verdict.ts';
import { inHomeUnits } from '../../../core/units/quantity.ts';
import { verdictWord } from '../../../locales/readings/readingText.ts';
import AppSign from '../../kit/AppSign.vue';
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
/** Alarms whose distance to the bedrooms decides whether they count, each by itself. */
const distances = computed(() =>
  knownAssets(props.house, props.known)
    .filter(({ kind, facts }) => kind === 'co-alarm' || facts?.['senses-co'] === true)
    .map(({ id, name }) => {
      const read = props.known.lastRead.find((one) => one.asset === id && one.measure === 'alarm-distance');
      const judged = read?.given && judge(alarmDistance, read.given);
      const outcome =
        judged && 'outcome' in judged && judged.outcome.kind === 'judged' ? judged.outcome : null;
      return {
        id,
        name,
        verdict: outcome?.verdict ?? null,
        text: outcome ? distanceText(outcome.parts) : null,
      };
    }),
);

function distanceText(parts: readonly Part[]): string {
  const feet = parts.find(({ because }) => because.figure?.code === 'to-bed')?.because.figure;
  if (!feet) return '';
  const { value, unit } = inHomeUnits(feet, props.speech.wording.units);
  return t.value('coverage.distance', {
    n: `${props.speech.formats.number(Math.round(value * 10) / 10)} ${unit}`,
  });
}
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
    <template v-if="distances.length > 0">
      <h3>{{ t('coverage.distances') }}</h3>
      <p class="soft small">{{ t('coverage.distanceRule') }}</p>
      <ul class="ruled" data-test="distances">
        <li v-for="one in distances" :key="one.id" class="row" :class="{ missing: one.verdict === 'act' }">
          <span
            ><AppSign v-if="one.verdict" :name="one.verdict" :label="verdictWord(one.verdict)" />
            {{ one.name }}</span
          >
          <span class="small"
            ><strong v-if="one.text">{{ one.text }} </strong
            ><RouterLink
              class="no-print"
              :to="{
                name: 'note',
                params: { homeId: house.home.id },
                query: { kind: 'reading', thing: one.id, measurement: alarmDistance.code },
              }"
              >{{ t(one.text ? 'coverage.measureAgain' : 'coverage.measure')
              }}<span class="unseen">: {{ one.name }}</span></RouterLink
            ></span
          >
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
