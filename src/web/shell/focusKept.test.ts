// @vitest-environment happy-dom
import { mount } from '@vue/test-utils';
import { afterEach, expect, test } from 'vitest';
import { defineComponent, h, nextTick, ref } from 'vue';
import { useFocusKept } from './useFocusKept.ts';

const open = ref(true);
const Page = defineComponent({
  setup() {
    useFocusKept();
    return () =>
      h('main', [
        h('ul', [h('li', { id: 'line' }, open.value ? [h('form', [h('input', { id: 'field' })])] : [])]),
      ]);
  },
});

afterEach(() => {
  document.body.innerHTML = '';
  open.value = true;
});

/** The observer is told after the page has changed. */
const settled = (): Promise<void> => new Promise((done) => setTimeout(done));

test('when a form is gone that had the focus, the line it stood on has it', async () => {
  const page = mount(Page, { attachTo: document.body });
  document.getElementById('field')?.focus();
  open.value = false;
  await nextTick();
  await settled();
  expect(document.activeElement?.id).toBe('line');
  page.unmount();
});

test('focus that is somewhere else stays there', async () => {
  const page = mount(Page, { attachTo: document.body });
  const other = document.body.appendChild(document.createElement('button'));
  other.focus();
  open.value = false;
  await nextTick();
  await settled();
  expect(document.activeElement).toBe(other);
  page.unmount();
});
