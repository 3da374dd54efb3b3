<script setup lang="ts">
import { Camera } from 'lucide-vue-next';
import Button from 'primevue/button';
import { computed } from 'vue';
import PhotoThumb from '../../kit/PhotoThumb.vue';
import type { PhotoBody } from '../../../contract/photos.ts';
import type { Asset } from '../../../core/house/house.ts';
import { keyFactsText } from '../../../locales/keyFactsText.ts';
import type { Speech } from '../../../locales/speech.ts';

/** A thing at a glance: its photo, the facts asked most in large, when it was last seen to and what comes next. */
const props = defineProps<{
  asset: Asset;
  photo: PhotoBody | null;
  addressOf: (photoId: string) => string;
  /** The next task and the last one done, each with its day. */
  dates: readonly {
    readonly label: string;
    readonly day: string;
    readonly what: string;
    readonly late: boolean;
  }[];
  speech: Speech;
  mayWrite: boolean;
}>();
const emit = defineEmits<{ photo: [] }>();
const shown = computed(() => keyFactsText(props.speech, props.asset));
</script>

<template>
  <div class="glance">
    <PhotoThumb
      v-if="photo"
      class="photo"
      :address="addressOf(photo.id)"
      :width="photo.width"
      :height="photo.height"
      :alt="photo.caption || asset.name"
    />
    <Button
      v-else-if="mayWrite"
      outlined
      class="photo none no-print"
      data-act="first-photo"
      @click="emit('photo')"
    >
      <Camera :size="20" aria-hidden="true" />{{ speech.t('thing.addPhoto') }}
    </Button>
    <dl>
      <div v-for="one in shown" :key="one.code" :data-key-fact="one.code">
        <dt class="soft small">{{ one.name }}</dt>
        <dd>{{ one.text }}</dd>
      </div>
      <div v-for="one in dates" :key="one.label" :class="{ late: one.late }">
        <dt class="soft small">{{ one.label }}</dt>
        <dd>
          {{ one.day }} <span class="what">{{ one.what }}</span>
        </dd>
      </div>
    </dl>
  </div>
</template>

<style scoped>
.glance {
  display: flex;
  flex-wrap: wrap;
  gap: 1rem 1.5rem;
  margin-bottom: var(--line);
}

.photo {
  flex: 0 0 12rem;
}

.none {
  min-height: 6rem;
  border-style: dashed;
  color: var(--soft);
}

dl {
  display: grid;
  flex: 1 1 16rem;
  grid-template-columns: repeat(auto-fill, minmax(9.5rem, 1fr));
  gap: 0.75rem 1.5rem;
  align-content: start;
}

dd {
  font-family: var(--serif);
  font-size: 1.25rem;
  line-height: 1.3;
}

.what {
  display: block;
  font-family: var(--face);
  font-size: 0.875rem;
}

.late dd {
  color: var(--rust);
}

@media (width < 44rem) {
  .photo {
    flex: 1 1 100%;
  }

  .none {
    min-height: 2.75rem;
  }
}
</style>
