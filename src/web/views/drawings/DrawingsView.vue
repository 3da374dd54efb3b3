<script setup lang="ts">
import { computed } from 'vue';
import { DRAWINGS_OF, type DrawingName } from '../../../core/catalogue/drawings/names.ts';
import { practiceSystemSchema } from '../../../core/practice/lists.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import DrawingFigure from '../../drawings/DrawingFigure.vue';

/** Every drawing by system: to look things up, and for whoever draws the next. */
const speech = useSpeech();
const t = computed(() => speech.value.t);
const systems = practiceSystemSchema.options.map((system) => ({
  system,
  names: DRAWINGS_OF[system] as readonly DrawingName[],
}));
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ t('drawings.title') }}</h1>
      <p class="soft">{{ t('drawings.lead') }}</p>
    </header>
    <section v-for="{ system, names } in systems" :key="system" :aria-labelledby="`drawings-${system}`">
      <h2 :id="`drawings-${system}`">{{ t(`system.${system}`) }}</h2>
      <div class="all">
        <DrawingFigure v-for="name in names" :key="name" :name="name" :wording="speech.wording" />
      </div>
    </section>
  </div>
</template>

<style scoped>
section {
  margin-top: var(--line);
}

.all {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(19rem, 100%), 1fr));
  gap: calc(var(--line) * 1.5) 2rem;
  margin-top: calc(var(--line) / 2);
}
</style>
