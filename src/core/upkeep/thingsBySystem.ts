import { currentUnit, type Asset, type House } from '../house/house.ts';
import type { FindPractice } from '../house/timingOf.ts';
import { practiceSystemSchema, type PracticeSystem } from '../practice/lists.ts';

/** The things of one system of a house. */
export interface SystemThings {
  readonly system: PracticeSystem;
  readonly things: readonly Asset[];
}

/** Things by the system that most of their tasks belong to; those without a task of the catalogue belong to the household. Systems without a thing are left out. */
export function thingsBySystem(
  things: readonly Asset[],
  { assets, duties }: Pick<House, 'assets' | 'duties'>,
  find: FindPractice,
): SystemThings[] {
  const counts = new Map<string, Map<PracticeSystem, number>>();
  for (const { asset, practice } of duties) {
    const known = practice.from === 'catalogue' ? find(practice.code) : undefined;
    if (!known) continue;
    const unit = currentUnit(assets, asset)?.id ?? asset;
    const of = counts.get(unit) ?? new Map<PracticeSystem, number>();
    counts.set(unit, of.set(known.system, (of.get(known.system) ?? 0) + 1));
  }
  const systemOf = ({ id, kind }: Asset): PracticeSystem => {
    // The house as a whole has tasks of every system.
    if (kind === 'house') return 'household';
    const of = [...(counts.get(id) ?? [])].sort((a, b) => b[1] - a[1]);
    return of[0]?.[0] ?? 'household';
  };
  const placed = things.map((thing) => ({ thing, system: systemOf(thing) }));
  return practiceSystemSchema.options.flatMap((system) => {
    const here = placed.filter((one) => one.system === system).map(({ thing }) => thing);
    return here.length === 0 ? [] : [{ system, things: here }];
  });
}
