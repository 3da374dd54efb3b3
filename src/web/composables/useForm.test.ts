// @vitest-environment happy-dom
import { afterEach, expect, test } from 'vitest';
import { defineComponent, h, nextTick } from 'vue';
import type { VueWrapper } from '@vue/test-utils';
import { mounted } from '../../../test/support/mounted.ts';
import { useForm } from './useForm.ts';

type Form = ReturnType<typeof useForm>;
let form: Form;
let page: VueWrapper | undefined;
/** A form that has a place for the errors of some fields, and one below for all others. */
function shown(...fields: readonly string[]): void {
  const Fields = defineComponent(() => {
    form = useForm();
    return () => [...fields, ''].map((field) => h('p', { 'data-field': field }, form.errorAt(field)));
  });
  page = mounted(() => h(Fields));
}
const at = (field: string): string => page?.find(`[data-field="${field}"]`).text() ?? '';
afterEach(() => page?.unmount());

test.each([
  ['cost', 'cost'],
  ['entries[0].body.cost', 'cost'],
  ['entries[0].body.duty', ''],
  ['', ''],
])('an error about %j is shown at the field %j', async (about, field) => {
  shown('date', 'cost');
  form.show('It is wrong.', about);
  await nextTick();
  expect(at(field)).toBe('It is wrong.');
  expect(page?.text()).toBe('It is wrong.');
});

test('pressed twice it is sent once, and what went wrong before is gone', async () => {
  shown('date');
  form.show('It is wrong.', 'date');
  let sent = 0;
  let answer: () => void = () => undefined;
  const work = (): Promise<void> => {
    sent += 1;
    return new Promise((resolve) => (answer = resolve));
  };
  const sending = [form.submit(work), form.submit(work)];
  await nextTick();
  expect(at('date')).toBe('');
  expect(form.busy.value).toBe(true);
  answer();
  await Promise.all(sending);
  expect([sent, form.busy.value]).toEqual([1, false]);
});
