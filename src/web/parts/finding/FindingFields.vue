<script setup lang="ts">
import { computed, ref } from 'vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import PhotoField from '../../kit/PhotoField.vue';
import TextField from '../../kit/TextField.vue';
import { USUAL_DAYS, type FindingDraft } from './findingDraft.ts';
import type { Speech } from '../../../locales/speech.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { PHOTO_ACCEPT, usePhotos } from '../../composables/usePhotos.ts';

/** A finding on a thing: in words, how grave, where on it, within how many days it is put right, and a photo kept with the thing. */
const props = defineProps<{
  homeId: string;
  asset: string;
  verdicts: readonly FindingDraft['verdict'][];
  speech: Speech;
  errorAt: (field: string) => string | undefined;
}>();
const what = defineModel<string>('what', { required: true });
const verdict = defineModel<FindingDraft['verdict']>('verdict', { required: true });
const place = defineModel<string>('place', { required: true });
const days = defineModel<string>('days', { required: true });
const photo = defineModel<string | null>('photo', { required: true });

const t = computed(() => props.speech.t);
const { tell } = useErrorText();
const photos = usePhotos(props.homeId);
const sending = ref(false);
const photoError = ref('');

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
  <div class="pair">
    <TextField v-model="what" :label="t('note.what')" :error="errorAt('what')" maxlength="200" />
    <ChoiceField v-model="verdict" :label="t('note.verdict')">
      <option v-for="one in verdicts" :key="one" :value="one">{{ t(`note.verdicts.${one}`) }}</option>
    </ChoiceField>
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
