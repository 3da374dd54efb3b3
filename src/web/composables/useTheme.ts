import { useStorage } from '@vueuse/core';
import { watchEffect } from 'vue';
import { THEME } from '../device/kept.ts';

export const THEMES = ['device', 'light', 'dark'] as const;
export type Theme = (typeof THEMES)[number];

/** The colors chosen on this device; `device` follows its own setting. */
export function useTheme() {
  const theme = useStorage<Theme>(THEME, 'device');
  watchEffect(() => {
    if (theme.value === 'device') delete document.documentElement.dataset['theme'];
    else document.documentElement.dataset['theme'] = theme.value;
  });
  return theme;
}
