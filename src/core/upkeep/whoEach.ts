import type { StandingEntry } from '../ledger/corrections.ts';

/** The person each duty was last done by: whom the entry names, else who wrote it. One that was never done is left out. */
export function whoEach(told: readonly StandingEntry[]): ReadonlyMap<string, string> {
  const last = new Map<string, { readonly date: string; readonly who: string }>();
  for (const { body, date, entry } of told) {
    if (body.kind !== 'done' || date < (last.get(body.duty)?.date ?? '')) continue;
    last.set(body.duty, { date, who: body.who ?? entry.by });
  }
  return new Map([...last].map(([duty, { who }]) => [duty, who]));
}
