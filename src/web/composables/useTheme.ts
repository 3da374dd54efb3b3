import { useStorage } from '@vueuse/core';
import { watchEffect } from 'vue';
import { THEME } from '../device/kept.ts';

export const THEMES = ['device', 'light', 'dark'] as const;
export type Theme = (typeof THEMES)[number];

/** The colors chosen on this device; `device` follows its own setting. */
export const useTheme = () => useStorage<Theme>(THEME, 'device');

/** Shows the page in the colors that are chosen. */
export function useThemeShown(): void {
  const theme = useTheme();
  watchEffect(() => {
    if (theme.value === 'device') delete document.documentElement.dataset['theme'];
    else document.documentElement.dataset['theme'] = theme.value;
  });
}
