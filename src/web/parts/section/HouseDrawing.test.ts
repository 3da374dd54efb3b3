// @vitest-environment happy-dom
import { mount } from '@vue/test-utils';
import { afterEach, describe, expect, test } from 'vitest';
import { houseSection } from '../../../core/house/section/houseSection.ts';
import type { ThingState } from '../../../core/upkeep/thingState.ts';
import { speechIn } from '../../../../test/support/surroundings.ts';
import HouseDrawing from './HouseDrawing.vue';
import { labelLines } from './labelLines.ts';

const things = [
  { id: 'filter', kind: 'filter-position' as const, name: 'Return filter', space: 'cellar' },
  { id: 'alarm', kind: 'smoke-alarm' as const, name: 'Smoke alarm', space: 'hall' },
  { id: 'tap', kind: 'outside-tap' as const, name: 'Back faucet' },
];
const section = houseSection({
  spaces: [
    { id: 'hall', name: 'Hall', use: 'hall', storey: 0 },
    { id: 'cellar', name: 'Basement', use: 'plant', storey: -1 },
  ],
  things,
  form: { roof: 'gable', below: 'slab', joined: 'none' },
  across: 8,
});
const states = new Map<string, ThingState>([
  ['filter', 'late'],
  ['tap', 'shut'],
]);
/** The things that were chosen, in their order. */
const chosen: (string | null)[] = [];
const open: { unmount: () => void }[] = [];
const draw = (over: { shown?: Set<string>; missing?: Map<string, string> } = {}) => {
  const wrapper = mount(HouseDrawing, {
    attachTo: document.body,
    props: {
      section,
      things: new Map(things.map(({ id, name, kind }) => [id, { name, kind }])),
      states,
      shown: over.shown ?? null,
      missing: over.missing ?? new Map(),
      speech: speechIn('en-US'),
      modelValue: null,
      'onUpdate:modelValue': (id: string | null) => chosen.push(id),
    },
  });
  open.push(wrapper);
  return wrapper;
};
afterEach(() => {
  chosen.length = 0;
  for (const wrapper of open.splice(0)) wrapper.unmount();
  document.body.innerHTML = '';
});

describe('the drawing of a house', () => {
  test('says of each thing its name, its room and how it stands, and shows it by a shape', () => {
    const wrapper = draw();
    const says = Object.fromEntries(
      wrapper
        .findAll('[data-thing]')
        .map((one) => [one.attributes('data-thing'), one.attributes('aria-label')]),
    );
    expect(says).toEqual({
      filter: 'Return filter, Basement, overdue',
      alarm: 'Smoke alarm, Hall',
      tap: 'Back faucet, shut off for the season',
    });
    expect(wrapper.find('[data-thing=filter] rect.frame').exists()).toBe(true);
    expect(wrapper.find('[data-thing=tap] path.frame').exists()).toBe(true);
    expect(wrapper.find('[data-thing=alarm] .frame').exists()).toBe(false);
  });

  test('a tap chooses a thing; so do the arrow keys and Enter, one stop of the Tab key for all', async () => {
    const wrapper = draw();
    await wrapper.find('[data-thing=alarm]').trigger('click');
    expect(chosen).toEqual(['alarm']);
    expect(wrapper.findAll('[data-thing][tabindex="0"]').map((one) => one.attributes('data-thing'))).toEqual([
      'alarm',
    ]);
    await wrapper.find('[data-thing=alarm]').trigger('keydown', { key: 'ArrowDown' });
    expect(document.activeElement?.getAttribute('data-thing')).toBe('filter');
    await wrapper.find('[data-thing=filter]').trigger('keydown', { key: 'Enter' });
    expect(chosen).toEqual(['alarm', 'filter']);
  });

  test('a layer shows its own things and lets the others step back; a room without its alarm says so', () => {
    const wrapper = draw({
      shown: new Set(['alarm']),
      missing: new Map([['cellar', 'Missing: smoke alarm, Basement']]),
    });
    expect(
      wrapper
        .findAll('.back')
        .map((one) => one.attributes('data-thing'))
        .sort(),
    ).toEqual(['filter', 'tap']);
    expect(wrapper.find('.missing title').text()).toBe('Missing: smoke alarm, Basement');
  });
});

describe('the label of a thing', () => {
  test.each([
    ['Furnace', ['Furnace']],
    ['CO alarm by the furnace', ['CO alarm by', 'the furnace']],
    ['Uninterruptible supply', ['Uninterruptib…', 'supply']],
    ['Return filter of the upper floor unit', ['Return filter', 'of the upper…']],
  ])('%s', (name, lines) => {
    expect(labelLines(name)).toEqual(lines);
  });
});
