<script setup lang="ts">
import { computed, ref } from 'vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import PhotoThumb from '../../kit/PhotoThumb.vue';
import type { PhotoBody } from '../../../contract/photos.ts';
import type { HouseBody } from '../../../contract/schemas.ts';
import type { Speech } from '../../../locales/speech.ts';
import { usePhotos } from '../../composables/usePhotos.ts';
import { useErrorText } from '../../composables/useErrorText.ts';

/** Photos taken on the walk, before there was a thing to put them with: each is given to what it shows. */
const props = defineProps<{
  house: HouseBody;
  gone: readonly string[];
  photos: readonly PhotoBody[];
  speech: Speech;
  mayWrite: boolean;
}>();
const emit = defineEmits<{ saved: [text: string] }>();

const { address, place } = usePhotos(props.house.home.id);
const { tell } = useErrorText();
const t = computed(() => props.speech.t);
const error = ref('');
const loose = computed(() => props.photos.filter(({ asset }) => asset === null));
const things = computed(() => props.house.assets.filter(({ id }) => !props.gone.includes(id)));

async function shows(photo: PhotoBody, id: string): Promise<void> {
  if (id === '') return;
  error.value = '';
  try {
    const waits = await place(photo, id);
    const name = things.value.find((one) => one.id === id)?.name ?? '';
    emit('saved', `${t.value('thing.photoPlaced', { name })}${waits}`);
  } catch (failure) {
    error.value = tell(failure).text;
  }
}
</script>

<template>
  <section v-if="loose.length > 0" :aria-label="t('thing.loosePhotos')" class="no-print" data-test="loose">
    <h2>{{ t('thing.loosePhotos') }}</h2>
    <p class="soft small">{{ t('thing.loosePhotosLead') }}</p>
    <ul class="photos">
      <li v-for="photo in loose" :key="photo.id">
        <PhotoThumb
          :address="address(photo.id)"
          :width="photo.width"
          :height="photo.height"
          :alt="photo.caption"
        />
        <p class="small">{{ photo.caption }}</p>
        <ChoiceField
          v-if="mayWrite"
          model-value=""
          :label="t('thing.photoShows')"
          :options="[
            { value: '', label: t('thing.choose') },
            ...things.map((one) => ({ value: one.id, label: one.name })),
          ]"
          @update:model-value="shows(photo, $event)"
        />
      </li>
    </ul>
    <p v-if="error" class="notice wrong" role="alert">{{ error }}</p>
  </section>
</template>

<style scoped>
.photos {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
  gap: 1rem;
  margin-top: calc(var(--line) / 2);
}
</style>
