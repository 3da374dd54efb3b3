import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { v7 as uuid } from 'uuid';
import { betterTermsSchema, type BetterTermsBody } from '../../src/contract/betterTerms.ts';
import { civil } from '../../src/core/calendar/civilDate.ts';
import { findPractice } from '../../src/core/catalogue/catalogue.ts';
import type { DutyPracticeRecord } from '../../src/core/practice/practice.ts';
import type { Rule } from '../../src/core/practice/rule.ts';
import type { Terms } from '../../src/core/practice/terms.ts';
import {
  append,
  entryOf,
  every,
  newHome,
  rowOf,
  someone,
  startApi,
  TODAY,
  type Agent,
  type Api,
} from '../support/api.ts';

let api: Api;
let agent: Agent;
let homeId: string;

beforeAll(async () => {
  api = await startApi();
  ({ agent } = await someone(api));
});
beforeEach(async () => {
  api.setToday(TODAY);
  homeId = await newHome(agent);
});
afterAll(() => api.close());

const TUNE_UP = findPractice('furnace-annual-tune-up') as DutyPracticeRecord;
const yearly = TUNE_UP.schools.find(({ code }) => code === 'yearly');

/** The rule of a school as it was before it said until when it makes sense. */
function oldRule(rule: Rule | undefined): Rule {
  if (rule?.kind !== 'season') throw new Error('the tune-up hangs on the start of heating');
  const { worthUntil: _, ...rest } = rule;
  return rest;
}

/** A furnace with its tune-up on some terms, taken on on a day; answers with the duty's id. */
async function tuneUp(terms: Partial<Terms>, on = '2026-06-01'): Promise<string> {
  const [asset, duty] = [uuid(), uuid()];
  const addition = {
    batch: uuid(),
    on: civil(on),
    assets: [{ id: asset, kind: 'furnace', name: 'Furnace' }],
    duties: [
      {
        practice: { from: 'catalogue', code: TUNE_UP.code },
        terms: { school: 'yearly', rule: oldRule(yearly?.rule), factors: [], doer: 'trade', ...terms },
        units: [{ asset, duty, entry: uuid() }],
      },
    ],
  };
  await agent.post(`/api/homes/${homeId}/additions`).send(addition).expect(200);
  return duty;
}

const offers = async (): Promise<BetterTermsBody['offers']> =>
  betterTermsSchema.parse((await agent.get(`/api/homes/${homeId}/better-terms`).expect(200)).body).offers;

describe('better terms', () => {
  test('a duty kept by a school that says more now is offered that, and nothing is written unasked', async () => {
    const duty = await tuneUp({});
    const before = await rowOf(agent, homeId, duty);
    const [offer, ...others] = await offers();
    expect(others).toEqual([]);
    expect(offer).toMatchObject({
      dutyId: duty,
      terms: { school: 'yearly', rule: yearly?.rule, doer: 'trade' },
    });
    expect(await rowOf(agent, homeId, duty)).toEqual(before);
  });

  test('taken, it is an entry of today and is offered no more', async () => {
    const duty = await tuneUp({});
    const [offer] = await offers();
    if (!offer) throw new Error('it is offered');
    await append(agent, homeId, entryOf(TODAY, { kind: 'terms', duty, terms: offer.terms })).expect(200);
    expect(await offers()).toEqual([]);
  });

  test('what is kept another way, given up or new already is not offered anything', async () => {
    await tuneUp({ school: null, rule: every(12) });
    await tuneUp({ rule: { kind: 'season', anchor: 'heatingStart', offsetDays: -3 } });
    await tuneUp({ rule: yearly?.rule ?? every(12) });
    const gone = await tuneUp({});
    await append(agent, homeId, entryOf(TODAY, { kind: 'retired', duty: gone })).expect(200);
    const [removed, thing] = [await tuneUp({}), (await offers())[0]?.dutyId];
    expect(thing).toBe(removed);
    const house = (await agent.get(`/api/homes/${homeId}`).expect(200)).body as {
      duties: { id: string; asset: string }[];
    };
    const asset = house.duties.find(({ id }) => id === removed)?.asset ?? '';
    await append(agent, homeId, entryOf(TODAY, { kind: 'removed', asset })).expect(200);
    expect(await offers()).toEqual([]);
  });

  test('work the household says it leaves to others is offered to a trade, and only that', async () => {
    const duty = await tuneUp({ school: null, rule: every(12), doer: 'self' });
    expect(await offers()).toEqual([]);
    const said = entryOf(TODAY, { kind: 'trait', trait: 'does-gas', value: false });
    await append(agent, homeId, said).expect(200);
    expect(await offers()).toMatchObject([{ dutyId: duty, terms: { school: null, doer: 'trade' } }]);
    const taken = entryOf(TODAY, { kind: 'trait', trait: 'does-gas', value: true });
    await append(agent, homeId, taken).expect(200);
    expect(await offers()).toEqual([]);
  });
});
