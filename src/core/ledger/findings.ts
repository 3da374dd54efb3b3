import { toCivilDate, toDay, type CivilDate } from '../calendar/civilDate.ts';
import { rootsOf, type House } from '../house/house.ts';
import { applyCorrections, byDayThenSequence, type StandingEntry } from './corrections.ts';
import type { Entry, EntryBody } from './entry.ts';

/** Something found that is not yet put right: work of its own with a due date, until an entry closes it. */
export interface OpenFinding {
  readonly entryId: string;
  readonly asset: string;
  readonly what: string;
  readonly verdict: 'watch' | 'act' | 'stop';
  readonly found: CivilDate;
  readonly due: CivilDate;
  readonly place: string | null;
  readonly photo: string | null;
  readonly note: string | null;
  /** Duties that answer it when they are done. */
  readonly duties: readonly string[];
}

type Finding = Extract<EntryBody, { kind: 'finding' }>;
type Found = StandingEntry & { readonly body: Finding };

const SEVERITY = { stop: 0, act: 1, watch: 2 } as const;
const READING = 'reading.';

/**
 * What was found and not yet closed up to a day: stops first, then by the day it is due. A look's own finding is answered by its duty. What a
 * reading found is closed by the same reading taken later, or by the work it called for; a stop only by hand. What has been replaced or taken
 * out needs nothing any more.
 */
export function openFindings(
  entries: readonly Entry[],
  on: CivilDate,
  house: Pick<House, 'assets' | 'duties'>,
): OpenFinding[] {
  const standing = applyCorrections(entries)
    .filter(({ voidedBy, date }) => voidedBy === null && date <= on)
    .sort(byDayThenSequence);
  const closings = new Closings(standing, house);
  return standing
    .flatMap((one, place): OpenFinding[] => {
      if (!isFound(one) || closings.isClosed(one, place)) return [];
      const { body, date, entry } = one;
      const { verdict, days } = body;
      if (days === undefined || verdict === undefined || verdict === 'sound') return [];
      return [
        {
          entryId: entry.id,
          asset: body.asset,
          what: body.what,
          verdict,
          found: date,
          due: toCivilDate(toDay(date) + days),
          place: body.place ?? null,
          photo: body.photo ?? null,
          note: body.note ?? null,
          duties: closings.answering(body),
        },
      ];
    })
    .sort(
      (a, b) => SEVERITY[a.verdict] - SEVERITY[b.verdict] || (a.due < b.due ? -1 : a.due > b.due ? 1 : 0),
    );
}

const isFound = (one: StandingEntry): one is Found => one.body.kind === 'finding';

/** The reading that something was judged by, and how; null for anything else. */
function judgementOf(body: EntryBody): { asset: string; reading: string; verdict: string } | null {
  if (body.kind === 'reading' && body.judged)
    return { asset: body.asset, reading: body.judged.reading, verdict: body.judged.verdict };
  if (body.kind === 'finding' && body.what.startsWith(READING) && body.verdict)
    return { asset: body.asset, reading: body.what.slice(READING.length), verdict: body.verdict };
  return null;
}

/** What closes findings, gathered once. */
class Closings {
  private readonly closedByHand: ReadonlySet<string>;
  private readonly roots: ReadonlyMap<string, string>;

  constructor(
    private readonly standing: readonly StandingEntry[],
    private readonly house: Pick<House, 'assets' | 'duties'>,
  ) {
    this.roots = rootsOf(house.assets);
    this.closedByHand = new Set(
      standing.flatMap(({ body }) => (body.kind === 'findingClosed' ? [body.finding] : [])),
    );
  }

  isClosed({ entry, date, body }: Found, place: number): boolean {
    if (this.closedByHand.has(entry.id)) return true;
    const isGone = this.standing.some(
      (one) =>
        (one.body.kind === 'replaced' || one.body.kind === 'removed') &&
        one.body.asset === body.asset &&
        one.date >= date,
    );
    if (isGone) return true;
    if (this.isReadAgain(body, place)) return true;
    if (body.verdict === 'stop') return false;
    const answering = new Set(this.answering(body));
    // Of one day the later writing is the later work; what a run leaves is written together, the work first.
    return this.standing.some(
      (one, at) =>
        one.body.kind === 'done' &&
        answering.has(one.body.duty) &&
        (at > place ||
          (one.date === date && one.entry.batch !== undefined && one.entry.batch === entry.batch)),
    );
  }

  /** Whether the same was read later: of a stop, only another stop takes its place. */
  private isReadAgain(body: Finding, place: number): boolean {
    const own = judgementOf(body);
    if (!own) return false;
    return this.standing.slice(place + 1).some((one) => {
      const later = judgementOf(one.body);
      return (
        later?.reading === own.reading &&
        later.asset === own.asset &&
        (own.verdict !== 'stop' || later.verdict === 'stop')
      );
    });
  }

  /** The duties of the work that answers a finding: those of its own thing, or, where that has none, any the home keeps. */
  answering({ asset, answeredBy = [] }: Finding): string[] {
    const kept = this.house.duties.filter(
      ({ practice }) => practice.from === 'catalogue' && answeredBy.includes(practice.code),
    );
    const root = this.roots.get(asset) ?? asset;
    const own = kept.filter((duty) => (this.roots.get(duty.asset) ?? duty.asset) === root);
    return (own.length > 0 ? own : kept).map(({ id }) => id);
  }
}
