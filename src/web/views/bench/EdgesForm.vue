<script setup lang="ts">
import Button from 'primevue/button';
import { ref } from 'vue';
import FormFoot from '../../kit/FormFoot.vue';
import TextField from '../../kit/TextField.vue';
import { readTypedNumber } from '../../../core/units/typedNumber.ts';
import { withEdges, type Scale } from '../../../core/readings/scale.ts';
import type { ReadingSpeech } from '../../../locales/readings/readingText.ts';
import { unitSymbol } from '../../../locales/readings/readingText.ts';

/** Edges of a band as this home wants them, in the unit the band is written in. */
const props = defineProps<{ usual: Scale; now: Scale; unit: string; speech: ReadingSpeech; busy: boolean }>();
const emit = defineEmits<{ save: [edges: number[] | null]; close: [] }>();

const typed = ref(props.now.cuts.map(({ at }) => String(at)));
const error = ref('');

function send(): void {
  const edges = typed.value.map((text) => {
    const read = readTypedNumber(text);
    return read.ok ? read.value : NaN;
  });
  if (!withEdges(props.usual, edges)) {
    error.value = props.speech.t('bench.edgesBad');
    return;
  }
  emit('save', edges);
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="send">
    <p class="small">{{ speech.t('bench.edgesWhy') }}</p>
    <div class="pair">
      <TextField
        v-for="(_, place) in typed"
        :key="place"
        v-model="typed[place]!"
        :label="`${speech.t('bench.edge', { n: place + 1 })}, ${unitSymbol(unit)}`"
        inputmode="decimal"
      />
    </div>
    <FormFoot :error="error" :send="speech.t('bench.edgesSave')" :busy="busy">
      <Button text @click="emit('save', null)">{{ speech.t('bench.edgesUsual') }}</Button>
      <Button text @click="emit('close')">{{ speech.t('shell.cancel') }}</Button>
    </FormFoot>
  </form>
</template>
