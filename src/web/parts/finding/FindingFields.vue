<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import type { AssetKind } from '../../../core/basics/assetKind.ts';
import { knownProblems } from '../../../core/runs/knownProblems.ts';
import { catalogue } from '../../catalogue.ts';
import ChoiceField from '../../kit/ChoiceField.vue';
import PhotoField from '../../kit/PhotoField.vue';
import TextField from '../../kit/TextField.vue';
import { USUAL_DAYS, type FindingDraft } from './findingDraft.ts';
import { nameIn, type Speech } from '../../../locales/speech.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { PHOTO_ACCEPT, usePhotos } from '../../composables/usePhotos.ts';

/** A finding on a thing: in words, how grave, where on it, within how many days it is put right, and a photo kept with the thing. */
const props = defineProps<{
  homeId: string;
  asset: string;
  kind: AssetKind | undefined;
  verdicts: readonly FindingDraft['verdict'][];
  speech: Speech;
  errorAt: (field: string) => string | undefined;
}>();
const what = defineModel<string>('what', { required: true });
const verdict = defineModel<FindingDraft['verdict']>('verdict', { required: true });
const place = defineModel<string>('place', { required: true });
const days = defineModel<string>('days', { required: true });
const photo = defineModel<string | null>('photo', { required: true });
const repairs = defineModel<readonly string[]>('repairs', { required: true });

const t = computed(() => props.speech.t);
const { tell } = useErrorText();
const photos = usePhotos(props.homeId);
const sending = ref(false);
const photoError = ref('');

/** Problems this sort of thing is known for: one tap names it, and its repair stands with it. */
const known = computed(() =>
  (props.kind === undefined ? [] : knownProblems(props.kind, catalogue.value?.practices ?? [])).map(
    (one) => ({
      ...one,
      name: nameIn(props.speech, 'trigger', one.trigger),
    }),
  ),
);
// The repair belongs to the name: written otherwise it is another problem.
watch(what, (now) => {
  repairs.value = known.value.find(({ name }) => name === now.trim())?.repairs ?? [];
});

async function send(file: Blob): Promise<void> {
  sending.value = true;
  photoError.value = '';
  try {
    photo.value = (await photos.add(file, what.value.trim().slice(0, 200), props.asset)).id;
  } catch (error) {
    photoError.value = tell(error).text;
  } finally {
    sending.value = false;
  }
}
</script>

<template>
  <div v-if="known.length > 0" class="known">
    <p class="small soft">{{ t('findings.known') }}</p>
    <Button
      v-for="one in known"
      :key="one.trigger"
      :outlined="what !== one.name"
      :aria-pressed="what === one.name"
      :data-problem="one.trigger"
      @click="what = one.name"
      >{{ one.name }}</Button
    >
  </div>
  <div class="pair">
    <TextField v-model="what" :label="t('note.what')" :error="errorAt('what')" maxlength="200" />
    <ChoiceField
      v-model="verdict"
      :label="t('note.verdict')"
      :options="verdicts.map((one) => ({ value: one, label: t(`note.verdicts.${one}`) }))"
    />
    <TextField v-model="place" :label="t('findings.place')" maxlength="200" />
    <TextField
      v-if="verdict !== 'sound'"
      v-model="days"
      :label="t('findings.days')"
      :hint="t('bench.usually', { n: USUAL_DAYS[verdict] })"
      :error="errorAt('days')"
      inputmode="numeric"
    />
  </div>
  <p v-if="repairs.length > 0" class="small" role="status">
    {{ t('findings.fixedBy') }}
    {{ speech.formats.list(repairs.map((code) => practiceTitle(speech, { from: 'catalogue', code }))) }}
  </p>
  <PhotoField
    v-if="asset !== ''"
    :label="t('findings.photo')"
    :hint="photo === null ? t('findings.photoHint') : t('findings.photoKept')"
    :accept="PHOTO_ACCEPT"
    :busy="sending"
    :error="photoError"
    :again="t('shell.tryAgain')"
    @send="send"
  />
</template>

<style scoped>
.known {
  display: flex;
  flex-wrap: wrap;
  gap: 0.375rem;
}

.known p {
  flex: 1 0 100%;
}
</style>
