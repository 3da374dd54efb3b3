<script setup lang="ts">
import { computed, ref } from 'vue';
import PhotoField from '../../kit/PhotoField.vue';
import type { Speech } from '../../../locales/speech.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { PHOTO_ACCEPT, usePhotos } from '../../composables/usePhotos.ts';

/** A photo first, its place after: it is sent at once, and goes to what is picked. */
const props = defineProps<{ homeId: string; speech: Speech }>();
const photo = defineModel<string | null>({ required: true });
const t = computed(() => props.speech.t);
const { tell } = useErrorText();
const photos = usePhotos(props.homeId);
const sending = ref(false);
const error = ref('');

async function send(file: Blob): Promise<void> {
  sending.value = true;
  error.value = '';
  try {
    photo.value = (await photos.add(file, '')).id;
  } catch (problem) {
    error.value = tell(problem).text;
  } finally {
    sending.value = false;
  }
}
</script>

<template>
  <PhotoField
    camera
    :label="t('log.photo')"
    :hint="photo === null ? '' : t('log.photoKept')"
    :accept="PHOTO_ACCEPT"
    :busy="sending"
    :error="error"
    :again="t('shell.tryAgain')"
    @send="send"
  />
</template>
