import { currentUnit, type Asset, type Duty, type House, type Space } from '../house/house.ts';
import type { FindPractice } from '../house/timingOf.ts';
import type { Practice } from '../practice/practice.ts';
import type { Round, RoundRow } from './round.ts';
import type { RunItem, RunState } from './runState.ts';

/** The inputs of a run: the house as it stands, which duties are given up or paused, and the practices. */
export interface RunHouse {
  readonly house: Pick<House, 'assets' | 'duties' | 'spaces'>;
  readonly gone: readonly string[];
  readonly retired: readonly string[];
  readonly find: FindPractice;
  /** Whether what a practice asks for may be so of a thing; what nobody knows rules nothing out. */
  readonly fits: (practice: Practice, asset: string) => boolean;
}

const EMPTY: Omit<RunState, 'round' | 'title' | 'items'> = {
  version: 1,
  states: {},
  gathered: [],
  begun: false,
  at: null,
  stop: null,
};

/**
 * A round over a house: a row whose work the house does not have drops out and the others close up. Like work on several things is one
 * item; within a row the order is place by place, from the lowest floor up, then outside.
 */
export function planRound(round: Round, from: RunHouse): RunState {
  const items = round.rows.flatMap((row) => itemsOfRow(row, from));
  return { ...EMPTY, round: round.code, title: round.title, items };
}

/** A run of some duties that go together, in the order of what must come first. */
export function planDuties(ids: readonly string[], title: string, from: RunHouse): RunState {
  const duties = from.house.duties.filter(({ id }) => ids.includes(id) && !from.retired.includes(id));
  const byPractice = new Map<string, Duty[]>();
  for (const duty of duties) {
    const key = duty.practice.from === 'catalogue' ? duty.practice.code : `own-${duty.id}`;
    byPractice.set(key, [...(byPractice.get(key) ?? []), duty]);
  }
  const items = [...byPractice].map(([key, some]): RunItem => ({
    key,
    row: 0,
    practice: some[0]?.practice.from === 'catalogue' ? some[0].practice.code : null,
    books: false,
    duties: some.map(({ id }) => id),
    assets: some.map((duty) => standingUnit(from, duty.asset)),
  }));
  const ordered = inOrder(items, from.find).map((item, place) => ({ ...item, row: place + 1 }));
  return { ...EMPTY, round: null, title, items: ordered };
}

/**
 * A run of one practice by itself, kept as a task here or not: on one thing, or on all that it can be done to. `finding`: the open problem it
 * puts right. Null where the house has nothing it can be done to.
 */
export function planPractice(
  practice: Practice,
  from: RunHouse,
  { asset, finding }: { readonly asset?: string | undefined; readonly finding?: string | undefined } = {},
): RunState | null {
  const { code, title, appliesTo } = practice;
  const fitting = from.house.assets.filter(
    ({ id, kind }) =>
      appliesTo.includes(kind) &&
      !isGone(from, id) &&
      (asset === undefined || id === standingUnit(from, asset)),
  );
  // A problem of one thing may be put right on another: one on the furnace, by work on its filter.
  const assets = fitting.length > 0 ? fitting : from.house.assets.filter(({ id }) => id === asset);
  if (assets.length === 0) return null;
  const ids = assets.map(({ id }) => id);
  const duties = from.house.duties.filter(
    ({ id, asset: of, practice: done }) =>
      done.from === 'catalogue' &&
      done.code === code &&
      !from.retired.includes(id) &&
      ids.includes(standingUnit(from, of)),
  );
  const item: RunItem = {
    key: code,
    row: 1,
    practice: code,
    books: false,
    duties: duties.map(({ id }) => id),
    assets: ids,
  };
  return { ...EMPTY, round: null, title, items: [item], ...(finding !== undefined && { finding }) };
}

function itemsOfRow(row: RoundRow, from: RunHouse): RunItem[] {
  const items = row.practices.flatMap((code): RunItem[] => {
    const duties = from.house.duties.filter(
      ({ id, asset, practice }) =>
        practice.from === 'catalogue' &&
        practice.code === code &&
        !from.retired.includes(id) &&
        !from.gone.includes(standingUnit(from, asset)),
    );
    const key = `${row.row} ${code}`;
    if (duties.length > 0)
      return [
        {
          key,
          row: row.row,
          practice: code,
          books: row.books,
          duties: row.books ? [] : duties.map(({ id }) => id),
          assets: duties.map(({ asset }) => standingUnit(from, asset)),
        },
      ];
    return withoutDuty(row, code, key, from);
  });
  return items.sort((a, b) => placeOf(a, from) - placeOf(b, from));
}

/** Work that never falls due by itself stands in a round where the house has the thing it is done to. */
function withoutDuty(row: RoundRow, code: string, key: string, from: RunHouse): RunItem[] {
  const practice = from.find(code);
  if (!practice || practice.kind === 'duty') return [];
  const assets = from.house.assets
    .filter(
      ({ id, kind }) => practice.appliesTo.includes(kind) && !isGone(from, id) && from.fits(practice, id),
    )
    .map(({ id }) => id);
  return assets.length === 0
    ? []
    : [{ key, row: row.row, practice: code, books: row.books, duties: [], assets }];
}

const isGone = ({ house, gone }: RunHouse, id: string): boolean =>
  gone.includes(id) || house.assets.some(({ succeeds }) => succeeds === id);

/** The present thing in the place of a duty's thing. */
const standingUnit = ({ house }: RunHouse, asset: string): string =>
  currentUnit(house.assets, asset)?.id ?? asset;

/** Lowest floor first, outside last; where nobody said, in between. */
function placeOf({ assets }: RunItem, { house }: RunHouse): number {
  const asset = house.assets.find(({ id }) => id === assets[0]);
  return placeRank(house.spaces.find(({ id }) => id === asset?.space));
}

function placeRank(space: Space | undefined): number {
  if (space?.use === 'outdoors' || space?.side !== undefined) return 100;
  return space?.storey ?? 0;
}

/** Work in an order in which nothing comes before what must be finished first; what stands in a circle keeps its place. */
function inOrder(items: readonly RunItem[], find: FindPractice): RunItem[] {
  const left = [...items];
  const ordered: RunItem[] = [];
  while (left.length > 0) {
    const waits = ({ practice }: RunItem): boolean =>
      (practice === null ? [] : (find(practice)?.after ?? [])).some((code) =>
        left.some((other) => other.practice === code && other.practice !== practice),
      );
    const next = left.find((item) => !waits(item)) ?? left[0];
    if (!next) break;
    left.splice(left.indexOf(next), 1);
    ordered.push(next);
  }
  return ordered;
}

/** The place an item is done in, by the first of its things. */
export const spaceOf = (
  item: RunItem,
  house: { readonly assets: readonly Asset[]; readonly spaces: readonly Space[] },
): Space | undefined => {
  const asset = house.assets.find(({ id }) => id === item.assets[0]);
  return house.spaces.find(({ id }) => id === asset?.space);
};
