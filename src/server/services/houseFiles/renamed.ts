import { v7 as uuid } from 'uuid';
import { isCivilDate } from '../../../core/calendar/civilDate.ts';
import type { HouseFile } from '../../../core/formats/houseFileShape.ts';
import type { Asset, Duty } from '../../../core/house/house.ts';
import type { Entry } from '../../../core/ledger/entry.ts';
import { mapReferences } from '../../../core/ledger/references.ts';

type Rename = (id: string) => string;

/** The file as another home: everything has a new id, and nothing else differs. */
export function renamed(file: HouseFile): HouseFile {
  const known = new Map<string, string>();
  // Ids are given in the order asked for and sort in that order, so that the copy lists everything as the file does.
  const rename: Rename = (id) => {
    const made = known.get(id) ?? uuid();
    known.set(id, made);
    return made;
  };
  const withId = <T extends { readonly id: string }>(one: T): T => ({ ...one, id: rename(one.id) });
  const copy: HouseFile = {
    ...file,
    home: withId(file.home),
    people: file.people.map(withId),
    spaces: file.spaces.map(withId),
    assets: file.assets.map((asset) => renameAsset(asset, rename)),
    duties: file.duties.map((duty) => renameDuty(duty, rename)),
    entries: file.entries.map((entry) => renameEntry(entry, rename)),
  };
  const { photos, papers, checklists } = file;
  return {
    ...copy,
    ...(photos && {
      photos: photos.map(({ asset, ...photo }) => ({
        ...withId(photo),
        by: rename(photo.by),
        ...(asset !== undefined && { asset: rename(asset) }),
      })),
    }),
    ...(papers && {
      papers: papers.map((paper) => ({
        ...withId(paper),
        by: rename(paper.by),
        asset: rename(paper.asset),
      })),
    }),
    ...(checklists && {
      checklists: checklists.map((one) => ({ ...withId(one), state: renameWithin(one.state, known) })),
    }),
  };
}

/** A value with every id in it replaced that the file has given a new one, wherever it stands. */
function renameWithin<T>(value: T, known: ReadonlyMap<string, string>): T {
  const within = (one: unknown): unknown => {
    if (typeof one === 'string')
      return one
        .split(':')
        .map((part) => known.get(part) ?? part)
        .join(':');
    if (Array.isArray(one)) return one.map(within);
    if (typeof one !== 'object' || one === null) return one;
    return Object.fromEntries(Object.entries(one).map(([key, inner]) => [within(key), within(inner)]));
  };
  // Same shape, other ids.
  return within(value) as T;
}

function renameDuty(duty: Duty, rename: Rename): Duty {
  const { companions } = duty;
  return {
    ...duty,
    id: rename(duty.id),
    asset: rename(duty.asset),
    ...(companions && {
      companions: {
        ...(companions.bound && { bound: companions.bound.map(rename) }),
        ...(companions.handy && { handy: companions.handy.map(rename) }),
      },
    }),
  };
}

function renameAsset(asset: Asset, rename: Rename): Asset {
  const { space, partOf, serves, succeeds } = asset;
  return {
    ...asset,
    id: rename(asset.id),
    ...(space !== undefined && { space: rename(space) }),
    ...(partOf !== undefined && { partOf: rename(partOf) }),
    ...(serves !== undefined && { serves: serves.map(rename) }),
    ...(succeeds !== undefined && { succeeds: rename(succeeds) }),
  };
}

function renameEntry(entry: Entry, rename: Rename): Entry {
  const { batch } = entry;
  const body = mapReferences(entry.body, rename);
  return {
    ...entry,
    id: rename(entry.id),
    by: rename(entry.by),
    ...(batch !== undefined && { batch: rename(batch) }),
    body:
      'occurrence' in body && body.occurrence !== undefined
        ? { ...body, occurrence: renameOccurrence(body.occurrence, rename) }
        : body,
  };
}

/** An occurrence is named by its duty and a listed date or the entry that started it, and perhaps the day its terms began. */
function renameOccurrence(key: string, rename: Rename): string {
  return key
    .split(':')
    .map((part) => (isCivilDate(part) ? part : rename(part)))
    .join(':');
}
