import type { Practice } from './practice.ts';
import { airHandling } from './data/airHandling.ts';
import { alarms } from './data/alarms.ts';
import { appliances } from './data/appliances.ts';
import { roof } from './data/roof.ts';

/** Every practice, one data file per house system. */
export const PRACTICES: readonly Practice[] = [...airHandling, ...alarms, ...appliances, ...roof];

const byCode = new Map(PRACTICES.map((practice) => [practice.code, practice]));

/** The practice of a code, or undefined when the catalogue has none. */
export function findPractice(code: string): Practice | undefined {
  return byCode.get(code);
}
