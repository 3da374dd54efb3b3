// @vitest-environment happy-dom
import { mount } from '@vue/test-utils';
import { afterEach, describe, expect, test } from 'vitest';
import { DRAWING_NAMES } from '../../core/catalogue/drawings/names.ts';
import { drawingText } from '../../locales/drawings/drawingText.ts';
import { button, mounted, node } from '../../../test/support/mounted.ts';
import DrawingFigure from './DrawingFigure.vue';
import DrawingSvg from './DrawingSvg.vue';
import PracticeDrawings from './PracticeDrawings.vue';

const wording = { vocabulary: 'en-GB', units: 'metric' } as const;
afterEach(() => {
  document.body.innerHTML = '';
});
const linesOf = (root: Element): string[] =>
  [...root.querySelectorAll('text')]
    .filter((text) => text.querySelector('tspan'))
    .map((text) => [...text.querySelectorAll('tspan')].map((line) => line.textContent).join('\n'));

describe('a drawing', () => {
  test.each(DRAWING_NAMES)(
    '%s shows each of its labels, in the words of the home, and nothing else',
    (name) => {
      const wrapper = mount(DrawingFigure, { props: { name, wording }, attachTo: document.body });
      const { title, says, shows, labels } = drawingText(name, wording);
      expect(linesOf(wrapper.element).sort()).toEqual(Object.values(labels).sort());
      expect(wrapper.find('figcaption').text()).toBe(`${title}. ${says}`);
      const svg = wrapper.find('svg').element;
      const described = (svg.getAttribute('aria-labelledby') ?? '')
        .split(' ')
        .map((id) => document.getElementById(id));
      expect(described.map((part) => part?.textContent)).toEqual([title, shows]);
      wrapper.unmount();
    },
  );

  test('as a small picture is hidden from those who hear the words beside it', () => {
    const wrapper = mount(DrawingSvg, { props: { name: 'hose-bib', wording, bare: true } });
    expect(wrapper.find('svg').attributes('aria-hidden')).toBe('true');
    expect(wrapper.find('title').exists()).toBe(false);
    wrapper.unmount();
  });
});

describe('the drawings of some work', () => {
  const shown = (): number => document.querySelectorAll('.room').length;
  const speech = { t: (key: string) => key, wording };

  test('one at first, all when asked for', async () => {
    const wrapper = mounted(() => node(PracticeDrawings, { names: ['hose-bib', 'frost-proof-bib'], speech }));
    expect(shown()).toBe(1);
    button('drawings.more').click();
    await wrapper.vm.$nextTick();
    expect(shown()).toBe(2);
    wrapper.unmount();
  });

  test('folded, none until asked for', async () => {
    const wrapper = mounted(() => node(PracticeDrawings, { names: ['hose-bib'], speech, folded: true }));
    expect(shown()).toBe(0);
    button('drawings.show').click();
    await wrapper.vm.$nextTick();
    expect(shown()).toBe(1);
    wrapper.unmount();
  });
});
