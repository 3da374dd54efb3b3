// @vitest-environment happy-dom
import { flushPromises, type VueWrapper } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { defineComponent, h, ref } from 'vue';
import { civil } from '../../../core/calendar/civilDate.ts';
import type { Asset } from '../../../core/house/house.ts';
import { readingOf } from '../../../core/readings/all.ts';
import type { Reading } from '../../../core/readings/reading.ts';
import type { Typed } from '../../../core/readings/typed.ts';
import type { Read } from '../../../core/runs/readInRun.ts';
import { speechIn } from '../../../../test/support/surroundings.ts';
import { button, mounted, node } from '../../../../test/support/mounted.ts';
import ReadingInputs from '../../parts/reading/ReadingInputs.vue';
import StepFacts from './StepFacts.vue';
import StepReadings from './StepReadings.vue';

const speech = { ...speechIn('en-US'), currency: 'USD' };
const MEASURES = { units: 'us', gallon: 'us' } as const;
let shown: VueWrapper | null = null;
let told: unknown[][] = [];
const tell =
  (what: string) =>
  (...args: unknown[]): void => {
    told.push([what, ...args]);
  };
beforeEach(() => {
  told = [];
});
afterEach(async () => {
  await flushPromises();
  shown?.unmount();
  document.body.innerHTML = '';
  vi.useRealTimers();
});
const said = (): string => document.body.textContent.replace(/\s+/g, ' ');
const press = async (css: string): Promise<void> => {
  const found = document.querySelector<HTMLElement>(css);
  if (!found) throw new Error(`nothing is ${css}`);
  found.click();
  await flushPromises();
};
const field = (label: string): HTMLInputElement => {
  const named = [...document.querySelectorAll('label')].find((one) => one.textContent.trim() === label);
  const found = named && document.getElementById(named.htmlFor);
  if (!(found instanceof HTMLInputElement)) throw new Error(`no field is called ${label}`);
  return found;
};
async function type(label: string, text: string): Promise<void> {
  const input = field(label);
  input.value = text;
  input.dispatchEvent(new Event('input'));
  await flushPromises();
}

const inputs = (code: string): { typed: { value: Typed } } => {
  const typed = ref<Typed>({});
  const reading = readingOf(code) as Reading;
  const Form = defineComponent(
    () => () =>
      h(ReadingInputs, {
        reading,
        speech,
        measures: MEASURES,
        problems: [],
        standing: typed.value,
        filled: {},
        nameOf: (id: string) => id,
        modelValue: typed.value,
        'onUpdate:modelValue': (now: Typed) => {
          typed.value = now;
        },
      }),
  );
  shown = mounted(() => node(Form, {}));
  return { typed };
};

describe('the start of a furnace', () => {
  test('is timed stage by stage, and judged only when nothing more comes', async () => {
    vi.useFakeTimers({ toFake: ['Date', 'setInterval', 'clearInterval'] });
    const { typed } = inputs('furnace-start');
    await press('[data-act=call-for-heat]');
    for (const [stage, seconds] of [
      ['inducer', 4],
      ['flame', 40],
      ['blower', 29],
    ] as const) {
      vi.advanceTimersByTime(seconds * 1_000);
      await press(`[data-stage=${stage}]`);
    }
    expect(typed.value).toMatchObject({ 'at-inducer': '4', 'at-flame': '44', 'at-blower': '73' });
    expect(typed.value['last-seen']).toBe('');
    await press('[data-act=clock-end]');
    expect(typed.value['last-seen']).toBe('blower');
    expect(document.querySelector('[role=timer]')).toBeNull();
  });

  test('the last stage ends it by itself, with its time', async () => {
    vi.useFakeTimers({ toFake: ['Date', 'setInterval', 'clearInterval'] });
    const { typed } = inputs('furnace-start');
    await press('[data-act=call-for-heat]');
    vi.advanceTimersByTime(90_000);
    await press('[data-stage=steady]');
    expect(typed.value).toMatchObject({ 'last-seen': 'steady', 'at-steady': '90' });
  });

  test('without the clock the last stage that came is enough; begun again, old times are gone', async () => {
    const { typed } = inputs('furnace-start');
    await press('[data-stage=inducer]');
    expect(typed.value).toEqual({ 'last-seen': 'inducer' });
    await press('[data-stage=none]');
    expect(typed.value['last-seen']).toBe('none');
    await press('[data-act=call-for-heat]');
    expect(typed.value).toMatchObject({ 'last-seen': '', 'at-inducer': '' });
  });
});

