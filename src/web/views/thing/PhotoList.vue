<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import TextField from '../../kit/TextField.vue';
import PhotoField from '../../kit/PhotoField.vue';
import PhotoThumb from '../../kit/PhotoThumb.vue';
import type { PhotoBody } from '../../../contract/photos.ts';
import type { Asset } from '../../../core/house/house.ts';
import type { Speech } from '../../../locales/speech.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { PHOTO_ACCEPT, usePhotos } from '../../composables/usePhotos.ts';

/** The photos of a thing: shown, added, taken away. Whoever may see the home may see them, nobody else. */
const props = defineProps<{
  asset: Asset;
  homeId: string;
  photos: readonly PhotoBody[];
  speech: Speech;
  mayWrite: boolean;
}>();
const emit = defineEmits<{ changed: [text: string] }>();

const { add, address, drop } = usePhotos(props.homeId);
const { tell } = useErrorText();
const t = computed(() => props.speech.t);
const caption = ref('');
const busy = ref(false);
const error = ref('');
const dropping = ref<string | null>(null);

async function work(act: () => Promise<string>, text: string): Promise<void> {
  if (busy.value) return;
  busy.value = true;
  error.value = '';
  try {
    const waits = await act();
    dropping.value = null;
    emit('changed', `${text}${waits}`);
  } catch (failure) {
    error.value = tell(failure).text;
  } finally {
    busy.value = false;
  }
}

async function send(file: Blob): Promise<void> {
  await work(
    async () => (await add(file, caption.value.trim(), props.asset.id)).said,
    t.value('thing.photoAdded'),
  );
  if (error.value === '') caption.value = '';
}
</script>

<template>
  <section :aria-label="t('thing.photos')" class="no-print">
    <h2>{{ t('thing.photos') }}</h2>
    <p v-if="photos.length === 0" class="soft">{{ t('thing.photosNone') }}</p>
    <ul v-else class="photos">
      <li v-for="photo in photos" :key="photo.id">
        <figure>
          <PhotoThumb
            :address="address(photo.id)"
            :width="photo.width"
            :height="photo.height"
            :alt="photo.caption || asset.name"
          />
          <figcaption class="small">{{ photo.caption }}</figcaption>
        </figure>
        <p v-if="mayWrite" class="small">
          <Button v-if="dropping !== photo.id" text @click="dropping = photo.id">
            {{ t('thing.dropPhoto') }}<span class="unseen">: {{ photo.caption || asset.name }}</span>
          </Button>
          <template v-else>
            {{ t('thing.dropPhotoSure') }}
            <Button text :disabled="busy" @click="work(() => drop(photo), t('thing.photoGone'))">
              {{ t('thing.dropPhoto') }}
            </Button>
            <Button text @click="dropping = null">{{ t('shell.cancel') }}</Button>
          </template>
        </p>
      </li>
    </ul>
    <div v-if="mayWrite" class="form pair">
      <TextField v-model="caption" :label="t('thing.caption')" maxlength="200" />
      <PhotoField
        :label="t('thing.addPhoto')"
        :hint="t('thing.photoHint')"
        :accept="PHOTO_ACCEPT"
        :busy="busy"
        :error="error"
        :again="t('shell.tryAgain')"
        @send="send"
      />
    </div>
  </section>
</template>

<style scoped>
.photos {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(12rem, 1fr));
  gap: 1rem;
  margin-bottom: var(--line);
}
</style>
