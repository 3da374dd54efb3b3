// @vitest-environment happy-dom
import { flushPromises, type VueWrapper } from '@vue/test-utils';
import { afterEach, describe, expect, test } from 'vitest';
import { h } from 'vue';
import { useRouter } from 'vue-router';
import { mounted, node } from '../../../test/support/mounted.ts';
import AppHead from './AppHead.vue';
import PhoneBar from './PhoneBar.vue';

const HOME = '0192f0a0-0000-7000-8000-000000000001';
let shown: VueWrapper | null = null;
let told: string[] = [];
afterEach(() => {
  shown?.unmount();
  document.body.innerHTML = '';
  told = [];
});

/** Shows a part of the shell on a page. */
async function show(part: typeof AppHead | typeof PhoneBar, page: string, mayWrite = true): Promise<void> {
  const onPage = {
    setup: () => {
      void useRouter().push({ name: page });
      const props = {
        homeId: HOME,
        mayWrite,
        onSearch: () => told.push('search'),
        onLeave: () => told.push('leave'),
      };
      return () => node(part, props);
    },
  };
  shown = mounted(() => h(onPage));
  await flushPromises();
}
const texts = (css: string): string[] =>
  [...document.querySelectorAll(css)].map((one) => one.textContent.trim());

describe('the head', () => {
  test('has the five places, the one of the page marked, and the pages of that place under it', async () => {
    await show(AppHead, 'almanac');
    expect(texts('.places a')).toEqual(['Today', 'Plan', 'House', 'Record', 'How-to']);
    expect(texts('.places [aria-current]')).toEqual(['Plan']);
    expect(texts('.pages a')).toEqual(['Year', 'Weeks', 'Checklists', 'Schedule', 'Your time', 'Weather']);
  });

  test('a place of one page has no second row', async () => {
    await show(AppHead, 'today');
    expect(document.querySelector('.pages')).toBeNull();
  });

  test('logging is offered to who may write', async () => {
    await show(AppHead, 'today', false);
    expect(document.querySelector('[data-go=note]')).toBeNull();
    expect(document.querySelector('[data-go=trouble]')).not.toBeNull();
  });

  test('search opens from its button', async () => {
    await show(AppHead, 'today');
    document.querySelector<HTMLElement>('[data-act=search]')?.click();
    expect(told).toEqual(['search']);
  });
});

describe('the bar of a phone', () => {
  test('has Log in the middle of four places', async () => {
    await show(PhoneBar, 'thing');
    expect(texts('.bar a')).toEqual(['Today', 'Plan', 'Log', 'House', 'Record']);
    expect(texts('.bar [aria-current]')).toEqual(['House']);
  });
});
