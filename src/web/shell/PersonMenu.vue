<script setup lang="ts">
import { CircleUserRound } from 'lucide-vue-next';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import KitMenu, { type Act } from '../kit/KitMenu.vue';
import { useKeySetting } from '../composables/useKeySetting.ts';
import { THEMES, useTheme } from '../composables/useTheme.ts';

/** The menu of the person and this device: how-to, colors, single keys, signing out. */
const props = defineProps<{ homeId: string | null }>();
const emit = defineEmits<{ leave: []; search: [] }>();
const { t } = useI18n({ useScope: 'global' });
const router = useRouter();
const theme = useTheme();
const keys = useKeySetting();

const ofHome = computed((): Act[] => {
  const { homeId } = props;
  if (homeId === null) return [];
  return [
    {
      label: t('shell.search'),
      act: () => {
        emit('search');
      },
    },
    { label: t('nav.howTo'), act: () => void router.push({ name: 'practices', params: { homeId } }) },
  ];
});
const acts = computed((): Act[] => [
  ...ofHome.value,
  { label: t('shell.account'), act: () => void router.push({ name: 'account' }) },
  ...THEMES.filter((one) => one !== theme.value).map((one) => ({
    label: t(`shell.themes.${one}`),
    act: () => {
      theme.value = one;
    },
  })),
  {
    label: t(keys.value ? 'shell.keysOff' : 'shell.keysOn'),
    act: () => {
      keys.value = !keys.value;
    },
  },
  {
    label: t('shell.signOut'),
    act: () => {
      emit('leave');
    },
  },
]);
</script>

<template>
  <KitMenu class="person-menu" :label="t('shell.person')" :acts="acts">
    <CircleUserRound :size="22" aria-hidden="true" />
  </KitMenu>
</template>

<style>
.person-menu {
  color: var(--ink);
}
</style>
