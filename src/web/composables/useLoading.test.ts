// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils';
import { afterEach, describe, expect, test } from 'vitest';
import { defineComponent, h } from 'vue';
import { mounted } from '../../../test/support/mounted.ts';
import { ApiError, NoConnection } from '../device/errors.ts';
import { useLoading } from './useLoading.ts';

let read: () => Promise<void> = () => Promise.resolve();
let again: () => Promise<void> = () => Promise.resolve();
const Page = defineComponent(() => {
  const { state, load } = useLoading(() => read());
  again = load;
  return () => (state.value.kind === 'ready' ? h('input', { id: 'field' }) : h('p', state.value.kind));
});
const open: { unmount: () => void }[] = [];
const shown = async () => {
  const page = mounted(() => h(Page));
  open.push(page);
  await flushPromises();
  return page;
};
afterEach(() => {
  for (const page of open.splice(0)) page.unmount();
  read = () => Promise.resolve();
});

describe('a page that is read anew', () => {
  test('keeps what is on screen meanwhile, and with it the focus', async () => {
    await shown();
    const field = document.querySelector('input');
    field?.focus();
    let answer: () => void = () => undefined;
    read = () => new Promise((resolve) => (answer = resolve));
    const reading = again();
    await flushPromises();
    expect(document.activeElement).toBe(field);
    answer();
    await reading;
    await flushPromises();
    expect(document.activeElement).toBe(field);
  });

  test('keeps it where nobody can be asked', async () => {
    const page = await shown();
    read = () => Promise.reject(new NoConnection(null));
    await again();
    await flushPromises();
    expect(page.find('input').exists()).toBe(true);
  });

  test('does not keep what one may no longer see', async () => {
    const page = await shown();
    read = () => Promise.reject(new ApiError({ code: 'not-found', logId: 'l' }, 404));
    await again();
    await flushPromises();
    expect(page.text()).toBe('failed');
  });
});

test('a page that was never read says that it could not be', async () => {
  read = () => Promise.reject(new NoConnection(null));
  const page = await shown();
  expect(page.text()).toBe('failed');
});
