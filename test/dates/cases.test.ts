import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { neutralCaseSchema, type Expected, type NeutralCase } from './neutralCase.ts';
import { told } from './told.ts';

const cases = z
  .array(neutralCaseSchema)
  .parse(JSON.parse(readFileSync(process.env['CASES'] ?? new URL('cases.json', import.meta.url), 'utf8')));
const families = [...new Set(cases.map(({ family }) => family))];

describe.each(families)('worked cases of %s', (family) => {
  it.each(cases.filter((each) => each.family === family))('$id', (each) => {
    expect(told(each)).toEqual(comparable(each));
  });
});

/** Lesser dates as a list without those that have none. */
function comparable({ expected }: NeutralCase): Record<string, Expected> {
  return Object.fromEntries(
    Object.entries(expected).map(([id, { lesserDue, ...rest }]) => [
      id,
      lesserDue === undefined ? rest : { ...rest, lesserDue: lesserDue.filter((due) => due !== null) },
    ]),
  ) as Record<string, Expected>;
}
