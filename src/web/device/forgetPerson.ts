import { forgetPagesOf, isOf } from './keptOnDevice.ts';
import { dropParcelsOf } from './outboxStorage.ts';

/** What was done without a connection and not saved: a walk, a run. */
const UNSAVED = ['salt-ledger walk ', 'salt-ledger run '];
const LAST_HOME = 'salt-ledger home';

/** Leaves nothing of a person on this device, sent or not; what belongs to somebody else stays. */
export async function forgetPerson(personId: string): Promise<void> {
  await dropParcelsOf(personId);
  forgetPagesOf(personId);
  for (const key of Object.keys(localStorage))
    if (UNSAVED.some((prefix) => key.startsWith(prefix)) && isOf(key, personId)) localStorage.removeItem(key);
  localStorage.removeItem(LAST_HOME);
}
