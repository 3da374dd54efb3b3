import { describe, expect, test } from 'vitest';
import { ERROR_CODES } from '../contract/errors.ts';
import { civil } from '../core/calendar/civilDate.ts';
import { assetKindSchema } from '../core/basics/assetKind.ts';
import { factsOfKind } from '../core/house/factsOfKind.ts';
import { spaceUseSchema } from '../core/house/house.ts';
import { TRAIT_SPECS } from '../core/house/traitSpec.ts';
import { Given } from '../core/walkthrough/given.ts';
import { HOUSE_KINDS } from '../core/walkthrough/houseKind.ts';
import { likelyAnswers } from '../core/walkthrough/houseKinds.ts';
import { optionsOf } from '../core/walkthrough/question.ts';
import { STOPS } from '../core/walkthrough/stops.ts';
import { ENTRY_KINDS } from '../core/ledger/entry.ts';
import { marginSourceSchema, reasonSchema, sleepSchema } from '../core/schedule/reason.ts';
import { doerSchema } from '../core/practice/terms.ts';
import { enGB } from './en-GB.ts';
import { enUS } from './en-US.ts';
import { currencyDigits, formatsFor } from './format.ts';
import { ruleText } from './practiceText.ts';
import { shortReasonText } from './shortReason.ts';
import { reasonText } from './reasonText.ts';
import { sleepText } from './sleepText.ts';
import { speechIn } from '../../test/support/surroundings.ts';

interface Tree {
  readonly [key: string]: string | Tree;
}

/** Every path of a tree of sentences with its sentence. */
const flat = (tree: Tree, within = ''): [string, string][] =>
  Object.entries(tree).flatMap(([key, value]): [string, string][] =>
    typeof value === 'string' ? [[`${within}${key}`, value]] : flat(value, `${within}${key}.`),
  );
const american = new Map(flat(enUS));
const british = new Map(flat(enGB as Tree));
const names = (text: string): string[] =>
  [...text.matchAll(/\{(\w+)\}/g)].map(([, name]) => name ?? '').sort();
const speech = speechIn('en-US');

describe('sentences', () => {
  test('British wording says only what differs, and fills in the same things', () => {
    for (const [path, text] of british) {
      expect(american.get(path), path).toBeDefined();
      expect(text, path).not.toBe(american.get(path));
      expect([...new Set(names(text))], path).toEqual([...new Set(names(american.get(path) ?? ''))]);
    }
  });

  test('every code that can reach a person has its sentence', () => {
    const wanted = [
      ...ERROR_CODES.map((code) => `error.${code}`),
      ...ENTRY_KINDS.map((kind) => `ledger.kind.${kind}`),
      ...assetKindSchema.options.map((kind) => `assetKind.${kind}`),
      ...marginSourceSchema.options.map((source) => `margin.${source}`),
      ...doerSchema.options.map((doer) => `doer.${doer}`),
    ];
    expect(wanted.filter((path) => !american.has(path))).toEqual([]);
  });

  test('everything that may be known of a thing, a room or a household has its words, and so has every answer of the walk', () => {
    const facts = assetKindSchema.options.flatMap((kind) => [...factsOfKind(kind)]);
    const questions = STOPS.flatMap((stop) => [...stop.questions]);
    const given = new Given(likelyAnswers('family', null));
    const isRoom = ({ code }: { code: string }): boolean => code.endsWith('-rooms');
    const wanted = [
      ...facts.map(({ code }) => `fact.${code}`),
      ...facts.flatMap((spec) =>
        spec.kind === 'choice' && spec.code !== 'shutoff'
          ? spec.options
              .filter((option) => typeof option === 'string')
              .map((option) => `factOption.${spec.code}.${option}`)
          : [],
      ),
      ...spaceUseSchema.options.map((use) => `spaceUse.${use}`),
      ...TRAIT_SPECS.map(({ code }) => `trait.${code}`),
      ...STOPS.map(({ code }) => `walk.stops.${code}`),
      ...HOUSE_KINDS.flatMap((kind) => [`walk.kinds.${kind}`, `walk.kindHint.${kind}`]),
      ...questions.map(({ code }) => `walk.q.${code}`),
      ...questions
        .filter((one) => !isRoom(one))
        .flatMap((one) => optionsOf(one, given).map((option) => `walk.o.${option}`)),
    ];
    expect(wanted.length).toBeGreaterThan(300);
    expect(wanted.filter((path) => !american.has(path))).toEqual([]);
  });

  test('nothing exclaims', () => {
    expect([...american.values(), ...british.values()].filter((text) => text.includes('!'))).toEqual([]);
  });
});

