import { describe, expect, it } from 'vitest';
import { VERDICTS, severity } from '../basics/verdict.ts';
import { civil, toCivilDate, toDay } from '../calendar/civilDate.ts';
import { findPractice, PRACTICES } from '../catalogue/catalogue.ts';
import { GATES } from './data/gates.ts';
import { openFindings } from '../ledger/findings.ts';
import type { Entry } from '../ledger/entry.ts';
import type { House } from '../house/house.ts';
import { hazardSchema } from '../practice/lists.ts';
import { WHOLE_LOOK } from '../practice/look.ts';
import { finishRun, type Finishing } from './finishRun.ts';
import { hazardsAt } from './gates.ts';
import { planPractice } from './planRun.ts';
import { NEW_ITEM, withItem, type RunState } from './runState.ts';
import { leftOut, seenBy, unanswered, withSeen, type Seen } from './seen.ts';

const DAY = civil('2026-11-24');

const looks = PRACTICES.flatMap(({ code, steps }) =>
  steps.flatMap((step, place) => (step.looks ?? []).map((look) => ({ practice: code, place, look }))),
);

describe('the looks of the catalogue', () => {
  it('every sign a practice judges by stands at a step: as a choice, or beside what is measured or looked at there', () => {
    const missing = PRACTICES.flatMap(({ code, judge, steps }) => {
      const own = steps.flatMap((step) => step.looks ?? []);
      const said = own.flatMap(({ choices }) => choices.map(({ says }) => says));
      const judgesMore =
        steps.some(({ reads }) => reads.length > 0) || own.some((one) => one.code !== WHOLE_LOOK);
      const isBad = VERDICTS.some((verdict) => verdict !== 'sound' && judge[verdict] !== undefined);
      if (!isBad || judgesMore) return [];
      return VERDICTS.flatMap((verdict) => judge[verdict] ?? [])
        .filter((sign) => !said.includes(sign))
        .map((sign) => `${code}: ${sign}`);
    });
    expect(missing).toEqual([]);
  });

  it('begin with what is sound, and a later choice is never the better one', () => {
    for (const { practice, look } of looks) {
      const grades = look.choices.map(({ verdict }) => severity(verdict));
      expect(grades[0], `${practice} ${look.code}`).toBe(0);
      expect(grades, `${practice} ${look.code}`).toEqual([...grades].sort((a, b) => a - b));
    }
  });

  it('have a name of their own in their practice, and name repairs there are', () => {
    const names = looks.map(({ practice, look }) => `${practice}.${look.code}`);
    expect(names.filter((name, place) => names.indexOf(name) !== place)).toEqual([]);
    for (const { look } of looks) {
      const codes = look.choices.map(({ code }) => code);
      expect(new Set(codes).size).toBe(codes.length);
      for (const repair of look.choices.flatMap(({ repairs = [] }) => repairs))
        expect(findPractice(repair), repair).toBeDefined();
    }
  });
});

describe('the cautions before a step', () => {
  it('each hazard has its question, or none where there is nothing to answer', () => {
    expect(Object.keys(GATES).sort()).toEqual([...hazardSchema.options].sort());
    for (const asks of Object.values(GATES)) expect(asks?.endsWith('?') ?? true).toBe(true);
  });

  it('are left out only where what is known rules them out', () => {
    const heater = (facts: Record<string, string>) => ({
      asset: { id: 'heater', kind: 'water-heater', name: 'Heater' } as const,
      facts,
      space: undefined,
    });
    const cautions = ['gas', 'carbon-monoxide', 'scald'] as const;
    expect(hazardsAt(cautions, [heater({ fuel: 'electric' })])).toEqual(['scald']);
    expect(hazardsAt(cautions, [heater({ fuel: 'gas' })])).toEqual(cautions);
    expect(hazardsAt(cautions, [heater({})])).toEqual(cautions);
    expect(hazardsAt(cautions, [heater({ fuel: 'electric' }), heater({ fuel: 'gas' })])).toEqual(cautions);
    const attic = { ...heater({}), space: { id: 'up', name: 'Attic', use: 'attic' as const } };
    const cellar = { ...heater({}), space: { id: 'down', name: 'Cellar', use: 'plant' as const } };
    expect(hazardsAt(['ceiling-fall'], [attic])).toEqual(['ceiling-fall']);
    expect(hazardsAt(['ceiling-fall'], [cellar])).toEqual([]);
  });
});

const plant = { id: 'plant', kind: 'treatment-plant', name: 'Plant' } as const;
const house = { assets: [plant], duties: [], spaces: [] } as unknown as House;
const around = { house, gone: [], retired: [], find: findPractice, fits: () => true };

