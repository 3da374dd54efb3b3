import { MEASURES } from '../readings/measures.ts';
import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { catalogueDocument } from '../../../scripts/catalogueDocument.ts';
import { lists } from '../../locales/lists.ts';
import { listsGB } from '../../locales/lists.en-GB.ts';
import { knowsTerm, TERMS, termsIn, wordsOf } from '../../locales/vocabulary.ts';
import { assetKindSchema } from '../basics/assetKind.ts';
import { nominalDays } from '../calendar/span.ts';
import { countingRules, type Rule } from '../practice/rule.ts';
import { findPractice, finderWith, PRACTICES } from './catalogue.ts';
import { holds, type KnownFacts } from '../practice/condition.ts';
import { DISAGREEMENTS } from './data/disagreements.ts';
import { RECORDED } from '../readings/recorded.ts';
import { HAZARDS } from './data/hazards.ts';
import { PLANNED_OTHERWISE } from './data/planning.ts';
import { RECORDS } from './data/records.ts';
import {
  hazardSchema,
  practiceSystemSchema,
  setUpSchema,
  STATES,
  toolSchema,
  TRAITS,
} from '../practice/lists.ts';
import { TRAIT_SPECS } from '../house/traitSpec.ts';
import { practiceSchema, type Practice } from '../practice/practice.ts';
import { planningSchema, SET_UP_MINUTES } from '../practice/planning.ts';
import { quantityOf } from '../practice/quantity.ts';
import { SUPPLIES } from '../practice/supplies.ts';

const duties = PRACTICES.filter((practice) => practice.kind === 'duty');

/** Every value under a key anywhere in the catalogue. */
function valuesOf(key: string): Set<unknown> {
  const found = new Set<unknown>();
  const walk = (value: unknown): void => {
    if (Array.isArray(value)) value.forEach(walk);
    else if (typeof value === 'object' && value !== null)
      for (const [name, inner] of Object.entries(value)) {
        if (name === key) (Array.isArray(inner) ? inner : [inner]).forEach((one: unknown) => found.add(one));
        walk(inner);
      }
  };
  walk(PRACTICES);
  return found;
}

/** The work whose records say monthly, weekly, or by a level that is looked at each month. */
const OFTEN = [
  'aerobic-chlorine-tablets',
  'aerobic-quick-look',
  'air-filter-monthly-look',
  'air-filter-washable-clean',
  'co-alarm-test-and-battery',
  'condensate-outlet-drip-look',
  'emergency-power-test',
  'fire-extinguisher-look',
  'garage-door-reverse-test',
  'gas-detector-test-and-battery',
  'humidity-read-and-adjust',
  'interior-leak-watch',
  'pool-water',
  'smoke-alarm-test',
  'softener-salt-top-up',
];

const rulesOf = (rule: Rule): Rule[] =>
  rule.kind === 'first'
    ? [rule, ...rule.of.flatMap(rulesOf)]
    : rule.kind === 'condition'
      ? [rule, ...rulesOf(rule.look)]
      : [rule];
const textsOf = (practice: Practice): string[] => {
  const { title, why, steps, judge, mistakes, notes } = practice;
  const schools =
    practice.kind === 'duty'
      ? practice.schools.flatMap(({ name, argues, rightWhen }) => [name, argues, rightWhen])
      : [];
  const judged = Object.values(judge).filter((text) => typeof text === 'string');
  return [title, why, ...steps.map(({ says }) => says), ...judged, ...mistakes, ...notes, ...schools];
};

describe('the catalogue', () => {
  test('holds every record of the list, once, and what the list does not have says why', () => {
    const codes = PRACTICES.map(({ code }) => code);
    expect(new Set(codes).size).toBe(codes.length);
    expect(RECORDS).toHaveLength(198);
    expect(RECORDS.filter((code) => !codes.includes(code))).toEqual([]);
    // Film put up in autumn needs its own other half in spring.
    expect(codes.filter((code) => !RECORDS.includes(code))).toEqual(['window-film-remove']);
  });

  test.each(PRACTICES.map((practice) => [practice.code, practice] as const))(
    '%s stands by the schema',
    (_, practice) => {
      expect(practiceSchema.safeParse(practice).error?.issues ?? []).toEqual([]);
      if (practice.kind === 'duty')
        expect(new Set(practice.schools.map(({ code }) => code)).size).toBe(practice.schools.length);
    },
  );

  test('every practice it points to is there', () => {
    for (const { code, companions, after, leadsTo, covers } of PRACTICES) {
      const named = [...companions.bound, ...companions.handy, ...after, ...leadsTo, ...covers];
      expect(
        named.filter((other) => !findPractice(other) || other === code),
        code,
      ).toEqual([]);
    }
  });

  test('no order between practices runs in a circle', () => {
    const leads = (from: string, seen: readonly string[]): void => {
      expect(seen).not.toContain(from);
      for (const before of findPractice(from)?.after ?? []) leads(before, [...seen, from]);
    };
    for (const { code } of PRACTICES) leads(code, []);
  });

  test('what is shut by one is opened by another, on the same kind of thing', () => {
    for (const state of STATES) {
      const halves = duties.filter(({ pair }) => pair?.state === state);
      expect(halves.map(({ pair }) => pair?.half).sort(), state).toEqual(['closes', 'opens']);
      expect(halves[0]?.appliesTo).toEqual(halves[1]?.appliesTo);
    }
    expect(valuesOf('state')).toEqual(new Set(STATES));
  });

  test('no school names a month, tax dates apart', () => {
    const naming = duties.filter(({ schools }) =>
      schools.some(({ rule }) => rulesOf(rule).some(({ kind }) => kind === 'dates')),
    );
    expect(naming.map(({ code }) => code)).toEqual(['donations']);
  });

  test('what is asked for every month or more often unless told otherwise is what practitioners ask for so often', () => {
    const often = duties.filter(({ schools, defaultSchool }) =>
      schools.some(
        ({ code, rule }) =>
          code === defaultSchool &&
          countingRules(rule).some((part) => part.kind === 'interval' && nominalDays(part.every) < 32),
      ),
    );
    expect(often.map(({ code }) => code).sort()).toEqual(OFTEN);
  });

  test('alternatives come in groups', () => {
    const groups = PRACTICES.flatMap(({ alternatives }) => alternatives ?? []);
    for (const group of groups)
      expect(groups.filter((other) => other === group).length, group).toBeGreaterThan(1);
  });

  test('life safety never waits longer than a week, whatever is stated', () => {
    for (const { code, lifeSafety, graceDays } of PRACTICES)
      expect(lifeSafety && (graceDays ?? 0) > 7, code).toBe(false);
  });
});

