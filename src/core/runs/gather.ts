import { quantityOf } from '../practice/quantity.ts';
import type { PracticeSystem } from '../practice/lists.ts';
import type { Practice } from '../practice/practice.ts';
import type { FactValue } from '../basics/factValue.ts';
import type { FindPractice } from '../house/timingOf.ts';
import { tidy } from '../units/units.ts';
import type { RunState } from './runState.ts';

/** Things needed before a run begins: tools, supplies with how many, what must be got ready, whether a second person. */
export interface Gathering {
  readonly tools: readonly string[];
  readonly supplies: readonly { readonly supply: string; readonly quantity: number | null }[];
  readonly setUps: readonly string[];
  readonly helper: boolean;
  readonly outdoors: boolean;
  readonly minutes: number;
}

/** Systems whose work is done outside, and so waits for the weather. */
const OUTDOORS: readonly PracticeSystem[] = ['roof', 'ground', 'garden', 'evaporative-cooler'];

/** Everything the items of a run need, each thing once; supplies are added up by the facts of each thing. */
export function gatheringOf(
  run: RunState,
  find: FindPractice,
  factsOf: (asset: string) => Readonly<Record<string, FactValue>>,
): Gathering {
  const work = run.items.flatMap((item) => {
    const practice = item.practice === null || item.books ? undefined : find(item.practice);
    return practice ? [{ item, practice }] : [];
  });
  const supplies = new Map<string, number | null>();
  for (const { item, practice } of work)
    for (const { supply, quantity } of practice.supplies)
      for (const asset of item.assets) {
        const one = quantityOf(quantity, factsOf(asset));
        const known = supplies.get(supply);
        supplies.set(supply, one === null || known === null ? null : (known ?? 0) + one);
      }
  const each = <T>(of: (practice: Practice) => readonly T[]): T[] => [
    ...new Set(work.flatMap(({ practice }) => of(practice))),
  ];
  return {
    tools: each(({ tools }) => tools).filter((tool) => tool !== 'helper'),
    // A supply used up now and then is counted in fractions, but only whole ones are gathered.
    supplies: [...supplies].map(([supply, quantity]) => ({
      supply,
      quantity: quantity === null ? null : Math.ceil(tidy(quantity)),
    })),
    setUps: each(({ setUps }) => setUps),
    helper: work.some(
      ({ practice }) => practice.tools.includes('helper') || !practice.doers.includes('self'),
    ),
    outdoors: work.some(({ practice }) => OUTDOORS.includes(practice.system)),
    minutes: work.reduce((sum, { practice, item }) => sum + practice.minutes * item.assets.length, 0),
  };
}
