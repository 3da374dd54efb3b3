<script setup lang="ts">
import { computed, ref } from 'vue';
import PhotoField from '../../kit/PhotoField.vue';
import { useErrorText } from '../../composables/useErrorText.ts';
import { PHOTO_ACCEPT, usePhotos } from '../../composables/usePhotos.ts';
import { useSpeech } from '../../composables/useSpeech.ts';

/** A photo of a label, taken at the stop: nobody need type in a cellar. */
const props = defineProps<{ homeId: string; caption: string }>();
const speech = useSpeech();
const { add } = usePhotos(props.homeId);
const { tell } = useErrorText();
const t = computed(() => speech.value.t);
const busy = ref(false);
const error = ref('');
const kept = ref('');

async function send(file: Blob): Promise<void> {
  if (busy.value) return;
  busy.value = true;
  error.value = '';
  try {
    const { said } = await add(file, props.caption);
    kept.value = `${t.value('walk.photoKept')}${said}`;
  } catch (failure) {
    error.value = tell(failure).text;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <div class="photo">
    <PhotoField
      :label="t('walk.photo')"
      :hint="t('walk.photoHint')"
      :accept="PHOTO_ACCEPT"
      :busy="busy"
      :error="error"
      :again="t('shell.tryAgain')"
      camera
      @send="send"
    />
    <p v-if="kept && !error" class="notice" role="status">{{ kept }}</p>
  </div>
</template>

<style scoped>
.photo {
  margin-top: var(--line);
  padding-top: calc(var(--line) / 2);
  border-top: 1px solid var(--rule);
}
</style>
