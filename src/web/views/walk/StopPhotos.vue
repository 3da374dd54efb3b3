<script setup lang="ts">
import { computed, ref, useId } from 'vue';
import { useErrorText } from '../../composables/useErrorText.ts';
import { PHOTO_ACCEPT, usePhotos } from '../../composables/usePhotos.ts';
import { useSpeech } from '../../composables/useSpeech.ts';

/** A photo of a label, taken at the stop: nobody need type in a cellar. */
const props = defineProps<{ homeId: string; caption: string }>();
const speech = useSpeech();
const { add } = usePhotos(props.homeId);
const { tell } = useErrorText();
const t = computed(() => speech.value.t);
const id = useId();
const busy = ref(false);
const said = ref<{ text: string; wrong: boolean } | null>(null);

async function taken(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement;
  const [file] = field.files ?? [];
  if (!file || busy.value) return;
  busy.value = true;
  try {
    await add(file, props.caption);
    said.value = { text: t.value('walk.photoKept'), wrong: false };
  } catch (error) {
    said.value = { text: tell(error).text, wrong: true };
  } finally {
    busy.value = false;
    field.value = '';
  }
}
</script>

<template>
  <div class="photo">
    <label :for="id">{{ t('walk.photo') }}</label>
    <input
      :id="id"
      type="file"
      :accept="PHOTO_ACCEPT"
      capture="environment"
      :disabled="busy"
      @change="taken"
    />
    <p class="soft small">{{ t('walk.photoHint') }}</p>
    <p v-if="said" class="notice" :class="{ wrong: said.wrong }" role="status">{{ said.text }}</p>
  </div>
</template>

<style scoped>
.photo {
  margin-top: var(--line);
  padding-top: calc(var(--line) / 2);
  border-top: 1px solid var(--rule);
}

label {
  font-weight: 600;
}

.photo input {
  border: 0;
  padding-left: 0;
}
</style>
