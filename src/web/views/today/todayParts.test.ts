// @vitest-environment happy-dom
import { flushPromises, type VueWrapper } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { loadLaterTexts } from '../../i18n.ts';
import { civil, toCivilDate, toDay } from '../../../core/calendar/civilDate.ts';
import type { Line, Unit } from '../../parts/task/lines.ts';
import { demoToday } from '../../../../test/support/demoToday.ts';
import { speechIn } from '../../../../test/support/surroundings.ts';
import { button, mounted, node } from '../../../../test/support/mounted.ts';
import TaskLine from './TaskLine.vue';
import WeatherSays from './WeatherSays.vue';
import type { Settled } from './useWeek.ts';

const speech = speechIn('en-US');
const { house, sections } = demoToday();
const lineOf = (code: string): Line => {
  const found = Object.values(sections)
    .flat()
    .find(({ practice }) => practice.from === 'catalogue' && practice.code === code);
  if (!found) throw new Error(`no line of ${code}`);
  return found;
};
const battery = lineOf('smoke-alarm-battery-swap');
const outlets = lineOf('gfci-test');

let shown: VueWrapper | null = null;
let told: unknown[][] = [];
const tell =
  (what: string) =>
  (...args: unknown[]): void => {
    told.push([what, ...args]);
  };
beforeEach(async () => {
  await loadLaterTexts();
  told = [];
});
afterEach(async () => {
  await flushPromises();
  shown?.unmount();
  document.body.innerHTML = '';
});
const said = (): string => document.body.textContent.replace(/\s+/g, ' ');

function showLine(line: Line, props: Record<string, unknown> = {}): void {
  shown = mounted(() =>
    node(TaskLine, {
      line,
      along: [],
      speech,
      mayWrite: true,
      busy: false,
      waiting: new Set(),
      settled: new Map<string, Settled>(),
      lastDone: () => undefined,
      keys: true,
      onDone: tell('done'),
      onUndo: tell('undo'),
      onLog: tell('log'),
      onPostpone: tell('postpone'),
      onPostponeWeek: tell('week'),
      ...props,
    }),
  );
}
const element = (css: string): HTMLElement => {
  const found = document.querySelector<HTMLElement>(css);
  if (!found) throw new Error(`nothing is ${css}`);
  return found;
};

describe('a line of Today', () => {
  test('says what, where, why now, when it was last done and how late it is', () => {
    showLine(battery, { lastDone: () => civil('2026-03-10') });
    expect(said()).toContain('Change the smoke alarm battery');
    expect(said()).toContain('Safety');
    expect(said()).toContain('last done Tue, Mar 10');
    expect(said()).toMatch(/\d+ days overdue/);
    expect(said()).toContain('5 min');
  });

  test('one button logs it, all its things together or one by itself', () => {
    showLine(outlets);
    element('[data-act=done]').click();
    expect(told[0]?.[0]).toBe('done');
    expect((told[0]?.[2] as Unit[]).length).toBe(outlets.units.length);
    element('.units button').click();
    expect((told[1]?.[2] as Unit[]).length).toBe(1);
  });

  test('done, it says what follows in its place, and the same button undoes it', () => {
    const [unit] = battery.units;
    const id = unit?.duty.id ?? '';
    showLine(battery, { settled: new Map([[id, { text: 'Done. Next due Thu, Dec 24.', entries: [] }]]) });
    expect(element('[role=status]').textContent).toContain('Next due Thu, Dec 24.');
    element('[data-act=undo]').click();
    expect(told).toEqual([['undo', [id]]]);
    expect(document.querySelector('[data-act=done]')).toBeNull();
  });

  test('a tap opens why', async () => {
    showLine(battery);
    element('[data-act=why]').click();
    await vi.waitFor(() => {
      expect(document.querySelector('.reasons')).not.toBeNull();
    });
    expect(element('[data-act=why]').getAttribute('aria-expanded')).toBe('true');
  });

  test('its menu postpones it by a week', async () => {
    showLine(battery);
    element('[data-act=more]').click();
    await flushPromises();
    const item = [...document.querySelectorAll<HTMLElement>('[role=menuitem] a, [role=menuitem] > div')].find(
      (one) => one.textContent.includes('Postpone a week'),
    );
    item?.click();
    expect(told[0]?.[0]).toBe('week');
  });

  test('keys act on it, unless they are turned off', () => {
    const press = (key: string) =>
      element('[data-line]').dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    showLine(battery, { keys: false });
    press('d');
    expect(told).toEqual([]);
    shown?.unmount();
    showLine(battery);
    press('d');
    press('l');
    expect(told.map(([what]) => what)).toEqual(['done', 'log']);
  });

  test('who may only look has no buttons', () => {
    showLine(battery, { mayWrite: false });
    expect(document.querySelector('[data-act=done], [data-act=more]')).toBeNull();
  });

  test('work of the same trip stands on it with its own tick', () => {
    showLine(battery, { along: [outlets] });
    expect(said()).toContain('Same trip:');
    element('[data-along] ').click();
    expect(told[0]?.[1]).toBe(outlets);
  });
});

describe('weather that speaks', () => {
  const on = civil('2026-11-24');
  const day = (ahead: number, low: number) => ({ date: toCivilDate(toDay(on) + ahead), low });
  const bib = house.assets.find(({ kind }) => kind === 'outside-tap');
  const line = (standing: 'open' | 'closed' | 'unknown') => ({
    asset: bib?.id ?? '',
    state: 'outdoor-tap',
    standing,
    since: null,
    entryId: null,
    nextOn: null,
    reopens: null,
  });
  const showWeather = (lows: number[], standing: 'open' | 'closed' | 'unknown'): void => {
    const climate = {
      on,
      seasons: [],
      figures: null,
      passed: [],
      outlook: lows.map((low, at) => day(at, low)),
    };
    shown = mounted(() =>
      node(WeatherSays, {
        climate,
        lines: [line(standing)],
        house,
        speech,
        mayWrite: true,
        busy: false,
        onTurn: tell('turn'),
      }),
    );
  };

  test('frost asks whether the outdoor faucet is shut, and yes is an answer', () => {
    showWeather([5, 3, -4], 'unknown');
    expect(said()).toMatch(/25 °F on Thursday: is the Back faucet shut off\?/i);
    button('Yes').click();
    expect(told[0]?.slice(0, 4)).toEqual(['turn', bib?.id, 'outdoor-tap', 'shut']);
  });

  test('what is shut is not asked about', () => {
    showWeather([5, 3, -4], 'closed');
    expect(said()).toContain('25 °F on Thursday.');
    expect(document.querySelector('[data-test=state-question]')).toBeNull();
  });

  test('mild and still weather says nothing', () => {
    showWeather([5, 6, 4], 'open');
    expect(said().trim()).toBe('');
  });
});
