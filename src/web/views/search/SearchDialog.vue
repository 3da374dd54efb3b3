<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { computed, ref } from 'vue';
import { useSpeech } from '../../composables/useSpeech.ts';
import KitDialog from '../../kit/KitDialog.vue';
import { useSearch } from './useSearch.ts';

/** Finds anything of the home by its name: when it was last done, where it is, how it is done, what the record says. */
const props = defineProps<{ homeId: string }>();
const emit = defineEmits<{ close: [] }>();
const speech = useSpeech();
const t = computed(() => speech.value.t);
const text = ref('');
const { begin, groups, wrong } = useSearch(props.homeId, text);
void begin();
</script>

<template>
  <KitDialog open :title="t('search.title')" :close-label="t('shell.close')" @update:open="emit('close')">
    <div class="search">
      <InputText
        v-model="text"
        type="search"
        :aria-label="t('search.field')"
        :placeholder="t('search.field')"
        autocomplete="off"
        maxlength="100"
      />
      <p v-if="wrong" class="notice wrong" role="alert">{{ wrong }}</p>
      <p v-if="text.trim() === ''" class="soft small">{{ t('search.lead') }}</p>
      <p v-else-if="groups.length === 0" class="soft" role="status">{{ t('search.none', { text }) }}</p>
      <section v-for="{ group, hits } in groups" :key="group" :aria-labelledby="`found-${group}`">
        <h3 :id="`found-${group}`">{{ t(`search.${group}`) }}</h3>
        <ul class="ruled">
          <li v-for="hit in hits" :key="hit.key">
            <RouterLink :to="hit.to" :data-hit="group" @click="emit('close')">
              <span class="name">{{ hit.title }}</span>
              <span class="soft small">{{ hit.more }}</span>
            </RouterLink>
          </li>
        </ul>
      </section>
    </div>
  </KitDialog>
</template>

<style scoped>
.search {
  display: grid;
  gap: calc(var(--line) / 2);
  min-height: 50vh;
  align-content: start;
}

h3 {
  color: var(--soft);
  font-size: 0.9375rem;
  font-weight: 600;
}

a {
  display: block;
  min-height: 2.75rem;
  padding: 0.375rem 0;
  color: var(--ink);
  text-decoration: none;
}

a:hover .name {
  text-decoration: underline;
}

.name {
  display: block;
  font-weight: 600;
}

.record .name {
  font-weight: 400;
}
</style>
