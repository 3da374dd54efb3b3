import { toCivilDate, toDay, type CivilDate } from '../calendar/civilDate.ts';
import { rootsOf, type House } from '../house/house.ts';
import { standingAsOf } from './asOf.ts';
import type { StandingEntry } from './corrections.ts';
import type { Entry, EntryBody } from './entry.ts';
import { readingThatFound } from './findingWhat.ts';

type Finding = Extract<EntryBody, { kind: 'finding' }>;

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
  /** The look it was seen at; null where it was measured or written by hand. */
  readonly look: string | null;
  readonly part: string | null;
  /** The input of the reading that found it. */
  readonly given: NonNullable<Finding['given']> | null;
  /** Duties that answer it when they are done. */
  readonly duties: readonly string[];
  /** Work that answers it and is nobody's duty here: a repair, done once. */
  readonly repairs: readonly string[];
}

type Found = StandingEntry & { readonly body: Finding };
type Owed = StandingEntry & {
  readonly body: Finding & { readonly days: number; readonly verdict: OpenFinding['verdict'] };
};

const SEVERITY = { stop: 0, act: 1, watch: 2 } as const;

/**
 * Open findings on a day: stops first, then by the day it is due. A look's own finding is answered by its duty. What a
 * reading found is closed by the same reading taken later, or by the work it called for; a stop only by hand. What has been replaced or taken
 * out needs nothing any more.
 */
export const openFindings = (
  entries: readonly Entry[],
  on: CivilDate,
  house: Pick<House, 'assets' | 'duties'>,
): OpenFinding[] => openFindingsIn(standingAsOf(entries, on), house);

/** The same of what stands, in order. */
export function openFindingsIn(
  standing: readonly StandingEntry[],
  house: Pick<House, 'assets' | 'duties'>,
): OpenFinding[] {
  const closings = new Closings(standing, house);
  return standing
    .flatMap((one, place): OpenFinding[] => {
      if (!isOwed(one) || closings.isClosed(one, place)) return [];
      const { body, date, entry } = one;
      return [
        {
          entryId: entry.id,
          asset: body.asset,
          what: body.what,
          verdict: body.verdict,
          found: date,
          due: toCivilDate(toDay(date) + body.days),
          place: body.place ?? null,
          photo: body.photo ?? null,
          note: body.note ?? null,
          look: body.look ?? null,
          part: body.part ?? null,
          given: body.given ?? null,
          duties: closings.answering(body),
          repairs: closings.repairing(body),
        },
      ];
    })
    .sort(
      (a, b) => SEVERITY[a.verdict] - SEVERITY[b.verdict] || (a.due < b.due ? -1 : a.due > b.due ? 1 : 0),
    );
}

/** Whether something was found that is to be put right by a day. */
const isOwed = (one: StandingEntry): one is Owed => {
  const { body } = one;
  return (
    body.kind === 'finding' &&
    body.days !== undefined &&
    body.verdict !== undefined &&
    body.verdict !== 'sound'
  );
};
/** Something judged by a reading or a look, and its place among what stands. */
interface Judgement {
  readonly place: number;
  readonly asset: string;
  /** The name of the reading, or of the look. */
  readonly by: string;
  readonly verdict: string;
}

/** Each part of a thing is judged by itself: a dry floor says nothing of the one above. */
const atPart = (reading: string, part: string | undefined): string =>
  part === undefined ? reading : `${reading} ${part}`;

/** The reading or look that something was judged by, and how; null for anything else. */
function judgementOf({ body }: StandingEntry, place: number): Judgement | null {
  if (body.kind === 'reading' && body.judged) {
    const { asset, judged, part } = body;
    return { place, asset, by: atPart(judged.reading, part), verdict: judged.verdict };
  }
  if (body.kind !== 'finding' || !body.verdict) return null;
  const { asset, what, verdict, look, part } = body;
  const reading = readingThatFound(what);
  const by = look !== undefined ? `look ${look}` : reading === null ? null : atPart(reading, part);
  return by === null ? null : { place, asset, by, verdict };
}

/** The entries that close findings, gathered once: a long ledger has few of them among much else. */
class Closings {
  private readonly closedByHand = new Set<string>();
  /** The last day each thing was replaced or taken out. */
  private readonly gone = new Map<string, CivilDate>();
  private readonly judgements: readonly Judgement[];
  private readonly done: { readonly place: number; readonly duty: string; readonly one: StandingEntry }[] =
    [];
  private readonly roots: ReadonlyMap<string, string>;

  constructor(
    standing: readonly StandingEntry[],
    private readonly house: Pick<House, 'assets' | 'duties'>,
  ) {
    this.roots = rootsOf(house.assets);
    this.judgements = standing.flatMap((one, place) => judgementOf(one, place) ?? []);
    standing.forEach((one, place) => {
      const { body, date } = one;
      if (body.kind === 'findingClosed') this.closedByHand.add(body.finding);
      else if (body.kind === 'replaced' || body.kind === 'removed') this.gone.set(body.asset, date);
      else if (body.kind === 'done') this.done.push({ place, duty: body.duty, one });
    });
  }

  isClosed(found: Found, place: number): boolean {
    const { entry, date, body } = found;
    if (this.closedByHand.has(entry.id)) return true;
    if ((this.gone.get(body.asset) ?? '') >= date) return true;
    if (this.isReadAgain(judgementOf(found, place))) return true;
    if (body.verdict === 'stop') return false;
    const answering = new Set(this.answering(body));
    if (answering.size === 0) return false;
    // Of one day the later writing is the later work; what a run leaves is written together, the work first.
    return this.done.some(
      ({ place: at, duty, one }) =>
        answering.has(duty) &&
        (at > place ||
          (one.date === date && one.entry.batch !== undefined && one.entry.batch === entry.batch)),
    );
  }

  /** Whether the same was read, or looked at, later: of a stop, only another stop takes its place. */
  private isReadAgain(own: Judgement | null): boolean {
    return (
      own !== null &&
      this.judgements.some(
        (later) =>
          later.place > own.place &&
          later.by === own.by &&
          later.asset === own.asset &&
          (own.verdict !== 'stop' || later.verdict === 'stop'),
      )
    );
  }

  /** The practices that answer a finding and are kept as no duty here. */
  repairing({ answeredBy = [] }: Finding): string[] {
    const kept = new Set(
      this.house.duties.flatMap(({ practice }) => (practice.from === 'catalogue' ? [practice.code] : [])),
    );
    return answeredBy.filter((code) => !kept.has(code));
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
