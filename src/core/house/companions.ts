import type { House, Duty } from './house.ts';
import { rootsOf } from './house.ts';
import type { FindPractice } from './timingOf.ts';

/** Which duties go together: sets that share every date, and for each duty those it is handy to do with. */
export interface Companions {
  readonly bound: readonly (readonly string[])[];
  readonly handy: ReadonlyMap<string, readonly string[]>;
}

/** The top of what a thing is part of, through replacements: a filter position's air handler. */
function topsOf(house: House): (assetId: string) => string {
  const roots = rootsOf(house.assets);
  const byId = new Map(house.assets.map((asset) => [asset.id, asset]));
  const top = (id: string, depth: number): string => {
    const root = roots.get(id) ?? id;
    const whole = byId.get(root)?.partOf;
    return whole === undefined || depth > 20 ? root : top(whole, depth + 1);
  };
  return (id) => top(id, 0);
}

/**
 * Companions named by the duties themselves, and those of their practices: bound ones where both are done to the same
 * thing (or parts of it), handy ones anywhere in the house.
 */
export function companionsOf(house: House, find: FindPractice): Companions {
  const { duties } = house;
  const topOf = topsOf(house);
  const byPractice = new Map<string, Duty[]>();
  for (const duty of duties) {
    const { practice } = duty;
    if (practice.from === 'catalogue')
      byPractice.set(practice.code, [...(byPractice.get(practice.code) ?? []), duty]);
  }
  const sets = new Sets(duties.map(({ id }) => id));
  const handy = new Map<string, Set<string>>();
  const link = (a: string, b: string): void => {
    if (a === b) return;
    for (const [from, to] of [
      [a, b],
      [b, a],
    ] as const)
      handy.set(from, (handy.get(from) ?? new Set()).add(to));
  };
  for (const duty of duties) {
    for (const other of duty.companions?.bound ?? []) sets.join(duty.id, other);
    for (const other of duty.companions?.handy ?? []) link(duty.id, other);
    if (duty.practice.from !== 'catalogue') continue;
    const practice = find(duty.practice.code);
    for (const code of practice?.companions.bound ?? [])
      for (const other of byPractice.get(code) ?? [])
        if (topOf(other.asset) === topOf(duty.asset)) sets.join(duty.id, other.id);
    for (const code of practice?.companions.handy ?? [])
      for (const other of byPractice.get(code) ?? []) link(duty.id, other.id);
  }
  return { bound: sets.all(), handy: new Map([...handy].map(([id, others]) => [id, [...others]])) };
}

/** The duties whose dates hang on one another with a duty's: those bound to it, handy to it, and the other halves of its pairs; itself included. */
export function relatedDuties(house: House, find: FindPractice, dutyId: string): string[] {
  const { bound, handy } = companionsOf(house, find);
  const groupOf = (id: string): readonly string[] => bound.find((ids) => ids.includes(id)) ?? [id];
  const near = groupOf(dutyId)
    .flatMap((id) => [id, ...(handy.get(id) ?? [])])
    .flatMap(groupOf);
  const roots = rootsOf(house.assets);
  const rootOf = (id: string): string | undefined => {
    const asset = house.duties.find((duty) => duty.id === id)?.asset;
    return asset === undefined ? undefined : (roots.get(asset) ?? asset);
  };
  const things = new Set(near.map(rootOf));
  return [...new Set([...near, ...house.duties.map(({ id }) => id).filter((id) => things.has(rootOf(id)))])];
}

/** Sets that grow together when two of their members are joined. */
class Sets {
  private readonly of: Map<string, string[]>;

  constructor(ids: readonly string[]) {
    this.of = new Map(ids.map((id) => [id, [id]]));
  }

  join(a: string, b: string): void {
    const [one, other] = [this.of.get(a), this.of.get(b)];
    if (!one || !other || one === other) return;
    one.push(...other);
    for (const id of other) this.of.set(id, one);
  }

  all(): string[][] {
    return [...new Set(this.of.values())];
  }
}
