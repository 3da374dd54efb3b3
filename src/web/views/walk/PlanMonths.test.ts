// @vitest-environment happy-dom
import { mount } from '@vue/test-utils';
import { describe, expect, test } from 'vitest';
import { speechIn } from '../../../../test/support/surroundings.ts';
import PlanMonths from './PlanMonths.vue';

const months = Array.from({ length: 12 }, (_, at) => ({
  month: `2026-${String(at + 1).padStart(2, '0')}`,
  minutes: at === 3 ? 240 : at === 5 ? 0 : 60,
  visits: at === 9 ? 2 : at === 10 ? 1 : 0,
}));
const strip = () => mount(PlanMonths, { props: { months, speech: speechIn('en-US') } });

describe('the year of the plan as a strip', () => {
  test('has a bar for each month, the fullest the highest, and a mark for visits', () => {
    const heights = strip()
      .findAll('svg rect')
      .map((bar) => parseFloat(bar.attributes('height') ?? ''));
    expect(heights).toHaveLength(12);
    expect(heights.indexOf(Math.max(...heights))).toBe(3);
    expect(heights[5]).toBe(0);
    expect(strip().findAll('path.visit')).toHaveLength(2);
    expect(strip().find('text.count').text()).toBe('2');
  });

  test('says the same to whoever cannot see it, and in a table', () => {
    const wrapper = strip();
    const says = wrapper.find('svg').attributes('aria-label') ?? '';
    expect(says).toContain('Apr 2026: 4 h.');
    expect(says).toContain('Oct 2026: 1 h, 2 visits.');
    expect(says).toContain('Nov 2026: 1 h, one visit.');
    expect(wrapper.findAll('tbody tr')).toHaveLength(12);
  });
});
