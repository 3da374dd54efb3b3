import { makeBody } from '../../core/ledger/write/makeBody.ts';
import { v7 as uuid } from 'uuid';
import type { NewEntry } from '../../contract/schemas.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { Person } from '../../core/house/house.ts';
import type { EntryBody } from '../../core/ledger/entry.ts';
import { useHome } from '../stores/home.ts';
import { useOutbox, type Outcome } from '../stores/outbox.ts';

/** An entry to write, with what its writer was looking at. */
export interface Wanted {
  readonly date: CivilDate;
  readonly body: EntryBody;
  readonly saw?: string | undefined;
  /** Made beforehand where another entry of the same writing speaks of it. */
  readonly id?: string | undefined;
}

/** The request, and its outcome. */
export interface Sent {
  readonly entries: readonly NewEntry[];
  readonly outcome: Outcome<'append'>;
}

/** Writes entries of the home on screen as one batch, with the new people they name. */
export function useWriting() {
  const home = useHome();
  const outbox = useOutbox();

  async function write(
    wanted: readonly Wanted[],
    label: string,
    people: readonly Person[] = [],
  ): Promise<Sent> {
    const homeId = home.house?.home.id ?? '';
    const batch = wanted.length > 1 ? uuid() : undefined;
    const entries = wanted.map(({ date, body, saw, id }): NewEntry => ({
      id: id ?? uuid(),
      date,
      body,
      ...(saw !== undefined && { saw }),
      ...(batch !== undefined && { batch }),
    }));
    const body = { entries, ...(people.length > 0 && { people: [...people] }) };
    const outcome = await outbox.send({ route: 'append', homeId, body, label });
    // A refusal often means that the page is behind; it shows what stands before the person decides anew.
    if (outcome.kind === 'refused' && outcome.error.code === 'seen-changed') await home.load(homeId);
    return { entries, outcome };
  }

  /** Strikes out what was just sent; what still waits on this device is struck out as soon as it has been sent. */
  const takeBack = (entries: readonly NewEntry[], label: string): Promise<Sent> =>
    write(
      entries.map(({ id, date }) => ({ date, body: makeBody('voids', { target: id }), saw: '' })),
      label,
    );

  return { write, takeBack };
}
