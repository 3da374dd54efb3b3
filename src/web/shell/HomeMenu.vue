<script setup lang="ts">
import { ChevronDown } from 'lucide-vue-next';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import KitMenu, { type Act } from '../kit/KitMenu.vue';
import { useSession } from '../stores/session.ts';
import { pageInAnotherHome } from './places.ts';

/** The name of the open home. It opens the list of homes; choosing one keeps the page. */
const props = defineProps<{ homeId: string }>();
const { t } = useI18n({ useScope: 'global' });
const route = useRoute();
const router = useRouter();
const session = useSession();

const name = computed(() => session.homes.find(({ id }) => id === props.homeId)?.name ?? t('nav.homes'));
const acts = computed((): Act[] => [
  { label: t('nav.homes'), act: () => void router.push({ name: 'homes', query: { all: '1' } }) },
  ...session.homes.map((one) => ({
    label: one.name,
    act: () => void router.push({ name: pageInAnotherHome(route.name), params: { homeId: one.id } }),
  })),
]);
</script>

<template>
  <KitMenu class="home-menu" :label="t('shell.chooseHome', { name })" :acts="acts">
    <span class="name">{{ name }}</span>
    <ChevronDown :size="18" aria-hidden="true" />
  </KitMenu>
</template>

<style>
.home-menu svg {
  flex: none;
}

.home-menu {
  color: var(--ink);
  min-width: 0;
}

.home-menu .name {
  flex: 0 1 auto;
  min-width: 0;
  max-width: 14rem;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

@media (max-width: 44rem) {
  .home-menu .name {
    max-width: 7.5rem;
  }
}
</style>
