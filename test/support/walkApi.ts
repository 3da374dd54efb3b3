import { v7 as uuid } from 'uuid';
import type { Addition } from '../../src/contract/schemas.ts';
import { civil } from '../../src/core/calendar/civilDate.ts';
import { TODAY } from './api.ts';
import { terms } from './oneDuty.ts';
import { findPractice } from '../../src/core/catalogue/catalogue.ts';

/** One thing with catalogue duties on it by their default schools, adopted on a day. */
export function additionOf(
  asset: Addition['assets'][number],
  codes: readonly string[],
  more: Partial<Addition> = {},
): Addition {
  return {
    batch: uuid(),
    on: civil(TODAY),
    assets: [asset],
    duties: codes.map((code) => {
      const practice = findPractice(code);
      if (practice?.kind !== 'duty') throw new Error(`${code} is no duty`);
      const school = practice.schools.find((one) => one.code === practice.defaultSchool);
      if (!school) throw new Error(`${code} has no default`);
      return {
        practice: { from: 'catalogue' as const, code },
        terms: { ...terms(school.rule), school: school.code },
        units: [{ asset: asset.id, duty: uuid(), entry: uuid() }],
      };
    }),
    ...more,
  };
}
