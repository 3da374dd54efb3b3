<script setup lang="ts">
import { computed } from 'vue';
import type { EmergencyPoint } from '../../../core/house/emergencyPoints.ts';
import { capital, type Speech } from '../../../locales/speech.ts';

/** Where something is shut off, and how. */
const props = defineProps<{ points: readonly EmergencyPoint[]; speech: Speech }>();
const t = computed(() => props.speech.t);
const lines = computed(() =>
  props.points.map(({ asset, kind, name, space, place, handle, how }) => ({
    key: asset ?? kind,
    kind,
    name: name ?? t.value(`assetKind.${kind}`),
    where: [place, space].filter((one) => one !== null).join(', '),
    how: capital(how ?? (handle === null ? '' : t.value(`shutoffHow.${handle}`))),
  })),
);
</script>

<template>
  <dl class="shutoffs">
    <div v-for="line in lines" :key="line.key" :data-shutoff="line.kind">
      <dt>{{ line.name }}</dt>
      <dd>
        <strong v-if="line.where">{{ line.where }}</strong>
        <span v-else class="soft">{{ t('trouble.shutsNone') }}</span>
        <span v-if="line.how" class="small">. {{ line.how }}</span>
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.shutoffs > div {
  padding: 0.25rem 0;
  border-bottom: 1px solid var(--rule);
}

dd {
  margin: 0;
}
</style>
