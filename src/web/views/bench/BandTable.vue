<script setup lang="ts">
import { computed } from 'vue';
import AppSign from '../../kit/AppSign.vue';
import { stretches, type Scale } from '../../../core/readings/scale.ts';
import { daysText } from '../../../locales/speech.ts';
import { quantityText, verdictWord, type ReadingSpeech } from '../../../locales/readings/readingText.ts';

/** A band laid out from its lowest stretch to its highest, each with its verdict and its edges. */
const props = defineProps<{ scale: Scale; unit: string; title: string; speech: ReadingSpeech }>();

const edge = (value: number): string => quantityText(props.speech, value, props.unit);

function spanText(place: number): string {
  const { t } = props.speech;
  const { cuts } = props.scale;
  const [lower, upper] = [cuts[place - 1], cuts[place]];
  if (lower && upper) return t('bench.range', { low: edge(lower.at), high: edge(upper.at) });
  if (upper) return t(upper.edge === 'upper' ? 'bench.below' : 'bench.upTo', { high: edge(upper.at) });
  return lower ? t(lower.edge === 'upper' ? 'bench.from' : 'bench.overLow', { low: edge(lower.at) }) : '';
}

const rows = computed(() =>
  stretches(props.scale).map(({ verdict, days }, place) => ({
    verdict,
    span: spanText(place),
    days: days === undefined ? '' : daysText(props.speech, days),
  })),
);
</script>

<template>
  <table>
    <caption>
      {{
        title
      }}
    </caption>
    <tbody>
      <tr v-for="(row, place) in rows" :key="place" :class="row.verdict">
        <th scope="row"><AppSign :name="row.verdict" />{{ ' ' }}{{ verdictWord(row.verdict) }}</th>
        <td>{{ row.span }}</td>
        <td class="soft">{{ row.days }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  max-width: 30rem;
  border-collapse: collapse;
}

caption {
  padding: 0.25rem 0;
  font-weight: 600;
  text-align: left;
}

tr {
  border-top: 1px solid var(--rule);
}

tr:last-child {
  border-bottom: 1px solid var(--rule);
}

th,
td {
  padding: 0.125rem 1rem 0.125rem 0;
  font-weight: 400;
  text-align: left;
}

.sound th {
  color: var(--brine);
}

.act th,
.stop th {
  color: var(--rust);
}
</style>
