<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import type { HouseBody, UpkeepBody } from '../../../contract/schemas.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { ask } from '../../device/ask.ts';
import PageState from '../../kit/PageState.vue';
import { useHome } from '../../stores/home.ts';

/** The frame of a page about the house itself: its title, what is known of the house, and its reading. `also`: what the page reads besides. */
const props = defineProps<{
  title: string;
  lead: string;
  also?: (homeId: string) => Promise<void>;
  /** As wide as the page, for a drawing. */ wide?: boolean;
}>();
defineSlots<{
  default(props: {
    house: HouseBody;
    upkeep: UpkeepBody;
    /** Says what came of a change, and reads anew what it may have moved. */
    changed: (text: string) => Promise<void>;
  }): unknown;
}>();
const route = useRoute();
const home = useHome();
const speech = useSpeech();
const say = useSaying();
const t = computed(() => speech.value.t);
const homeId = String(route.params['homeId']);
const upkeep = ref<UpkeepBody | null>(null);

const { state, load } = useLoading(async () => {
  const [, body] = await Promise.all([
    home.load(homeId),
    ask('upkeep', { params: { homeId } }),
    props.also?.(homeId),
  ]);
  upkeep.value = body;
});
/** The known facts, as of the day on screen. */
const current = computed(() => (upkeep.value && upkeep.value.known.on === home.on ? upkeep.value : null));

async function changed(text: string): Promise<void> {
  await load();
  say({ text });
}
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ title }}</h1>
      <p class="soft">{{ lead }}</p>
    </header>
    <div class="house" :class="{ column: !wide }">
      <PageState
        v-if="state.kind !== 'ready'"
        :state="state"
        :loading="t('shell.loading')"
        :again="t('shell.tryAgain')"
        @again="load"
      />
      <slot v-else-if="home.house && current" :house="home.house" :upkeep="current" :changed="changed" />
    </div>
  </div>
</template>

<style>
/* One style for the lists of these pages, in whichever part they stand. */
.house section {
  margin-bottom: calc(var(--line) * 2);
}

.house .row {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 1rem;
  padding: 0.25rem 0;
}
</style>
