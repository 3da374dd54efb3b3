import { quantityOf } from '../practice/quantity.ts';
import type { PracticeSystem } from '../practice/lists.ts';
import type { Practice } from '../practice/practice.ts';
import type { FactValue } from '../basics/factValue.ts';
import type { FindPractice } from '../house/timingOf.ts';
import { tidy } from '../units/units.ts';
import type { Stock } from '../ledger/stock.ts';
import type { RunItem, RunState } from './runState.ts';

/** A supply to get: how many are missing at which size, and how many of them are in the house already. */
export interface Gathered {
  readonly supply: string;
  /** As the thing it is for says; null where that is not known, or does not matter. */
  readonly size: string | null;
  /** How many the work takes; null where that hangs on something nobody knows. */
  readonly quantity: number | null;
  /** How many there are in stock; null where nobody has counted them. */
  readonly stock: number | null;
}

/** Things needed before a run begins: tools, supplies with how many, what must be got ready, whether a second person. */
export interface Gathering {
  readonly tools: readonly string[];
  readonly supplies: readonly Gathered[];
  readonly setUps: readonly string[];
  readonly helper: boolean;
  readonly outdoors: boolean;
  readonly minutes: number;
}

/** Everything known of the house that decides how much a run takes. */
export interface GatherFrom {
  readonly find: FindPractice;
  readonly factsOf: (asset: string) => Facts;
  /** Whether a task is outstanding: what is not due needs nothing yet. */
  readonly isDue: (duty: string) => boolean;
  /** Whether a task was never done before: the first dose is another. */
  readonly isFirst: (duty: string) => boolean;
  readonly stock: Stock;
}
type Facts = Readonly<Record<string, FactValue>>;

/** Systems whose work is done outside, and so waits for the weather. */
const OUTDOORS: readonly PracticeSystem[] = ['roof', 'ground', 'garden', 'evaporative-cooler'];

/** Everything the items of a run need, each thing once; supplies are added up by the facts of each thing, at its size. */
export function gatheringOf(run: RunState, from: GatherFrom): Gathering {
  const work = run.items.flatMap((item) => {
    const practice = item.practice === null || item.books ? undefined : from.find(item.practice);
    // A checklist of the house holds repairs for what may be found: nothing is fetched for what nobody has found yet.
    return practice && !(run.round !== null && practice.kind === 'response') ? [{ item, practice }] : [];
  });
  const each = <T>(of: (practice: Practice) => readonly T[]): T[] => [
    ...new Set(work.flatMap(({ practice }) => of(practice))),
  ];
  return {
    tools: each(({ tools }) => tools).filter((tool) => tool !== 'helper'),
    supplies: suppliesOf(
      work.flatMap(({ item, practice }) => suppliesFor(item, practice, run.round !== null, from)),
      from.stock,
    ),
    setUps: each(({ setUps }) => setUps),
    helper: work.some(
      ({ practice }) => practice.tools.includes('helper') || !practice.doers.includes('self'),
    ),
    outdoors: work.some(({ practice }) => OUTDOORS.includes(practice.system)),
    minutes: work.reduce((sum, { practice, item }) => sum + practice.minutes * item.assets.length, 0),
  };
}

/** The supplies of one item, thing by thing; of a checklist of the house only for what is due. */
export function suppliesFor(
  item: RunItem,
  { supplies }: Practice,
  onlyDue: boolean,
  { factsOf, isDue, isFirst }: Pick<GatherFrom, 'factsOf' | 'isDue' | 'isFirst'>,
): Omit<Gathered, 'stock'>[] {
  return item.assets.flatMap((asset, place) => {
    const duty = item.duties[place];
    if (onlyDue && (duty === undefined || !isDue(duty))) return [];
    const facts = factsOf(asset);
    const when = duty === undefined || isFirst(duty) ? 'first' : 'usual';
    const size = typeof facts['size'] === 'string' && facts['size'] !== '' ? facts['size'] : null;
    return supplies.map(({ supply, quantity }) => ({
      supply,
      size: SIZED.has(supply) ? size : null,
      quantity: quantityOf(quantity, facts, when),
    }));
  });
}

/** Supplies that fit at one size alone. */
const SIZED: ReadonlySet<string> = new Set([
  'filter-panel',
  'filter-media',
  'filter-cut-to-size',
  'humidifier-pad',
  'ventilator-filter',
  'water-cartridge',
  'skirting-panel',
]);

function suppliesOf(needs: readonly Omit<Gathered, 'stock'>[], stock: Stock): Gathered[] {
  const sums = new Map<string, Omit<Gathered, 'stock'>>();
  for (const need of needs) {
    const key = `${need.supply} ${need.size ?? ''}`;
    const known = sums.get(key);
    const quantity =
      known === undefined
        ? need.quantity
        : need.quantity === null || known.quantity === null
          ? null
          : known.quantity + need.quantity;
    sums.set(key, { ...need, quantity });
  }
  // A supply used up now and then is counted in fractions, but only whole ones are gathered.
  return [...sums.values()].map((one) => ({
    ...one,
    quantity: one.quantity === null ? null : Math.ceil(tidy(one.quantity)),
    stock: stock.get(one.supply) ?? null,
  }));
}