describe('what a plan of the year must know', () => {
  test('stands at every practice, and the table names none that is gone', () => {
    for (const { code, planning } of PRACTICES) {
      expect(planningSchema.safeParse(planning).error?.issues ?? [], code).toEqual([]);
    }
    expect(PLANNED_OTHERWISE.filter((code) => !findPractice(code))).toEqual([]);
    expect(Object.keys(SET_UP_MINUTES).sort()).toEqual([...setUpSchema.options].sort());
  });

  test('agrees with the rest of the practice', () => {
    for (const { code, planning, lifeSafety, freezeGuard, setUps, doers } of PRACTICES) {
      if (!planning) throw new Error(code);
      if (lifeSafety) expect(planning.consequence, code).toBe('life-safety');
      else if (freezeGuard) expect(['water-and-frost', 'comfort'], code).toContain(planning.consequence);
      // Nobody stands on a tall ladder in frost or wind.
      if (planning.skills.includes('ladders')) expect(planning.weather, code).toContain('ladder');
      if (planning.weather.length > 0) expect(planning.outdoors, code).toBe(true);
      if (setUps.includes('crawl-space')) expect(planning.skills, code).toContain('crawling');
      if (planning.people === 2)
        expect(
          doers.includes('trade') ||
            doers.includes('helper') ||
            setUps.includes('attic') ||
            code === 'duct-seal-and-insulate',
          code,
        ).toBe(true);
    }
  });
});

describe('hazards', () => {
  test('every caution stands at a step of all the work it concerns', () => {
    for (const [hazard, { stands }] of Object.entries(HAZARDS)) {
      expect(stands.length, hazard).toBeGreaterThan(0);
      for (const code of stands) {
        const cautions = findPractice(code)?.steps.flatMap((step) => step.cautions) ?? [];
        expect(cautions, `${code} at a step: ${hazard}`).toContain(hazard);
      }
    }
  });

  test('every hazard has its caution and no caution is without a hazard', () => {
    expect(Object.keys(HAZARDS).sort()).toEqual([...hazardSchema.options].sort());
  });
});

describe('the lists agree', () => {
  const expectSame = (used: Iterable<unknown>, known: readonly string[], what: string): void => {
    expect(
      [...used].map(String).filter((code) => !known.includes(code)),
      `${what} used and not listed`,
    ).toEqual([]);
  };

  test('of the catalogue and the locales', () => {
    expectSame(valuesOf('supply'), Object.keys(SUPPLIES), 'supplies');
    expectSame(valuesOf('reads'), [...Object.keys(MEASURES), ...Object.keys(RECORDED)], 'readings');
    expectSame(valuesOf('trait'), [...TRAITS], 'traits');
    expectSame(valuesOf('triggers'), Object.keys(lists.trigger), 'triggers');
    expectSame(valuesOf('finding'), Object.keys(lists.finding), 'findings');
    expectSame([...valuesOf('measure'), ...valuesOf('meter')], Object.keys(lists.measure), 'measures');
    expectSame(
      duties.flatMap(({ factors }) => factors.map(({ code }) => code)),
      Object.keys(lists.factor),
      'factors',
    );
  });

  test('of names and codes', () => {
    const pairs: [keyof typeof lists, readonly string[]][] = [
      ['assetKind', assetKindSchema.options],
      ['system', practiceSystemSchema.options],
      ['setUp', setUpSchema.options],
      ['tool', toolSchema.options],
      ['supply', Object.keys(SUPPLIES)],
      ['state', STATES],
      ['trait', TRAIT_SPECS.map(({ code }) => code)],
    ];
    for (const [list, codes] of pairs)
      expect(Object.keys(lists[list]).sort(), list).toEqual([...codes].sort());
  });

  test('the British names are of the same lists, and differ', () => {
    for (const [list, names] of Object.entries(listsGB))
      for (const [code, name] of Object.entries(names)) {
        const american = (lists as Record<string, Record<string, string>>)[list]?.[code];
        expect(american, `${list}.${code}`).toBeDefined();
        expect(name).not.toBe(american);
      }
  });

  test('every disagreement is kept as schools, as alternatives or as one explained choice', () => {
    expect(DISAGREEMENTS.length).toBeGreaterThan(50);
    for (const one of DISAGREEMENTS) {
      if ('schoolsOf' in one)
        for (const code of one.schoolsOf) {
          const practice = findPractice(code);
          expect(practice?.kind === 'duty' && practice.schools.length, one.topic).toBeGreaterThan(1);
        }
      else if ('alternatives' in one)
        expect(
          PRACTICES.some(({ alternatives }) => alternatives === one.alternatives),
          one.topic,
        ).toBe(true);
      else
        for (const code of one.notesOf) {
          const practice = findPractice(code);
          expect(
            [...(practice?.notes ?? []), ...(practice?.mistakes ?? [])].length,
            one.topic,
          ).toBeGreaterThan(0);
        }
    }
  });
});

