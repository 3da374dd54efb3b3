<script setup lang="ts">
import { ref } from 'vue';
import { ask } from '../../device/ask.ts';
import { NoConnection } from '../../device/errors.ts';
import type { Translate } from '../../../locales/speech.ts';

/** Today of a home without tasks: the way to its walk-through, begun or gone on with, and to adding one thing. */
const props = defineProps<{ homeId: string; mayWrite: boolean; t: Translate }>();
const params = { homeId: props.homeId };
/** Stops of the walk that are done; 0 where it was not begun. */
const stops = ref(0);

async function read(): Promise<void> {
  try {
    const { state, finished } = await ask('walk', { params });
    stops.value = finished ? 0 : state.confirmed.length;
  } catch (error) {
    // The way there is the same; only how far one has come is not said.
    if (!(error instanceof NoConnection)) throw error;
  }
}
if (props.mayWrite) void read();
</script>

<template>
  <div class="notice">
    <p>
      <strong>{{ t('today.emptyTitle') }}.</strong> {{ t('today.empty') }}
    </p>
    <p v-if="mayWrite" class="ways">
      <RouterLink class="k-button k-filled" :to="{ name: 'walk', params }">{{
        stops > 0 ? t('today.walkOn', { n: stops }, stops) : t('nav.page.walk')
      }}</RouterLink>
      <RouterLink class="k-button k-word" :to="{ name: 'add', params }">{{ t('today.add') }}</RouterLink>
    </p>
  </div>
</template>
