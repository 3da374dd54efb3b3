import { computed, type ComputedRef } from 'vue';
import { appendSchema } from '../../contract/schemas.ts';
import { dutyOf } from '../../core/ledger/references.ts';
import { useOutbox } from '../stores/outbox.ts';

/** The duties that entries still waiting on this device speak of; one taken back before it was sent no longer counts. */
export function useWaitingDuties(): ComputedRef<ReadonlySet<string>> {
  const outbox = useOutbox();
  return computed(() => {
    const bodies = outbox.waiting
      .filter(({ route }) => route === 'append')
      .map(({ body }) => appendSchema.safeParse(body));
    const entries = bodies.flatMap(({ data }) => data?.entries ?? []);
    const takenBack = new Set(entries.flatMap(({ body }) => (body.kind === 'voids' ? body.target : [])));
    return new Set(entries.flatMap(({ id, body }) => (takenBack.has(id) ? [] : (dutyOf(body) ?? []))));
  });
}
