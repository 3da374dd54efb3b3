// @vitest-environment happy-dom
import { flushPromises, type VueWrapper } from '@vue/test-utils';
import { afterEach, describe, expect, test } from 'vitest';
import type { Asset } from '../../../core/house/house.ts';
import type { Look } from '../../../core/practice/look.ts';
import { seenBy, type Seen } from '../../../core/runs/seen.ts';
import { civil } from '../../../core/calendar/civilDate.ts';
import { speechIn } from '../../../../test/support/surroundings.ts';
import { button, mounted, node } from '../../../../test/support/mounted.ts';
import ContactList from '../../kit/ContactList.vue';
import StepGates from './StepGates.vue';
import StepLook from './StepLook.vue';

const speech = speechIn('en-US');
let shown: VueWrapper | null = null;
const told: unknown[][] = [];
const tell =
  (what: string) =>
  (...args: unknown[]): void => {
    told.push([what, ...args]);
  };
afterEach(async () => {
  await flushPromises();
  shown?.unmount();
  document.body.innerHTML = '';
  told.length = 0;
});
const said = (): string => document.body.textContent.replace(/\s+/g, ' ');
const choice = (words: string): HTMLElement => {
  const found = [...document.querySelectorAll('label')].find((one) => one.textContent.trim() === words);
  if (!found) throw new Error(`no choice says ${words}`);
  return found;
};

describe('a look', () => {
  const LOOK: Look = {
    code: 'seal',
    asks: 'How is the seal?',
    choices: [
      { code: 'whole', says: 'Whole', verdict: 'sound' },
      { code: 'torn', says: 'Torn', verdict: 'act', days: 30, repairs: ['weatherstrip-fit'] },
      { code: 'gone', says: 'Gone', verdict: 'stop' },
    ],
  };
  const doors: Asset[] = [
    { id: 'front', kind: 'door', name: 'Front door' },
    { id: 'back', kind: 'door', name: 'Back door' },
  ];
  const seen = (asset: string, code: string): Seen => {
    const one = LOOK.choices.find((each) => each.code === code);
    if (!one) throw new Error(`there is no ${code}`);
    return seenBy(LOOK, one, one.says, { step: 0, practice: 'door', asset, date: civil('2026-11-24') });
  };
  const show = (assets: Asset[], known: Seen[] = [], isLeftOut = false): void => {
    shown = mounted(() =>
      node(StepLook, {
        look: LOOK,
        assets,
        seen: known,
        isLeftOut,
        speech,
        onSee: tell('see'),
        onLeave: tell('leave'),
      }),
    );
  };

  test('is one tap, for all its things at once', async () => {
    show(doors);
    expect(said()).toContain('For all 2 of them');
    choice('Torn').querySelector('input')?.click();
    await flushPromises();
    expect(told).toEqual([['see', LOOK.choices[1], ['front', 'back']]]);
  });

  test('says what follows from the worst that was seen: its days and its repair', () => {
    show(doors, [seen('front', 'whole'), seen('back', 'torn')]);
    expect(said()).toContain('Fix it within 30 days.');
    expect(said()).toContain('What fixes it:');
    expect(document.querySelectorAll('[role=combobox]')).toHaveLength(2);
  });

  test('where one thing differs it is chosen by itself', async () => {
    show(doors, [seen('front', 'whole'), seen('back', 'whole')]);
    document.querySelectorAll<HTMLElement>('[role=combobox]')[1]?.click();
    await flushPromises();
    [...document.querySelectorAll<HTMLElement>('[role=option]')]
      .find((one) => one.textContent.trim() === 'Gone')
      ?.dispatchEvent(new MouseEvent('mousedown', { bubbles: true }));
    expect(told).toEqual([['see', LOOK.choices[2], ['back']]]);
  });

  test('that one did not look is an answer', async () => {
    show(doors.slice(0, 1));
    choice('I did not look').querySelector('input')?.click();
    await flushPromises();
    expect(told).toEqual([['leave']]);
  });
});

describe('the cautions before a step', () => {
  const show = (hazards: string[], answered: string[] = []): void => {
    shown = mounted(() =>
      node(StepGates, {
        hazards,
        answered,
        ways: [{ code: 'hose-test', title: 'Test it with a hose' }],
        speech,
        onYes: tell('yes'),
        onDanger: tell('danger'),
        onLater: tell('later'),
        onHire: tell('hire'),
        onInstead: tell('instead'),
      }),
    );
  };

  test('yes goes on', () => {
    show(['falls']);
    expect(said()).toContain('Do you have a tall enough ladder');
    button('Yes').click();
    expect(told).toEqual([['yes', 'falls']]);
  });

  test('no leads on: later, a trade, another way, or back to the question', async () => {
    show(['falls']);
    button('No').click();
    await flushPromises();
    expect(said()).toContain('Then do not do this step. What next?');
    button('Leave this task for later').click();
    button('Have it done by a trade').click();
    button('Do this instead: Test it with a hose').click();
    expect(told).toEqual([['later'], ['hire'], ['instead', 'hose-test']]);
    button('I pressed the wrong button').click();
    await flushPromises();
    expect(button('No')).toBeDefined();
    expect(told).toHaveLength(3);
  });

  test('a danger that is there stops; what has no question is only read', () => {
    show(['falls', 'frost-burst']);
    expect(document.querySelectorAll('[data-gate=frost-burst] [data-act=gate-yes]')).toHaveLength(0);
    document.querySelector<HTMLElement>('[data-gate=falls] [data-act=danger]')?.click();
    expect(told).toEqual([['danger', 'falls']]);
  });

  test('what is answered shrinks to its question', () => {
    show(['falls'], ['falls']);
    expect(said()).not.toContain('four up for one out');
    expect(said()).toContain('Do you have a tall enough ladder');
  });
});

describe('whom to call', () => {
  const show = (facts: Record<string, string>, country?: string): void => {
    shown = mounted(() => node(ContactList, { facts, country, speech }));
  };

  test('the country’s emergency number is there from the start', () => {
    show({ trades: 'Plumber 555 0142' }, 'NZ');
    expect(document.querySelector('[data-contact=emergency] a')?.getAttribute('href')).toBe('tel:111');
    expect(said()).not.toContain('Check this');
    expect(document.querySelectorAll('dd')).toHaveLength(2);
  });

  test('where the country is unknown it is the usual one, to be checked', () => {
    show({});
    expect(document.querySelector('[data-contact=emergency] a')?.getAttribute('href')).toBe('tel:112');
    expect(said()).toContain('Check this');
  });

  test('one written by hand takes its place', () => {
    show({ 'emergency-number': '110' }, 'DE');
    expect(document.querySelector('[data-contact=emergency]')).toBeNull();
    expect(document.querySelector('a')?.getAttribute('href')).toBe('tel:110');
  });
});
