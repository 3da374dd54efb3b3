import { describe, expect, test } from 'vitest';
import { civil } from '../calendar/civilDate.ts';
import { PRACTICES } from '../catalogue/catalogue.ts';
import type { Condition } from '../practice/condition.ts';
import { TRAITS } from '../practice/lists.ts';
import type { Entry, EntryBody } from '../ledger/entry.ts';
import { alarmCoverage } from './alarmCoverage.ts';
import { assetKindSchema } from '../basics/assetKind.ts';
import { emergencyPoints } from './emergencyPoints.ts';
import { ageingOf } from './expectedLife.ts';
import { fitsSpec } from './factSpec.ts';
import { factsOfKind, specOf } from './factsOfKind.ts';
import { factsToEstablish } from './factsToEstablish.ts';
import type { Asset, Space } from './house.ts';
import { knownHouse } from '../ledger/knownHouse.ts';
import { traitFits, TRAIT_SPECS } from './traitSpec.ts';

const ON = civil('2026-11-24');
const asset = (id: string, kind: Asset['kind'], more: Partial<Asset> = {}): Asset => ({
  id,
  kind,
  name: id,
  ...more,
});
const entries = (...bodies: (readonly [string, EntryBody])[]): Entry[] =>
  bodies.map(([date, body], index) => ({
    id: `e${index}`,
    date: civil(date),
    stampedAt: '2026-11-24T12:00:00.000Z',
    by: 'p',
    body,
  }));

/** Every fact and trait a condition names, with the values it asks for. */
function namesIn(condition: Condition): { fact?: string; trait?: string; values: unknown[] }[] {
  if ('fact' in condition)
    return [{ fact: condition.fact, values: Array.isArray(condition.is) ? condition.is : [condition.is] }];
  if ('trait' in condition) return [{ trait: condition.trait, values: [condition.is ?? true] }];
  if ('all' in condition) return condition.all.flatMap(namesIn);
  if ('any' in condition) return condition.any.flatMap(namesIn);
  return 'not' in condition ? namesIn(condition.not) : [];
}

describe('facts and traits', () => {
  const conditions = PRACTICES.flatMap((practice) =>
    [practice.when, ...(practice.kind === 'duty' ? practice.schools.map(({ fits }) => fits) : [])].flatMap(
      (condition) => (condition ? namesIn(condition).map((named) => ({ ...named, practice })) : []),
    ),
  );

  test('every fact a practice turns on can be told of a kind it applies to, with the values it asks for', () => {
    const facts = conditions.filter(({ fact }) => fact !== undefined);
    expect(facts.length).toBeGreaterThan(30);
    for (const { fact = '', values, practice } of facts) {
      const specs = practice.appliesTo.flatMap((kind) => specOf(kind, fact) ?? []);
      expect(specs, `${practice.code}: ${fact}`).not.toEqual([]);
      for (const value of values as string[])
        expect(
          specs.some((spec) => fitsSpec(spec, value)),
          `${practice.code}: ${fact} ${value}`,
        ).toBe(true);
    }
  });

  test('every quantity that hangs on a fact can have it told', () => {
    for (const practice of PRACTICES)
      for (const { quantity } of practice.supplies)
        if (typeof quantity === 'object')
          expect(
            practice.appliesTo.some((kind) => specOf(kind, quantity.fact)),
            `${practice.code}: ${quantity.fact}`,
          ).toBe(true);
  });

  test('every trait the catalogue knows can be told in the one place for them', () => {
    const known = new Set(TRAIT_SPECS.map(({ code }) => code));
    const asked = conditions.flatMap(({ trait }) => trait ?? []);
    expect([...TRAITS, ...asked].filter((code) => !known.has(code))).toEqual([]);
  });

  test('a kind asks nothing twice', () => {
    for (const kind of assetKindSchema.options) {
      const codes = factsOfKind(kind).map(({ code }) => code);
      expect(new Set(codes).size, kind).toBe(codes.length);
    }
  });

  test.each([
    ['people', 4, true],
    ['people', -1, false],
    ['smoker', 'yes', false],
    ['building', 'terraced', true],
    ['building', 'castle', false],
    ['smoker', null, true],
    ['our-own-word', 'anything', true],
  ])('the trait %s may be told as %s: %s', (code, value, right) => {
    expect(traitFits(code, value)).toBe(right);
  });
});

