import type { NewEntry, ScheduleRow } from '../../contract/schemas.ts';
import type { ErrorCode } from '../../contract/errors.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { Asset, Duty } from '../../core/house/house.ts';
import { fitsSpec } from '../../core/house/factSpec.ts';
import { specOf } from '../../core/house/factsOfKind.ts';
import { traitFits } from '../../core/house/traitSpec.ts';
import { timingOf } from '../../core/house/timingOf.ts';
import { checkCorrection } from '../../core/ledger/corrections.ts';
import type { Entry } from '../../core/ledger/entry.ts';
import { Threads } from '../../core/ledger/threads.ts';
import { dutyOf, referencesOf } from '../../core/ledger/references.ts';
import type { Tx } from '../db/database.ts';
import { listPeople } from '../stores/homeStore.ts';
import { loadWindows } from '../stores/windowStore.ts';
import { Failure } from './failure.ts';
import type { LoadedHome } from './loadedHome.ts';
import { standingRows, type StoredRows } from './schedule.ts';

/** Context to judge new entries: the home, and the part of the ledger they speak of. */
export interface CheckContext {
  /** The home with what is accepted of this request: its entries grow. */
  readonly home: LoadedHome & { readonly entries: Entry[] };
  readonly duties: ReadonlyMap<string, Duty>;
  readonly assets: ReadonlyMap<string, Asset>;
  readonly people: ReadonlySet<string>;
  /** Its entries by id and thread. */
  readonly threads: Threads;
  readonly outstanding: ReadonlyMap<string, Outstanding>;
  /** The rows as they were written before this request. */
  readonly stored: StoredRows;
  /** The duty an entry concerns, a correction by its target. */
  dutyOfEntry(entry: Entry): string | null;
}

type Outstanding = NonNullable<ScheduleRow['occurrence']>;

/**
 * Loads what judging some entries needs besides the home. `rows`: whether the rows stand for the ledger as it is, or something of this
 * request has been written since.
 */
export async function loadCheckContext(
  tx: Tx,
  home: LoadedHome,
  rows: 'stand' | 'outdated' = 'stand',
): Promise<CheckContext> {
  const { house, entries } = home;
  const { id: homeId } = house.home;
  const stored = await loadWindows(tx, homeId);
  const standing = standingRows(rows === 'stand' ? stored : null, home);
  const threads = new Threads(entries);
  return {
    home: { ...home, entries: [...entries] },
    duties: new Map(house.duties.map((duty) => [duty.id, duty])),
    assets: new Map(house.assets.map((asset) => [asset.id, asset])),
    people: new Set((await listPeople(tx, homeId)).map(({ id }) => id)),
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
  const { today } = context.home;
  if (entry.date > today)
    throw new Failure('date-in-future', `${at}.date`, { kind: 'date-in-future', today });
  checkReferences(context, entry, at);
  checkKind(context, entry, at);
  if (saw !== undefined) checkSeen(context, entry, saw, at);
  context.home.entries.push(entry);
  context.threads.add(entry);
}

function checkReferences(context: CheckContext, entry: Entry, at: string): void {
  for (const { field, to, id } of referencesOf(entry.body)) {
    const isCorrection = entry.body.kind === 'amends' || entry.body.kind === 'voids';
    const found = {
      duty: () => context.duties.has(id),
      asset: () => context.assets.has(id),
      person: () => context.people.has(id),
      entry: () => isKnownEntry(context, id),
    }[to]();
    if (!found)
      throw new Failure(
        isCorrection && to === 'entry' ? 'target-unknown' : 'reference-unknown',
        `${at}.body.${field}`,
      );
  }
}

/** An entry of the ledger as far as it is loaded: one folded already is known while something found is still open. */
const isKnownEntry = ({ threads, home: { start } }: CheckContext, id: string): boolean =>
  threads.find(id) !== undefined || (start?.kept.some(({ entry }) => entry.id === id) ?? false);

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

/** A known fact of a kind of thing has one type of value; a fact of the household's own making in any. */
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
  const { today, around } = context.home;
  if (body.to < today) throw new Failure('invalid', `${at}.body.to`, { kind: 'date-in-past', today });
  const duty = context.duties.get(body.duty);
  const lifeSafety = duty && timingOf(duty, undefined, around.find).lifeSafety;
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
