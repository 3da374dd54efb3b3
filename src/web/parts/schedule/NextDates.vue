<script setup lang="ts">
import ReasonList from '../../kit/ReasonList.vue';
import { dateText, type Speech } from '../../../locales/speech.ts';
import type { KeptLine } from './keptLines.ts';

/** The next three dates of each thing of a line, with their reasons; each as if the one before it were done on its day. */
defineProps<{ line: KeptLine; speech: Speech }>();
</script>

<template>
  <ul class="things">
    <li v-for="{ duty, asset, kept } in line.units" :key="duty.id">
      <p v-if="line.units.length > 1" class="small soft">{{ asset.name }}</p>
      <ol>
        <li v-for="{ key, window, reasons } in kept.next" :key="key">
          <p>
            <strong>{{ dateText(speech, window.due) }}</strong>,
            <span class="soft small"
              >{{ speech.formats.distance(speech.today, window.due) }};
              {{
                speech.t('upkeep.window', {
                  earliest: dateText(speech, window.earliest),
                  latest: dateText(speech, window.latest),
                })
              }}</span
            >
          </p>
          <ReasonList :reasons="reasons" :speech="speech" />
        </li>
      </ol>
    </li>
  </ul>
</template>

<style scoped>
.things > li + li {
  margin-top: calc(var(--line) / 2);
}
</style>
