<script setup lang="ts">
import { computed } from 'vue';
import type { HouseBody } from '../../../contract/schemas.ts';
import type { StepFact } from '../../../core/runs/stepFacts.ts';
import { factName } from '../../../locales/factName.ts';
import { factText } from '../../../locales/factText.ts';
import type { Speech } from '../../../locales/speech.ts';

/** The facts of a thing that this step needs: its size, its direction, where it is shut off. */
const props = defineProps<{ facts: readonly StepFact[]; house: HouseBody; speech: Speech }>();
const t = computed(() => props.speech.t);

const things = computed(() => {
  const ids = [...new Set(props.facts.map(({ asset }) => asset))];
  return ids.map((id) => ({
    id,
    name: props.house.assets.find((one) => one.id === id)?.name ?? '',
    lines: props.facts
      .filter(({ asset, value }) => asset === id && value !== null)
      .map(({ kind, fact, value }) => ({
        fact,
        name: factName(props.speech, fact),
        text: factText(props.speech, kind, fact, value),
      })),
    missing: props.facts
      .filter(({ asset, value }) => asset === id && value === null)
      .map(({ fact }) => factName(props.speech, fact)),
  }));
});
</script>

<template>
  <dl v-if="things.length > 0" class="facts" data-test="facts">
    <div v-for="thing in things" :key="thing.id" class="thing">
      <dt>{{ thing.name }}</dt>
      <dd>
        <span v-for="line in thing.lines" :key="line.fact" class="line"
          ><span class="soft">{{ line.name }}</span
          >{{ ' ' }}<strong>{{ line.text }}</strong></span
        >
        <span v-if="thing.missing.length > 0" class="line soft">
          {{ t('run.factMissing', { what: speech.formats.list(thing.missing) }) }}
          <RouterLink
            :to="{
              name: 'thing',
              params: { homeId: house.home.id, assetId: thing.id },
              query: { tab: 'facts' },
            }"
            >{{ t('run.factNote') }}</RouterLink
          >
        </span>
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.facts {
  display: grid;
  gap: 0.25rem;
  padding: 0.375rem 0;
  border-top: 1px solid var(--rule);
  border-bottom: 1px solid var(--rule);
}

dt {
  font-weight: 600;
}

dd {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1.25rem;
}
</style>
