// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import type { PlanBody } from '../../../contract/plan.ts';
import { civil, toCivilDate } from '../../../core/calendar/civilDate.ts';
import { homeToPlan } from '../../../core/planning/home/planHome.ts';
import { DEMO_HOMES } from '../../../demo/data/homes.ts';
import { demoHouse } from '../../../demo/history.ts';
import { around, speechIn } from '../../../../test/support/surroundings.ts';
import { mounted, node } from '../../../../test/support/mounted.ts';
import { loadLaterTexts } from '../../i18n.ts';
import PlanNotices from '../../parts/plan/PlanNotices.vue';
import PlanTask from '../../parts/plan/PlanTask.vue';
import PlanWeek from '../../parts/plan/PlanWeek.vue';
import { shownPlan, type Placing } from '../../parts/plan/shownPlan.ts';
import MonthTable from './MonthTable.vue';
import { rowsOf } from './marks.ts';
import { scaleOf } from './sheetScale.ts';

const ON = civil('2026-11-27');
const [juniper] = DEMO_HOMES;
if (!juniper) throw new Error('there is a demo home');
const house = demoHouse(juniper, ON);
const inputs = around(house, ON);
const ready = homeToPlan(house, house.entries, ON, inputs);
const body: PlanBody = {
  on: ON,
  seq: house.entries.length,
  household: ready.household,
  tasks: [...ready.tasks],
  problem: ready.home.problem,
  closed: [...ready.home.closed],
  open: { ladder: '', sealant: '', dry: '', ground: '' },
  outlook: [],
  past: [...ready.past],
  seasons: { freezing: [], heating: [], cooling: [] },
  freeze: null,
  costs: {},
  who: {},
  placings: [],
  accepted: null,
};
const shown = shownPlan(body, null, []);
const speech = speechIn('en-US');
const said = (): string => document.body.textContent.replace(/\s+/g, ' ');

beforeEach(() => loadLaterTexts());
afterEach(async () => {
  await flushPromises();
  document.body.innerHTML = '';
});

describe('the marks of the sheet', () => {
  test('hold every planned task once, in the row of its system, and may be where all of their tasks may', () => {
    const marks = rowsOf(shown).flatMap((row) => row.marks);
    const keys = marks.flatMap(({ tasks }) => tasks.map(({ task }) => task.key));
    expect([...keys].sort()).toEqual(shown.year.tasks.map(({ task }) => task.key).sort());
    for (const { first, last, week, system, tasks } of marks) {
      expect(first <= week && week <= last).toBe(true);
      for (const { task } of tasks) expect(task.system).toBe(system);
    }
  });

  test('stand by their weeks: a place on the sheet leads back to the week, within the plan', () => {
    const scale = scaleOf(shown.toPlan.weeks, { from: -4, count: 57 }, 1217);
    for (const week of [0, 1, 26, 52]) expect(scale.weekAt(scale.ofWeek(week))).toBe(week);
    expect([scale.weekAt(0), scale.weekAt(5_000)]).toEqual([0, 52]);
    expect(scale.months.every(({ x }, index) => index === 0 || x > (scale.months[index - 1]?.x ?? 0))).toBe(
      true,
    );
  });
});

describe('a planned task', () => {
  const one = shown.year.tasks.find(
    ({ task }) => task.practice === 'air-filter-panel-replace' || task.minutes > 5,
  );
  if (!one) throw new Error('there is a task');

  test('says when it is planned and due, and offers to let the planner choose where it is held by hand', () => {
    const placing: Placing = {
      entryId: 'e',
      batch: null,
      by: 'p',
      duty: one.task.duty,
      number: one.task.number,
      day: toCivilDate(shown.toPlan.weeks.first(one.week)),
      from: null,
    };
    const held = shownPlan(body, null, [placing]);
    let let_ = 0;
    mounted(() =>
      node(PlanTask, {
        one,
        shown: held,
        house,
        speech,
        mayMove: true,
        busy: false,
        onLetGo: () => (let_ += 1),
      }),
    );
    expect(said()).toContain('Planned for');
    expect(said()).toContain('put there by hand');
    [...document.querySelectorAll('button')]
      .find(({ textContent }) => textContent.includes('planner'))
      ?.click();
    expect(let_).toBe(1);
  });

  test('a viewer sees it and moves nothing', () => {
    mounted(() => node(PlanTask, { one, shown, house, speech, mayMove: false, busy: false }));
    expect(said()).not.toContain('Move to the week of');
  });
});

