import type { NewEntry } from '../../contract/schemas.ts';
import type { ErrorCode } from '../../contract/errors.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { Asset, Duty, Home, House, Person } from '../../core/house/house.ts';
import { fitsSpec } from '../../core/house/factSpec.ts';
import { specOf } from '../../core/house/factsOfKind.ts';
import { traitFits } from '../../core/house/traitSpec.ts';
import { timingOf, type FindPractice } from '../../core/house/timingOf.ts';
import { checkCorrection } from '../../core/ledger/corrections.ts';
import type { Entry } from '../../core/ledger/entry.ts';
import { dutyOf, referencesOf } from '../../core/ledger/references.ts';
import type { Occurrence } from '../../core/schedule/occurrence.ts';
import { project } from '../../core/schedule/project.ts';
import type { Tx } from '../db/database.ts';
import { listPeople } from '../stores/homeStore.ts';
import { loadLedger } from '../stores/entryStore.ts';
import { loadHouse } from '../stores/houseStore.ts';
import { Failure } from './failure.ts';
import { surroundingsOf } from './schedule.ts';

/** What must be known to judge new entries: the house, and the part of the ledger they speak of. */
export interface CheckContext {
  readonly house: House;
  readonly find: FindPractice;
  readonly today: CivilDate;
  readonly duties: ReadonlyMap<string, Duty>;
  readonly assets: readonly Asset[];
  readonly people: readonly Person[];
  /** The whole ledger in sequence, growing as entries of the same request are accepted. */
  readonly ledger: Entry[];
  readonly outstanding: ReadonlyMap<string, Occurrence>;
  /** The duty an entry concerns, a correction by its target. */
  dutyOfEntry(entry: Entry): string | null;
}

/** Loads what judging some entries needs. */
export async function loadCheckContext(tx: Tx, home: Home, today: CivilDate): Promise<CheckContext> {
  const house = await loadHouse(tx, home);
  const ledger = (await loadLedger(tx, home.id)).map(({ seq: _seq, ...entry }): Entry => entry);
  const around = surroundingsOf(house, today);
  const projected = project(house, ledger, today, around).duties;
  const byId = new Map(ledger.map((entry) => [entry.id, entry]));
  return {
    house,
    find: around.find,
    today,
    duties: new Map(house.duties.map((duty) => [duty.id, duty])),
    assets: house.assets,
    people: await listPeople(tx, home.id),
    ledger,
    outstanding: new Map(
      projected.flatMap(({ dutyId, occurrence }) => (occurrence ? [[dutyId, occurrence]] : [])),
    ),
    dutyOfEntry: (entry) => threadDuty(ledger, byId, entry),
  };
}

/** A correction concerns its target's duty; the target may be of the same request. */
function threadDuty(
  ledger: readonly Entry[],
  known: ReadonlyMap<string, Entry>,
  entry: Entry,
): string | null {
  const { body } = entry;
  if (body.kind !== 'amends' && body.kind !== 'voids') return dutyOf(body);
  const target = known.get(body.target) ?? ledger.find(({ id }) => id === body.target);
  return target ? threadDuty(ledger, known, target) : null;
}

/** Judges one entry after those before it and adds it to the context; throws the first thing wrong with it. */
export function checkNewEntry(
  context: CheckContext,
  draft: NewEntry & { by: string; stampedAt: string },
  at: string,
): void {
  const { saw, ...entry } = draft;
  if (entry.date > context.today) {
    throw new Failure('date-in-future', `${at}.date`, { kind: 'date-in-future', today: context.today });
  }
  checkReferences(context, entry, at);
  checkKind(context, entry, at);
  if (saw !== undefined) checkSeen(context, entry, saw, at);
  context.ledger.push(entry);
}

function checkReferences(context: CheckContext, entry: Entry, at: string): void {
  for (const { field, to, id } of referencesOf(entry.body)) {
    const isCorrection = entry.body.kind === 'amends' || entry.body.kind === 'voids';
    const found = {
      duty: () => context.duties.has(id),
      asset: () => context.assets.some((asset) => asset.id === id),
      person: () => context.people.some((person) => person.id === id),
      entry: () => context.ledger.some((known) => known.id === id),
    }[to]();
    if (!found)
      throw new Failure(
        isCorrection && to === 'entry' ? 'target-unknown' : 'reference-unknown',
        `${at}.body.${field}`,
      );
  }
}

