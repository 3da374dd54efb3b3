import type { WalkBody } from '../../contract/schemas.ts';
import type { Home } from '../../core/house/house.ts';
import type { WalkState } from '../../core/walkthrough/walkState.ts';
import type { Tx } from '../db/database.ts';
import * as walks from '../stores/walkStore.ts';
import { canonicalHash } from './chain.ts';
import { Failure } from './failure.ts';

export const walkOf = (tx: Tx, home: Home): Promise<WalkBody> => walks.loadWalk(tx, home.id);

/** Saves the walk. Sent twice, it is saved once; when another device has gone on meanwhile, it is a conflict. */
export async function saveWalk(
  tx: Tx,
  home: Home,
  saw: number,
  state: WalkState,
  now: number,
): Promise<WalkBody> {
  const saved = await walks.saveWalk(tx, home.id, saw, state, new Date(now));
  if (saved) return saved;
  const known = await walks.loadWalk(tx, home.id);
  if (known.finished) throw new Failure('walk-over');
  if (known.revision === saw + 1 && canonicalHash(known.state) === canonicalHash(state)) return known;
  throw new Failure('seen-changed', 'saw');
}
