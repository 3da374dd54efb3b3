import { NEW_WALK, sameWalk, walkStateSchema } from '../../../core/walkthrough/walkState.ts';
import { call } from '../../device/client.ts';
import { useSharedDocument } from '../../composables/useSharedDocument.ts';

/** The walk of a home: read from the server, saved after each stop, and kept on this device while it cannot be. */
export const useWalk = (homeId: string) =>
  useSharedDocument({
    key: `salt-ledger walk ${homeId}`,
    schema: walkStateSchema,
    fresh: NEW_WALK,
    read: () => call('walk', { params: { homeId } }),
    send: (saw, state) => call('saveWalk', { params: { homeId }, body: { saw, state } }),
    same: sameWalk,
    over: 'walk-over',
  });