describe('reasons in words', () => {
  const on = civil('2027-01-15');
  const reasons = [
    { kind: 'lastDone', on, how: 'done' },
    { kind: 'interval', every: { unit: 'months', count: 3 }, due: on },
    {
      kind: 'factors',
      factors: [
        { code: 'smoker', value: 0.5 },
        { code: 'sawdust', value: 0.3 },
      ],
      product: 0.15,
      held: 0.25,
      days: 23,
      due: on,
    },
    { kind: 'floor', floorDays: 30, due: on },
    { kind: 'plainHolds', side: 'latest', due: on },
    { kind: 'noRecord', due: on },
    { kind: 'termsBegan', due: on },
    { kind: 'listed', due: on },
    { kind: 'clockChange', season: 'autumn', zone: 'Asia/Tokyo', conventional: true, due: on },
    {
      kind: 'window',
      basisDays: 91,
      early: 14,
      earlyBy: 'share',
      grace: 7,
      graceBy: 'lifeSafety',
      earliest: on,
      latest: on,
    },
    {
      kind: 'season',
      anchor: 'firstFreeze',
      risk: 10,
      basis: 'set',
      on,
      offsetDays: -14,
      due: on,
    },
    {
      kind: 'usage',
      meter: 'run-hours',
      limit: 300,
      from: 0,
      resetOn: on,
      reading: { on, value: 210 },
      expected: 'heating',
      ahead: 10,
      due: on,
    },
    { kind: 'called', what: 'filter-grade', value: 1, on, respondDays: 3, due: on },
    { kind: 'age', from: 'made', on, lifespan: { unit: 'years', count: 10 }, due: on },
    { kind: 'age', from: 'made', on, lifespan: { unit: 'years', count: 7 }, printed: true, due: on },
    { kind: 'printedEnd', due: on },
    { kind: 'ageUnknown', due: on },
    { kind: 'caughtUp', listed: on, worthUntil: on, due: on },
    { kind: 'openedAgain', listed: on, on, worthUntil: on, due: on },
    { kind: 'worthUntil', by: { season: 'lastFreeze', days: 0 }, on, latest: on },
    { kind: 'trigger', trigger: 'hard-freeze', source: 'forecast', on, respondDays: 0, due: on },
    { kind: 'trigger', trigger: 'windstorm', source: 'forecast', on, respondDays: 5, due: on },
    { kind: 'notBeforeToday', due: on },
    { kind: 'lesser', rule: 'interval', due: on },
    { kind: 'stateSince', state: 'outdoor-tap', standing: 'closed', since: on },
    { kind: 'pause', from: on, to: on, due: on, earliest: on, latest: on },
    {
      kind: 'gate',
      gate: { kind: 'season', season: 'heating' },
      opens: on,
      runFrom: on,
      due: on,
      earliest: on,
      latest: on,
    },
    { kind: 'runBegins', gate: { kind: 'state', state: 'humidifier', standing: 'open' }, earliest: on },
    { kind: 'pull', low: -1, threshold: 0, on, today: on, due: on, earliest: on },
    {
      kind: 'bound',
      with: 'd',
      leads: { earliest: on, due: on, latest: on },
      graceDays: 7,
      due: on,
      earliest: on,
      latest: on,
    },
    { kind: 'handy', with: 'd', leadDue: on, today: on, due: on },
    { kind: 'putOff', why: 'rain', due: on, earliest: on, latest: on },
  ].map((reason) => reasonSchema.parse(reason));

  test('there is one of every kind', () => {
    expect(new Set(reasons.map(({ kind }) => kind)).size).toBe(reasonSchema.options.length);
  });

  test.each(['en-US', 'en-GB'] as const)('each is a whole sentence in %s', (vocabulary) => {
    for (const reason of reasons) {
      const text = reasonText(speechIn(vocabulary, on), reason);
      expect(text).toMatch(/^[A-Z0-9].*\.$/);
      expect(text).not.toMatch(/[{}]|undefined|reason\./);
    }
  });

  test('a factor of the catalogue has its name, one’s own its word, and a held product says both figures', () => {
    const [, , factors] = reasons;
    expect(factors && reasonText(speech, factors)).toBe(
      'Adjusted for: a smoker indoors ×0.5 and sawdust ×0.3. Together ×0.15, limited to ×0.25, so 23 days: Fri, Jan 15, 2027.',
    );
  });

  test('the shortReason is what decided', () => {
    expect(shortReasonText(speech, reasons.slice(0, 2))).toBe('3 months after Fri, Jan 15, 2027');
    expect(shortReasonText(speech, reasons.slice(0, 4))).toBe(
      '30 days after Fri, Jan 15, 2027, shortened by wear',
    );
    expect(shortReasonText(speech, reasons.slice(-11))).toBe('postponed: “rain”');
  });

  test('every reason for nothing being due is a whole sentence', () => {
    const gate = { kind: 'trait', trait: 'smoker' };
    const sleeps = [
      { kind: 'season', anchor: 'firstFreeze', risk: 10, basis: 'none' },
      { kind: 'gate', gate: { kind: 'season', season: 'cooling' } },
      { kind: 'gate', gate },
      { kind: 'state', state: 'outdoor-tap', standing: 'open', since: on },
      { kind: 'trigger', triggers: ['windstorm', 'something of one’s own'] },
      { kind: 'meter', meter: 'run-hours', limit: 300 },
      { kind: 'paused', since: on },
      { kind: 'tooLate', by: { monthDay: '12-31' } },
      { kind: 'beyond' },
      { kind: 'ended' },
    ].map((sleep) => sleepSchema.parse(sleep));
    expect(new Set(sleeps.map(({ kind }) => kind)).size).toBe(sleepSchema.options.length);
    for (const sleep of sleeps) expect(sleepText(speech, sleep)).toMatch(/^[A-Z][^{}]*\.$/);
  });

  test('rules in words', () => {
    expect(ruleText(speech, { kind: 'interval', every: { unit: 'weeks', count: 1 }, floorDays: 3 })).toBe(
      'every week, never under 3 days',
    );
    expect(ruleText(speech, { kind: 'dates', monthDays: ['04-15', '10-15'] })).toBe(
      'each year on Apr 15 and Oct 15',
    );
    expect(
      ruleText(speech, { kind: 'dates', monthDays: ['05-01'], cycle: { years: 2, baseYear: 2026 } }),
    ).toBe('on May 1, every 2 years from 2026');
    expect(ruleText(speech, { kind: 'clockChange', on: 'autumn' })).toBe('at the fall clock change');
    expect(ruleText(speech, { kind: 'season', anchor: 'firstFreeze', offsetDays: -14, risk: 50 })).toBe(
      '14 days before first freeze at 50 % risk',
    );
    expect(
      ruleText(speech, {
        kind: 'first',
        of: [
          { kind: 'usage', meter: 'run-hours', limit: 400 },
          { kind: 'event', triggers: ['windstorm', 'hail'], respondDays: 5 },
          { kind: 'age', lifespan: { unit: 'years', count: 10 } },
        ],
      }),
    ).toBe(
      'whichever comes first: after 400 run hours; within 5 days of: a windstorm and hail; 10 years from the date of manufacture',
    );
    expect(
      ruleText(speech, {
        kind: 'condition',
        look: { kind: 'interval', every: { unit: 'months', count: 1 } },
        change: { measure: 'filter-grade', atLeast: 1 },
        respondDays: 3,
      }),
    ).toBe('check every month; fix within 3 days of filter grade of 1 or more');
  });
});

