import { useMutationObserver, usePreferredDark } from '@vueuse/core';
import { readonly, ref, watch, type Ref } from 'vue';

/** The colors and letters of a chart: those of the page, whatever the theme. */
export interface Inks {
  readonly ink: string;
  readonly soft: string;
  readonly rule: string;
  readonly face: string;
  readonly brine: string;
  readonly rust: string;
  readonly slate: string;
}

function read(): Inks {
  const style = getComputedStyle(document.documentElement);
  const ink = (name: string): string => style.getPropertyValue(`--${name}`).trim();
  return {
    ink: ink('ink'),
    soft: ink('soft'),
    rule: ink('rule'),
    face: ink('face'),
    brine: ink('brine'),
    rust: ink('rust'),
    slate: ink('slate'),
  };
}

/** The colors of the theme on screen; they change with it. */
export function useInks(): Readonly<Ref<Inks>> {
  const inks = ref(read());
  const again = (): void => {
    inks.value = read();
  };
  watch(usePreferredDark(), again, { flush: 'post' });
  useMutationObserver(document.documentElement, again, { attributeFilter: ['data-theme'] });
  return readonly(inks);
}
