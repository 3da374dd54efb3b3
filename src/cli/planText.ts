import { wholeCost, type CostParts } from '../core/planning/costs.ts';
import type { HomePlan, PlannedTask, UnplacedTask } from '../core/planning/home/arrange.ts';
import type { HomeTask } from '../core/planning/home/homeTask.ts';
import type { Plan } from '../core/planning/solve.ts';
import type { House } from '../core/house/house.ts';
import type { FindPractice } from '../core/house/timingOf.ts';
import { formatsFor } from '../locales/format.ts';
import { plainTranslate } from '../locales/plain.ts';
import { practiceTitle } from '../locales/practiceText.ts';
import type { Speech } from '../locales/speech.ts';

/** A plan of a home as JSON, documented in docs/planning.md: ids, weeks from 0, days, and cost in minutes. */
export function planJson({ on, household, weeks, tasks, unplaced, cost, moves }: HomePlan) {
  return {
    on,
    household,
    weeks,
    tasks: tasks.map((one) => ({ ...namesOf(one.task), week: one.week, day: one.day, cost: one.cost })),
    unplaced: unplaced.map(({ task, why }) => ({
      ...namesOf(task),
      why: why.rule === 'order' ? { rule: why.rule, with: why.with?.key ?? null } : why,
    })),
    cost,
    moves,
  };
}

function namesOf({ key, duty, asset, practice, doer, minutes, earliest, due, latest, baseline }: HomeTask) {
  return { key, duty, asset, practice, doer, minutes, earliest, due, latest, baseline };
}

interface Told {
  readonly find: FindPractice;
  readonly seed: number;
}

/** A plan of a home to read: week by week and day by day, what each task costs there, what could not be placed, and the cost by parts. */
export function planText(house: House, plan: HomePlan, { find, seed }: Told): string {
  const { vocabulary, units } = house.home;
  const wording = { vocabulary, units };
  const formats = formatsFor(vocabulary);
  const duties = new Map(house.duties.map((duty) => [duty.id, duty]));
  const assets = new Map(house.assets.map((asset) => [asset.id, asset]));
  const titleOf = (task: HomeTask): string => {
    const duty = duties.get(task.duty);
    const title = duty ? practiceTitle({ find, wording }, duty.practice) : task.duty;
    const name = `${title}: ${assets.get(task.asset)?.name ?? task.asset}`;
    return task.asks === 'look' ? `${name} (${speech.t('plan.checkOnly')})` : name;
  };
  const speech: Speech = {
    t: plainTranslate(vocabulary),
    formats,
    today: plan.on,
    find,
    wording,
    dutyTitle: (id) => id,
  };
  const weeks = plan.weeks.flatMap((week, index) => {
    const tasks = plan.tasks.filter((one) => one.week === index);
    if (tasks.length === 0) return [];
    const head = speech.t('cli.planWeek', {
      from: formats.longDate(week.from),
      minutes: formats.hours(week.minutes),
      budget: formats.hours(week.budget),
    });
    return [[head, ...tasks.map((one) => taskLine(one, titleOf(one.task), speech))].join('\n')];
  });
  const unplaced = plan.unplaced.map(({ task, why }) =>
    speech.t('cli.planUnplaced', { title: titleOf(task), why: whyText(why, titleOf, speech) }),
  );
  return [
    `${house.home.name}, ${formats.longDate(plan.on)}`,
    ...weeks,
    ...(unplaced.length > 0 ? [[speech.t('cli.planUnplacedHead'), ...unplaced].join('\n')] : []),
    `${costText(plan.cost, speech)}\n${speech.t('cli.planEffort', { moves: plan.moves, seed })}`,
  ].join('\n\n');
}

function taskLine({ task, day, cost }: PlannedTask, title: string, { t }: Speech): string {
  const minutes = Math.round(cost.late + cost.due + cost.supplies + cost.moved);
  return t(cost.late > 0 ? 'cli.planTaskLate' : 'cli.planTask', {
    day,
    title,
    n: task.minutes,
    due: task.due,
    cost: minutes,
  });
}

function whyText(why: UnplacedTask['why'], titleOf: (task: HomeTask) => string, { t }: Speech): string {
  if (why.rule === 'order')
    return why.with ? t('cli.planWhy.order', { other: titleOf(why.with) }) : t('cli.planWhy.closed');
  return t(`cli.planWhy.${why.rule}`);
}

const costText = (cost: CostParts, { t, formats }: Pick<Speech, 't' | 'formats'>): string => {
  const round = (value: number): string => formats.number(Math.round(value));
  return t('cli.planCost', {
    all: round(wholeCost(cost)),
    late: round(cost.late),
    due: round(cost.due),
    load: round(cost.load),
    setups: round(cost.setups),
    visits: round(cost.visits),
    supplies: round(cost.supplies),
    moved: round(cost.moved),
  });
};

/** The plan of an abstract problem: a line for each task, then what has no week, then the cost. */
export function problemPlanText({ plan, cost, unplaced }: Plan): string {
  const t = plainTranslate('en-US');
  return [
    ...Object.entries(plan).map(([id, week]) => `${String(week).padStart(2)}  ${id}`),
    ...unplaced.map((one) =>
      t(`cli.problemWhy.${one.rule}`, { id: one.id, with: one.rule === 'order' ? one.with : '' }),
    ),
    costText(cost, { t, formats: formatsFor('en-US') }),
  ].join('\n');
}
