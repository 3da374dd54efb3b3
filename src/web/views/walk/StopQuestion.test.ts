// @vitest-environment happy-dom
import { flushPromises, type VueWrapper } from '@vue/test-utils';
import { afterEach, describe, expect, test } from 'vitest';
import { civil } from '../../../core/calendar/civilDate.ts';
import { Given } from '../../../core/walkthrough/given.ts';
import type { Answer, Question } from '../../../core/walkthrough/question.ts';
import { speechIn } from '../../../../test/support/surroundings.ts';
import { button, mounted, node } from '../../../../test/support/mounted.ts';
import StopQuestion from './StopQuestion.vue';

const answers: Answer[] = [];
let shown: VueWrapper | null = null;
const ask = (question: Question, answer: Answer = null): void => {
  shown = mounted(() =>
    node(StopQuestion, {
      question,
      given: new Given({}),
      speech: speechIn('en-US'),
      error: '',
      on: civil('2026-11-27'),
      hemisphere: 'north',
      modelValue: answer,
      'onUpdate:modelValue': (value: Answer) => answers.push(value),
    }),
  );
};
afterEach(async () => {
  await flushPromises();
  shown?.unmount();
  document.body.innerHTML = '';
  answers.length = 0;
});
const option = async (words: string): Promise<void> => {
  document.querySelector<HTMLElement>('[role=combobox]')?.click();
  await flushPromises();
  const found = [...document.querySelectorAll<HTMLElement>('[role=option]')].find(
    (one) => one.textContent.trim() === words,
  );
  if (!found) throw new Error(`no option says ${words}`);
  found.dispatchEvent(new MouseEvent('mousedown', { bubbles: true }));
};

describe('a question of the walk', () => {
  test('when something was last done is chosen from seasons, never, or not known', async () => {
    ask({ kind: 'lastDone', code: 'last-gutters' });
    expect(document.body.textContent).toContain('don’t know yet');
    await option('Fall 2026');
    expect(answers).toEqual(['2026-autumn']);
  });

  test('not known is said as nothing', async () => {
    ask({ kind: 'lastDone', code: 'last-gutters' }, 'never');
    expect(document.body.textContent).toContain('never');
    await option('don’t know yet');
    expect(answers).toEqual([null]);
  });

  test('a country is chosen by its name', async () => {
    ask({ kind: 'country', code: 'country' }, 'US');
    expect(document.body.textContent).toContain('United States');
    await option('New Zealand');
    expect(answers).toEqual(['NZ']);
  });

  test('a count goes up and down within its bounds', () => {
    ask({ kind: 'count', code: 'garage-doors', min: 1, max: 4 }, 1);
    expect(button('one fewer').hasAttribute('disabled')).toBe(true);
    button('one more').click();
    expect(answers).toEqual([2]);
  });

  test('what a choice means is said beside it where that is not plain', () => {
    ask({ kind: 'yesNo', code: 'senses-co' });
    expect(document.body.textContent).toContain('A combined alarm means fewer alarms');
  });
});