describe('gaps', () => {
  test('are added up, each with its fields empty for the next', async () => {
    const { typed } = inputs('leak-area');
    expect(button('Add another gap').hasAttribute('disabled')).toBe(true);
    await type('Length of the gaps, ft', '12');
    await type('Gap, in', '1/16');
    expect(said()).toContain('So far 9 in².');
    await press('[data-act=add-gap]');
    expect(typed.value).toEqual({ 'more-area': '9', length: '', gap: '' });
    await type('Length of the gaps, ft', '3');
    await type('Gap, in', '1/4');
    await press('[data-act=add-gap]');
    expect(typed.value['more-area']).toBe('18');
    expect(said()).toContain('2 gaps added up.');
  });
});

describe('the measurements of a step', () => {
  const cooling: Asset = { id: 'cooling', kind: 'cooling', name: 'Cooling' };
  const split = (supply: number, step: number): Read => ({
    step,
    asset: 'cooling',
    reading: 'temperature-split',
    given: {
      return: { value: 75, unit: 'F' },
      supply: { value: supply, unit: 'F' },
      running: { value: 20, unit: 'min' },
      outdoors: { value: 85, unit: 'F' },
      placed: true,
    },
    date: civil('2026-07-14'),
  });
  const show = (taken: Read[], step: number, isLeftOut = false): void => {
    shown = mounted(() =>
      node(StepReadings, {
        step,
        reads: ['temperature-split'],
        assets: [cooling],
        taken,
        isLeftOut,
        speech,
        measures: MEASURES,
        traits: {},
        known: null,
        onRead: tell('read'),
        onForget: tell('forget'),
        onLeave: tell('leave'),
        onTakeUp: tell('takeUp'),
      }),
    );
  };

  test('the second of the same shows what it was before', () => {
    const reads = [split(65, 0), split(55, 3)];
    show(reads, 3);
    expect(said()).toContain('Temperature difference across the cooling: 20 °F, before 10 °F.');
    expect(document.querySelector('form')).toBeNull();
  });

  test('one put in wrong is taken out to be put in again', async () => {
    const reads = [split(65, 0)];
    show(reads, 0);
    await press('[data-act=correct-reading]');
    expect(told).toEqual([['forget', reads[0]]]);
    expect(document.querySelector('form')).not.toBeNull();
  });

  test('measured again after a change, the first stays', async () => {
    show([split(65, 0)], 0);
    await press('[data-act=measure-again]');
    await type('Return air, before the filter, °F', '75');
    await type('Supply air, near the coil, °F', '55');
    await type('How long the cooling has run, min', '20');
    await type('Outdoor temperature, °F', '85');
    document.querySelector<HTMLInputElement>('input[name=placed]')?.click();
    await flushPromises();
    document.querySelector('form')?.dispatchEvent(new Event('submit'));
    await flushPromises();
    expect(told[0]?.[0]).toBe('read');
    expect(told[0]?.[1]).toMatchObject({ reading: 'temperature-split', outcome: { verdict: 'sound' } });
  });

  test('left out, it can be taken up again', async () => {
    show([], 0, true);
    expect(said()).toContain('Not measured this time.');
    await press('[data-act=measure]');
    expect(told).toEqual([['takeUp']]);
  });
});

test('the facts of a step: what is known is large, what is missing leads to where it is noted', () => {
  const house = {
    home: { id: 'home' },
    assets: [{ id: 'slot', kind: 'filter-position', name: 'Return filter' }],
  };
  shown = mounted(() =>
    node(StepFacts, {
      facts: [
        { asset: 'slot', kind: 'filter-position', fact: 'size', value: '16 × 25 × 1' },
        { asset: 'slot', kind: 'filter-position', fact: 'direction', value: null },
      ],
      house,
      speech,
    }),
  );
  expect(document.querySelector('strong')?.textContent).toBe('16 × 25 × 1');
  expect(said()).toContain('Not recorded yet: The air flows.');
});