describe('formats', () => {
  const { formats } = speech;
  const gb = formatsFor('en-GB');

  test('a date has its weekday, and the year only when it is another', () => {
    expect(formats.date(civil('2026-12-01'), speech.today)).toBe('Tue, Dec 1');
    expect(formats.date(civil('2027-12-01'), speech.today)).toBe('Wed, Dec 1, 2027');
    expect(gb.date(civil('2026-12-01'), speech.today)).toBe('Tue 1 Dec');
  });

  test.each([
    ['2026-11-24', 'today'],
    ['2026-11-25', 'tomorrow'],
    ['2026-11-23', 'yesterday'],
    ['2026-12-12', 'in 18 days'],
    ['2026-08-01', '4 months ago'],
    ['2027-01-23', 'in 60 days'],
    ['2027-01-24', 'in 2 months'],
    ['2031-11-24', 'in 5 years'],
  ])('%s is %s', (date, distance) => {
    expect(formats.distance(speech.today, civil(date))).toBe(distance);
  });

  test('money has the digits of its currency', () => {
    expect(formats.money(1299, 'USD')).toBe('$12.99');
    expect(gb.money(8500, 'GBP')).toBe('£85.00');
    expect(formats.money(1200, 'JPY')).toBe('¥1,200');
    expect(currencyDigits('KWD')).toBe(3);
  });

  test('the day stands where the wording puts it', () => {
    const textOf = (parts: { text: string }[]) => parts.map(({ text }) => text).join('');
    expect(textOf(formats.dayParts(civil('2026-12-01')))).toBe('Dec 1');
    expect(textOf(gb.dayParts(civil('2026-12-01')))).toBe('1 Dec');
    expect(gb.dayParts(civil('2026-12-01')).find(({ isDay }) => isDay)?.text).toBe('1');
  });
});
