import type { NewEntry, ScheduleRow } from '../../contract/schemas.ts';
import type { ErrorCode } from '../../contract/errors.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { Asset, Duty, Home, House } from '../../core/house/house.ts';
import { fitsSpec } from '../../core/house/factSpec.ts';
import { specOf } from '../../core/house/factsOfKind.ts';
import { traitFits } from '../../core/house/traitSpec.ts';
import { timingOf, type FindPractice } from '../../core/house/timingOf.ts';
import { checkCorrection } from '../../core/ledger/corrections.ts';
import type { Entry } from '../../core/ledger/entry.ts';
import { Threads } from '../../core/ledger/threads.ts';
import { dutyOf, referencesOf } from '../../core/ledger/references.ts';
import type { Tx } from '../db/database.ts';
import { listPeople } from '../stores/homeStore.ts';
import { loadLedger } from '../stores/entryStore.ts';
import { loadHouse } from '../stores/houseStore.ts';
import { loadWindows } from '../stores/windowStore.ts';
import { Failure } from './failure.ts';
import { standingRows, projectionInputsOf, type StoredRows } from './schedule.ts';

/** What must be known to judge new entries: the house, and the part of the ledger they speak of. */
export interface CheckContext {
  readonly house: House;
  readonly find: FindPractice;
  readonly today: CivilDate;
  readonly duties: ReadonlyMap<string, Duty>;
  readonly assets: ReadonlyMap<string, Asset>;
  readonly people: ReadonlySet<string>;
  /** The whole ledger in sequence, growing as entries of the same request are accepted; the same by id and thread. */
  readonly ledger: Entry[];
  readonly threads: Threads;
  readonly outstanding: ReadonlyMap<string, Outstanding>;
  /** The rows as they were written before this request. */
  readonly stored: StoredRows;
  /** The duty an entry concerns, a correction by its target. */
  dutyOfEntry(entry: Entry): string | null;
}

type Outstanding = NonNullable<ScheduleRow['occurrence']>;

/**
 * Loads what judging some entries needs, and what projecting from them afterwards needs: each once. `rows`: whether the rows stand for the
 * ledger as it is, or something of this request has been written since.
 */
export async function loadCheckContext(
  tx: Tx,
  home: Home,
  today: CivilDate,
  rows: 'stand' | 'outdated' = 'stand',
): Promise<CheckContext> {
  const house = await loadHouse(tx, home);
  const ledger = (await loadLedger(tx, home.id)).map(({ seq: _seq, ...entry }): Entry => entry);
  const around = projectionInputsOf(house, today);
  const stored = await loadWindows(tx, home.id);
  const standing = standingRows(rows === 'stand' ? stored : null, house, ledger, today);
  const threads = new Threads(ledger);
  return {
    house,
    find: around.find,
    today,
    duties: new Map(house.duties.map((duty) => [duty.id, duty])),
    assets: new Map(house.assets.map((asset) => [asset.id, asset])),
    people: new Set((await listPeople(tx, home.id)).map(({ id }) => id)),
    ledger,
    threads,
    outstanding: new Map(
      standing.flatMap(({ dutyId, occurrence }) => (occurrence ? [[dutyId, occurrence]] : [])),
    ),
    stored,
    // A correction concerns the duty of what it goes back to, which may be of the same request.
    dutyOfEntry: (entry) => dutyOf(threads.rootOf(entry).body),
  };
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
  context.threads.add(entry);
}

function checkReferences(context: CheckContext, entry: Entry, at: string): void {
  for (const { field, to, id } of referencesOf(entry.body)) {
    const isCorrection = entry.body.kind === 'amends' || entry.body.kind === 'voids';
    const found = {
      duty: () => context.duties.has(id),
      asset: () => context.assets.has(id),
      person: () => context.people.has(id),
      entry: () => context.threads.find(id) !== undefined,
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
    const checked = checkCorrection(context.threads, body, entry.date);
    if (checked.ok) {
      checkThread(context, checked.value, at);
      return;
    }
    const { code, field } = checked.error;
    const path = field === 'target' ? 'body.target' : `body.change.${field}`;
    const problem = code === 'date-after-correction' ? { kind: code, dated: entry.date } : undefined;
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

/** More than anyone corrects one entry; longer threads written before still stand. */
const MOST_CORRECTIONS = 20;

function checkThread({ threads }: CheckContext, target: Entry, at: string): void {
  if (threads.correctionsOf(target).count >= MOST_CORRECTIONS)
    throw new Failure('too-many-corrections', `${at}.body.target`, {
      kind: 'too-many-corrections',
      maximum: MOST_CORRECTIONS,
    });
}

/** What is known of a kind of thing is told in one way; a fact of the household's own making in any. */
function checkFact(
  { assets }: CheckContext,
  { asset, fact, value }: Extract<Entry['body'], { kind: 'fact' }>,
  at: string,
): void {
  const kind = assets.get(asset)?.kind;
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
    const { last } = context.threads.correctionsOf(entry);
    if ((last?.id ?? '') !== saw) throw new Failure('seen-changed', `${at}.saw`);
    return;
  }
  const duty = dutyOf(body);
  if (duty !== null && context.outstanding.get(duty)?.key !== saw)
    throw new Failure('seen-changed', `${at}.saw`);
}
