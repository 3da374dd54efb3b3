<script setup lang="ts">
import { Plus } from 'lucide-vue-next';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { PLACES, placeOf } from './places.ts';

/** The places at the foot of a phone, with Log in the middle; how-to is reached from every task and from the person's menu. */
defineProps<{ homeId: string; mayWrite: boolean }>();
const { t } = useI18n({ useScope: 'global' });
const route = useRoute();
const here = computed(() => placeOf(route.name));
const shown = PLACES.filter(({ name }) => name !== 'howTo');
const halves = [shown.slice(0, 2), shown.slice(2)];
</script>

<template>
  <nav class="bar no-print" :aria-label="t('nav.label')">
    <template v-for="(half, index) in halves" :key="index">
      <RouterLink
        v-if="index === 1 && mayWrite"
        class="log"
        data-go="note"
        :to="{ name: 'note', params: { homeId } }"
      >
        <span class="disc"><Plus :size="24" aria-hidden="true" /></span>{{ t('nav.note') }}
      </RouterLink>
      <RouterLink
        v-for="place in half"
        :key="place.name"
        :to="{ name: place.pages[0], params: { homeId } }"
        :class="{ here: here === place }"
        :aria-current="here === place ? 'true' : undefined"
        :data-place="place.name"
      >
        <component :is="place.icon" :size="22" aria-hidden="true" />{{ t(`nav.${place.name}`) }}
      </RouterLink>
    </template>
  </nav>
</template>

<style scoped>
.bar {
  display: none;
}

@media (max-width: 44rem) {
  .bar {
    position: sticky;
    z-index: 5;
    bottom: 0;
    display: flex;
    height: var(--bar);
    border-top: 1px solid var(--rule);
    background: var(--paper);
  }

  .bar a {
    display: flex;
    flex: 1;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    gap: 0.125rem;
    color: var(--soft);
    font-size: 0.875rem;
    line-height: 1.125rem;
    text-decoration: none;
  }

  .bar a.here {
    color: var(--brine);
    font-weight: 600;
  }

  .log {
    color: var(--ink) !important;
  }

  .disc {
    display: flex;
    align-items: center;
    justify-content: center;
    width: 2.75rem;
    height: 2.25rem;
    border-radius: 2px;
    background: var(--brine);
    color: var(--on-brine);
  }
}
</style>
