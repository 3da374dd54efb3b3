// @vitest-environment happy-dom
import { flushPromises, type VueWrapper } from '@vue/test-utils';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { civil } from '../../../core/calendar/civilDate.ts';
import { Given } from '../../../core/walkthrough/given.ts';
import type { Answer, Question } from '../../../core/walkthrough/question.ts';
import { questionsAt, STOPS } from '../../../core/walkthrough/stops.ts';
import { speechIn } from '../../../../test/support/surroundings.ts';
import { mounted, node } from '../../../../test/support/mounted.ts';
import StopQuestions from './StopQuestions.vue';

const [household] = STOPS;
const questions: readonly Question[] = household ? questionsAt(household, new Given({})) : [];
let shown: VueWrapper | null = null;
const given: [string, Answer][] = [];

function show(width: number, wrong: { code: string; text: string } | null = null): void {
  vi.stubGlobal('innerWidth', width);
  window.matchMedia = (media) =>
    ({
      matches: media.includes('min-width') && width >= 700,
      media,
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
    }) as unknown as MediaQueryList;
  shown = mounted(() =>
    node(StopQuestions, {
      questions,
      answers: { people: 3, country: 'US' },
      given: new Given({}),
      speech: speechIn('en-US'),
      on: civil('2026-11-27'),
      hemisphere: 'north',
      wrong,
      onAnswer: (code: string, value: Answer) => given.push([code, value]),
    }),
  );
}
const open = (): string[] =>
  [...document.querySelectorAll<HTMLElement>('[data-question]')].map((one) => one.dataset['question'] ?? '');

beforeEach(() => {
  given.length = 0;
});
afterEach(async () => {
  await flushPromises();
  shown?.unmount();
  document.body.innerHTML = '';
  vi.unstubAllGlobals();
});

test('where there is room every question is asked', () => {
  show(1280);
  expect(open()).toEqual(questions.map(({ code }) => code));
});

test('on a phone one is asked; the others are a line each, with what is answered', async () => {
  show(390);
  expect(open()).toEqual([questions[0]?.code]);
  expect(document.querySelector('[data-folded=country]')?.textContent).toContain('United States');
  document.querySelector<HTMLElement>('[data-act=next-question]')?.click();
  await flushPromises();
  expect(open()).toEqual([questions[1]?.code]);
  expect(document.querySelector(`[data-folded=${questions[0]?.code ?? ''}]`)?.textContent).toContain('3');
  document.querySelector<HTMLElement>('[data-folded=country]')?.click();
  await flushPromises();
  expect(open()).toEqual(['country']);
  expect(document.querySelector('[data-act=next-question]')).toBeNull();
});