function checkKind(context: CheckContext, entry: Entry, at: string): void {
  const { body } = entry;
  if (body.kind === 'amends' || body.kind === 'voids') {
    const checked = checkCorrection(context.ledger, body, context.today);
    if (checked.ok) return;
    const { code, field } = checked.error;
    const path = field === 'target' ? 'body.target' : `body.change.${field}`;
    const problem = code === 'date-in-future' ? { kind: code, today: context.today } : undefined;
    throw new Failure(code satisfies ErrorCode, `${at}.${path}`, problem);
  } else if (body.kind === 'putOff') {
    checkPutOff(context, body, at);
  } else if (body.kind === 'done' && body.occurrence !== undefined) {
    checkDoneFor(context, body.duty, body.occurrence, entry.date, at);
  } else if (body.kind === 'fact') {
    checkFact(context, body, at);
  } else if (body.kind === 'trait' && !traitFits(body.trait, body.value)) {
    throw new Failure('invalid', `${at}.body.value`, { kind: 'trait-value' });
  }
}

/** What is known of a kind of thing is told in one way; a fact of the household's own making in any. */
function checkFact(
  { assets }: CheckContext,
  { asset, fact, value }: Extract<Entry['body'], { kind: 'fact' }>,
  at: string,
): void {
  const kind = assets.find(({ id }) => id === asset)?.kind;
  const spec = kind && specOf(kind, fact);
  if (!spec || fitsSpec(spec, value)) return;
  const bounds = spec.kind === 'number' ? { minimum: spec.min, maximum: spec.max } : {};
  const options = spec.kind === 'choice' ? { options: spec.options.map(String) } : {};
  throw new Failure('invalid', `${at}.body.value`, { kind: `fact-${spec.kind}`, ...bounds, ...options });
}

/** Done for an occurrence by name: it must be the outstanding one, and its window, as weather and companions have moved it, open. */
function checkDoneFor(context: CheckContext, duty: string, key: string, date: CivilDate, at: string): void {
  const occurrence = context.outstanding.get(duty);
  if (occurrence?.key !== key || date < occurrence.window.earliest)
    throw new Failure('not-outstanding', `${at}.body.occurrence`);
}

/** A putting off speaks of the outstanding occurrence, of today or later; past its latest day life safety asks first. */
function checkPutOff(
  context: CheckContext,
  body: Extract<Entry['body'], { kind: 'putOff' }>,
  at: string,
): void {
  const occurrence = context.outstanding.get(body.duty);
  if (occurrence?.key !== body.occurrence) throw new Failure('not-outstanding', `${at}.body.occurrence`);
  if (body.to < context.today) {
    throw new Failure('invalid', `${at}.body.to`, { kind: 'date-in-past', today: context.today });
  }
  const duty = context.duties.get(body.duty);
  const lifeSafety = duty && timingOf(duty, undefined, context.find).lifeSafety;
  if (lifeSafety && body.to > occurrence.window.latest && body.acknowledged !== true) {
    throw new Failure('acknowledgement-needed', `${at}.body.acknowledged`, {
      kind: 'acknowledgement-needed',
      latest: occurrence.window.latest,
    });
  }
}

/** Someone else was quicker: what the person looked at is no longer what stands. */
function checkSeen(context: CheckContext, entry: Entry, saw: string, at: string): void {
  const { body } = entry;
  if (body.kind === 'amends' || body.kind === 'voids') {
    const corrections = context.ledger.filter(
      (known) =>
        (known.body.kind === 'amends' || known.body.kind === 'voids') &&
        threadRoot(context.ledger, known) === threadRoot(context.ledger, entry),
    );
    if ((corrections.at(-1)?.id ?? '') !== saw) throw new Failure('seen-changed', `${at}.saw`);
    return;
  }
  const duty = dutyOf(body);
  if (duty !== null && context.outstanding.get(duty)?.key !== saw)
    throw new Failure('seen-changed', `${at}.saw`);
}

function threadRoot(ledger: readonly Entry[], entry: Entry): string {
  const { body } = entry;
  if (body.kind !== 'amends' && body.kind !== 'voids') return entry.id;
  const target = ledger.find(({ id }) => id === body.target);
  return target ? threadRoot(ledger, target) : body.target;
}