/** A practice on the plant, and a choice of one of its looks. */
function run(code: string, chosen: Readonly<Record<string, string>>, finding?: string): RunState {
  const practice = findPractice(code);
  const plan = practice && planPractice(practice, around, { asset: 'plant', finding });
  if (!practice || !plan) throw new Error(`nothing to do ${code} on`);
  const seen = practice.steps.flatMap((step, place) =>
    (step.looks ?? []).flatMap((look): Seen[] => {
      const choice = look.choices.find(({ code: one }) => one === chosen[look.code]);
      return choice
        ? [seenBy(look, choice, choice.says, { step: place, practice: code, asset: 'plant', date: DAY })]
        : [];
    }),
  );
  return withItem(plan, code, { status: 'done', seen });
}

let made = 0;
const ledger: Entry[] = [];
const at = (today = DAY): Finishing => ({
  today,
  makeId: () => `entry-${(made += 1)}`,
  occurrenceOf: () => undefined,
  settledOf: () => ({}),
  titleOf: ({ practice }) => practice ?? 'own',
});
function finish(state: RunState): void {
  const batch = `run-${(made += 1)}`;
  for (const entry of finishRun(state, at()))
    ledger.push({ ...entry, batch, stampedAt: `${DAY}T12:00:00.000Z`, by: 'someone' });
}

describe('an inspection by choices', () => {
  const CHECK = 'aerobic-lid-baffle-elbow-check';

  it('what is not sound becomes a problem by the name of what was seen, with its days and its repair; what is sound is kept too', () => {
    finish(run(CHECK, { lids: 'safe', baffles: 'missing', elbow: 'in-place', level: 'higher' }));
    expect(ledger.filter(({ body }) => body.kind === 'finding')).toHaveLength(4);
    expect(openFindings(ledger, DAY, house)).toMatchObject([
      { what: 'Higher: it does not drain', due: '2026-11-27', repairs: ['septic-saturation-response'] },
      {
        what: 'One is broken or missing: scum gets through',
        due: toCivilDate(toDay(DAY) + 30),
        repairs: ['aerobic-pump-out'],
      },
    ]);
  });

  it('looked at again and sound, it is closed', () => {
    finish(run(CHECK, { level: 'half' }));
    expect(openFindings(ledger, DAY, house).map(({ what }) => what)).toEqual([
      'One is broken or missing: scum gets through',
    ]);
  });

  it('a repair begun from it closes it once it is done', () => {
    const [open] = openFindings(ledger, DAY, house);
    const repair = run('aerobic-pump-out', {}, open?.entryId);
    finish(withItem(repair, 'aerobic-pump-out', { status: 'skipped', why: 'next week' }));
    expect(openFindings(ledger, DAY, house)).toHaveLength(1);
    finish(repair);
    expect(openFindings(ledger, DAY, house)).toEqual([]);
  });

  it('what stopped the work is its own problem, told with what was done about it', () => {
    const stopped = run(CHECK, { lids: 'broken' });
    const entries = finishRun(withItem(stopped, CHECK, { status: 'stopped', why: 'fenced off' }), at());
    expect(entries).toMatchObject([
      { body: { kind: 'finding', verdict: 'stop', days: 0, note: 'fenced off' } },
    ]);
  });
});

describe('the answers of a step', () => {
  const practice = findPractice('aerobic-lid-baffle-elbow-check');
  const step = practice?.steps[0];
  const [look] = step?.looks ?? [];
  if (!practice || !step || !look) throw new Error('the check begins with a look');
  const answer = (choice: number): Seen => {
    const chosen = look.choices[choice];
    if (!chosen) throw new Error('there is such a choice');
    return seenBy(look, chosen, chosen.says, { step: 0, practice: practice.code, asset: 'plant', date: DAY });
  };

  it('are all wanted; that one did not look is one', () => {
    expect(unanswered(step, 0, practice, NEW_ITEM)).toEqual({ looks: ['lids'], reads: [] });
    expect(unanswered(step, 0, practice, { ...NEW_ITEM, leftOut: [leftOut(0, 'lids')] }).looks).toEqual([]);
    expect(unanswered(step, 0, practice, { ...NEW_ITEM, seen: [answer(1)] }).looks).toEqual([]);
    const measured = { ...step, looks: undefined, reads: ['scum-depth'] };
    expect(unanswered(measured, 0, practice, NEW_ITEM).reads).toEqual(['scum-depth']);
    expect(
      unanswered(measured, 0, practice, { ...NEW_ITEM, leftOut: [leftOut(0, 'scum-depth')] }).reads,
    ).toEqual([]);
  });

  it('chosen anew, the last one counts, and it is not left out any more', () => {
    const first = withSeen({ ...NEW_ITEM, leftOut: [leftOut(0, 'lids'), leftOut(1, 'lids')] }, [answer(1)]);
    expect(first.leftOut).toEqual([leftOut(1, 'lids')]);
    expect(withSeen(first, [answer(0)]).seen).toEqual([answer(0)]);
  });
});