describe('what is known of a house', () => {
  const house = {
    assets: [
      asset('old', 'water-heater', { facts: { fuel: 'gas', made: null } }),
      asset('new', 'water-heater', { succeeds: 'old' }),
      asset('dryer', 'dryer'),
    ],
  };

  test('the last thing told of a fact is what is known, and what came before the day only', () => {
    const ledger = entries(
      ['2026-01-05', { kind: 'fact', asset: 'old', fact: 'litres', value: 150 }],
      ['2026-02-05', { kind: 'fact', asset: 'old', fact: 'litres', value: 190 }],
      ['2026-12-05', { kind: 'fact', asset: 'old', fact: 'litres', value: 999 }],
    );
    const [known] = knownHouse(house, ledger, ON).assets;
    expect(known?.facts).toEqual({ fuel: 'gas', made: null, litres: 190 });
  });

  test('what was replaced or taken out stands there no more, unless that is struck out', () => {
    const ledger = entries(
      ['2026-03-01', { kind: 'replaced', asset: 'old', successor: 'new' }],
      ['2026-03-02', { kind: 'removed', asset: 'dryer' }],
    );
    expect(knownHouse(house, ledger, ON).assets.map(({ id }) => id)).toEqual(['new']);
    const struck = [
      ...ledger,
      ...entries(['2026-03-03', { kind: 'voids', target: 'e1' }]).map((one) => ({ ...one, id: 'v' })),
    ];
    expect(knownHouse(house, struck, ON).assets.map(({ id }) => id)).toEqual(['new', 'dryer']);
  });

  test('facts to establish are those something turns on, each with what', () => {
    const open = factsToEstablish(
      [asset('heater', 'water-heater', { facts: { heater: 'tank', fuel: 'gas', model: null } })],
      PRACTICES,
    );
    const byCode = new Map(open.map(({ spec, practices }) => [spec.code, practices]));
    expect(byCode.get('burner')).toContain('water-heater-flue-centre');
    expect(byCode.has('fuel')).toBe(false);
    // Said not to be known: wanted, though nothing turns on it.
    expect(byCode.get('model')).toEqual([]);
    expect(byCode.has('litres')).toBe(false);
  });
});

