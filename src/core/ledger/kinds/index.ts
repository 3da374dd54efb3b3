import { adopted } from './adopted.ts';
import { retired } from './retired.ts';
import { terms } from './terms.ts';
import { fact } from './fact.ts';
import { trait } from './trait.ts';
import { done } from './done.ts';
import { skipped } from './skipped.ts';
import { putOff } from './putOff.ts';
import { paused } from './paused.ts';
import { resumed } from './resumed.ts';
import { dismissed } from './dismissed.ts';
import { reading } from './reading.ts';
import { finding } from './finding.ts';
import { findingClosed } from './findingClosed.ts';
import { opened } from './opened.ts';
import { shut } from './shut.ts';
import { event } from './event.ts';
import { replaced } from './replaced.ts';
import { removed } from './removed.ts';
import { stockMoved } from './stockMoved.ts';
import { bought } from './bought.ts';
import { note } from './note.ts';
import { household } from './household.ts';
import { placed } from './placed.ts';
import { unplaced } from './unplaced.ts';
import { amends } from './amends.ts';
import { voids } from './voids.ts';

/** Every kind of entry. The order is that of the schema that is given out. */
export const KINDS = {
  adopted,
  retired,
  terms,
  fact,
  trait,
  done,
  skipped,
  putOff,
  paused,
  resumed,
  dismissed,
  reading,
  finding,
  findingClosed,
  opened,
  shut,
  event,
  replaced,
  removed,
  stockMoved,
  bought,
  note,
  household,
  placed,
  unplaced,
  amends,
  voids,
};
export type EntryKind = keyof typeof KINDS;
