import { writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { isCivilDate, type CivilDate } from '../core/calendar/civilDate.ts';
import { finderWith } from '../core/catalogue/catalogue.ts';
import { stationWeather } from '../core/climate/stationWeather.ts';
import { homeToPlan, planHome } from '../core/planning/home/planHome.ts';
import { MOST_WEEKS, problemSchema } from '../core/planning/problem.ts';
import type { Effort } from '../core/planning/anneal.ts';
import { solve, USUAL_MOVES } from '../core/planning/solve.ts';
import { BadInput, runCommand, say } from './complain.ts';
import { planJson, planText, problemPlanText } from './planText.ts';
import { readHouseFile } from './readHouseFile.ts';
import { readJsonFile } from './readJsonFile.ts';

interface Wish {
  /** A house on a day, or an abstract problem by itself. */
  readonly of:
    | {
        readonly kind: 'house';
        readonly file: string;
        readonly on: CivilDate;
        readonly writeTo: string | null;
      }
    | { readonly kind: 'problem'; readonly file: string };
  readonly weeks: number;
  readonly moves: number;
  readonly seed: number;
  readonly seconds: number | null;
  readonly format: 'text' | 'json';
}

const MOST_MOVES = 1_000_000_000;

function readWish(args: string[]): Wish {
  const { values, positionals } = parse(args);
  const { format = 'text', problem } = values;
  if (format !== 'text' && format !== 'json')
    throw new BadInput([say('cli.formatNeeded', { value: format })]);
  return {
    of: problem === undefined ? houseWish(positionals, values) : problemWish(problem, positionals, values),
    weeks: wholeNumber('weeks', values.weeks, { least: 1, most: MOST_WEEKS }) ?? MOST_WEEKS,
    moves: wholeNumber('moves', values.moves, { least: 0, most: MOST_MOVES }) ?? USUAL_MOVES,
    seed: wholeNumber('seed', values.seed, { least: 0, most: 4_294_967_295 }) ?? 1,
    seconds: wholeNumber('seconds', values.seconds, { least: 1, most: 86_400 }),
    format,
  };
}

type Values = ReturnType<typeof parse>['values'];

function houseWish(positionals: readonly string[], { on = '', ...values }: Values): Wish['of'] {
  const [file, extra] = positionals;
  if (file === undefined || extra !== undefined) throw new BadInput([say('cli.planUsage')]);
  if (!isCivilDate(on)) throw new BadInput([say('cli.dateNeeded', { value: on })]);
  return { kind: 'house', file, on, writeTo: values['write-problem'] ?? null };
}

/** A problem holds its own weeks: what belongs to a house is refused beside it. */
function problemWish(file: string, positionals: readonly string[], values: Values): Wish['of'] {
  if (positionals.length > 0) throw new BadInput([say('cli.planUsage')]);
  for (const name of ['on', 'weeks', 'write-problem'] as const)
    if (values[name] !== undefined) throw new BadInput([say('cli.notWithProblem', { option: name })]);
  return { kind: 'problem', file };
}

function parse(args: string[]) {
  const text = { type: 'string' } as const;
  try {
    return parseArgs({
      args,
      allowPositionals: true,
      options: {
        on: text,
        weeks: text,
        moves: text,
        seed: text,
        seconds: text,
        format: text,
        problem: text,
        'write-problem': text,
      },
    });
  } catch (error) {
    throw new BadInput([error instanceof Error ? error.message : String(error), say('cli.planUsage')]);
  }
}

function wholeNumber(
  option: string,
  value: string | undefined,
  { least, most }: { readonly least: number; readonly most: number },
): number | null {
  if (value === undefined) return null;
  const number = /^\d{1,12}$/.test(value) ? Number(value) : NaN;
  if (number >= least && number <= most) return number;
  throw new BadInput([say('cli.wholeNeeded', { option, least, most, value })]);
}

/** The effort that was wished for; `seconds` ends it early by the clock. */
function effortOf({ moves, seed, seconds }: Wish): Effort {
  if (seconds === null) return { moves, seed };
  const end = performance.now() + seconds * 1_000;
  return { moves, seed, goesOn: () => performance.now() < end };
}

async function ready(of: Extract<Wish['of'], { kind: 'house' }>, weeks: number) {
  const house = await readHouseFile(of.file);
  const find = finderWith(house.practices ?? []);
  const later = house.entries.filter(({ date }) => date > of.on).length;
  if (later > 0) console.error(say('cli.future', { n: later, on: of.on }, later));
  const weather = house.weather ?? stationWeather(house.home, of.on);
  const toPlan = homeToPlan(house, house.entries, of.on, { find, weather }, weeks);
  return { house, find, toPlan };
}

/** Says on standard error that the clock, not the moves, ended it: then another machine may find another plan. */
function tellCut({ moves, seconds }: Wish, tried: number): void {
  if (seconds !== null && tried < moves) console.error(say('cli.cut', { seconds, tried, moves }));
}

await runCommand(async () => {
  const wish = readWish(process.argv.slice(2));
  const { of, format, seed } = wish;
  if (of.kind === 'problem') {
    const plan = solve(readJsonFile(of.file, problemSchema), effortOf(wish));
    tellCut(wish, plan.moves);
    console.log(format === 'json' ? JSON.stringify(plan, null, 2) : problemPlanText(plan));
    return;
  }
  const { house, find, toPlan } = await ready(of, wish.weeks);
  if (of.writeTo !== null) {
    writeFileSync(of.writeTo, `${JSON.stringify(toPlan.home.problem, null, 2)}\n`);
    return;
  }
  const plan = planHome(toPlan, effortOf(wish));
  tellCut(wish, plan.moves);
  console.log(
    format === 'json' ? JSON.stringify(planJson(plan), null, 2) : planText(house, plan, { find, seed }),
  );
});
