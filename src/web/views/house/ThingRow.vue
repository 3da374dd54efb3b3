<script setup lang="ts">
import { computed } from 'vue';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { ageingOf } from '../../../core/house/expectedLife.ts';
import type { Asset } from '../../../core/house/house.ts';
import { factText } from '../../../locales/factText.ts';
import type { Speech } from '../../../locales/speech.ts';

/** One thing of a list, with what is worth seeing at a glance; its name leads to its page. */
const props = defineProps<{ asset: Asset; homeId: string; on: CivilDate; speech: Speech }>();

/** The facts worth seeing at a glance, of whatever has them. */
const GLANCE = ['fuel', 'filter', 'size', 'tap', 'heater', 'covering', 'power', 'made'] as const;
const t = computed(() => props.speech.t);
const says = computed(() => {
  const { asset } = props;
  const facts = asset.facts ?? {};
  const told = GLANCE.flatMap((code) => {
    const value = facts[code];
    return value === undefined || value === null ? [] : [factText(props.speech, asset.kind, code, value)];
  });
  const kind = t.value(`assetKind.${asset.kind}`);
  return [...(kind === asset.name ? [] : [kind]), ...told].join(', ');
});

const unknown = computed(
  () => Object.values(props.asset.facts ?? {}).filter((value) => value === null).length,
);
const isPast = computed(() => ageingOf(props.asset, props.on)?.standing === 'past');
</script>

<template>
  <li class="row thing">
    <span>
      <RouterLink :to="{ name: 'thing', params: { homeId, assetId: asset.id } }">{{ asset.name }}</RouterLink>
      {{ ' ' }}<span class="soft small">{{ says }}</span>
    </span>
    <span class="small">
      <span v-if="isPast" class="past">{{ t('thing.pastLife') }}</span>
      {{ ' ' }}<span v-if="unknown > 0" class="soft"> {{ t('rooms.unknown', { n: unknown }, unknown) }}</span>
    </span>
  </li>
</template>

<style scoped>
.thing {
  padding: 0 0 0 1.25rem !important;
}
</style>