describe('its texts', () => {
  const cautions = Object.values(HAZARDS).flatMap(({ caution, stop }) =>
    stop === null ? [caution] : [caution, stop],
  );
  const texts = [...PRACTICES.flatMap(textsOf), ...cautions];

  test('every thing marked has its British word, and no word is without a mark', () => {
    const marks = new Set(texts.flatMap(termsIn));
    expect([...marks].filter((mark) => !knowsTerm(mark))).toEqual([]);
    const used = new Set([...marks].flatMap((mark) => [mark, mark.charAt(0).toLowerCase() + mark.slice(1)]));
    expect(Object.keys(TERMS).filter((term) => !used.has(term))).toEqual([]);
  });

  test.each([
    ['en-US', 'us'],
    ['en-GB', 'metric'],
  ] as const)('are plain and finished in %s', (vocabulary, units) => {
    for (const text of texts) {
      const said = wordsOf(text, { vocabulary, units });
      expect(said).not.toMatch(/[{}|!]|undefined/);
      expect(said.trim()).toBe(said);
    }
  });

  test('words and figures follow the home', () => {
    const text = '{Main shutoff} off; gray water, {1 in|25 mm} deep, at the {outlet}.';
    expect(wordsOf(text, { vocabulary: 'en-US', units: 'us' })).toBe(
      'Main shutoff off; gray water, 1 in deep, at the outlet.',
    );
    expect(wordsOf(text, { vocabulary: 'en-GB', units: 'metric' })).toBe(
      'Stop tap off; grey water, 25 mm deep, at the socket.',
    );
  });

  test('the document of it is the one it makes', () => {
    expect(readFileSync('docs/catalogue.md', 'utf8')).toBe(catalogueDocument());
  });
});

describe('what applies', () => {
  const known: KnownFacts = {
    facts: { fuel: 'gas', tons: 3 },
    traits: new Map([['smoker', false]]),
    climate: new Set(['freezes']),
    kinds: new Set(['furnace']),
  };
  test('what is not known decides nothing by itself, and counts as not so where it is ruled out', () => {
    expect(holds({ fact: 'filter', is: 'panel' }, known)).toBe('unknown');
    expect(holds({ not: { fact: 'filter', is: 'panel' } }, known)).toBe('yes');
    expect(holds({ all: [{ fact: 'fuel', is: 'gas' }, { trait: 'allergies' }] }, known)).toBe('unknown');
    expect(holds({ any: [{ fact: 'fuel', is: 'gas' }, { trait: 'allergies' }] }, known)).toBe('yes');
    expect(holds({ all: [{ trait: 'smoker' }, { trait: 'allergies' }] }, known)).toBe('no');
    expect(holds({ climate: 'cools' }, known)).toBe('no');
    expect(holds({ climate: 'cools' }, { ...known, climate: null })).toBe('unknown');
    expect(holds({ has: 'furnace' }, known)).toBe('yes');
  });

  test('quantities follow the facts of the thing', () => {
    const tablets = { fact: 'tons', times: 1, firstTimes: 2 };
    expect(quantityOf(tablets, { tons: 3 }, 'first')).toBe(6);
    expect(quantityOf(tablets, { tons: 3 })).toBe(3);
    expect(quantityOf(tablets, {})).toBeNull();
    expect(quantityOf({ ...tablets, otherwise: 2 }, {})).toBe(2);
    expect(quantityOf(4, {})).toBe(4);
  });

  test('a home’s own practice is found beside the catalogue’s', () => {
    const own = { ...findPractice('gutter-clean'), code: 'my-own' } as Practice;
    expect(finderWith([own])('my-own')).toBe(own);
    expect(finderWith([own])('gutter-clean')).toBe(findPractice('gutter-clean'));
    expect(finderWith([])('nothing')).toBeUndefined();
  });
});
