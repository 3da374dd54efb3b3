<script setup lang="ts">
import Select from 'primevue/select';
import { computed, useId } from 'vue';
import AppSign from '../../kit/AppSign.vue';
import BlockChoice from '../../kit/BlockChoice.vue';
import FieldRow from '../../kit/FieldRow.vue';
import type { Asset } from '../../../core/house/house.ts';
import { daysToRepair, type Look, type LookChoice } from '../../../core/practice/look.ts';
import { gravest, type Seen } from '../../../core/runs/seen.ts';
import { words, type Speech } from '../../../locales/speech.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';

/** One look: what may be seen as choices, for all its things at once or for each, and what follows from what was chosen. */
const props = defineProps<{
  look: Look;
  assets: readonly Asset[];
  seen: readonly Seen[];
  isLeftOut: boolean;
  speech: Speech;
}>();
const emit = defineEmits<{
  see: [choice: LookChoice, assets: readonly string[]];
  leave: [];
}>();

const t = computed(() => props.speech.t);
const id = useId();
const of = (asset: string): string | null => props.seen.find((one) => one.asset === asset)?.choice ?? null;
/** The choice of all its things; null where they differ or nothing is chosen. */
const ofAll = computed(() => {
  const [first, ...others] = props.assets.map(({ id: asset }) => of(asset));
  return first !== undefined && others.every((one) => one === first) ? first : null;
});
const options = computed(() =>
  props.look.choices.map(({ code, says }) => ({ value: code, text: words(props.speech, says) })),
);
const everything = computed(() => props.assets.map(({ id: asset }) => asset));
const worst = computed(() => gravest(props.seen));
const follows = computed((): string => {
  const { value } = worst;
  const choice = value && props.look.choices.find(({ code }) => code === value.choice);
  if (!choice) return '';
  const days = daysToRepair(choice);
  if (days === null) return t.value('run.seen.sound');
  const what = t.value(`run.seen.${choice.verdict}`, { n: days }, days);
  const work = (choice.repairs ?? []).map((code) => practiceTitle(props.speech, { from: 'catalogue', code }));
  return work.length === 0
    ? what
    : `${what} ${t.value('run.seen.repair', { work: props.speech.formats.list(work) })}`;
});

function choose(code: string, assets: readonly string[]): void {
  const choice = props.look.choices.find((one) => one.code === code);
  if (choice) emit('see', choice, assets);
}
</script>

<template>
  <fieldset class="look" :data-look="look.code">
    <legend>{{ words(speech, look.asks) }}</legend>
    <p v-if="assets.length > 1" class="soft small">{{ t('run.seen.all', { n: assets.length }) }}</p>
    <div class="blocks">
      <BlockChoice
        v-for="{ value, text } in options"
        :key="value"
        kind="radio"
        :name="id"
        :value="value"
        :model-value="ofAll === value"
        @update:model-value="choose(value, everything)"
        >{{ text }}</BlockChoice
      >
      <BlockChoice
        kind="radio"
        :name="id"
        value=""
        :model-value="isLeftOut"
        @update:model-value="emit('leave')"
        ><span class="soft">{{ t('run.seen.leave') }}</span></BlockChoice
      >
    </div>
    <template v-if="assets.length > 1 && seen.length > 0">
      <FieldRow v-for="asset in assets" :key="asset.id" v-slot="row" :label="asset.name">
        <Select
          :label-id="row.id"
          :model-value="of(asset.id)"
          :options="options"
          option-label="text"
          option-value="value"
          :aria-label="asset.name"
          @update:model-value="choose($event, [asset.id])"
        />
      </FieldRow>
    </template>
    <p v-if="worst" class="follows" role="status" :class="worst.verdict">
      <AppSign :name="worst.verdict" />{{ ' ' }}{{ follows }}
    </p>
  </fieldset>
</template>

<style scoped>
.look {
  display: grid;
  gap: 0.5rem;
}

legend {
  margin-bottom: 0.375rem;
  font-size: 1.125rem;
  font-weight: 600;
}

.blocks {
  display: grid;
  gap: 0.375rem;
}

.follows.act,
.follows.stop {
  color: var(--rust);
}
</style>
