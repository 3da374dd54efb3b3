import type { HouseBody, UpkeepBody } from '../../../contract/schemas.ts';
import type { PracticeSystem } from '../../../core/practice/lists.ts';
import type { Practice } from '../../../core/practice/practice.ts';
import { currentUnit, type Asset, type Duty, type DutyPractice } from '../../../core/house/house.ts';
import type { FindPractice } from '../../../core/house/timingOf.ts';
import type { Terms } from '../../../core/practice/terms.ts';

export type KeptDuty = UpkeepBody['kept'][number];

/** One thing of a line. */
export interface KeptUnit {
  readonly duty: Duty;
  readonly asset: Asset;
  readonly kept: KeptDuty;
}

/** Like duties kept on the same terms: what is changed is changed for all of them. */
export interface KeptLine {
  readonly key: string;
  readonly practice: DutyPractice;
  readonly known: Practice | undefined;
  readonly terms: Terms;
  readonly standing: 'kept' | 'paused' | 'given-up';
  readonly units: readonly KeptUnit[];
}

export interface KeptSystem {
  readonly system: PracticeSystem;
  readonly lines: readonly KeptLine[];
  readonly suggested: UpkeepBody['suggested'];
  readonly besides: UpkeepBody['besides'];
}

/** The duties of a house by system, like ones on one line; with what would be kept besides, and what goes with each system. */
export function systemsOf(
  house: HouseBody,
  upkeep: UpkeepBody,
  find: FindPractice,
  order: readonly PracticeSystem[],
): KeptSystem[] {
  const lines = linesOf(house, upkeep, find);
  const systemOf = (code: string): PracticeSystem => find(code)?.system ?? 'household';
  return order
    .map((system) => ({
      system,
      lines: lines.filter(({ known }) => (known?.system ?? 'household') === system),
      suggested: upkeep.suggested.filter(({ practice }) => systemOf(practice) === system),
      besides: upkeep.besides.filter(({ practice }) => systemOf(practice) === system),
    }))
    .filter(({ lines: some, suggested, besides }) => some.length + suggested.length + besides.length > 0);
}

function linesOf(house: HouseBody, upkeep: UpkeepBody, find: FindPractice): KeptLine[] {
  const lines = new Map<string, KeptLine & { units: KeptUnit[] }>();
  for (const kept of upkeep.kept) {
    const duty = house.duties.find(({ id }) => id === kept.dutyId);
    const asset = duty && currentUnit(house.assets, duty.asset);
    if (!duty || !asset) continue;
    const standing = standingOf(kept);
    const key = JSON.stringify([duty.practice, standing, kept.terms]);
    const known = duty.practice.from === 'catalogue' ? find(duty.practice.code) : undefined;
    const line = lines.get(key) ?? {
      key,
      practice: duty.practice,
      known,
      terms: kept.terms,
      standing,
      units: [],
    };
    line.units.push({ duty, asset, kept });
    lines.set(key, line);
  }
  return [...lines.values()];
}

const standingOf = ({ retiredOn, pausedSince }: KeptDuty): KeptLine['standing'] =>
  retiredOn !== null ? 'given-up' : pausedSince !== null ? 'paused' : 'kept';

/** The unit whose next date comes first; null where nothing is due of any. */
export function firstUnit({ units }: KeptLine): KeptUnit | null {
  const due = (unit: KeptUnit): string => unit.kept.next[0]?.window.due ?? '9999';
  const first = units.reduce<KeptUnit | null>(
    (least, unit) => (least === null || due(unit) < due(least) ? unit : least),
    null,
  );
  return first?.kept.next[0] ? first : null;
}

export const sameTerms = (a: Terms, b: Terms): boolean => JSON.stringify(a) === JSON.stringify(b);