describe('the parts of a plan', () => {
  test('a week says its hours against what is given, and one line for each trip', () => {
    mounted(() => node(PlanWeek, { week: 0, shown, house, speech }));
    expect(said()).toMatch(/This week.* of 4 h/);
    expect(document.querySelectorAll('.trip').length).toBeGreaterThan(1);
  });

  test('hours and visits of the months sum up to those of the year', () => {
    mounted(() => node(MonthTable, { shown, home: house.home, people: [], speech }));
    const rows = [...document.querySelectorAll('.month-table tbody tr')];
    expect(rows).toHaveLength(new Set(shown.year.tasks.map(({ day }) => day.slice(0, 7))).size + 1);
    expect(rows.at(-1)?.textContent).toContain('Year');
    // On paper the same months stand across.
    expect(document.querySelectorAll('.months-across th')).toHaveLength(rows.length + 1);
  });

  test('hours are told by person where several do the work, and hired work against own', () => {
    const own = shown.year.tasks.filter(({ task }) => task.doer === 'self');
    const [first, second] = [own[0], own.find(({ task }) => task.duty !== own[0]?.task.duty)];
    const hired = shown.year.tasks.find(({ task }) => task.ownMinutes !== null);
    if (!first || !second || !hired) throw new Error('there are such tasks');
    const said_ = shownPlan(
      {
        ...body,
        household: { ...body.household, hourWorth: 3_000 },
        who: { [first.task.duty]: 'p', [second.task.duty]: 'q' },
        costs: { [hired.task.duty]: 18_000 },
      },
      null,
      [],
    );
    const people = [
      { id: 'p', name: 'Rowan' },
      { id: 'q', name: 'Ash' },
      { id: 'r', name: 'Linden' },
    ];
    mounted(() => node(MonthTable, { shown: said_, home: house.home, people, speech }));
    const heads = [...document.querySelectorAll('.month-table th')].map(({ textContent }) =>
      textContent.trim(),
    );
    expect(heads).toEqual(expect.arrayContaining(['Rowan', 'Ash', 'Not yet done by anyone']));
    expect(heads).not.toContain('Linden');
    expect(said()).toMatch(/hired tasks? you could do yourself costs? .*180.* of your time, worth /);
    mounted(() => node(PlanTask, { one: hired, shown: said_, house, speech, mayMove: false, busy: false }));
    expect(said()).toMatch(/Hired \$180.*, or .* of your own time, worth /);
  });

  const notices = (more: object) => () =>
    node(PlanNotices, {
      shown,
      house,
      people: [{ id: 'p', name: 'Rowan' }],
      progress: null,
      isOld: false,
      moved: [],
      trouble: '',
      replaced: null,
      speech,
      ...more,
    });

  test.each([
    [{ isOld: true }, 'The house has changed since this plan was made.'],
    [{ replaced: { by: 'p', savedAt: '2026-11-27T18:00:00.000Z' } }, 'Rowan planned the year again on'],
    [{ trouble: 'The planner stopped.' }, 'The planner stopped.'],
    [{ progress: 0.5 }, 'Planning the year'],
    [
      {
        shown: shownPlan(
          { ...body, tasks: [], problem: { ...body.problem, tasks: [], before: [], blocked: [] } },
          null,
          [],
        ),
      },
      'Nothing is due yet.',
    ],
    [
      {
        shown: shownPlan(
          {
            ...body,
            household: { minutes: [0, 0, 0, 0, 0, 0, 0] },
            problem: { ...body.problem, budget: body.problem.budget.map(() => 0) },
          },
          null,
          [],
        ),
      },
      'You give the house no time',
    ],
  ])('each state says what it is: %#', (more, words) => {
    mounted(notices(more));
    expect(said()).toContain(words);
  });
});
