import { NEW_WALK, sameWalk, walkStateSchema } from '../../../core/walkthrough/walkState.ts';
import { keyOf } from '../../device/kept.ts';
import { ask, keepKnown } from '../../device/ask.ts';
import { useActs } from '../../composables/useActs.ts';
import { useSharedDocument } from '../../composables/useSharedDocument.ts';

/** The walk of a home: read from the server, saved after each stop, and kept on this device while it cannot be. */
export function useWalk(homeId: string) {
  const { actNow } = useActs();
  return useSharedDocument({
    key: keyOf('walk', homeId),
    schema: walkStateSchema,
    fresh: NEW_WALK,
    read: () => ask('walk', { params: { homeId } }),
    send: async (saw, state) => {
      const saved = await actNow({ route: 'saveWalk', homeId, body: { saw, state }, label: '' });
      void keepKnown('walk', { params: { homeId } }, saved);
      return saved;
    },
    same: sameWalk,
    over: 'walk-over',
  });
}
