import { mount, type VueWrapper } from '@vue/test-utils';
import { createPinia } from 'pinia';
import PrimeVue from 'primevue/config';
import ToastService from 'primevue/toastservice';
import { defineComponent, h, type Component, type Slot, type VNode } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import { i18n } from '../../src/web/i18n.ts';
import { look } from '../../src/web/kit/look.ts';
import { PLACES } from '../../src/web/shell/places.ts';

/** Every page by its name, for links to lead to; they show nothing. */
const routes = [
  ...PLACES.flatMap(({ pages, inner }) => [...pages, ...Object.keys(inner)]),
  'note',
  'trouble',
  'homes',
].map((name) => ({ path: `/${name}`, name, component: { render: () => null } }));

/** Mounts something of the interface as the application does: with its controls, its words and a store of its own. */
export function mounted(render: () => VNode): VueWrapper {
  return mount(defineComponent({ render }), {
    attachTo: document.body,
    global: {
      plugins: [
        createPinia(),
        i18n,
        [PrimeVue, { unstyled: true, pt: look }],
        ToastService,
        createRouter({ history: createMemoryHistory(), routes }),
      ],
    },
  });
}

/** A component with props and slots, as a template would write it. */
export const node = (
  component: Component,
  props: Record<string, unknown>,
  slots: Record<string, Slot | (() => unknown)> = {},
): VNode => h(component as never, props, slots as never);

/** The button on the page with some text; throws where there is none. */
export function button(words: string): HTMLElement {
  const found = [...document.querySelectorAll('button')].find(
    (one) => one.textContent.trim() === words || one.getAttribute('aria-label') === words,
  );
  if (!found) throw new Error(`no button says “${words}”`);
  return found;
}