describe('alarm coverage', () => {
  const spaces: Space[] = [
    { id: 'basement', name: 'Basement', use: 'plant', storey: -1 },
    { id: 'hall', name: 'Hall', use: 'hall', storey: 0 },
    { id: 'landing', name: 'Landing', use: 'hall', storey: 1 },
    { id: 'bed-1', name: 'Front', use: 'bedroom', storey: 1 },
    { id: 'bed-2', name: 'Back', use: 'bedroom', storey: 1 },
    { id: 'loft', name: 'Attic', use: 'attic', storey: 2 },
  ];
  const smoke = (id: string, space?: string, facts = {}): Asset =>
    asset(id, 'smoke-alarm', { ...(space !== undefined && { space }), facts });
  const gaps = (assets: Asset[], traits = new Map<string, boolean>()) =>
    alarmCoverage(spaces, assets, traits)
      .places.filter(({ covered }) => covered.length === 0)
      .map(({ rule, space, storey }) => `${rule} ${space ?? storey ?? 'anywhere'}`);

  test('the least is one for each bedroom and one for each storey outside them, the basement with it', () => {
    const places = alarmCoverage(spaces, [], new Map()).places.filter(({ alarm }) => alarm === 'smoke');
    expect(places).toHaveLength(2 + 3);
  });

  test('names the very places that are missing, and an attic is none', () => {
    expect(
      gaps([smoke('a', 'hall'), smoke('b', 'landing'), smoke('c', 'bed-1'), asset('co', 'co-alarm')]),
    ).toEqual(['smoke-bedroom bed-2', 'smoke-storey -1']);
  });

  test('an alarm in a bedroom does not warn the storey', () => {
    expect(gaps([smoke('c', 'bed-1')])).toContain('smoke-storey 1');
  });

  test('a heat alarm is no smoke alarm', () => {
    expect(gaps([smoke('a', 'hall', { sensing: 'heat' })])).toContain('smoke-storey 0');
  });

  test('where something burns: each storey, where people sleep, and near what burns', () => {
    const furnace = asset('f', 'furnace', { space: 'basement', facts: { fuel: 'gas' } });
    const co = gaps([furnace]).filter((gap) => gap.startsWith('co'));
    expect(co).toEqual(['co-storey -1', 'co-storey 0', 'co-sleeping 1', 'co-burner basement']);
    expect(gaps([furnace, asset('x', 'co-alarm', { space: 'basement' })])).not.toContain(
      'co-burner basement',
    );
    expect(gaps([furnace, smoke('s', 'landing', { 'senses-co': true })])).not.toContain('co-sleeping 1');
  });

  test('with nothing that burns one is advised, not demanded; an electric furnace burns nothing', () => {
    const electric = asset('f', 'furnace', { space: 'basement', facts: { fuel: 'electric' } });
    expect(gaps([electric]).filter((gap) => gap.startsWith('co'))).toEqual(['co-advised anywhere']);
  });

  test('alarms nobody has placed are told of, and a house without rooms says nothing', () => {
    expect(alarmCoverage(spaces, [smoke('a')], new Map()).placeless).toEqual(['a']);
    expect(alarmCoverage([], [smoke('a')], new Map())).toMatchObject({ known: false, placeless: ['a'] });
  });
});

describe('the emergency sheet', () => {
  test('tells each shut-off in the order of need, and names what is missing', () => {
    const points = emergencyPoints(
      [
        asset('heater', 'water-heater', { facts: { heater: 'tank', fuel: 'gas' } }),
        asset('main', 'water-main', {
          space: 's',
          facts: { 'shutoff-place': 'under the sink', shutoff: 'lever', 'shutoff-how': null },
        }),
        asset('dishes', 'dishwasher'),
      ],
      [{ id: 's', name: 'Kitchen' }],
    );
    expect(points.map(({ group, kind, place }) => `${group} ${kind} ${place ?? '?'}`)).toEqual([
      'water water-main under the sink',
      'gas gas-supply ?',
      'power panel ?',
      'appliances water-heater ?',
    ]);
    expect(points[0]).toMatchObject({ space: 'Kitchen', handle: 'lever', how: null });
  });

  test('asks for no gas shut-off where nothing burns gas', () => {
    expect(emergencyPoints([], []).map(({ kind }) => kind)).toEqual(['water-main', 'panel']);
  });
});

describe('expected life', () => {
  test.each([
    ['made 2016-05, seven to ten years', { made: '2016-05' }, undefined, 'past'],
    ['made 2018, in its last years', { made: '2018' }, undefined, 'ending'],
    ['the label says ten', { made: '2018', life: 10 }, undefined, 'inside'],
    ['only the day of installation is known', {}, '2025-06-01', 'inside'],
  ])('of a smoke alarm: %s', (_words, facts, installed, standing) => {
    const alarm = asset('a', 'smoke-alarm', {
      facts,
      ...(installed !== undefined && { installed: civil(installed) }),
    });
    expect(ageingOf(alarm, ON)?.standing).toBe(standing);
  });

  test('is not guessed where the age or the usual life is not known', () => {
    expect(ageingOf(asset('a', 'smoke-alarm'), ON)).toBeNull();
    expect(ageingOf(asset('a', 'door', { facts: { made: '2000' } }), ON)).toBeNull();
  });
});
